<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio\Bench;

/** A sender or a receiver as it lies on the bench, and how it stands at a moment. Each step gives another one. */
final readonly class BenchDevice
{
    /**
     * @param list<string>                        $values   what each part is set to
     * @param float|null                          $onAt     when it was switched on; null while it is off
     * @param string|null                         $held     button that a hand is on
     * @param float                               $heldAt   since when
     * @param string                              $pressed  button of the presses that are being counted
     * @param int                                 $presses  so many of them
     * @param float                               $pressAt  when the last of them was let go
     * @param bool                                $isSpoilt it was touched too early: only switching off and on helps
     * @param bool                                $forgot   it was cleared, or never paired, and listens to nobody
     * @param bool                                $isFar    too far to hear, or be heard
     * @param bool                                $isFlat   its battery is nearly flat
     * @param array<int, array{int, string|null}> $given    address and curve of each output that has them, by output
     */
    private function __construct(
        public string $id,
        public string $name,
        public bool $isSender,
        public array $values,
        public ?float $onAt = null,
        public ?string $held = null,
        public float $heldAt = 0.0,
        public string $pressed = '',
        public int $presses = 0,
        public float $pressAt = 0.0,
        public bool $isSpoilt = false,
        public bool $forgot = false,
        public ?float $clearedAt = null,
        public bool $isFar = false,
        public bool $isFlat = false,
        public array $given = [],
    ) {
    }

    /** @param list<string> $values */
    public static function sender(string $id, string $name, array $values, bool $isFar = false): self
    {
        return new self($id, $name, true, $values, isFar: $isFar);
    }

    /**
     * @param list<string> $values
     * @param bool         $isNew  nobody paired it yet
     */
    public static function receiver(
        string $id,
        string $name,
        array $values,
        bool $isFar = false,
        bool $isFlat = false,
        bool $isNew = false,
    ): self {
        return new self($id, $name, false, $values, forgot: $isNew, isFar: $isFar, isFlat: $isFlat);
    }

    public function isOn(): bool
    {
        return null !== $this->onAt;
    }

    /** @param array<string, mixed> $other members that change, by name */
    public function with(array $other): self
    {
        /** @phpstan-ignore argument.type (the members of one of its own kind) */
        return new self(...array_merge(get_object_vars($this), $other));
    }
}
