<?php

declare(strict_types=1);

namespace Rigger\Core\Patch;

use Rigger\Core\Input\InputError;

/** The keys by which a unit's address is stepped, and how often to press them. */
enum AddressKeys: string
{
    /** One key that counts up and begins again at 1 after the last address. */
    case Up = 'up';
    /** A key for up and one for down. */
    case UpDown = 'up-down';
    /** A key for each of three digits, each counting up from 9 to 0 again. */
    case Digits = 'digits';

    public function words(int $top): string
    {
        return match ($this) {
            self::Up => \sprintf('one key counts up; after %d it begins again at 1', $top),
            self::UpDown => \sprintf('a key up and a key down; after %d it begins again at 1', $top),
            self::Digits => 'a key for each digit, each counting up only',
        };
    }

    /**
     * @param int $from what the display shows now, 1 to 512
     * @param int $to   the address wanted, 1 to 512
     * @param int $top  the address after which it begins again at 1: 512, or less
     *
     * @throws InputError out_of_range, fields "from" and "to"
     */
    public function presses(int $from, int $to, int $top = Span::LAST_SLOT): string
    {
        foreach (['from' => $from, 'to' => $to] as $field => $address) {
            if ($address < 1 || $address > $top) {
                throw InputError::outOfRange($field, $address, \sprintf('1 to %d, where this unit begins again', $top));
            }
        }
        if ($from === $to) {
            return \sprintf('It stands at %03d already: press nothing.', $to);
        }

        return match ($this) {
            self::Up => self::up($from, $to, $top),
            self::UpDown => self::nearer($from, $to, $top),
            self::Digits => self::digits($from, $to),
        };
    }

    private static function up(int $from, int $to, int $top): string
    {
        $times = ($to - $from + $top) % $top;

        return \sprintf(
            'From %03d press Up %s%s.',
            $from,
            self::times($times),
            $to < $from ? \sprintf(', past %03d and on from 001', $top) : '',
        );
    }

    private static function nearer(int $from, int $to, int $top): string
    {
        $up = ($to - $from + $top) % $top;
        $down = $top - $up;
        if ($up <= $down) {
            return self::up($from, $to, $top);
        }

        return \sprintf(
            'From %03d press Down %s%s.',
            $from,
            self::times($down),
            $to > $from ? \sprintf(', past 001 and on from %03d', $top) : '',
        );
    }

    private static function digits(int $from, int $to): string
    {
        $parts = [];
        foreach (['hundreds' => 100, 'tens' => 10, 'ones' => 1] as $name => $worth) {
            $times = (intdiv($to, $worth) - intdiv($from, $worth)) % 10;
            $times = $times < 0 ? $times + 10 : $times;
            if ($times > 0) {
                $parts[] = $name.' '.self::times($times);
            }
        }

        return \sprintf('From %03d press %s.', $from, implode(', ', $parts));
    }

    private static function times(int $count): string
    {
        return 1 === $count ? 'once' : $count.' times';
    }
}
