<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Input\FormatVersion;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;

/**
 * A fixture document to a FixtureProfile. Shape is refused here (types, members, functions); offsets, counts, bounds
 * and references are kept as they stand, for ProfileCheck to find.
 */
final class ProfileReader
{
    /** What each version has added. */
    private const MEMBERS = [
        1 => ['format', 'version', 'maker', 'model', 'kind', 'watts', 'emitters', 'movement', 'switches', 'unit', 'record', 'modes'],
    ];
    private const MOST_MODES = 100;

    /** @throws InputError */
    public static function read(mixed $document, string $path = ''): FixtureProfile
    {
        $in = Members::open($document, $path);
        FormatVersion::of($in, FixtureProfile::FORMAT, self::MEMBERS);

        $profile = new FixtureProfile(
            $in->text('maker'),
            $in->text('model'),
            $in->text('kind'),
            $in->has('watts') ? $in->number('watts', 0) : null,
            $in->has('emitters') ? $in->each('emitters', EmitterReader::read(...)) : [],
            $in->has('movement') ? self::movement($in->raw('movement'), $in->path('movement')) : null,
            $in->each('modes', self::mode(...), self::MOST_MODES),
            $in->has('switches') ? self::switches($in->raw('switches'), $in->path('switches')) : null,
            $in->has('unit') ? UnitSettingReader::read($in->raw('unit'), $in->path('unit')) : null,
            $in->has('record') ? ChartRecordReader::read($in->raw('record'), $in->path('record')) : null,
        );
        self::refuseRepeats(array_map(static fn (Emitter $emitter): string => $emitter->key, $profile->emitters), $in->path('emitters'));
        self::refuseRepeats(array_map(static fn (Mode $mode): string => $mode->key, $profile->modes), $in->path('modes'));

        return $profile;
    }

    /** @return array{pan: float|null, tilt: float|null} */
    private static function movement(mixed $document, string $path): array
    {
        $in = Members::of($document, ['pan', 'tilt'], $path);

        return [
            'pan' => $in->has('pan') ? $in->number('pan', 0) : null,
            'tilt' => $in->has('tilt') ? $in->number('tilt', 0) : null,
        ];
    }

    private static function switches(mixed $document, string $path): SwitchScheme
    {
        $in = Members::of($document, ['count', 'base'], $path);

        return new SwitchScheme($in->whole('count', 9, 10), $in->whole('base', 0, 1));
    }

    private static function mode(mixed $document, string $path): Mode
    {
        $in = Members::of($document, ['key', 'name', 'count', 'display', 'setup', 'channels'], $path);
        $key = $in->text('key');
        $name = $in->text('name');
        $count = $in->whole('count');
        $display = $in->has('display') ? $in->text('display') : null;
        $setup = $in->has('setup') ? $in->text('setup') : null;

        return new Mode($key, $name, $count, $in->each('channels', self::channel(...), 512), $display, $setup);
    }

    private static function channel(mixed $document, string $path): Channel
    {
        $in = Members::of($document, ['offset', 'label', 'cell', 'fineOf', 'default', 'ranges'], $path);

        return new Channel(
            $in->whole('offset', 1, 512),
            $in->text('label'),
            $in->has('cell') && !$in->isNull('cell') ? $in->whole('cell', 1, 512) : null,
            $in->has('fineOf') && !$in->isNull('fineOf') ? $in->whole('fineOf') : null,
            $in->wholeOr('default', 0, 0, 255),
            $in->has('ranges') ? $in->each('ranges', RangeReader::read(...), 512) : [],
        );
    }

    /** @param list<string> $keys */
    private static function refuseRepeats(array $keys, string $path): void
    {
        $seen = [];
        foreach ($keys as $index => $key) {
            if (isset($seen['k'.$key])) {
                throw InputError::duplicate($path.'['.$index.'].key', $key);
            }
            $seen['k'.$key] = true;
        }
    }
}
