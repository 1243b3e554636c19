<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

/** A radio kit as its leaflet describes it: what its units are set to, how, and what their lamps say. */
final readonly class Kit
{
    public const FORMAT = 'rigger-kit';
    public const VERSION = 1;
    public const MOST_PARTS = 3;
    public const MOST_OUTPUTS = 64;
    /** What a receiver does when it hears no sender. */
    public const ALONE = ['dark', 'hold', 'program'];

    /**
     * @param non-empty-list<KitPart> $parts    what sender and receiver must both be set to
     * @param string                  $joint    between the parts when they are written: "2-1"
     * @param KitAct|null             $pair     makes a receiver listen to the sender that is on; null where both are set by hand alone
     * @param KitAct|null             $clear    makes it forget its sender
     * @param float                   $handsOff seconds after switching on in which nobody touches it
     * @param int                     $outputs  of a receiver, each to be given an address; 0 where it hands all data on
     * @param int|null                $assign   presses that give an output the address whose fader is up; null where outputs follow one
     *                                          another
     * @param list<KitCurve>          $curves   chosen by the fader's level at that moment; none where there is no choice
     * @param string                  $alone    dark, hold or program
     */
    public function __construct(
        public string $name,
        public array $parts,
        public string $joint,
        public KitDevice $sender,
        public KitDevice $receiver,
        public ?KitAct $pair,
        public ?KitAct $clear,
        public float $handsOff,
        public int $outputs,
        public ?int $assign,
        public array $curves,
        public string $alone,
        public ?KitAir $air,
        public ?string $note,
    ) {
    }

    public function withName(string $name): self
    {
        return new self(
            $name,
            $this->parts,
            $this->joint,
            $this->sender,
            $this->receiver,
            $this->pair,
            $this->clear,
            $this->handsOff,
            $this->outputs,
            $this->assign,
            $this->curves,
            $this->alone,
            $this->air,
            $this->note,
        );
    }

    /** @return list<string> everything that its units can be set to, in the order of their buttons */
    public function settings(): array
    {
        $settings = [''];
        foreach ($this->parts as $nth => $part) {
            $longer = [];
            foreach ($settings as $before) {
                foreach ($part->values as $value) {
                    $longer[] = $before.(0 === $nth ? '' : $this->joint).$value;
                }
            }
            $settings = $longer;
        }

        return $settings;
    }

    public function has(string $setting): bool
    {
        return [] !== $this->split($setting);
    }

    /** @return list<string> the values of a setting's parts; none where it is no setting of this kit */
    public function split(string $setting): array
    {
        return $this->rest($setting, 0) ?? [];
    }

    /** @param list<string> $values */
    public function joined(array $values): string
    {
        return implode($this->joint, $values);
    }

    /** @return list<string> labels of the parts in which two settings differ */
    public function differing(string $one, string $other): array
    {
        [$mine, $theirs] = [$this->split($one), $this->split($other)];
        $labels = [];
        foreach ($this->parts as $nth => $part) {
            if (($mine[$nth] ?? null) !== ($theirs[$nth] ?? null)) {
                $labels[] = $part->label;
            }
        }

        return $labels;
    }

    /** Where a setting sends; null where the leaflet does not say. */
    public function band(string $setting): ?Band
    {
        $part = $this->air?->part;
        $value = null === $part ? null : $this->split($setting)[$part] ?? null;
        $at = null === $value ? false : array_search($value, $this->parts[$part]->values ?? [], true);
        $mhz = false === $at ? null : $this->air->mhz[$at] ?? null;

        return null === $mhz ? null : Band::around($mhz, $this->air->width ?? 0.0);
    }

    /** Whether a unit gets its address through the buttons of a receiver's outputs: a head with more channels has the receiver built in. */
    public function isAssignedTo(int $channels): bool
    {
        return null !== $this->assign && $channels <= $this->outputs;
    }

    /** Whether only its settings are known. */
    public function isBare(): bool
    {
        return [] === [...$this->sender->buttons, ...$this->sender->lamps, ...$this->receiver->buttons, ...$this->receiver->lamps];
    }

    public function equals(self $other): bool
    {
        return KitWriter::write($this) === KitWriter::write($other);
    }

    /** "8 names", "number 1–6, sub-number 1–4". */
    public function words(): string
    {
        return implode(', ', array_map(static fn (KitPart $part): string => \sprintf(
            '%d × %s',
            \count($part->values),
            $part->label,
        ), $this->parts));
    }

    /** @return list<string>|null values may hold the joint themselves, so each beginning is tried */
    private function rest(string $text, int $nth): ?array
    {
        $isLast = $nth === \count($this->parts) - 1;
        foreach ($this->parts[$nth]->values ?? [] as $value) {
            if ($isLast) {
                if ($text === $value) {
                    return [$value];
                }
                continue;
            }
            if (str_starts_with($text, $value.$this->joint)) {
                $rest = $this->rest(substr($text, \strlen($value.$this->joint)), $nth + 1);
                if (null !== $rest) {
                    return [$value, ...$rest];
                }
            }
        }

        return null;
    }
}
