<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** An output of a receiver on the bench. */
final readonly class BenchOutputView
{
    /**
     * @param int|null    $address that it listens at; null where nobody gave it one
     * @param string|null $curve   chosen by the fader's level at that moment
     * @param int         $level   that it gives now, 0 to 255
     */
    public function __construct(public int $output, public ?int $address, public ?string $curve, public int $level)
    {
    }
}
