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
final class DeskJudge
{
    /** @var array<int, Fader> by address */
    private readonly array $reached;

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
        $earlier = [];
        foreach ($fixtures as $fixture) {
            if ($fixture->placed->universe !== $this->desk->universe) {
                $findings[] = $this->finding('other_universe', Severity::Error, $fixture, $fixture->channels(), \sprintf('%s is in universe %d; this desk sends universe %d.', $fixture->placed->id, $fixture->placed->universe, $this->desk->universe));
                continue;
            }
            array_push($findings, ...array_filter([
                $this->notAligned($fixture),
                $this->spills($fixture),
                $this->hidden($fixture),
                $this->sharedButton($fixture, $earlier),
                $this->twins($fixture, $earlier),
                $this->outOfReach($fixture),
            ]));
            $earlier[] = $fixture;
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
        $where = null === $button ? 'no button begins there' : \sprintf('button %d begins at %d', $button, $this->desk->buttonStart($button));

        return $this->finding('not_aligned', Severity::Warning, $fixture, $fixture->channels(), \sprintf('%s starts at %d, but %s: its first channel is not on the first fader.', $fixture->placed->id, $address, $where));
    }

    private function spills(DeskFixture $fixture): ?DeskFinding
    {
        $own = $this->desk->buttonAt($fixture->placed->span->first);
        $channels = array_values(array_filter($fixture->channels(), function (int $channel) use ($fixture, $own): bool {
            $button = $this->desk->buttonAt($fixture->addressOf($channel));

            return null !== $button && $button !== $own && $fixture->addressOf($channel) <= Span::LAST_SLOT;
        }));
        if ([] === $channels) {
            return null;
        }

        return $this->finding('spills', Severity::Warning, $fixture, $channels, \sprintf('%s has %d channels and a button has %d addresses: its %s on button %s.', $fixture->placed->id, \count($fixture->labels), $this->desk->stride ?? 0, self::said($channels, 'lies', 'lie'), implode(', ', $this->buttonsOf($fixture, $channels))));
    }

    private function hidden(DeskFixture $fixture): ?DeskFinding
    {
        $channels = $this->unreached($fixture);
        if ([] === $channels || \count($channels) === \count($fixture->labels)) {
            return null;
        }

        return $this->finding('hidden', Severity::Error, $fixture, $channels, \sprintf('%s: no fader reaches its %s.', $fixture->placed->id, self::said($channels)));
    }

    /** @param list<DeskFixture> $earlier */
    private function sharedButton(DeskFixture $fixture, array $earlier): ?DeskFinding
    {
        if (!$this->desk->layout->hasButtons()) {
            return null;
        }
        $own = $this->answering($fixture);
        $shared = [];
        $with = [];
        foreach ($earlier as $other) {
            $common = $fixture->placed->isTwinOf($other->placed) ? [] : array_intersect_key($own, $this->answering($other));
            if ([] !== $common) {
                $shared += $common;
                $with[] = $other->placed->id;
            }
        }
        if ([] === $shared) {
            return null;
        }
        ksort($shared);
        $channels = array_merge(...$shared);
        sort($channels);

        return $this->finding('shared_button', Severity::Warning, $fixture, $channels, \sprintf('%s answers to button %s together with %s.', $fixture->placed->id, implode(', ', array_keys($shared)), implode(', ', $with)));
    }

    /** @param list<DeskFixture> $earlier */
    private function twins(DeskFixture $fixture, array $earlier): ?DeskFinding
    {
        foreach ($earlier as $other) {
            if ($fixture->placed->isTwinOf($other->placed)) {
                return $this->finding('twins', Severity::Note, $fixture, $fixture->channels(), \sprintf('%s and %s share address %d and mode: they move together.', $other->placed->id, $fixture->placed->id, $fixture->placed->span->first));
            }
        }

        return null;
    }

    private function outOfReach(DeskFixture $fixture): ?DeskFinding
    {
        if (\count($this->unreached($fixture)) < \count($fixture->labels)) {
            return null;
        }

        return $this->finding('out_of_reach', Severity::Error, $fixture, $fixture->channels(), \sprintf('%s at %d is beyond every fader of this desk.', $fixture->placed->id, $fixture->placed->span->first));
    }

    /** @return list<int> channels that no fader reaches */
    private function unreached(DeskFixture $fixture): array
    {
        return array_values(array_filter($fixture->channels(), fn (int $channel): bool => !isset($this->reached[$fixture->addressOf($channel)])));
    }

    /** @return array<int, list<int>> the fixture's channels by the button whose faders move them */
    private function answering(DeskFixture $fixture): array
    {
        $buttons = [];
        foreach ($fixture->channels() as $channel) {
            $fader = $this->reached[$fixture->addressOf($channel)] ?? null;
            if (null !== $fader?->button) {
                $buttons[$fader->button][] = $channel;
            }
        }

        return $buttons;
    }

    /**
     * @param list<int> $channels
     *
     * @return list<int>
     */
    private function buttonsOf(DeskFixture $fixture, array $channels): array
    {
        return array_values(array_unique(array_filter(array_map(fn (int $channel): ?int => $this->desk->buttonAt($fixture->addressOf($channel)), $channels), is_int(...))));
    }

    /** @param list<int> $channels */
    private function finding(string $code, Severity $severity, DeskFixture $fixture, array $channels, string $message): DeskFinding
    {
        return new DeskFinding($code, $severity, $fixture->placed->id, $channels, $message);
    }

    /** @param list<int> $channels ascending */
    private static function said(array $channels, string $one = '', string $many = ''): string
    {
        $first = $channels[0];
        $last = $channels[\count($channels) - 1];
        $isRun = $last - $first + 1 === \count($channels);
        $verb = 1 === \count($channels) ? $one : $many;

        return rtrim(match (true) {
            1 === \count($channels) => 'channel '.$first,
            $isRun => \sprintf('channels %d–%d', $first, $last),
            default => 'channels '.implode(', ', $channels),
        }.' '.$verb);
    }
}
