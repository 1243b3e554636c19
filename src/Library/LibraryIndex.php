<?php

declare(strict_types=1);

namespace Rigger\App\Library;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Query\QueryBuilder;
use Rigger\App\Library\View\AlikeView;
use Rigger\App\Library\View\ModeView;
use Rigger\App\Library\View\TypeView;
use Rigger\Core\Library\LibraryQuery;
use Rigger\Core\Library\QueryWord;
use Symfony\Component\Uid\Uuid;

/** The searchable side of the library, which the database keeps from the newest chart of each type. */
final readonly class LibraryIndex
{
    public function __construct(private Connection $database)
    {
    }

    /**
     * One page of what fits, by maker and model.
     *
     * @return array{list<TypeView>, int} and how many fit in all
     */
    public function page(LibraryQuery $query, int $page, int $size): array
    {
        // What fits is found once and counted; only the page's own rows are read whole.
        $fitting = $this->fitting($query)->select('e.type_id, e.maker, e.model');
        $found = $this->database->fetchAllAssociative(
            'WITH fit AS MATERIALIZED ('.$fitting->getSQL().') SELECT e.*, (SELECT COUNT(*) FROM fit) AS total'
            .' FROM (SELECT * FROM fit ORDER BY maker, model LIMIT '.$size.' OFFSET '.($page - 1) * $size
            .') page JOIN library_entry e USING (type_id) ORDER '
                .'BY e.maker, e.model',
            $fitting->getParameters(),
            $fitting->getParameterTypes(),
        );

        return [array_map(self::view(...), $found), [] === $found ? $this->count($query, $page) : self::whole($found[0]['total'])];
    }

    /**
     * Other fixtures with a mode of the same shape: the same functions in the same order.
     *
     * @return list<AlikeView>
     */
    public function alikes(Uuid $typeId, string $modeKey): array
    {
        $rows = $this->database->fetchAllAssociative(<<<'SQL'
            SELECT o.type_id, e.maker, e.model, e.kind, o.key, o.name, o.channels FROM library_mode m
            JOIN library_mode o ON md5(o.shape) = md5(m.shape) AND o.shape = m.shape AND o.type_id <> m.type_id
            JOIN library_entry e ON e.type_id = o.type_id
            WHERE m.type_id = :type AND m.key = :mode AND m.channels > 0 ORDER BY e.maker, e.model, o.name LIMIT 50
            SQL, ['type' => (string) $typeId, 'mode' => $modeKey]);

        return array_map(
            static fn (array $row): AlikeView => new AlikeView(
                self::text($row['type_id']),
                self::text($row['maker']),
                self::text($row['model']),
                self::text($row['kind']),
                self::text($row['key']),
                self::text($row['name']),
                self::whole($row['channels']),
            ),
            $rows,
        );
    }

    private function count(LibraryQuery $query, int $page): int
    {
        return 1 === $page ? 0 : self::whole($this->fitting($query)->select('COUNT(*)')->fetchOne());
    }

    private function fitting(LibraryQuery $query): QueryBuilder
    {
        $builder = $this->database->createQueryBuilder()->from('library_entry', 'e');
        foreach ($query->words as $nth => $word) {
            $this->whereWord($builder, $word, $nth);
        }
        if ($query->asksOfModes()) {
            $conditions = ['m.channels BETWEEN :least AND :most'];
            $builder->setParameter('least', $query->least ?? 0)->setParameter('most', $query->most ?? 512);
            if ([] !== $query->emitters) {
                $conditions[] = 'm.emitters @> ARRAY[:emitters]::text[]';
                $builder->setParameter('emitters', $query->emitters, ArrayParameterType::STRING);
            }
            $builder->andWhere('e.type_id IN (SELECT m.type_id FROM library_mode m WHERE '.implode(' AND ', $conditions).')');
        }

        return $builder;
    }

    private function whereWord(QueryBuilder $builder, QueryWord $word, int $nth): void
    {
        $builder->setParameter('word'.$nth, '%'.addcslashes($word->text, '%_\\').'%');
        $either = ['e.words LIKE :word'.$nth];
        foreach (['functions' => $word->function, 'emitters' => $word->emitter] as $column => $value) {
            if (null !== $value) {
                $either[] = \sprintf('e.%s @> ARRAY[:%1$s%d]::text[]', $column, $nth);
                $builder->setParameter($column.$nth, $value);
            }
        }
        $builder->andWhere('('.implode(' OR ', $either).')');
    }

    /** @param array<string, mixed> $row */
    private static function view(array $row): TypeView
    {
        /** @var list<array{key: string, name: string, channels: int, display: string|null}> $modes */
        $modes = json_decode(self::text($row['modes']), true, 16, \JSON_THROW_ON_ERROR);

        return new TypeView(
            self::text($row['type_id']), self::text($row['maker']), self::text($row['model']), self::text($row['kind']),
            self::whole($row['revision']),
            array_map(
                static fn (array $mode): ModeView => new ModeView($mode['key'], $mode['name'], $mode['channels'], $mode['display']),
                $modes,
            ),
        );
    }

    private static function text(mixed $value): string
    {
        return \is_string($value) ? $value : throw new \LogicException('The library index gave no text.');
    }

    private static function whole(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : throw new \LogicException('The library index gave no number.');
    }
}
