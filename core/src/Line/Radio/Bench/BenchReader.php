<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio\Bench;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Line\Radio\Kit;

/**
 * What lies on a bench, and what hands did on it, as JSON:
 * {"devices": [{"id", "name", "is": "sender"|"receiver", "setting", "far", "flat", "new"}],
 *  "moves": [{"at", "device", "do", "button", "address", "level"}], "now"}; an output's button is "Output 2", and "raise" puts a
 * fader of the desk to a level, on a device that sends; "new" is a receiver that nobody paired yet,
 * times are seconds on the bench's clock, from 0.
 */
final class BenchReader
{
    private const MOST_DEVICES = 20;
    private const MOST_MOVES = 2000;
    private const LONGEST = 86_400.0;

    /** @throws InputError */
    public static function read(mixed $document, Kit $kit): Bench
    {
        $in = Members::of($document, ['devices', 'moves', 'now']);
        $devices = $in->each(
            'devices',
            static fn (mixed $item, string $path): BenchDevice => self::device($item, $path, $kit),
            self::MOST_DEVICES,
        );
        $ids = array_map(static fn (BenchDevice $device): string => $device->id, $devices);
        if (\count($ids) !== \count(array_unique($ids))) {
            throw InputError::because('duplicate', 'devices', 'Each device on the bench is there once.');
        }
        $isSender = array_column($devices, 'isSender', 'id');
        $last = 0.0;
        $moves = $in->each('moves', static function (mixed $item, string $path) use ($kit, $ids, $isSender, &$last): Move {
            $move = Members::of($item, ['at', 'device', 'do', 'button', 'address', 'level'], $path);
            $last = $move->number('at', $last, self::LONGEST);
            $device = $move->choice('device', $ids);
            $kind = $move->choice('do', Move::KINDS);
            if ('raise' === $kind) {
                return new Move($last, $device, $kind, null, $move->address('address'), $move->whole('level', 0, 255));
            }
            $button = $move->has('button') && !$move->isNull('button') ? $move->text('button') : null;
            $isOutput = !$isSender[$device] && null !== Move::outputOf($kit, $button ?? '');
            $of = $isSender[$device] ? $kit->sender : $kit->receiver;
            if ('press' === $kind && !$isOutput && null === $of->button($button ?? '')) {
                throw InputError::because('not_a_choice', $move->path('button'), 'It has no such button.');
            }

            return new Move($last, $device, $kind, $button);
        }, self::MOST_MOVES);

        return Bench::of($kit, $devices)->after($moves, $in->number('now', $last, self::LONGEST));
    }

    private static function device(mixed $item, string $path, Kit $kit): BenchDevice
    {
        $in = Members::of($item, ['id', 'name', 'is', 'setting', 'far', 'flat', 'new'], $path);
        $id = $in->text('id');
        $name = $in->text('name');
        $is = $in->choice('is', ['sender', 'receiver']);
        $values = $kit->split($in->text('setting'));
        if ([] === $values) {
            throw InputError::because('not_a_choice', $in->path('setting'), \sprintf('A unit of %s cannot be set to that.', $kit->name));
        }
        $isFar = $in->has('far') && $in->flag('far');

        return 'sender' === $is
            ? BenchDevice::sender($id, $name, $values, $isFar)
            : BenchDevice::receiver(
                $id,
                $name,
                $values,
                $isFar,
                $in->has('flat') && $in->flag('flat'),
                // What is set by hand alone needs nobody to pair it.
                null !== $kit->pair && $in->has('new') && $in->flag('new'),
            );
    }
}
