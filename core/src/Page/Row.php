<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** One line of the page, cut into its cells. */
final readonly class Row
{
    /** @param list<Cell> $cells */
    private function __construct(public int $line, public array $cells, public Separator $separator)
    {
    }

    public static function of(int $line, string $text): self
    {
        $separator = Separator::of($text);

        return new self($line, $separator->cut($text), $separator);
    }

    /** @param list<Cell> $cells */
    public function withCells(array $cells): self
    {
        return new self($this->line, $cells, $this->separator);
    }

    public function text(): string
    {
        return implode(
            ' ',
            array_filter(
                array_map(static fn (Cell $cell): string => $cell->text, $this->cells),
                static fn (string $text): bool => '' !== $text,
            ),
        );
    }

    public function isBlank(): bool
    {
        return '' === $this->text();
    }

    /** A line drawn below a header, or between rows. */
    public function isRule(): bool
    {
        return 1 === preg_match(
            '/^[-=_+|*~.: ]*$/',
            $this->text(),
        ) && !$this->isBlank() && \strlen($this->text()) > 1 && 1 !== preg_match('/^-(?: -)*$/', $this->text());
    }

    /** @return list<Cell> */
    public function filled(): array
    {
        return array_values(array_filter($this->cells, static fn (Cell $cell): bool => !$cell->isBlank()));
    }
}
