<?php

declare(strict_types=1);

namespace Rigger\Core\Finding;

use Rigger\Core\Desk\DeskFinding;
use Rigger\Core\Severity;

/** Something that is wrong with a rig, or that will catch someone out: facts. Wording makes the sentence of it. */
final readonly class Finding
{
    /**
     * @param string                                                $stage   fixtures, patch, lines, desk or looks
     * @param string                                                $code    stable word
     * @param list<string>                                          $units   ids of the units it is about
     * @param string|null                                           $typeId  the type it is about
     * @param string|null                                           $linkId  the sender it is about
     * @param string|null                                           $lookId  the look it is about
     * @param array<string, int|float|string|bool|DeskFinding|null> $figures what the sentence needs beside the rig: numbers, addresses, ids; by the code's own names
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
    ) {
    }

    /** @param int|float|string|bool|null $value of one figure more */
    public function with(string $figure, int|float|string|bool|null $value): self
    {
        return new self($this->stage, $this->code, $this->severity, $this->units, [$figure => $value] + $this->figures, $this->typeId, $this->linkId, $this->lookId);
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

    /** Tells it apart from every other of its rig, and stays while the fault does. */
    public function key(): string
    {
        return implode('/', array_filter([$this->stage, $this->code, implode('+', $this->units), $this->typeId, $this->linkId, $this->lookId, $this->figures['key'] ?? null], is_string(...)));
    }
}
