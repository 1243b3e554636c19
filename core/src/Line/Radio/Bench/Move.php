<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio\Bench;

use Rigger\Core\Line\Radio\Kit;

/** What a hand does on the bench, and when. */
final readonly class Move
{
    public const KINDS = ['on', 'off', 'press', 'let-go', 'raise'];
    /** What the button of an output is called. */
    private const OUTPUT = 'Output ';

    /**
     * @param string      $kind    one of KINDS
     * @param string|null $button  its label, for press; of an output "Output 2"
     * @param int|null    $address of a fader of the desk, for raise
     * @param int|null    $level   0 to 255 that it is put to
     */
    public function __construct(
        public float $at,
        public string $device,
        public string $kind,
        public ?string $button = null,
        public ?int $address = null,
        public ?int $level = null,
    ) {
    }

    /** The output that a button belongs to; null for one of the kit's own. */
    public static function outputOf(Kit $kit, string $button): ?int
    {
        $output = str_starts_with($button, self::OUTPUT) ? (int) substr($button, \strlen(self::OUTPUT)) : 0;

        return null !== $kit->assign && $output >= 1 && $output <= $kit->outputs && $button === self::OUTPUT.$output ? $output : null;
    }
}
