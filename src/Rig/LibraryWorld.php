<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Psr\Clock\ClockInterface;
use Rigger\App\Library\Charts;
use Rigger\App\Library\Desks;
use Rigger\App\Library\DeskShelf;
use Rigger\App\Library\KitShelf;
use Rigger\App\Problem\Problem;
use Rigger\App\Repository\CoreRevisions;
use Rigger\Core\Change\World;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Rig\DeskInUse;
use Rigger\Core\Rig\KitInUse;
use Rigger\Core\Rig\Revision;
use Symfony\Component\Uid\Uuid;

/** The library, the clock and new ids for changes of a rig. */
final class LibraryWorld implements World
{
    private bool $hasWritten = false;

    public function __construct(
        private readonly ClockInterface $clock,
        private readonly CoreRevisions $revisions,
        private readonly Desks $desks,
        private readonly DeskShelf $shelf,
        private readonly KitShelf $kits,
        private readonly Charts $charts,
    ) {
    }

    public function now(): \DateTimeImmutable
    {
        // As the database keeps it.
        return new \DateTimeImmutable($this->clock->now()->format('Y-m-d H:i:s'));
    }

    public function newId(): string
    {
        return (string) Uuid::v7();
    }

    public function latest(string $typeId): Revision
    {
        return $this->revisions->latest($typeId);
    }

    public function latestOfModels(array $models): array
    {
        return $this->revisions->latestOfModels($models);
    }

    public function desk(string $id): DeskInUse
    {
        return $this->desks->get($id)->inUse();
    }

    public function kit(string $id): KitInUse
    {
        return $this->kits->get($id)->inUse();
    }

    public function variant(Desk $desk): DeskInUse
    {
        return $this->shelf->variant($desk)->inUse();
    }

    public function beginType(string $maker, string $model, string $kind, ?string $like, ?string $likeMode): string
    {
        $this->hasWritten = true;
        $type = null === $like
            ? $this->charts->begin($maker, $model, $kind)
            : $this->charts->beginLike(self::uuid($like, 'like'), $maker, $model, $likeMode);

        return (string) $type->id();
    }

    public function writeChart(string $typeId, int $base, FixtureProfile $profile): string
    {
        $this->hasWritten = true;

        return $this->charts->write(self::uuid($typeId, 'type'), $base, $profile);
    }

    /** Whether charts were written since it was asked last: then a rig that follows them has to be read anew. */
    public function hasWritten(): bool
    {
        [$hasWritten, $this->hasWritten] = [$this->hasWritten, false];

        return $hasWritten;
    }

    private static function uuid(string $id, string $field): Uuid
    {
        return Uuid::isValid($id) ? Uuid::fromString($id) : throw Problem::at($field, 'wrong_type', 'This is no id that Rigger gave.');
    }
}
