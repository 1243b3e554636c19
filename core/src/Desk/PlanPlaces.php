<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

use Rigger\Core\Patch\Span;

/**
 * The places of a desk, handed out from the first on.
 *
 * @internal
 */
final class PlanPlaces
{
    private int $button = 1;
    private int $address;

    /** @param list<Span> $taken addresses in the desk's universe that stay with others */
    public function __construct(private readonly Desk $desk, private readonly array $taken)
    {
        $this->address = $desk->first;
    }

    /** @return array{int|null, int}|null button and address; null when nothing is left */
    public function next(int $footprint): ?array
    {
        return $this->desk->layout->hasButtons() ? $this->nextButton($footprint) : $this->nextInRow($footprint);
    }

    /** @return array{int, int}|null */
    private function nextButton(int $footprint): ?array
    {
        while ($this->button <= ($this->desk->buttons ?? 0)) {
            $button = $this->button++;
            $start = $this->desk->buttonStart($button);
            // One that is skipped is skipped for good: whoever comes later gets a later button.
            if ($start + $footprint - 1 <= Span::LAST_SLOT && null === $this->inTheWay($start, $footprint)) {
                return [$button, $start];
            }
        }

        return null;
    }

    /** @return array{null, int}|null */
    private function nextInRow(int $footprint): ?array
    {
        $last = $this->desk->first + $this->desk->rowLength() - 1;
        for ($start = $this->address; $start + $footprint - 1 <= $last; $start = $other->last() + 1) {
            $other = $this->inTheWay($start, $footprint);
            if (null === $other) {
                $this->address = $start + $footprint;

                return [null, $start];
            }
        }

        return null;
    }

    private function inTheWay(int $start, int $footprint): ?Span
    {
        $span = Span::at($start, $footprint);
        foreach ($this->taken as $other) {
            if (null !== $span->shared($other)) {
                return $other;
            }
        }

        return null;
    }
}
