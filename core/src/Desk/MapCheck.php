<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Patch\Span;
use Rigger\Core\Severity;

/**
 * Says of each unit what will surprise its operator at this desk.
 *
 * @internal
 */
final class MapCheck
{
    /** @var array<int, Fader> by address */
    private readonly array $reached;
    /** @var array<int, list<DeskUnit>> units that came before, by the button whose faders move them */
    private array $atButton = [];
    /** @var array<string, DeskUnit> the first of each address and mode that came before */
    private array $first = [];

    /** @param list<Fader> $faders */
    public function __construct(private readonly Desk $desk, array $faders)
    {
        $reached = [];
        foreach ($faders as $fader) {
            $reached[$fader->address] = $fader;
        }
        $this->reached = $reached;
    }

    /**
     * @param list<DeskUnit> $units
     *
     * @return list<DeskFinding>
     */
    public function judge(array $units): array
    {
        $findings = [];
        foreach ($units as $unit) {
            if ($unit->placed->universe !== $this->desk->universe) {
                $findings[] = self::finding(
                    'other_universe',
                    Severity::Error,
                    $unit,
                    $unit->channels(),
                    ['universe' => $unit->placed->universe, 'sent' => $this->desk->universe],
                );
                continue;
            }
            $buttons = $this->answering($unit);
            array_push($findings, ...array_filter($this->isReached($unit)
                ? [
                    $this->notAligned($unit),
                    $this->spills($unit),
                    $this->hidden($unit),
                    $this->sharedButton($unit, $buttons),
                    $this->twins($unit),
                ]
                : [$this->twins($unit), $this->outOfReach($unit)]));
            foreach (array_keys($buttons) as $button) {
                $this->atButton[$button][] = $unit;
            }
            $this->first[self::twinKey($unit)] ??= $unit;
        }

        return $findings;
    }

    private function notAligned(DeskUnit $unit): ?DeskFinding
    {
        $address = $unit->placed->span->first;
        if (!$this->desk->layout->hasButtons() || $this->desk->startsAt($address)) {
            return null;
        }
        $button = $this->desk->buttonAt($address);

        return self::finding(
            'not_aligned',
            Severity::Warning,
            $unit,
            $unit->channels(),
            ['address' => $address, 'button' => $button, 'start' => null === $button ? null : $this->desk->buttonStart($button)],
        );
    }

    private function spills(DeskUnit $unit): ?DeskFinding
    {
        if (!$this->desk->layout->hasButtons()) {
            return null;
        }
        $own = $this->ownButton($unit);
        $channels = $buttons = [];
        foreach ($unit->channels() as $channel) {
            $address = $unit->addressOf($channel);
            $button = $address <= Span::LAST_SLOT ? $this->desk->buttonAt($address) : null;
            if (null !== $button && $button !== $own) {
                $channels[] = $channel;
                $buttons[$button] = $button;
            }
        }

        return [] === $channels
            ? null
            : self::finding(
                'spills',
                Severity::Warning,
                $unit,
                $channels,
                ['count' => \count($unit->labels), 'stride' => $this->desk->stride ?? 0, 'buttons' => array_values($buttons)],
            );
    }

    /** The button it begins at; of one that begins before the first, that of the first channel which a fader reaches. */
    private function ownButton(DeskUnit $unit): ?int
    {
        $own = $this->desk->buttonAt($unit->placed->span->first);
        foreach (null === $own ? $unit->channels() : [] as $channel) {
            $own ??= ($this->reached[$unit->addressOf($channel)] ?? null)?->button;
        }

        return $own;
    }

    private function hidden(DeskUnit $unit): ?DeskFinding
    {
        $channels = $this->unreached($unit);

        return [] === $channels ? null : self::finding('hidden', Severity::Error, $unit, $channels);
    }

    /** @param array<int, list<int>> $buttons the unit's channels by button */
    private function sharedButton(DeskUnit $unit, array $buttons): ?DeskFinding
    {
        $shared = $with = [];
        foreach ($buttons as $button => $channels) {
            foreach ($this->atButton[$button] ?? [] as $other) {
                if (!$unit->placed->isTwinOf($other->placed)) {
                    $shared[$button] = $channels;
                    $with[$other->placed->id] = $other->placed->id;
                }
            }
        }
        if ([] === $shared) {
            return null;
        }
        ksort($shared);
        $channels = array_merge(...$shared);
        sort($channels);

        return self::finding(
            'shared_button',
            Severity::Warning,
            $unit,
            $channels,
            ['buttons' => array_keys($shared), 'with' => array_values($with)],
        );
    }

    private function twins(DeskUnit $unit): ?DeskFinding
    {
        $other = $this->first[self::twinKey($unit)] ?? null;

        return null === $other
            ? null
            : self::finding(
                'twins',
                Severity::Note,
                $unit,
                $unit->channels(),
                ['with' => [$other->placed->id], 'address' => $unit->placed->span->first],
            );
    }

    /** It says all: whether the unit is aligned or spills does not matter then. */
    private function outOfReach(DeskUnit $unit): DeskFinding
    {
        return self::finding('out_of_reach', Severity::Error, $unit, $unit->channels(), ['address' => $unit->placed->span->first]);
    }

    private function isReached(DeskUnit $unit): bool
    {
        return \count($this->unreached($unit)) < \count($unit->labels);
    }

    /** @return list<int> channels that no fader reaches */
    private function unreached(DeskUnit $unit): array
    {
        return array_values(array_filter(
            $unit->channels(),
            fn (int $channel): bool => !isset($this->reached[$unit->addressOf($channel)]),
        ));
    }

    /** @return array<int, list<int>> the unit's channels by the button whose faders move them */
    private function answering(DeskUnit $unit): array
    {
        $buttons = [];
        foreach ($this->desk->layout->hasButtons() ? $unit->channels() : [] as $channel) {
            $fader = $this->reached[$unit->addressOf($channel)] ?? null;
            if (null !== $fader?->button) {
                $buttons[$fader->button][] = $channel;
            }
        }

        return $buttons;
    }

    private static function twinKey(DeskUnit $unit): string
    {
        return $unit->placed->span->first.' '.$unit->placed->mode;
    }

    /**
     * @param list<int>                                             $channels
     * @param array<string, int|string|list<int>|list<string>|null> $figures
     */
    private static function finding(
        string $code,
        Severity $severity,
        DeskUnit $unit,
        array $channels,
        array $figures = [],
    ): DeskFinding {
        return new DeskFinding($code, $severity, $unit->placed->id, $channels, $figures);
    }
}
