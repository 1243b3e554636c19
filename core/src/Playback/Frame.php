<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

use Rigger\Core\Patch\Span;

/** What is sent at one moment: each universe as 512 bytes. */
final readonly class Frame
{
    /** @param array<int, string> $universes 512 bytes each, by number, ascending */
    public function __construct(public array $universes)
    {
    }

    /** @param array<int, int> $slots value 0 to 255 by address from 1; what is not named is at 0, what lies past 512 is left out */
    public static function bytes(array $slots): string
    {
        $bytes = str_repeat("\0", Span::LAST_SLOT);
        foreach ($slots as $address => $value) {
            if ($address <= Span::LAST_SLOT) {
                $bytes[$address - 1] = \chr($value);
            }
        }

        return $bytes;
    }

    /** Of a universe that nobody sends, every slot is at 0. */
    public function universe(int $number): string
    {
        return $this->universes[$number] ?? str_repeat("\0", Span::LAST_SLOT);
    }

    /** @return array<int, int> value above 0 by address, ascending */
    public function slots(int $universe): array
    {
        $slots = [];
        foreach (str_split(rtrim($this->universe($universe), "\0")) as $place => $byte) {
            if ("\0" !== $byte) {
                $slots[$place + 1] = \ord($byte);
            }
        }

        return $slots;
    }
}
