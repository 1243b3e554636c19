<?php

declare(strict_types=1);

namespace Rigger\App\Guard;

use Rigger\App\Problem\Problem;

/**
 * There are no accounts yet, so a page of another site, open in the same browser, must not be able to do anything here: whoever
 * writes says that it comes from Rigger's own page.
 */
final class OwnPages
{
    /**
     * @param string $origin header Origin, empty where there is none
     * @param string $site   header Sec-Fetch-Site, likewise
     * @param string $own    what the origin of an own page is
     *
     * @throws Problem other_site
     */
    public static function require(string $method, string $origin, string $site, string $own): void
    {
        if (\in_array($method, ['GET', 'HEAD', 'OPTIONS'], true)) {
            return;
        }
        $isOwn = ('' !== $origin || '' !== $site) && ('' === $origin || $origin === $own) && ('' === $site || 'same-origin' === $site);
        if (!$isOwn) {
            throw new Problem(403, 'other_site', 'Not from another site', 'Rigs are changed from Rigger\'s own pages only.');
        }
    }
}
