<?php

declare(strict_types=1);

namespace Rigger\App\Journal;

use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Mapping\ClassMetadata;

/**
 * Entities as rows: column names with values as the database driver takes them.
 *
 * @internal
 */
final readonly class RowReader
{
    /** The version counts changes, and the wastebasket is no change of a rig: undo puts neither back. */
    private const LEFT_OUT = ['version', 'thrownAt'];

    public function __construct(private EntityManagerInterface $manager)
    {
    }

    /** @return array{table: string, id: string, before: null, after: array<string, mixed>} */
    public function inserted(object $entity): array
    {
        $meta = $this->manager->getClassMetadata($entity::class);
        $data = [];
        foreach ([...$meta->getFieldNames(), ...$meta->getAssociationNames()] as $field) {
            if ($meta->hasField($field) || $meta->isAssociationWithSingleJoinColumn($field)) {
                $data[$field] = $meta->getFieldValue($entity, $field);
            }
        }

        return [
            'table' => $meta->getTableName(),
            'id' => $this->id($meta, $entity),
            'before' => null,
            'after' => $this->columns($meta, $data),
        ];
    }

    /**
     * @param array<string, array{mixed, mixed}|\Doctrine\ORM\PersistentCollection<array-key, object>> $changes
     *
     * @return array{table: string, id: string, before: array<string, mixed>, after: array<string, mixed>}|null
     */
    public function updated(object $entity, array $changes): ?array
    {
        $meta = $this->manager->getClassMetadata($entity::class);
        $before = $after = [];
        foreach ($changes as $field => $change) {
            if (\is_array($change)) {
                [$before[$field], $after[$field]] = $change;
            }
        }
        $before = $this->columns($meta, $before);
        $after = $this->columns($meta, $after);

        return $before === $after
            ? null
            : ['table' => $meta->getTableName(), 'id' => $this->id($meta, $entity), 'before' => $before, 'after' => $after];
    }

    /**
     * @param array<string, mixed> $original
     *
     * @return array{table: string, id: string, before: array<string, mixed>, after: null}
     */
    public function deleted(object $entity, array $original): array
    {
        $meta = $this->manager->getClassMetadata($entity::class);

        return [
            'table' => $meta->getTableName(),
            'id' => $this->id($meta, $entity),
            'before' => $this->columns($meta, $original),
            'after' => null,
        ];
    }

    /**
     * @param ClassMetadata<object> $meta
     * @param array<string, mixed>  $data by field
     *
     * @return array<string, mixed> by column
     */
    private function columns(ClassMetadata $meta, array $data): array
    {
        $platform = $this->manager->getConnection()->getDatabasePlatform();
        $columns = [];
        foreach ($data as $field => $value) {
            if (\in_array($field, self::LEFT_OUT, true)) {
                continue;
            }
            if ($meta->hasField($field)) {
                $type = \Doctrine\DBAL\Types\Type::getType((string) $meta->getTypeOfField($field));
                $columns[$meta->getColumnName($field)] = $type->convertToDatabaseValue(
                    $value instanceof \BackedEnum ? $value->value : $value,
                    $platform,
                );
            } elseif ($meta->isAssociationWithSingleJoinColumn($field)) {
                $columns[$meta->getSingleAssociationJoinColumnName($field)] = \is_object($value)
                    ? $this->id($this->manager->getClassMetadata($value::class), $value)
                    : null;
            }
        }

        return $columns;
    }

    /** @param ClassMetadata<object> $meta */
    private function id(ClassMetadata $meta, object $entity): string
    {
        $id = $meta->getIdentifierValues($entity)['id'] ?? null;

        return $id instanceof \Stringable ? (string) $id : throw new \LogicException('Journalled rows are keyed by UUID.');
    }
}
