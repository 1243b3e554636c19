<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Desk\DeskFinding;
use Rigger\Core\Rig\KnownFinding;
use Rigger\Core\Severity;

/** Something that is wrong with a rig, or that will catch someone out: facts. Wording makes the sentence of it. */
final readonly class Finding
{
    /** Tells it apart from every other of its rig, and stays while the fault does. */
    public string $key;

    /**
     * @param string                                                $stage   fixtures, patch, lines, desk or looks
     * @param string                                                $code    stable word
     * @param list<string>                                          $units   ids of the units it is about
     * @param string|null                                           $typeId  the type it is about
     * @param string|null                                           $linkId  the sender it is about
     * @param string|null                                           $lookId  the look it is about
     * @param string|null                                           $cause   what many units have in common, which stands for them in the
     *                                                                       key; null when they are few and stand there themselves
     * @param array<string, int|float|string|bool|DeskFinding|null> $figures what the sentence needs beside the rig: numbers, addresses,
     *                                                                       ids; by the code's own names
     */
    public function __construct(
        public string $stage,
        public string $code,
        public Severity $severity,
        public array $units = [],
        public array $figures = [],
        public ?string $typeId = null,
        public ?string $linkId = null,
        public ?string $lookId = null,
        public ?string $cause = null,
    ) {
        $nth = $figures['key'] ?? null;
        $others = array_filter([$typeId, $linkId, $lookId, \is_string($nth) ? $nth : null], \is_string(...));
        $this->key = implode('/', [$stage, $code, $cause ?? implode('+', $units), ...$others]);
    }

    /** @param int|float|string|bool|null $value of one figure more */
    public function with(string $figure, int|float|string|bool|null $value): self
    {
        return new self(
            $this->stage,
            $this->code,
            $this->severity,
            $this->units,
            [$figure => $value] + $this->figures,
            $this->typeId,
            $this->linkId,
            $this->lookId,
            $this->cause,
        );
    }

    /** Equal for what somebody knows of it. */
    public function subject(): string
    {
        return KnownFinding::subjectOf($this->stage, $this->code, $this->units, $this->linkId, $this->lookId);
    }

    /** As somebody knows it: a note, that says so. */
    public function knownAs(KnownFinding $known): self
    {
        return new self(
            $this->stage,
            $this->code,
            Severity::Note,
            $this->units,
            ['known' => $known->id, 'knownNote' => $known->note] + $this->figures,
            $this->typeId,
            $this->linkId,
            $this->lookId,
            $this->cause,
        );
    }

    /** Whether an operator may say "I know": errors stay errors, notes need no answer, and charts keep what is known of them themselves. */
    public function mayBeKnown(): bool
    {
        return 'fixtures' !== $this->stage && \in_array($this->severity, [Severity::Warning, Severity::Caution], true);
    }

    /** Whether the same units and the same numbers stand in both. */
    public function hasFiguresOf(self $other): bool
    {
        if ($this->units !== $other->units) {
            return false;
        }
        foreach ($this->figures + $other->figures as $name => $figure) {
            $theirs = $other->figures[$name] ?? null;
            $isSame = $figure instanceof DeskFinding && $theirs instanceof DeskFinding
                ? $figure->channels === $theirs->channels && $figure->figures === $theirs->figures
                : $figure === $theirs && \array_key_exists($name, $this->figures);
            if (!$isSame) {
                return false;
            }
        }

        return true;
    }

    public function whole(string $figure): int
    {
        $value = $this->figures[$figure] ?? 0;

        return \is_int($value) ? $value : 0;
    }

    public function number(string $figure): float
    {
        $value = $this->figures[$figure] ?? 0.0;

        return \is_float($value) || \is_int($value) ? (float) $value : 0.0;
    }

    public function word(string $figure): string
    {
        $value = $this->figures[$figure] ?? '';

        return \is_string($value) ? $value : '';
    }
}
