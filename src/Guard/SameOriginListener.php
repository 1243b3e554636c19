<?php

declare(strict_types=1);

namespace Rigger\App\Guard;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpKernel\Event\RequestEvent;

/** Holds every request to Rigger's own pages. Arithmetic (/api/calc) changes nothing and may be asked by anybody. */
final readonly class SameOriginListener
{
    #[AsEventListener(priority: 200)]
    public function __invoke(RequestEvent $event): void
    {
        $request = $event->getRequest();
        if (!str_starts_with($request->getPathInfo(), '/api/calc/')) {
            OwnPages::require(
                $request->getMethod(),
                $request->headers->get('Origin', ''),
                $request->headers->get('Sec-Fetch-Site', ''),
                $request->getSchemeAndHttpHost(),
            );
        }
    }
}
