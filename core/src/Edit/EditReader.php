<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Profile\ChartRecordReader;

/** {"op", …} to a ChartEdit. */
final class EditReader
{
    /** Members beside `op` of each edit. */
    private const MEMBERS = [
        'accept' => ['code', 'mode', 'channel', 'from', 'to', 'note'],
        'close-up' => ['mode'],
        'copy-block' => ['mode', 'channel', 'count', 'copies'],
        'fill-gap' => ['mode', 'channel', 'at', 'by'],
        'join' => ['mode', 'channel', 'range'],
        'leave-room' => ['mode'],
        'list-emitters' => [],
        'mend' => ['mode', 'channel'],
        'move-channel' => ['mode', 'channel', 'to'],
        'move-edge' => ['mode', 'channel', 'range', 'end', 'to'],
        'name' => ['mode', 'channel'],
        'observe' => ['mode', 'channel', 'notes', 'take'],
        'part-overlap' => ['mode', 'channel'],
        'paste-rows' => ['mode', 'channel', 'text'],
        'release-fine' => ['mode', 'channel'],
        'rescale' => ['scale', 'mode', 'channel'],
        'split' => ['mode', 'channel', 'at'],
        'state-count' => ['mode'],
        'take-page' => ['text', 'modes', 'names'],
        'tried' => ['mode', 'channel'],
    ];

    /** @throws InputError */
    public static function read(mixed $document, string $path = 'edit'): ChartEdit
    {
        $in = Members::open($document, $path);
        $op = $in->choice('op', array_keys(self::MEMBERS));
        $in->allow(['op', ...self::MEMBERS[$op]]);

        return match ($op) {
            'accept' => self::accept($in),
            'close-up' => NumberChannels::closingUp($in->text('mode')),
            'copy-block' => new CopyBlock(self::target($in), $in->whole('count', 1, 512), $in->whole('copies', 1, 511)),
            'fill-gap' => new FillGap(
                self::target($in),
                $in->whole('at', 0, 255),
                GapFilling::from($in->choice('by', array_column(GapFilling::cases(), 'value'))),
            ),
            'join' => new JoinRanges(self::target($in), $in->whole('range', 0, 511)),
            'leave-room' => NumberChannels::leavingRoom($in->text('mode')),
            'list-emitters' => new ListEmitters(),
            'mend' => new MendRange(self::target($in)),
            'move-channel' => new MoveChannel(self::target($in), $in->whole('to', 1, 512)),
            'move-edge' => new MoveEdge(
                self::target($in),
                $in->whole('range', 0, 511),
                'to' === $in->choice('end', ['from', 'to']),
                $in->whole('to', 0, 255),
            ),
            'name' => new NameRanges(self::target($in)),
            'observe' => new Observe(
                self::target($in),
                $in->each('notes', ChartRecordReader::note(...), 256),
                $in->has('take') && $in->flag('take'),
            ),
            'part-overlap' => new PartOverlap(self::target($in)),
            'paste-rows' => new PasteRows(self::target($in), $in->text('text')),
            'release-fine' => new ReleaseFine(self::target($in)),
            'rescale' => new Rescale(
                ValueScale::from($in->choice('scale', array_column(ValueScale::cases(), 'value'))),
                $in->has('channel') ? self::target($in) : null,
            ),
            'split' => new SplitRange(self::target($in), $in->whole('at', 0, 255)),
            'state-count' => new StateCount($in->text('mode')),
            'take-page' => self::page($in),
            'tried' => new MarkTried(self::target($in)),
            default => throw InputError::notAChoice($in->path('op'), $op, array_keys(self::MEMBERS)),
        };
    }

    private static function target(Members $in): Target
    {
        return new Target($in->text('mode'), $in->whole('channel', 1, 512));
    }

    private static function page(Members $in): TakePage
    {
        $names = [];
        foreach ($in->has('names') ? $in->named('names') : [] as $index => $name) {
            $names[(int) $index] = Scalars::text($name, $in->path('names.'.$index));
        }

        return new TakePage(
            $in->text('text'),
            $in->has('modes')
                ? $in->each('modes', static fn (mixed $index, string $path): int => Scalars::whole($index, $path, 0, 99), 100)
                : null,
            $names,
        );
    }

    private static function accept(Members $in): Accept
    {
        $number = static fn (string $member): ?int => null === $in->raw($member) ? null : $in->whole($member);

        return new Accept(
            [$in->text('code'), $in->text('mode'), $number('channel'), $number('from'), $number('to')],
            $in->has('note') && !$in->isNull('note') ? $in->text('note') : null,
        );
    }
}
