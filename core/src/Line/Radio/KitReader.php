<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

use Rigger\Core\Input\FormatVersion;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;

/** A kit document to a Kit. */
final class KitReader
{
    /** What each version has added. */
    private const MEMBERS = [
        1 => ['format', 'version', 'name', 'parts', 'joint', 'sender', 'receiver', 'pair', 'clear', 'handsOff', 'outputs', 'assign',
            'curves', 'alone', 'air', 'note'],
    ];
    private const MOST_SECONDS = 600.0;
    private const MOST_PRESSES = 100;
    private const MOST_BUTTONS = 8;
    private const LABEL = 40;

    /** @throws InputError */
    public static function read(mixed $document, string $path = ''): Kit
    {
        $in = Members::open($document, $path);
        FormatVersion::of($in, Kit::FORMAT, self::MEMBERS);
        $name = self::label($in, 'name', 80);
        $parts = $in->each('parts', self::part(...), Kit::MOST_PARTS);
        if ([] === $parts) {
            throw InputError::because('values_count', $in->path('parts'), 'Say what its units are set to: at least one part.');
        }

        return new Kit(
            $name,
            $parts,
            $in->has('joint') ? self::joint($in) : '-',
            self::device($in->raw('sender'), $in->path('sender')),
            self::device($in->raw('receiver'), $in->path('receiver')),
            self::act($in, 'pair'),
            self::act($in, 'clear'),
            $in->has('handsOff') ? $in->number('handsOff', 0, self::MOST_SECONDS) : 0.0,
            $in->wholeOr('outputs', 0, 0, Kit::MOST_OUTPUTS),
            $in->has('assign') && !$in->isNull('assign') ? $in->whole('assign', 1, self::MOST_PRESSES) : null,
            $in->has('curves') ? $in->each('curves', self::curve(...), 16) : [],
            $in->has('alone') ? $in->choice('alone', Kit::ALONE) : 'dark',
            $in->has('air') && !$in->isNull('air') ? self::air($in->raw('air'), $in->path('air')) : null,
            $in->has('note') && !$in->isNull('note') ? self::label($in, 'note', 1000) : null,
        );
    }

    private static function part(mixed $item, string $path): KitPart
    {
        $in = Members::of($item, ['label', 'values'], $path);
        $label = self::label($in, 'label');
        $values = $in->each('values', self::value(...), KitPart::MOST);
        foreach (array_count_values($values) as $value => $count) {
            if ($count > 1) {
                throw InputError::duplicate($in->path('values'), ''.$value);
            }
        }

        return [] === $values
            ? throw InputError::because(
                'missing',
                $in->path('values'),
                \sprintf('Still to be said: what %s can be.', InputError::quote($label)),
            )
            : new KitPart($label, $values);
    }

    private static function value(mixed $item, string $path): string
    {
        return self::checked(Scalars::text($item, $path), $path, self::LABEL);
    }

    private static function joint(Members $in): string
    {
        $joint = $in->text('joint');

        return mb_strlen($joint) <= 3 ? $joint : throw InputError::because(
            'out_of_range',
            $in->path('joint'),
            'At most three letters stand between two parts.',
        );
    }

    private static function device(mixed $item, string $path): KitDevice
    {
        $in = Members::of($item, ['buttons', 'lamps'], $path);

        return new KitDevice(
            $in->each('buttons', static function (mixed $one, string $at): KitButton {
                $button = Members::of($one, ['label', 'steps'], $at);
                $label = self::label($button, 'label');

                return new KitButton($label, $button->has('steps') && !$button->isNull('steps')
                    ? $button->whole('steps', 0, Kit::MOST_PARTS - 1)
                    : null);
            }, self::MOST_BUTTONS),
            $in->each('lamps', static function (mixed $one, string $at): LampSign {
                $lamp = Members::of($one, ['state', 'colour', 'pattern'], $at);
                $state = LampState::from($lamp->choice('state', array_column(LampState::cases(), 'value')));

                return new LampSign($state, self::label($lamp, 'colour'), self::pattern($lamp));
            }, \count(LampState::cases())),
        );
    }

    private static function pattern(Members $in): string
    {
        $pattern = $in->text('pattern');

        return 1 === preg_match('/^[01]{1,'.LampSign::LONGEST.'}$/D', $pattern) ? $pattern : throw InputError::because(
            'out_of_range',
            $in->path('pattern'),
            \sprintf('A pattern is 1 to %d ticks of a tenth of a second: 1 for lit, 0 for dark.', LampSign::LONGEST),
        );
    }

    private static function act(Members $in, string $member): ?KitAct
    {
        if (!$in->has($member) || $in->isNull($member)) {
            return null;
        }
        $act = Members::of($in->raw($member), ['button', 'presses', 'hold', 'within'], $in->path($member));
        $button = self::label($act, 'button');
        $has = static fn (string $one): bool => $act->has($one) && !$act->isNull($one);
        if ($has('presses') === $has('hold')) {
            throw InputError::because(
                $has('presses') ? 'unknown_member' : 'missing',
                $act->path($has('presses') ? 'hold' : 'presses'),
                'Say how many presses, or how many seconds it is held: one of the two.',
            );
        }

        return new KitAct(
            $button,
            $has('presses') ? $act->whole('presses', 1, self::MOST_PRESSES) : null,
            $has('hold') ? $act->above('hold', 0, self::MOST_SECONDS) : null,
            $has('within') ? $act->above('within', 0, self::MOST_SECONDS) : null,
        );
    }

    private static function curve(mixed $item, string $path): KitCurve
    {
        $in = Members::of($item, ['from', 'to', 'curve'], $path);

        return new KitCurve($in->whole('from', 0, 255), $in->whole('to', 0, 255), self::label($in, 'curve'));
    }

    private static function air(mixed $item, string $path): KitAir
    {
        $in = Members::of($item, ['powerDbm', 'gains', 'sensitivityDbm', 'part', 'mhz', 'width'], $path);
        $has = static fn (string $one): bool => $in->has($one) && !$in->isNull($one);
        $gain = static fn (mixed $one, string $at): float => Scalars::number($one, $at, -30, 30);
        $centre = static fn (mixed $one, string $at): float => Scalars::above($one, $at, 0, 10_000);
        $gains = $has('gains') ? $in->each('gains', $gain) : [0.0, 0.0];
        if (2 !== \count($gains)) {
            throw InputError::because(
                'values_count',
                $in->path('gains'),
                'Two gains are wanted: of the sender\'s aerial and the receiver\'s.',
            );
        }

        return new KitAir(
            $has('powerDbm') ? $in->number('powerDbm', -60, 60) : null,
            [$gains[0], $gains[1]],
            $has('sensitivityDbm') ? $in->number('sensitivityDbm', -150, 0) : null,
            $has('part') ? $in->whole('part', 0, Kit::MOST_PARTS - 1) : null,
            $has('mhz') ? $in->each('mhz', $centre, KitPart::MOST) : [],
            $has('width') ? $in->above('width', 0, 1000) : 5.0,
        );
    }

    private static function label(Members $in, string $member, int $most = self::LABEL): string
    {
        return self::checked($in->text($member), $in->path($member), $most);
    }

    private static function checked(string $text, string $path, int $most): string
    {
        $text = trim($text);
        if ('' === $text) {
            throw InputError::missing($path);
        }
        if (mb_strlen($text) > $most || 1 === preg_match('/[\x00-\x1F\x7F]/', $text)) {
            throw InputError::because('out_of_range', $path, \sprintf('At most %d letters fit here, and no line breaks.', $most));
        }

        return $text;
    }
}
