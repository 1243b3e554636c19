<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Patch\AddressKeys;
use Rigger\Core\Patch\Span;

/** {"buttons","letters","save",…} to a UnitSetting; every member may be left out. */
final class UnitSettingReader
{
    private const MEMBERS = [
        'buttons',
        'letters',
        'save',
        'saveSeconds',
        'revertsAfter',
        'remote',
        'byItself',
        'leader',
        'follower',
        'tenthSwitch',
        'lamps',
        'curveByLevel',
        'powerOn',
        'keys',
        'keysTop',
    ];
    private const MOST = 40;
    private const HOUR = 3600.0;

    /** @throws InputError */
    public static function read(mixed $document, string $path): UnitSetting
    {
        $in = Members::of($document, self::MEMBERS, $path);
        $words = static fn (string $member): ?string => $in->has($member) ? $in->text($member) : null;

        return new UnitSetting(
            $in->has('buttons') ? $in->each('buttons', Scalars::text(...), self::MOST) : [],
            $in->has('letters') ? $in->each('letters', self::legend(...), self::MOST) : [],
            $in->has('save') ? SaveAction::from($in->choice('save', array_column(SaveAction::cases(), 'value'))) : null,
            $in->has('saveSeconds') ? $in->number('saveSeconds', 0, self::HOUR) : null,
            $in->has('revertsAfter') ? $in->number('revertsAfter', 0, self::HOUR) : null,
            $words('remote'),
            $words('byItself'),
            $words('leader'),
            $words('follower'),
            $words('tenthSwitch'),
            $in->has('lamps') ? $in->each('lamps', self::legend(...), self::MOST) : [],
            $words('curveByLevel'),
            $words('powerOn'),
            $in->has('keys') ? AddressKeys::from($in->choice('keys', array_column(AddressKeys::cases(), 'value'))) : null,
            $in->has('keysTop') ? $in->whole('keysTop', 2, Span::LAST_SLOT) : null,
        );
    }

    private static function legend(mixed $document, string $path): Legend
    {
        $in = Members::of($document, ['sign', 'meaning'], $path);

        return new Legend($in->text('sign'), $in->text('meaning'));
    }
}
