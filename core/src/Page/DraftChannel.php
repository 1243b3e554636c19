<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** A channel as it is gathered from the page. In a table of several modes it has a number in each. */
final class DraftChannel
{
    /** @var list<DraftRange> */
    public array $ranges = [];
    /** The row's only words stood before its only values: a name, or the first range's text, or both. */
    public bool $hasSharedText = false;

    public function __construct(public string $label, public readonly int $line)
    {
    }

    public function isBare(): bool
    {
        return '' === $this->label && [] === $this->ranges;
    }

    public function add(DraftRange $range): void
    {
        foreach ($this->ranges as $one) {
            // A row printed again after a page break.
            if ($one->bound->from === $range->bound->from && $one->bound->to === $range->bound->to && $one->text === $range->text) {
                return;
            }
        }
        $this->ranges[] = $range;
    }

    public function lastRange(): ?DraftRange
    {
        return [] === $this->ranges ? null : $this->ranges[\count($this->ranges) - 1];
    }

    /** The earliest range that still waits for its words. */
    public function waiting(): ?DraftRange
    {
        foreach ($this->ranges as $range) {
            if ('' === $range->text) {
                return $range;
            }
        }

        return null;
    }

    /** Words for the earliest range that waits for some. */
    public function give(string $text): void
    {
        $range = $this->waiting();
        if (null !== $range) {
            $range->text = $text;
        }
    }

    public function hasPlainValues(): bool
    {
        foreach ($this->ranges as $range) {
            if (Notation::Percent !== $range->bound->notation) {
                return true;
            }
        }

        return false;
    }
}
