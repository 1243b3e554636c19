<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

use Rigger\Core\Input\InputError;
use Rigger\Core\Text\Figure;

/** Where a kit's description contradicts itself, with the names and numbers that disagree. One that is kept must not hold any. */
final class KitCheck
{
    /** A press and the letting go that lets it be told from the next, in seconds. */
    private const A_PRESS = 0.4;
    private const MOST_SETTINGS = 512;

    /** @throws InputError the first of them */
    public static function refuse(Kit $kit): void
    {
        foreach (self::of($kit) as $error) {
            throw $error;
        }
    }

    /** @return list<InputError> in the order of a description's members */
    public static function of(Kit $kit): array
    {
        return array_values(array_filter([
            self::settings($kit),
            ...self::device($kit, $kit->sender, 'sender'),
            ...self::device($kit, $kit->receiver, 'receiver'),
            self::act($kit, $kit->pair, 'pair'),
            self::act($kit, $kit->clear, 'clear'),
            self::alike($kit),
            self::assign($kit),
            ...self::curves($kit),
            self::frequencies($kit),
        ]));
    }

    private static function settings(Kit $kit): ?InputError
    {
        $count = array_product(array_map(static fn (KitPart $part): int => \count($part->values), $kit->parts));
        if ($count > self::MOST_SETTINGS) {
            return self::at('parts', \sprintf('The parts give %d settings; at most %d can be told apart.', $count, self::MOST_SETTINGS));
        }
        $twice = array_filter(array_count_values($kit->settings()), static fn (int $times): bool => $times > 1);

        return [] === $twice ? null : self::at('joint', \sprintf(
            'Written together, two settings are both called %s: put another mark between the parts.',
            InputError::quote(''.array_key_first($twice)),
        ));
    }

    /** @return list<InputError|null> */
    private static function device(Kit $kit, KitDevice $device, string $member): array
    {
        $labels = $signs = $errors = [];
        foreach ($device->buttons as $nth => $button) {
            if (isset($labels[$button->label])) {
                $errors[] = self::at($member.'.buttons['.$nth.'].label', \sprintf('Two buttons are called %s.', $button->label));
            }
            $labels[$button->label] = true;
            if (null !== $button->steps && !isset($kit->parts[$button->steps])) {
                $errors[] = self::at($member.'.buttons['.$nth.'].steps', \sprintf(
                    '%s steps part %d, and there are %d.',
                    $button->label,
                    $button->steps + 1,
                    \count($kit->parts),
                ));
            }
        }
        foreach ($device->lamps as $nth => $lamp) {
            $path = $member.'.lamps['.$nth.']';
            if ($device->sign($lamp->state) !== $lamp) {
                $errors[] = self::at($path.'.state', \sprintf('"%s" is described twice.', $lamp->state->words()));
            }
            $looks = mb_strtolower($lamp->colour).' '.self::once($lamp->pattern);
            if (isset($signs[$looks])) {
                $errors[] = self::at($path.'.pattern', \sprintf(
                    '"%s" and "%s" look alike: %s.',
                    $signs[$looks]->state->words(),
                    $lamp->state->words(),
                    $lamp->words(),
                ));
            }
            $signs[$looks] ??= $lamp;
        }

        return $errors;
    }

    /** The shortest piece of which a pattern is made. */
    private static function once(string $pattern): string
    {
        $length = \strlen($pattern);
        for ($part = 1; $part < $length; ++$part) {
            if (0 === $length % $part && str_repeat(substr($pattern, 0, $part), intdiv($length, $part)) === $pattern) {
                return substr($pattern, 0, $part);
            }
        }

        return $pattern;
    }

    private static function act(Kit $kit, ?KitAct $act, string $member): ?InputError
    {
        if (null === $act) {
            return null;
        }
        if (null === $kit->receiver->button($act->button)) {
            return self::at($member.'.button', \sprintf('A receiver has no button called %s.', InputError::quote($act->button)));
        }
        $needs = $act->hold ?? ($act->presses ?? 1) * self::A_PRESS;
        $room = null === $act->within ? \INF : $act->within - $kit->handsOff;

        return $needs <= $room + 1e-9 ? null : self::at($member.'.within', \sprintf(
            'To %s takes %s s, and of the %s s after switching on the first %s are hands-off.',
            $act->words(),
            self::seconds($needs),
            self::seconds((float) $act->within),
            self::seconds($kit->handsOff),
        ));
    }

    private static function alike(Kit $kit): ?InputError
    {
        [$pair, $clear] = [$kit->pair, $kit->clear];
        if (null === $pair || null === $clear || $pair->button !== $clear->button) {
            return null;
        }
        $isAlike = null !== $pair->presses && $pair->presses === $clear->presses || null !== $pair->hold && $pair->hold === $clear->hold;

        return $isAlike ? self::at('clear', \sprintf('To pair and to clear are the same: %s.', $pair->words())) : null;
    }

    private static function assign(Kit $kit): ?InputError
    {
        if (null !== $kit->assign && 0 === $kit->outputs) {
            return self::at('assign', \sprintf('Outputs are assigned by %d presses, and there are 0 of them.', $kit->assign));
        }

        return [] !== $kit->curves && null === $kit->assign
            ? self::at('curves', \sprintf('%d curves are chosen by a press, and no press is described.', \count($kit->curves)))
            : null;
    }

    /** @return list<InputError|null> */
    private static function curves(Kit $kit): array
    {
        $errors = [];
        $next = 0;
        foreach ($kit->curves as $nth => $curve) {
            if ($curve->from > $curve->to || $curve->from !== $next) {
                $errors[] = self::at('curves['.$nth.'].from', $curve->from > $curve->to
                    ? \sprintf('%s begins at %d and ends at %d.', $curve->curve, $curve->from, $curve->to)
                    : \sprintf('%s begins at %d; the levels before it end at %d.', $curve->curve, $curve->from, $next - 1));
            }
            $next = $curve->to + 1;
        }
        if ([] !== $kit->curves && 256 !== $next) {
            $errors[] = self::at('curves', \sprintf('The levels %d to 255 choose no curve.', $next));
        }

        return $errors;
    }

    private static function frequencies(Kit $kit): ?InputError
    {
        $air = $kit->air;
        if (null === $air || null === $air->part) {
            return null === $air || [] === $air->mhz ? null : self::at('air.mhz', 'Say which part has frequencies of its own.');
        }
        $part = $kit->parts[$air->part] ?? null;

        return \count($part->values ?? []) === \count($air->mhz) ? null : self::at('air.mhz', \sprintf(
            '%d frequencies are named for %d values of %s.',
            \count($air->mhz),
            \count($part->values ?? []),
            $part->label ?? 'that part',
        ));
    }

    private static function seconds(float $seconds): string
    {
        return Figure::short($seconds, 1);
    }

    private static function at(string $field, string $message): InputError
    {
        return InputError::because('contradiction', $field, $message);
    }
}
