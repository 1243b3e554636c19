<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Draw;

/** A page and what is drawn on it, the same for the printer and for the screen. Measures are millimetres. */
final class Page
{
    /** @var list<Stroke|Box|Area|Words> */
    private array $marks = [];

    public function __construct(public readonly float $width, public readonly float $height)
    {
    }

    public function add(Stroke|Box|Area|Words ...$marks): void
    {
        foreach ($marks as $mark) {
            $this->marks[] = $mark;
        }
    }

    /** @return list<Stroke|Box|Area|Words> in the order in which they are drawn */
    public function marks(): array
    {
        return $this->marks;
    }
}
