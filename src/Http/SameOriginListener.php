<?php

declare(strict_types=1);

namespace Rigger\App\Http;

use Rigger\App\Problem\Problem;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** There are no accounts yet, so a page of another site, open in the same browser, must not be able to change a rig. */
final readonly class SameOriginListener
{
    #[AsEventListener(priority: 200)]
    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        $origin = $request->headers->get('Origin');
        if (!$request->isMethodSafe() && null !== $origin && $origin !== $request->getSchemeAndHttpHost()) {
            throw new Problem(403, 'other_site', 'Not from another site', 'Rigs are changed from Rigger\'s own pages only.');
        }
    }
}
