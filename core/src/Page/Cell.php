<?php

declare(strict_types=1);

namespace Rigger\Core\Page;

/** A piece of a line that stands apart from its neighbours, and where it stands. */
final readonly class Cell
{
    /**
     * @param int $index column counted from 0, as the separators have it
     * @param int $start letters before it in the line
     */
    public function __construct(public string $text, public int $index, public int $start)
    {
    }

    public function end(): int
    {
        return $this->start + mb_strlen($this->text);
    }

    public function isBlank(): bool
    {
        return '' === $this->text;
    }

    /** Nothing but dashes: "this mode has none". */
    public function isDash(): bool
    {
        return 1 === preg_match('/^(?:[-_.]{1,5}|n\/?a|x)$/i', $this->text);
    }

    /** The number that is all of it, or null. */
    public function number(): ?int
    {
        return 1 === preg_match('/^0*(\d{1,3})[.)]?$/', $this->text, $parts) ? (int) $parts[1] : null;
    }
}
