<?php

declare(strict_types=1);

namespace Rigger\Core\Profile;

use Rigger\Core\Learn\Note;

/** What people noted beside a chart: cautions they accept, what they saw by fader, and what nobody has tried yet. */
final readonly class ChartRecord
{
    /**
     * @param list<Acceptance>   $accepted
     * @param list<Observation>  $observed one for each channel at most
     * @param list<ChannelPlace> $untried  channels taken over from a look-alike
     */
    public function __construct(public array $accepted = [], public array $observed = [], public array $untried = [])
    {
    }

    public function isEmpty(): bool
    {
        return [] === $this->accepted && [] === $this->observed && [] === $this->untried;
    }

    public function acceptanceOf(ChartFinding $finding): ?Acceptance
    {
        foreach ($this->accepted as $acceptance) {
            if ($acceptance->isOf($finding)) {
                return $acceptance;
            }
        }

        return null;
    }

    public function accepting(ChartFinding $finding, string $note): self
    {
        return new self([...$this->reopening($finding)->accepted, Acceptance::of($finding, $note)], $this->observed, $this->untried);
    }

    public function reopening(ChartFinding $finding): self
    {
        return new self(
            array_values(array_filter($this->accepted, static fn (Acceptance $acceptance): bool => !$acceptance->isOf($finding))),
            $this->observed,
            $this->untried,
        );
    }

    public function observation(ChannelPlace $place): ?Observation
    {
        foreach ($this->observed as $observation) {
            if ($observation->place->equals($place)) {
                return $observation;
            }
        }

        return null;
    }

    /** @param list<Note> $notes none takes the observation away */
    public function observing(ChannelPlace $place, array $notes): self
    {
        $others = array_values(array_filter(
            $this->observed,
            static fn (Observation $observation): bool => !$observation->place->equals($place),
        ));

        return new self(
            $this->accepted,
            [] === $notes ? $others : [...$others, new Observation($place, $notes)],
            $this->tried($place)->untried,
        );
    }

    public function isUntried(ChannelPlace $place): bool
    {
        return [] !== array_filter($this->untried, static fn (ChannelPlace $one): bool => $one->equals($place));
    }

    public function tried(ChannelPlace $place): self
    {
        return new self(
            $this->accepted,
            $this->observed,
            array_values(array_filter($this->untried, static fn (ChannelPlace $one): bool => !$one->equals($place))),
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return array_filter([
            'accepted' => array_map(static fn (Acceptance $acceptance): array => $acceptance->toArray(), $this->accepted),
            'observed' => array_map(static fn (Observation $observation): array => $observation->toArray(), $this->observed),
            'untried' => array_map(static fn (ChannelPlace $place): array => $place->toArray(), $this->untried),
        ]);
    }
}
