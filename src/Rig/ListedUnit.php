<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\FixtureRevision;
use Rigger\App\Entity\PatchedFixture;
use Rigger\Core\Listing\PatchRow;
use Rigger\Core\Profile\Mode;

/** What one row of a list would do. */
final readonly class ListedUnit
{
    /**
     * @param string              $what    new, change, same, or left out
     * @param string              $words   what would change, or why it is left out
     * @param PatchedFixture|null $fixture the unit of that name
     */
    private function __construct(
        public int $line,
        public string $name,
        public string $what,
        public string $words,
        public ?PatchRow $row = null,
        public ?PatchedFixture $fixture = null,
        public ?FixtureRevision $revision = null,
        public ?Mode $mode = null,
    ) {
    }

    public static function leftOut(int $line, string $name, string $why): self
    {
        return new self($line, $name, 'left out', $why);
    }

    public static function coming(PatchRow $row, FixtureRevision $revision, Mode $mode, string $words): self
    {
        return new self($row->line, $row->name, 'new', $words, $row, null, $revision, $mode);
    }

    /** @param list<string> $differences */
    public static function there(PatchRow $row, PatchedFixture $fixture, Mode $mode, array $differences): self
    {
        return new self($row->line, $row->name, [] === $differences ? 'same' : 'change', [] === $differences ? 'as it is' : implode(', ', $differences), $row, $fixture, $fixture->revision(), $mode);
    }
}
