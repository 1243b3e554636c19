<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Rig;

use Rigger\Core\Change\World;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Line\Radio\KitReader;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Rig\DeskInUse;
use Rigger\Core\Rig\KitInUse;
use Rigger\Core\Rig\NotThere;
use Rigger\Core\Rig\Revision;

/** A world for changes in tests: time stands still, ids are counted, and the library is what it is given. */
final class SmallWorld implements World
{
    private int $ids = 0;
    /** @var list<string> what was asked to be written */
    public array $written = [];

    /**
     * @param list<Revision>  $library newest charts
     * @param list<DeskInUse> $desks
     */
    public function __construct(private readonly array $library = [], private readonly array $desks = [])
    {
    }

    public function now(): \DateTimeImmutable
    {
        return new \DateTimeImmutable('2026-11-27 20:00:00');
    }

    public function newId(): string
    {
        return 'new-'.++$this->ids;
    }

    public function latest(string $typeId): Revision
    {
        foreach ($this->library as $one) {
            if ($one->typeId === $typeId) {
                return $one;
            }
        }
        throw NotThere::unit();
    }

    public function latestOfModels(array $models): array
    {
        $models = array_map(strtolower(...), $models);

        return array_values(array_filter(
            $this->library,
            static fn (Revision $revision): bool => \in_array(strtolower($revision->model), $models, true),
        ));
    }

    public function desk(string $id): DeskInUse
    {
        foreach ($this->desks as $desk) {
            if ($desk->id === $id) {
                return $desk;
            }
        }
        throw NotThere::unit();
    }

    public function kit(string $id): KitInUse
    {
        return new KitInUse($id, KitReader::read(Rigs::json('kits/'.$id)));
    }

    public function variant(Desk $desk): DeskInUse
    {
        return new DeskInUse('variant', $desk, false);
    }

    public function beginType(string $maker, string $model, string $kind, ?string $like, ?string $likeMode): string
    {
        $this->written[] = $maker.' '.$model;

        return $this->newId();
    }

    public function writeChart(string $typeId, int $base, FixtureProfile $profile): string
    {
        $this->written[] = $typeId.' '.$base;

        return 'Wrote '.$profile->model;
    }
}
