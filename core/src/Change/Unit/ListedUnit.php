<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Listing\PatchRow;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Rig\Revision;
use Rigger\Core\Rig\Unit;

/** What one row of a list would do. */
final readonly class ListedUnit
{
    /**
     * @param string    $what  new, change, same, or left out
     * @param string    $words what would change, or why it is left out
     * @param Unit|null $unit  the one of that name
     */
    private function __construct(
        public int $line,
        public string $name,
        public string $what,
        public string $words,
        public ?PatchRow $row = null,
        public ?Unit $unit = null,
        public ?Revision $revision = null,
        public ?Mode $mode = null,
    ) {
    }

    public static function leftOut(int $line, string $name, string $why): self
    {
        return new self($line, $name, 'left out', $why);
    }

    public static function coming(PatchRow $row, Revision $revision, Mode $mode, string $words): self
    {
        return new self($row->line, $row->name, 'new', $words, $row, null, $revision, $mode);
    }

    /** @param list<string> $differences */
    public static function there(PatchRow $row, Unit $unit, Mode $mode, array $differences): self
    {
        return new self(
            $row->line,
            $row->name,
            [] === $differences ? 'same' : 'change',
            [] === $differences ? 'as it is' : implode(', ', $differences),
            $row,
            $unit,
            $unit->revision(),
            $mode,
        );
    }
}
