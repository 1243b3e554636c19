<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Lines;

use Rigger\Core\Change\Refused;
use Rigger\Core\Desk\FaderWords;
use Rigger\Core\Line\Radio\Kit;
use Rigger\Core\Line\Radio\KitCurve;
use Rigger\Core\Line\Radio\KitDevice;
use Rigger\Core\Line\Radio\LampState;
use Rigger\Core\Rig\Link;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Text\Figure;
use Rigger\Core\Text\Names;

/** How a unit's receiver is made to listen to its sender, step by step in the words of its kit, and how that is proved. */
final readonly class PairingCard
{
    /** Outputs that are proved one by one; more are told together. */
    private const EACH = 6;

    /**
     * @param string            $name  of the receiver, where units share it; else of the unit
     * @param list<PairingStep> $steps
     * @param list<string>      $proof what to raise, and what is to be seen
     * @param list<string>      $undo  how the receiver forgets its sender; none where the leaflet does not say
     */
    private function __construct(
        public Unit $unit,
        public string $name,
        public Link $link,
        public array $steps,
        public array $proof,
        public array $undo,
    ) {
    }

    /** @throws Refused when it hangs on a cable */
    public static function of(Rig $rig, Unit $unit): self
    {
        $link = null === $unit->linkId ? null : $rig->links[$unit->linkId] ?? null;
        if (null === $link) {
            throw Refused::because('no_link', \sprintf('%s hangs on a cable: there is nothing to pair.', $unit->name));
        }
        $kit = $link->kit->kit;
        $shared = null === $unit->receiverId ? null : $rig->receiver($unit->receiverId);
        $units = null === $shared ? [$unit] : $rig->behind($shared->id);
        $units = [] === $units ? [$unit] : $units;
        $name = $shared->label ?? $unit->name;

        return new self(
            $unit,
            $name,
            $link,
            [...self::sender($kit, $link), ...self::receiver($kit, $name, $link), ...self::outputs($rig, $kit, $units)],
            self::proof($rig, $units),
            null === $kit->clear ? [] : [ucfirst($kit->clear->timed()).'.', ...self::sign($kit->receiver, LampState::Cleared, 'Its lamp')],
        );
    }

    /** @return list<PairingStep> */
    private static function sender(Kit $kit, Link $link): array
    {
        $handsOff = $kit->handsOff > 0 ? \sprintf(' Hands off for %s s.', self::short($kit->handsOff)) : '';

        return [
            new PairingStep(\sprintf('Switch %s on.%s', $link->label, $handsOff)),
            new PairingStep(
                self::stepped($kit, $kit->sender, $link->name).'.',
                lamp: $kit->sender->sign(LampState::Alone) ?? $kit->sender->sign(LampState::Linked),
            ),
        ];
    }

    /** @return list<PairingStep> */
    private static function receiver(Kit $kit, string $name, Link $link): array
    {
        $pair = $kit->pair;
        $on = \sprintf('Switch %s on.', $name);
        $handsOff = $kit->handsOff > 0 ? \sprintf(' Hands off for %s s.', self::short($kit->handsOff)) : '';
        $linked = new PairingStep(
            implode(' ', ['It listens now.', ...self::sign($kit->receiver, LampState::Linked, 'Its lamp'), ...self::lookalike($kit)]),
            lamp: $kit->receiver->sign(LampState::Linked),
        );
        if (null === $pair) {
            return [new PairingStep($on.$handsOff), new PairingStep(self::stepped($kit, $kit->receiver, $link->name).'.'), $linked];
        }
        $until = $kit->receiver->sign(LampState::Pairing);

        return [
            new PairingStep($on.(null === $pair->within
                ? $handsOff
                : \sprintf(' From now on there are %s s.%s', self::short($pair->within), $handsOff))),
            new PairingStep(
                ucfirst($pair->words()).match (true) {
                    null === $until => '.',
                    null !== $pair->hold => \sprintf(', until its lamp is %s; then let go.', $until->words()),
                    default => \sprintf(': its lamp is %s.', $until->words()),
                },
                null === $pair->within ? null : $kit->handsOff,
                $pair->within,
                $until,
            ),
            $linked,
        ];
    }

    /** "Press Number until it shows 2, and Sub until it shows 1" */
    private static function stepped(Kit $kit, KitDevice $device, string $setting): string
    {
        $said = [];
        foreach ($kit->split($setting) as $nth => $value) {
            $button = $device->stepper($nth);
            $said[] = null === $button
                ? \sprintf('set its %s to %s', $kit->parts[$nth]->label ?? '', $value)
                : \sprintf('press %s until it shows %s', $button->label, $value);
        }

        return ucfirst(implode(', and ', $said));
    }

    /** @return list<string> */
    private static function sign(KitDevice $device, LampState $state, string $what): array
    {
        $sign = $device->sign($state);

        return null === $sign ? [] : [\sprintf('%s: %s.', $what, $sign->words())];
    }

    /** @return list<string> what a steady lamp would mean, where that is not "linked" as people expect */
    private static function lookalike(Kit $kit): array
    {
        $lost = $kit->receiver->sign(LampState::Searching);

        return null === $lost || str_contains($lost->pattern, '0')
            ? []
            : [\sprintf('%s means that it still looks for its sender.', ucfirst($lost->words()))];
    }

    /**
     * @param non-empty-list<Unit> $units that share the receiver
     *
     * @return list<PairingStep>
     */
    private static function outputs(Rig $rig, Kit $kit, array $units): array
    {
        $driven = self::driven($kit, $units);
        if ([] === $driven) {
            return [];
        }
        $presses = match ($kit->assign) {
            1 => 'once',
            2 => 'twice',
            default => ($kit->assign ?? 0).' times',
        };
        $steps = [] === $kit->curves ? [] : [new PairingStep(\sprintf(
            'The level of the fader at the moment of pressing chooses the curve: %s.',
            implode(', ', array_map(
                static fn (KitCurve $curve): string => \sprintf('%d–%d %s', $curve->from, $curve->to, $curve->curve),
                $kit->curves,
            )),
        ))];
        foreach ($driven as $output => [$unit, $nth]) {
            $address = $unit->place->address + $nth;
            $steps[] = new PairingStep(\sprintf(
                'Raise %s, and press the button of output %d %s: it listens at %03d, for %s.',
                self::fader($rig, $address),
                $output,
                $presses,
                $address,
                self::lamp($unit, $nth, $units),
            ));
        }

        return $steps;
    }

    /**
     * @param non-empty-list<Unit> $units
     *
     * @return array<int, array{Unit, int}> unit and place of its channel from 0, by output, ascending
     */
    private static function driven(Kit $kit, array $units): array
    {
        $driven = [];
        foreach ($units as $unit) {
            foreach ($kit->isAssignedTo($unit->footprint()) ? $unit->outputs() : [] as $nth => $output) {
                $driven[$output] ??= [$unit, $nth];
            }
        }
        ksort($driven);

        return $driven;
    }

    /**
     * @param non-empty-list<Unit> $units
     *
     * @return list<string>
     */
    private static function proof(Rig $rig, array $units): array
    {
        $places = [];
        foreach ($units as $unit) {
            // Of units on one cable each answers once, with its first channel; its others are its own business.
            $channels = 1 === \count($units) ? $unit->footprint() : 1;
            for ($nth = 0; $nth < $channels; ++$nth) {
                $places[$unit->place->universe.'/'.($unit->place->address + $nth)][] = [$unit, $nth];
            }
        }
        $said = [];
        foreach (\array_slice($places, 0, self::EACH) as $those) {
            $lamps = array_map(static fn (array $one): string => self::lamp($one[0], $one[1], $units), $those);
            $said[] = \sprintf(
                'Raise %s alone: only %s %s.',
                self::fader($rig, $those[0][0]->place->address + $those[0][1]),
                Names::few($lamps),
                1 === \count($lamps) ? 'changes' : 'change',
            );
        }
        $more = \count($places) - self::EACH;

        return $more <= 0 ? $said : [...$said, 1 === \count($units)
            ? \sprintf('So on to the last of its %d channels.', \count($places))
            : \sprintf('So on with the other %d units.', $more)];
    }

    /**
     * What a channel is called: by its unit too, where there are several.
     *
     * @param non-empty-list<Unit> $units
     */
    private static function lamp(Unit $unit, int $nth, array $units): string
    {
        $label = $unit->labels()[$nth];

        return match (true) {
            1 === \count($units) => $label,
            1 === $unit->footprint() => $unit->name,
            default => $unit->name.' ('.$label.')',
        };
    }

    private static function fader(Rig $rig, int $address): string
    {
        foreach ($rig->map()->strips ?? [] as $strip) {
            if ($strip->fader->address === $address && null !== $rig->desk()) {
                return FaderWords::place($rig->desk(), $strip->fader);
            }
        }

        return \sprintf('address %03d', $address);
    }

    private static function short(float $seconds): string
    {
        return Figure::short($seconds, 1);
    }
}
