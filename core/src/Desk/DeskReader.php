<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Input\FormatVersion;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;

/** A desk document to a Desk. */
final class DeskReader
{
    /** What each version has added. */
    private const MEMBERS = [
        1 => ['format', 'version', 'name', 'layout', 'universe', 'first', 'buttons', 'stride', 'faders', 'pages',
            'wide', 'banks', 'scenesPerBank', 'chases', 'stepsPerChase', 'fade', 'hold', ...DeskManualReader::MEMBERS],
    ];
    private const MOST = 512;

    /** @throws InputError */
    public static function read(mixed $document, string $path = ''): Desk
    {
        $in = Members::open($document, $path);
        FormatVersion::of($in, Desk::FORMAT, self::MEMBERS);
        $name = $in->text('name');
        $layout = Layout::from($in->choice('layout', array_column(Layout::cases(), 'value')));

        return new Desk(
            $name,
            $layout,
            $in->wholeOr('universe', 1, 1, \PHP_INT_MAX),
            $in->wholeOr('first', 1, 1, self::MOST),
            self::count($in, 'buttons', $layout->hasButtons()),
            self::count($in, 'stride', $layout->hasButtons()),
            $in->whole('faders', 1, self::MOST),
            $in->wholeOr('pages', 1, 1, self::MOST),
            $in->has('wide') && $in->flag('wide'),
            self::count($in, 'banks', false),
            self::count($in, 'scenesPerBank', false),
            self::count($in, 'chases', false, 0),
            self::count($in, 'stepsPerChase', false, 0),
            self::seconds($in, 'fade'),
            self::seconds($in, 'hold'),
            DeskManualReader::read($in),
        );
    }

    private static function count(Members $in, string $member, bool $isNeeded, int $least = 1): ?int
    {
        return $isNeeded || $in->has($member) ? $in->whole($member, $least, self::MOST) : null;
    }

    /** @return array{float, float}|null */
    private static function seconds(Members $in, string $member): ?array
    {
        if (!$in->has($member)) {
            return null;
        }
        $ends = $in->each($member, static fn (mixed $one, string $path): float => Scalars::number($one, $path, 0));
        if (2 !== \count($ends)) {
            throw InputError::because(
                'values_count',
                $in->path($member),
                $in->path($member).' must hold two times, the shortest and the longest.',
            );
        }
        if ($ends[0] > $ends[1]) {
            throw InputError::because(
                'limits_crossed',
                $in->path($member),
                \sprintf('The shortest time, %s s, is above the longest, %s s.', $ends[0], $ends[1]),
            );
        }

        return [$ends[0], $ends[1]];
    }
}
