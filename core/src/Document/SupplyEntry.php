<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Power\Battery;
use Rigger\Core\Power\Chemistry;
use Rigger\Core\Rig\Power\Circuit;
use Rigger\Core\Rig\Power\Supply;
use Rigger\Core\Rig\Power\TapeWiring;

/**
 * Power of a unit in a rig document: {"watts": 30, "lamps": {"1": 650}, "packAmps": 12, "socketAmps": 5, "battery": {"chemistry": "lead",
 * "ampHours": 12, "volts": 12, "usable": 0.5, "hourRate": 20}, "tape": {"volts": 12, "wattsPerMetre": 14.4, "metres": 5, "wireMetres": 5,
 * "mm2": 1.5}}; members that say nothing are left out.
 */
final class SupplyEntry
{
    /** @throws InputError */
    public static function read(mixed $item, string $path): Supply
    {
        $in = Members::of($item, ['watts', 'lamps', 'packAmps', 'socketAmps', 'battery', 'tape'], $path);
        $amps = static fn (string $member): ?float => $in->has($member)
            ? Scalars::above($in->raw($member), $in->path($member), 0, Circuit::MOST_AMPS)
            : null;

        return new Supply(
            $in->has('watts') ? Scalars::above($in->raw('watts'), $in->path('watts'), 0, Supply::MOST_WATTS) : null,
            $in->has('lamps') ? self::lamps($in) : [],
            $amps('packAmps'),
            $amps('socketAmps'),
            $in->has('battery') ? self::battery($in->raw('battery'), $in->path('battery')) : null,
            $in->has('tape') ? self::tape($in->raw('tape'), $in->path('tape')) : null,
        );
    }

    /** @return array<string, mixed> */
    public static function write(Supply $supply): array
    {
        $battery = $supply->battery;

        return array_filter([
            'watts' => $supply->watts,
            'lamps' => [] === $supply->lamps ? null : (object) $supply->lamps,
            'packAmps' => $supply->packAmps,
            'socketAmps' => $supply->socketAmps,
            'battery' => null === $battery ? null : [
                'chemistry' => $battery->chemistry->value, 'ampHours' => $battery->ampHours, 'volts' => $battery->volts,
                'usable' => $battery->usable, 'hourRate' => $battery->hourRate,
            ],
            'tape' => null === $supply->tape ? null : get_object_vars($supply->tape),
        ], static fn (mixed $value): bool => null !== $value);
    }

    /** @return array<int, float> by cell, ascending */
    private static function lamps(Members $in): array
    {
        $lamps = [];
        foreach ($in->named('lamps') as $cell => $watts) {
            $path = $in->path('lamps').'.'.$cell;
            if (1 !== preg_match('/^[1-9]\d{0,2}$/D', (string) $cell)) {
                throw InputError::because('unknown_cell', $path, 'Sockets are counted from 1.');
            }
            $lamps[(int) $cell] = Scalars::above($watts, $path, 0, Supply::MOST_WATTS);
        }
        ksort($lamps);

        return $lamps;
    }

    private static function battery(mixed $item, string $path): Battery
    {
        $in = Members::of($item, ['chemistry', 'ampHours', 'volts', 'usable', 'hourRate'], $path);

        return new Battery(
            Chemistry::from($in->choice('chemistry', array_column(Chemistry::cases(), 'value'))),
            $in->number('ampHours', 0.01, 10_000),
            $in->number('volts', 0.5, 1000),
            $in->number('usable', 0.01, 1),
            $in->has('hourRate') ? $in->number('hourRate', 0.1, 200) : 20.0,
        );
    }

    private static function tape(mixed $item, string $path): TapeWiring
    {
        $in = Members::of($item, ['volts', 'wattsPerMetre', 'metres', 'wireMetres', 'mm2'], $path);

        return new TapeWiring(
            $in->number('volts', 1, 400),
            $in->number('wattsPerMetre', 0.01, 1000),
            $in->number('metres', 0.01, 500),
            $in->number('wireMetres', 0, 500),
            $in->number('mm2', 0.05, 100),
        );
    }
}
