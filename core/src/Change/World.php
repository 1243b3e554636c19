<?php

declare(strict_types=1);

namespace Rigger\Core\Change;

use Rigger\Core\Desk\Desk;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Rig\DeskInUse;
use Rigger\Core\Rig\KitInUse;
use Rigger\Core\Rig\NotThere;
use Rigger\Core\Rig\Revision;

/** What changes need of the world outside of a rig: the time, new ids, and the library of charts and desks. */
interface World
{
    public function now(): \DateTimeImmutable;

    public function newId(): string;

    /**
     * The newest chart of a type.
     *
     * @throws NotThere
     */
    public function latest(string $typeId): Revision;

    /**
     * The newest chart of every type of one of these models, whoever makes it.
     *
     * @param list<string> $models in any case
     *
     * @return list<Revision> by maker
     */
    public function latestOfModels(array $models): array;

    /** @throws NotThere */
    public function desk(string $id): DeskInUse;

    /** @throws NotThere */
    public function kit(string $id): KitInUse;

    /** A description beside the shelf's own of that name: kept, and the same one when it is asked for again. */
    public function variant(Desk $desk): DeskInUse;

    /**
     * Begins a chart, empty or from a look-alike's.
     *
     * @param string|null $like     id of the type that it starts from
     * @param string|null $likeMode the one mode to take over; null for all
     *
     * @return string id of the new type
     */
    public function beginType(string $maker, string $model, string $kind, ?string $like, ?string $likeMode): string;

    /**
     * Writes a chart: over the newest revision while nothing uses it, else as the next one.
     *
     * @param int $base number of the revision that it was edited from
     *
     * @return string what was done, in words
     */
    public function writeChart(string $typeId, int $base, FixtureProfile $profile): string;
}
