<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Learn\Note;

/** {"accepted","observed","untried"} to a ChartRecord; every member may be left out. */
final class ChartRecordReader
{
    private const MOST = 2000;

    /** @throws InputError */
    public static function read(mixed $document, string $path): ChartRecord
    {
        $in = Members::of($document, ['accepted', 'observed', 'untried'], $path);

        return new ChartRecord(
            $in->has('accepted') ? $in->each('accepted', self::acceptance(...), self::MOST) : [],
            $in->has('observed') ? $in->each('observed', self::observation(...), self::MOST) : [],
            $in->has('untried') ? $in->each('untried', self::place(...), self::MOST) : [],
        );
    }

    /** @throws InputError */
    public static function note(mixed $document, string $path): Note
    {
        $in = Members::of($document, ['value', 'what'], $path);

        return new Note(max(0, min(255, $in->whole('value', 0, 255))), $in->text('what'));
    }

    private static function acceptance(mixed $document, string $path): Acceptance
    {
        $in = Members::of($document, ['code', 'mode', 'channel', 'from', 'to', 'note'], $path);
        $number = static fn (string $member): ?int => null === $in->raw($member) ? null : $in->whole($member);

        return new Acceptance(
            FindingCode::from($in->choice('code', array_column(FindingCode::cases(), 'value'))),
            $in->text('mode'),
            $number('channel'),
            $number('from'),
            $number('to'),
            $in->text('note'),
        );
    }

    private static function observation(mixed $document, string $path): Observation
    {
        $in = Members::of($document, ['mode', 'channel', 'notes'], $path);

        return new Observation(
            new ChannelPlace($in->text('mode'), $in->whole('channel', 1, 512)),
            $in->each('notes', self::note(...), 256),
        );
    }

    private static function place(mixed $document, string $path): ChannelPlace
    {
        $in = Members::of($document, ['mode', 'channel'], $path);

        return new ChannelPlace($in->text('mode'), $in->whole('channel', 1, 512));
    }
}
