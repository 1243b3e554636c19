<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Patch\Span;

/** A small desk as its operator can count it: open format `rigger-desk`, version 1. */
final readonly class Desk
{
    public const FORMAT = 'rigger-desk';
    public const VERSION = 1;

    /**
     * @param int|null                 $buttons fixture buttons or zones; null for layouts without
     * @param int|null                 $stride  addresses from one button to the next
     * @param array{float, float}|null $fade    seconds, shortest and longest
     * @param array{float, float}|null $hold    seconds, shortest and longest
     */
    public function __construct(
        public string $name,
        public Layout $layout,
        public int $universe,
        public int $first,
        public ?int $buttons,
        public ?int $stride,
        public int $faders,
        public int $pages,
        public bool $wide,
        public ?int $banks,
        public ?int $scenesPerBank,
        public ?int $chases,
        public ?int $stepsPerChase,
        public ?array $fade,
        public ?array $hold,
        public DeskManual $manual = new DeskManual(),
    ) {
    }

    public function withName(string $name): self
    {
        return new self(
            $name, $this->layout, $this->universe, $this->first, $this->buttons, $this->stride, $this->faders, $this->pages, $this->wide,
            $this->banks, $this->scenesPerBank, $this->chases, $this->stepsPerChase, $this->fade, $this->hold, $this->manual,
        );
    }

    /** The same desk with its two rows joined into one, or apart again. */
    public function withWide(bool $wide): self
    {
        return new self(
            $this->name, $this->layout, $this->universe, $this->first, $this->buttons, $this->stride, $this->faders, $this->pages, $wide,
            $this->banks, $this->scenesPerBank, $this->chases, $this->stepsPerChase, $this->fade, $this->hold, $this->manual,
        );
    }

    public function equals(self $other): bool
    {
        return serialize($this) === serialize($other);
    }

    /** "10 fixture buttons of 12 channels, 12 faders". */
    public function words(): string
    {
        $pages = $this->pages > 1 ? \sprintf(' on %d pages', $this->pages) : '';

        return match ($this->layout) {
            Layout::Buttons => \sprintf(
                '%d fixture buttons of %d channels, %d faders%s',
                $this->buttons ?? 0,
                $this->stride ?? 0,
                $this->faders,
                $pages,
            ),
            Layout::Flat => \sprintf('%d plain faders%s', $this->faders, $pages),
            Layout::Preset => \sprintf('two presets of %d faders%s', $this->faders, $this->wide ? ', joined into one row' : ''),
            Layout::Zones => \sprintf('%d zones of %d channels', $this->buttons ?? 0, min($this->faders, $this->stride ?? $this->faders)),
        };
    }

    /** @return list<Fader> every fader in each of its meanings that reaches a slot, by button, page, number */
    public function faders(): array
    {
        return KnownFaders::of($this, $this->all(...));
    }

    /** @return list<Fader> */
    private function all(): array
    {
        $faders = match ($this->layout) {
            Layout::Buttons, Layout::Zones => array_merge(...array_map($this->fadersOfButton(...), range(1, $this->buttons ?? 1))),
            Layout::Flat => $this->row($this->faders * $this->pages, $this->faders),
            Layout::Preset => $this->row($this->faders * ($this->wide ? 2 : 1), $this->faders * ($this->wide ? 2 : 1)),
        };

        return array_values(array_filter($faders, static fn (Fader $fader): bool => $fader->address <= Span::LAST_SLOT));
    }

    /** Channels that one button or zone drives. */
    public function reach(): int
    {
        return min($this->drives(), $this->stride ?? $this->drives());
    }

    /** Channels that the faders under one button or zone could drive, whatever its stride. */
    public function drives(): int
    {
        return Layout::Zones === $this->layout ? $this->faders : $this->faders * $this->pages;
    }

    /** Addresses in a row from the first: what a desk without buttons has at the most. */
    public function rowLength(): int
    {
        return min(Span::LAST_SLOT - $this->first + 1, match ($this->layout) {
            Layout::Preset => $this->faders * ($this->wide ? 2 : 1),
            default => $this->faders * $this->pages,
        });
    }

    /** Whether two rows stand over the same addresses, with a fade between them. */
    public function crossfades(): bool
    {
        return Layout::Preset === $this->layout && !$this->wide;
    }

    public function buttonStart(int $button): int
    {
        return $this->first + ($button - 1) * ($this->stride ?? 0);
    }

    /** The button or zone in whose addresses this one lies, driven by a fader or not; null off the desk. */
    public function buttonAt(int $address): ?int
    {
        if (!$this->layout->hasButtons() || $address < $this->first) {
            return null;
        }
        $button = intdiv($address - $this->first, $this->stride ?? 1) + 1;

        return $button <= ($this->buttons ?? 0) ? $button : null;
    }

    /** @return list<int> addresses at which a button or zone begins, ascending; none for layouts without */
    public function starts(): array
    {
        if (!$this->layout->hasButtons()) {
            return [];
        }

        return array_values(array_filter(
            array_map($this->buttonStart(...), range(1, $this->buttons ?? 1)),
            static fn (int $start): bool => $start <= Span::LAST_SLOT,
        ));
    }

    /** Whether a button or zone begins at this address. */
    public function startsAt(int $address): bool
    {
        $button = $this->buttonAt($address);

        return null !== $button && $this->buttonStart($button) === $address;
    }

    /** @return list<Fader> */
    private function fadersOfButton(int $button): array
    {
        $perPage = $this->faders;

        return array_map(fn (int $channel): Fader => new Fader(
            $button,
            intdiv($channel - 1, $perPage) + 1,
            ($channel - 1) % $perPage + 1,
            $this->buttonStart($button) + $channel - 1,
        ), range(1, $this->reach()));
    }

    /** @return list<Fader> */
    private function row(int $count, int $perPage): array
    {
        return array_map(fn (int $place): Fader => new Fader(
            null,
            intdiv($place - 1, $perPage) + 1,
            ($place - 1) % $perPage + 1,
            $this->first + $place - 1,
        ), range(1, $count));
    }
}
