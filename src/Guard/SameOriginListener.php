<?php

declare(strict_types=1);

namespace Rigger\App\Guard;

use Rigger\App\Problem\Problem;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/**
 * There are no accounts yet, so a page of another site, open in the same browser, must not be able to change a rig: a write says
 * that it comes from Rigger's own page. Arithmetic (/api/calc) changes nothing and may be asked by anybody.
 */
final readonly class SameOriginListener
{
    #[AsEventListener(priority: 200)]
    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if ($request->isMethodSafe() || str_starts_with($request->getPathInfo(), '/api/calc/') || self::isOwn($request)) {
            return;
        }
        throw new Problem(403, 'other_site', 'Not from another site', 'Rigs are changed from Rigger\'s own pages only.');
    }

    private static function isOwn(Request $request): bool
    {
        $origin = $request->headers->get('Origin');
        $site = $request->headers->get('Sec-Fetch-Site');
        if (null === $origin && null === $site) {
            return false;
        }

        return (null === $origin || $origin === $request->getSchemeAndHttpHost()) && (null === $site || 'same-origin' === $site);
    }
}
