<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

use Rigger\Core\Text\Figure;

/** What follows from a kit's description, in sentences that its operator can check on it. */
final class KitFacts
{
    /** @return list<string> */
    public static function of(Kit $kit): array
    {
        return [
            self::settings($kit),
            ...self::stepping($kit),
            ...(null === $kit->pair ? ['Sender and receiver are both set by hand.'] : ['To pair: '.$kit->pair->timed().'.']),
            ...(null === $kit->clear ? [] : ['To clear: '.$kit->clear->timed().'.']),
            ...($kit->handsOff > 0 ? [\sprintf('Hands off for the first %s s.', self::short($kit->handsOff))] : []),
            ...self::outputs($kit),
            match ($kit->alone) {
                'hold' => 'Without its sender a receiver holds what it heard last.',
                'program' => 'Without its sender a receiver runs a program of its own.',
                default => 'Without its sender a receiver goes dark.',
            },
        ];
    }

    private static function settings(Kit $kit): string
    {
        $count = \count($kit->settings());
        $labels = array_map(static fn (KitPart $part): string => $part->label, $kit->parts);

        return 1 === \count($labels)
            ? \sprintf('%d links can be told apart, each by its %s.', $count, $labels[0])
            : \sprintf('%d links can be told apart, by %s: all of them must match.', $count, implode(' and ', $labels));
    }

    /** @return list<string> */
    private static function stepping(Kit $kit): array
    {
        $said = [];
        foreach (['A sender' => $kit->sender, 'A receiver' => $kit->receiver] as $what => $device) {
            foreach ($device->buttons as $button) {
                $part = null === $button->steps ? null : $kit->parts[$button->steps] ?? null;
                if (null !== $part) {
                    $said[] = \sprintf(
                        '%s: a press of %s steps its %s, round from %s to %s.',
                        $what,
                        $button->label,
                        $part->label,
                        $part->values[\count($part->values) - 1],
                        $part->values[0],
                    );
                }
            }
        }

        return $said;
    }

    /** @return list<string> */
    private static function outputs(Kit $kit): array
    {
        if (0 === $kit->outputs) {
            return ['A receiver hands on all 512 slots.'];
        }
        $outputs = 1 === $kit->outputs ? 'one output' : $kit->outputs.' outputs';
        if (null === $kit->assign) {
            return [\sprintf('A receiver has %s, which follow one another from its address.', $outputs)];
        }
        $said = [\sprintf(
            'A receiver has %s: raise a fader and press the output\'s button %s, and it listens there.',
            $outputs,
            match ($kit->assign) {
                1 => 'once',
                2 => 'twice',
                default => $kit->assign.' times',
            },
        )];
        if ([] !== $kit->curves) {
            $said[] = 'The level at that moment chooses the curve: '.implode(', ', array_map(
                static fn (KitCurve $curve): string => \sprintf('%s at %d–%d', $curve->curve, $curve->from, $curve->to),
                $kit->curves,
            )).'.';
        }

        return $said;
    }

    private static function short(float $seconds): string
    {
        return Figure::short($seconds, 1);
    }
}
