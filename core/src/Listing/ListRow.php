<?php

declare(strict_types=1);

namespace Rigger\Core\Listing;

use Rigger\Core\Input\InputError;

/** One row of a list, by the names of its columns. */
final readonly class ListRow
{
    /**
     * @param array<string, int> $columns
     * @param list<string>       $cells
     */
    public function __construct(private int $number, private array $columns, private array $cells)
    {
    }

    public function isBlank(): bool
    {
        return '' === trim(implode('', $this->cells));
    }

    /** @return array<string, string> the columns that hold something */
    public function filled(): array
    {
        $filled = [];
        foreach ($this->columns as $name => $index) {
            $cell = trim($this->cells[$index] ?? '');
            if ('' !== $cell) {
                $filled[$name] = $cell;
            }
        }

        return $filled;
    }

    public function text(string $column): ?string
    {
        $cell = isset($this->columns[$column]) ? $this->cells[$this->columns[$column]] ?? '' : '';

        return '' === $cell ? null : Cell::unguarded($cell);
    }

    public function needed(string $column): string
    {
        return $this->text($column) ?? throw InputError::missing(\sprintf('row %d, %s', $this->number, $column));
    }

    /** @throws InputError wrong_type */
    public function number(string $column): int|float|null
    {
        $text = $this->text($column);
        if (null === $text) {
            return null;
        }
        $text = str_replace(',', '.', trim($text));
        if (!is_numeric($text)) {
            throw $this->wrong($column, 'a number');
        }
        $number = (float) $text;

        return 1 === preg_match('/^-?\d{1,9}$/', $text) ? (int) $text : $number;
    }

    public function wrong(string $column, string $expected): InputError
    {
        return InputError::wrongType(\sprintf('row %d, %s', $this->number, $column), $expected, $this->text($column));
    }
}
