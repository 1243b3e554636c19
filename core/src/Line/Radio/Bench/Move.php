<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio\Bench;

/** What a hand does on the bench, and when. */
final readonly class Move
{
    public const KINDS = ['on', 'off', 'press', 'let-go'];

    /**
     * @param string      $kind   one of KINDS
     * @param string|null $button its label, for press
     */
    public function __construct(public float $at, public string $device, public string $kind, public ?string $button = null)
    {
    }
}
