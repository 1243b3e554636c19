<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Patch\Span;
use Rigger\Core\Severity;

/**
 * Says of each fixture what will surprise its operator at this desk.
 *
 * @internal
 */
final class MapCheck
{
    /** @var array<int, Fader> by address */
    private readonly array $reached;
    /** @var array<int, list<DeskFixture>> fixtures that came before, by the button whose faders move them */
    private array $atButton = [];
    /** @var array<string, DeskFixture> the first of each address and mode that came before */
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
     * @param list<DeskFixture> $fixtures
     *
     * @return list<DeskFinding>
     */
    public function judge(array $fixtures): array
    {
        $findings = [];
        foreach ($fixtures as $fixture) {
            if ($fixture->placed->universe !== $this->desk->universe) {
                $findings[] = self::finding(
                    'other_universe',
                    Severity::Error,
                    $fixture,
                    $fixture->channels(),
                    ['universe' => $fixture->placed->universe, 'sent' => $this->desk->universe],
                );
                continue;
            }
            $buttons = $this->answering($fixture);
            array_push($findings, ...array_filter([
                $this->notAligned($fixture),
                $this->spills($fixture),
                $this->hidden($fixture),
                $this->sharedButton($fixture, $buttons),
                $this->twins($fixture),
                $this->outOfReach($fixture),
            ]));
            foreach (array_keys($buttons) as $button) {
                $this->atButton[$button][] = $fixture;
            }
            $this->first[self::twinKey($fixture)] ??= $fixture;
        }

        return $findings;
    }

    private function notAligned(DeskFixture $fixture): ?DeskFinding
    {
        $address = $fixture->placed->span->first;
        if (!$this->desk->layout->hasButtons() || $this->desk->startsAt($address)) {
            return null;
        }
        $button = $this->desk->buttonAt($address);

        return self::finding(
            'not_aligned',
            Severity::Warning,
            $fixture,
            $fixture->channels(),
            ['address' => $address, 'button' => $button, 'start' => null === $button ? null : $this->desk->buttonStart($button)],
        );
    }

    private function spills(DeskFixture $fixture): ?DeskFinding
    {
        if (!$this->desk->layout->hasButtons()) {
            return null;
        }
        $own = $this->desk->buttonAt($fixture->placed->span->first);
        $channels = $buttons = [];
        foreach ($fixture->channels() as $channel) {
            $address = $fixture->addressOf($channel);
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
                $fixture,
                $channels,
                ['count' => \count($fixture->labels), 'stride' => $this->desk->stride ?? 0, 'buttons' => array_values($buttons)],
            );
    }

    private function hidden(DeskFixture $fixture): ?DeskFinding
    {
        $channels = $this->unreached($fixture);

        return [] === $channels || \count($channels) === \count($fixture->labels)
            ? null
            : self::finding('hidden', Severity::Error, $fixture, $channels);
    }

    /** @param array<int, list<int>> $buttons the fixture's channels by button */
    private function sharedButton(DeskFixture $fixture, array $buttons): ?DeskFinding
    {
        $shared = $with = [];
        foreach ($buttons as $button => $channels) {
            foreach ($this->atButton[$button] ?? [] as $other) {
                if (!$fixture->placed->isTwinOf($other->placed)) {
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
            $fixture,
            $channels,
            ['buttons' => array_keys($shared), 'with' => array_values($with)],
        );
    }

    private function twins(DeskFixture $fixture): ?DeskFinding
    {
        $other = $this->first[self::twinKey($fixture)] ?? null;

        return null === $other
            ? null
            : self::finding(
                'twins',
                Severity::Note,
                $fixture,
                $fixture->channels(),
                ['with' => [$other->placed->id], 'address' => $fixture->placed->span->first],
            );
    }

    private function outOfReach(DeskFixture $fixture): ?DeskFinding
    {
        return \count($this->unreached($fixture)) < \count($fixture->labels)
            ? null
            : self::finding('out_of_reach', Severity::Error, $fixture, $fixture->channels(), ['address' => $fixture->placed->span->first]);
    }

    /** @return list<int> channels that no fader reaches */
    private function unreached(DeskFixture $fixture): array
    {
        return array_values(array_filter(
            $fixture->channels(),
            fn (int $channel): bool => !isset($this->reached[$fixture->addressOf($channel)]),
        ));
    }

    /** @return array<int, list<int>> the fixture's channels by the button whose faders move them */
    private function answering(DeskFixture $fixture): array
    {
        $buttons = [];
        foreach ($this->desk->layout->hasButtons() ? $fixture->channels() : [] as $channel) {
            $fader = $this->reached[$fixture->addressOf($channel)] ?? null;
            if (null !== $fader?->button) {
                $buttons[$fader->button][] = $channel;
            }
        }

        return $buttons;
    }

    private static function twinKey(DeskFixture $fixture): string
    {
        return $fixture->placed->span->first.' '.$fixture->placed->mode;
    }

    /**
     * @param list<int>                                             $channels
     * @param array<string, int|string|list<int>|list<string>|null> $figures
     */
    private static function finding(
        string $code,
        Severity $severity,
        DeskFixture $fixture,
        array $channels,
        array $figures = [],
    ): DeskFinding {
        return new DeskFinding($code, $severity, $fixture->placed->id, $channels, $figures);
    }
}
