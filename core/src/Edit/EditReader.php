<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Profile\ChartRecordReader;
use Rigger\Core\Profile\EmitterReader;

/** {"op", …} to a ChartEdit. */
final class EditReader
{
    /** Members beside `op` of each edit. */
    private const MEMBERS = [
        'accept' => ['code', 'mode', 'channel', 'from', 'to', 'note'],
        'add-channel' => ['mode', 'label'],
        'add-mode' => ['name', 'count', 'display', 'setup'],
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
        'put-emitter' => ['emitter'],
        'put-range' => ['mode', 'channel', 'line', 'range'],
        'release-fine' => ['mode', 'channel'],
        'remove-channel' => ['mode', 'channel'],
        'remove-emitter' => ['key'],
        'remove-mode' => ['mode'],
        'remove-range' => ['mode', 'channel', 'range'],
        'rescale' => ['scale', 'mode', 'channel'],
        'set-channel' => ['mode', 'channel', 'label', 'default', 'cell', 'fineOf'],
        'set-mode' => ['mode', 'name', 'count', 'display', 'setup'],
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
            'add-channel' => new AddChannel($in->text('mode'), $in->text('label')),
            'add-mode' => new AddMode(self::name($in), $in->whole('count', 1, 512), self::words($in, 'display'), self::words($in, 'setup')),
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
            'put-emitter' => new PutEmitter(EmitterReader::read($in->raw('emitter'), $in->path('emitter'))),
            'put-range' => new PutRange(
                self::target($in),
                $in->text('line'),
                $in->has('range') && !$in->isNull('range') ? $in->whole('range', 0, 511) : null,
            ),
            'remove-channel' => new RemoveChannel(self::target($in)),
            'remove-emitter' => new RemoveEmitter($in->text('key')),
            'remove-mode' => new RemoveMode($in->text('mode')),
            'remove-range' => new RemoveRange(self::target($in), $in->whole('range', 0, 511)),
            'rescale' => new Rescale(
                ValueScale::from($in->choice('scale', array_column(ValueScale::cases(), 'value'))),
                $in->has('channel') ? self::target($in) : null,
            ),
            'set-channel' => new SetChannel(self::target($in), self::wishOfChannel($in)),
            'set-mode' => new SetMode($in->text('mode'), self::wishOfMode($in)),
            'split' => new SplitRange(self::target($in), $in->whole('at', 0, 255)),
            'state-count' => new StateCount($in->text('mode')),
            'take-page' => self::page($in),
            'tried' => new MarkTried(self::target($in)),
            default => throw InputError::notAChoice($in->path('op'), $op, array_keys(self::MEMBERS)),
        };
    }

    /** @return array{name?: string, count?: int, display?: string|null, setup?: string|null} */
    private static function wishOfMode(Members $in): array
    {
        $wish = [];
        if ($in->has('name')) {
            $wish['name'] = self::name($in);
        }
        if ($in->has('count')) {
            $wish['count'] = $in->whole('count', 1, 512);
        }
        foreach (['display', 'setup'] as $member) {
            if ($in->has($member)) {
                $wish[$member] = self::words($in, $member);
            }
        }

        return $wish;
    }

    /** @return array{label?: string, default?: int, cell?: int|null, fineOf?: int|null} */
    private static function wishOfChannel(Members $in): array
    {
        $wish = [];
        if ($in->has('label')) {
            $wish['label'] = $in->text('label');
        }
        if ($in->has('default')) {
            $wish['default'] = $in->whole('default', 0, 255);
        }
        foreach (['cell', 'fineOf'] as $member) {
            if ($in->has($member)) {
                $wish[$member] = $in->isNull($member) ? null : $in->whole($member, 1, 512);
            }
        }

        return $wish;
    }

    private static function name(Members $in): string
    {
        $name = trim($in->text('name'));

        return '' === $name
            ? throw InputError::because('missing', $in->path('name'), 'A mode needs a name, as the unit shows it.')
            : $name;
    }

    /** Words that may be left out: nothing typed is none. */
    private static function words(Members $in, string $member): ?string
    {
        $words = $in->has($member) && !$in->isNull($member) ? trim($in->text($member)) : '';

        return '' === $words ? null : $words;
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
