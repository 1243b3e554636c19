<?php

declare(strict_types=1);

namespace Rigger\App\Repository;

/** A row as the driver gives it, with its columns' types said. */
final readonly class Row
{
    /** @param array<string, mixed> $columns */
    public function __construct(private array $columns)
    {
    }

    public function text(string $column): string
    {
        $value = $this->columns[$column];

        return \is_string($value) ? $value : throw self::surprise($column);
    }

    public function textOrNull(string $column): ?string
    {
        return null === $this->columns[$column] ? null : $this->text($column);
    }

    public function whole(string $column): int
    {
        $value = $this->columns[$column];

        return \is_int($value) ? $value : throw self::surprise($column);
    }

    public function wholeOrNull(string $column): ?int
    {
        return null === $this->columns[$column] ? null : $this->whole($column);
    }

    public function number(string $column): float
    {
        $value = $this->columns[$column];

        // The driver gives double precision as text.
        return is_numeric($value) ? (float) $value : throw self::surprise($column);
    }

    public function numberOrNull(string $column): ?float
    {
        return null === $this->columns[$column] ? null : $this->number($column);
    }

    public function flag(string $column): bool
    {
        $value = $this->columns[$column];

        return \is_bool($value) ? $value : throw self::surprise($column);
    }

    public function flagOrNull(string $column): ?bool
    {
        return null === $this->columns[$column] ? null : $this->flag($column);
    }

    public function timeOrNull(string $column): ?\DateTimeImmutable
    {
        return null === $this->columns[$column] ? null : new \DateTimeImmutable($this->text($column));
    }

    private static function surprise(string $column): \UnexpectedValueException
    {
        return new \UnexpectedValueException(\sprintf('Column %s holds something else than it was made for.', $column));
    }
}
