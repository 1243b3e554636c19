<?php

declare(strict_types=1);

namespace Rigger\Core\Plan;

use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\Span;

/**
 * Many equal units one after another, told by arithmetic: how many universes and receivers they take, and where unit k is.
 *
 * Every universe begins at the same address. A receiver drives whole units, and none is split over two universes.
 */
final readonly class LargeSet
{
    private const MOST = 100_000;

    /** Units that one universe holds. */
    public int $perUniverse;
    /** Units that one receiver drives; null where each unit listens by itself. */
    public ?int $perReceiver;

    /**
     * @param int      $count     units
     * @param int      $footprint channels of one unit, 1 to 512
     * @param int|null $outputs   outputs of a receiver, one channel each; null where there are no receivers
     * @param int      $universe  the first one
     * @param int      $first     address at which every universe begins
     *
     * @throws InputError out_of_range; fields as the parameters
     */
    public function __construct(
        public int $count,
        public int $footprint,
        public ?int $outputs = null,
        public int $universe = 1,
        public int $first = 1,
    ) {
        self::within('count', $count, self::MOST);
        self::within('footprint', $footprint, Span::LAST_SLOT);
        self::within('first', $first, Span::LAST_SLOT);
        self::within('universe', $universe, 63999);
        if (null !== $outputs && ($outputs < $footprint || $outputs > Span::LAST_SLOT)) {
            throw InputError::outOfRange('outputs', $outputs, \sprintf('%d to 512: a unit takes %d outputs', $footprint, $footprint));
        }
        $room = Span::LAST_SLOT - $first + 1;
        $this->perReceiver = null === $outputs ? null : intdiv($outputs, $footprint);
        $fit = intdiv($room, $footprint);
        if (0 === $fit) {
            throw InputError::outOfRange(
                'first',
                $first,
                \sprintf('at most %d: %d channels from there on run past 512', Span::LAST_SLOT - $footprint + 1, $footprint),
            );
        }
        // A receiver that would reach into the next universe begins there.
        $this->perUniverse = null === $this->perReceiver || $this->perReceiver > $fit ? $fit : $fit - $fit % $this->perReceiver;
    }

    public function universes(): int
    {
        return intdiv($this->count - 1, $this->perUniverse) + 1;
    }

    public function receivers(): ?int
    {
        if (null === $this->perReceiver) {
            return null;
        }
        $full = intdiv($this->count, $this->perUniverse);
        $rest = $this->count % $this->perUniverse;

        return $full * $this->receiversFor($this->perUniverse) + $this->receiversFor($rest);
    }

    /**
     * @param int $k the unit, from 1
     *
     * @return array{universe: int, address: int, last: int, receiver: int|null, outputFrom: int|null, outputTo: int|null}
     *
     * @throws InputError out_of_range, field "unit"
     */
    public function unit(int $k): array
    {
        if ($k < 1 || $k > $this->count) {
            throw InputError::outOfRange('unit', $k, \sprintf('1 to %d', $this->count));
        }
        $before = intdiv($k - 1, $this->perUniverse);
        $place = ($k - 1) % $this->perUniverse;
        $address = $this->first + $place * $this->footprint;
        $output = null === $this->perReceiver ? null : ($place % $this->perReceiver) * $this->footprint + 1;

        return [
            'universe' => $this->universe + $before,
            'address' => $address,
            'last' => $address + $this->footprint - 1,
            'receiver' => null === $this->perReceiver
                ? null
                : $before * $this->receiversFor($this->perUniverse) + intdiv($place, $this->perReceiver) + 1,
            'outputFrom' => $output,
            'outputTo' => null === $output ? null : $output + $this->footprint - 1,
        ];
    }

    public function sentence(): string
    {
        $universes = $this->universes();
        $receivers = $this->receivers();

        return \sprintf(
            '%d units of %d channels take %d universe%s, %d to a universe%s%s.',
            $this->count,
            $this->footprint,
            $universes,
            1 === $universes ? '' : 's',
            $this->perUniverse,
            null === $receivers
                ? ''
                : \sprintf(
                    ', and %d receiver%s of %d outputs, %d unit%s each',
                    $receivers,
                    1 === $receivers ? '' : 's',
                    (int) $this->outputs,
                    (int) $this->perReceiver,
                    1 === $this->perReceiver ? '' : 's',
                ),
            null === $this->outputs || 0 === $this->outputs % $this->footprint
                ? ''
                : \sprintf(
                    ' (%d output%s of each idle)',
                    $this->outputs % $this->footprint,
                    1 === $this->outputs % $this->footprint ? '' : 's',
                ),
        );
    }

    private function receiversFor(int $units): int
    {
        return null === $this->perReceiver ? 0 : intdiv($units + $this->perReceiver - 1, $this->perReceiver);
    }

    private static function within(string $field, int $value, int $most): void
    {
        if ($value < 1 || $value > $most) {
            throw InputError::outOfRange($field, $value, '1 to '.$most);
        }
    }
}
