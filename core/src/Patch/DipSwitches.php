<?php

declare(strict_types=1);

namespace Rigger\Core\Patch;

use Rigger\Core\Input\InputError;

/**
 * The small switches that spell an address in binary: switch k counts 2^(k−1).
 *
 * Only the first nine carry the address; a tenth is left off and belongs to the mode. Units counted from one are set to
 * the address itself, units counted from zero to the address less one.
 */
final readonly class DipSwitches
{
    private const CARRYING = 9;

    /** @param list<int> $on switches that are up, ascending, 1 to 9 */
    private function __construct(public array $on, private int $switches)
    {
    }

    /**
     * @param int $address  1 to 512
     * @param int $switches 9 or 10
     * @param int $base     1 or 0: what the unit counts from
     *
     * @throws InputError not_expressible for 512 counted from one
     */
    public static function spelling(int $address, int $switches, int $base): self
    {
        $number = $address - 1 + $base;
        if ($number >= 2 ** self::CARRYING) {
            throw InputError::because(
                'not_expressible',
                'base',
                \sprintf('Nine switches counted from one spell at most 511, so address %d cannot be set.', $address),
            );
        }
        $on = [];
        for ($switch = 1; $switch <= self::CARRYING; ++$switch) {
            if (0 !== ($number & 2 ** ($switch - 1))) {
                $on[] = $switch;
            }
        }

        return new self($on, $switches);
    }

    /**
     * The address that these switches spell.
     *
     * @param list<int> $on   switches that are up, 1 to 10 in any order; the tenth carries nothing
     * @param int       $base 1 or 0
     *
     * @throws InputError address_out_of_range when nothing is up on a unit counted from one
     */
    public static function read(array $on, int $base): int
    {
        $number = 0;
        foreach (array_unique($on) as $switch) {
            $number += $switch <= self::CARRYING ? 2 ** ($switch - 1) : 0;
        }
        $address = $number + 1 - $base;
        if ($address < 1) {
            throw InputError::addressOutOfRange('on', $address);
        }

        return $address;
    }

    /** One character a switch, switch 1 first: "1" for up. */
    public function pattern(): string
    {
        $pattern = str_repeat('0', $this->switches);
        foreach ($this->on as $switch) {
            $pattern[$switch - 1] = '1';
        }

        return $pattern;
    }
}
