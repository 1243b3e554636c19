<?php

declare(strict_types=1);

namespace Rigger\App\Repository;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Rigger\App\Problem\Problem;
use Rigger\Core\Input\Json;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Rig\Revision;
use Symfony\Component\Uid\Uuid;
use Symfony\Contracts\Cache\CacheInterface;

/** Charts of the core by their revision's id, kept from request to request: reading and checking one is most of what a small rig costs. */
final class CoreRevisions
{
    /** @var array<string, Revision> by id and stamp */
    private array $known = [];

    public function __construct(private readonly Connection $database, private readonly CacheInterface $stageCache)
    {
    }

    /**
     * @param list<string> $ids
     *
     * @return array<string, Revision> by id
     */
    public function all(array $ids): array
    {
        $ids = array_values(array_unique($ids));

        return [] === $ids ? [] : $this->where('r.id IN (?)', [$ids], [ArrayParameterType::STRING]);
    }

    /** @throws Problem not_found */
    public function latest(string $typeId): Revision
    {
        $found = Uuid::isValid($typeId)
            ? array_values($this->where(
                't.id = ? AND t.thrown_at IS NULL AND r.number = (SELECT MAX(x.number) FROM fixture_revision x WHERE x.type_id = t.id)',
                [$typeId],
                [],
            ))
            : [];

        return $found[0] ?? throw Problem::notFound('This fixture type');
    }

    /**
     * @param list<string> $models in any case
     *
     * @return list<Revision> by maker
     */
    public function latestOfModels(array $models): array
    {
        $models = array_values(array_unique(array_map(mb_strtolower(...), $models)));

        return [] === $models
            ? []
            : array_values($this->where(
                't.thrown_at IS NULL AND LOWER(t.model) IN (?) AND r.number = (SELECT MAX(x.number) FROM fixture_revision x WHERE '
                    .'x.type_id = t.id)',
                [$models],
                [ArrayParameterType::STRING],
            ));
    }

    /**
     * @param list<mixed>              $values
     * @param list<ArrayParameterType> $types
     *
     * @return array<string, Revision> by id, ordered by maker
     */
    private function where(string $condition, array $values, array $types): array
    {
        $found = [];
        // The stamp is the row's version in the database, and its names': a chart that only got other words keeps its id.
        foreach ($this->database->fetchAllAssociative(
            'SELECT r.id, r.type_id, r.number, t.maker, t.model, r.xmin::text || \'.\' || t.xmin::text AS stamp FROM '
                .'fixture_revision r JOIN fixture_type t ON t.id = r.type_id WHERE '.$condition.' ORDER BY t.maker',
            $values,
            $types,
        ) as $one) {
            $row = new Row($one);
            $found[$row->text('id')] = $this->known[$row->text('id').' '.$row->text('stamp')] ??= $this->kept($row);
        }

        return $found;
    }

    private function kept(Row $row): Revision
    {
        $key = 'revision.'.$row->text('id').'.'.$row->text('stamp');
        $revision = $this->stageCache->get(
            $key,
            fn (): Revision => new Revision(
                $row->text('id'),
                $row->text('type_id'),
                $row->whole('number'),
                $row->text('maker'),
                $row->text('model'),
                $this->profile($row->text('id')),
            ),
        );
        $revision->compiledBy(fn (Revision $revision, string $mode): ?CompiledMode => $this->stageCache->get(
            $key.'.'.sha1($mode),
            static fn (): ?CompiledMode => $revision->compile($mode),
        ));

        return $revision;
    }

    private function profile(string $id): FixtureProfile
    {
        $chart = $this->database->fetchOne('SELECT chart FROM fixture_revision WHERE id = ?', [$id]);

        return ProfileReader::read(Json::decode(\is_string($chart) ? $chart : throw new \LogicException('A revision has a chart.')));
    }
}
