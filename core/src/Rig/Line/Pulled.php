<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Line;

/** What a pulled plug does. */
final readonly class Pulled
{
    /**
     * @param list<string> $dark     units that no data reaches any more
     * @param list<string> $flickers units before the plug, on an end that is open now
     */
    public function __construct(public array $dark, public array $flickers)
    {
    }
}
