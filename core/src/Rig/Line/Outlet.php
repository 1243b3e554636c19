<?php

declare(strict_types=1);

namespace Rigger\Core\Rig\Line;

/** Where a run begins: an output of the desk, or of a splitter that stands at the end of another run. */
final readonly class Outlet
{
    public const MOST = 64;

    /**
     * @param string|null $splitterId item of another run; null for the desk
     * @param int         $output     counted from 1
     * @param int         $universe   what the desk's output sends; behind a splitter that of the run before it counts
     */
    private function __construct(public ?string $splitterId, public int $output, public int $universe)
    {
    }

    public static function ofDesk(int $output, int $universe): self
    {
        return new self(null, $output, $universe);
    }

    public static function ofSplitter(string $itemId, int $output): self
    {
        return new self($itemId, $output, 1);
    }

    /** Equal for two runs that begin at one socket. */
    public function key(): string
    {
        return $this->splitterId.'/'.$this->output;
    }
}
