<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Look\Stack;

/** `look.stack` {"units":[{"id","kinds","rest"}],"layers":[{"level","values":{"id":[v|null…]}}]} → {"values":{"id":[v…]}}. */
final class LookStackTopic implements Topic
{
    private const KINDS = ['intensity', 'other'];

    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['units', 'layers']);
        $units = $in->each('units', self::unit(...));
        $layers = $in->each('layers', self::layer(...));
        UniqueIds::require($in->path('units'), array_column($units, 'id'));
        $counts = [];
        foreach ($units as $index => ['id' => $id, 'kinds' => $kinds, 'rest' => $rest]) {
            self::requireCount($in->path('units')."[{$index}].rest", $rest, \count($kinds), $id);
            $counts['#'.$id] = \count($kinds);
        }
        foreach ($layers as $index => [, $values]) {
            foreach ($values as $key => $list) {
                $id = substr($key, 1);
                $field = $in->path('layers')."[{$index}].values.{$id}";
                self::requireCount($field, $list, $counts[$key] ?? throw InputError::unknownFixture($field, $id), $id);
            }
        }
        $stacked = [];
        foreach ($units as ['id' => $id, 'kinds' => $kinds, 'rest' => $rest]) {
            $mine = [];
            foreach ($layers as [$level, $values]) {
                if (isset($values['#'.$id])) {
                    $mine[] = [$level, $values['#'.$id]];
                }
            }
            $stack = new Stack(array_map(static fn (string $kind): bool => 'intensity' === $kind, $kinds), $rest);
            $stacked[$id] = $stack->values($mine);
        }

        return ['values' => (object) $stacked];
    }

    /** @return array{id: string, kinds: list<string>, rest: list<int>} */
    private static function unit(mixed $item, string $path): array
    {
        $in = Members::of($item, ['id', 'kinds', 'rest'], $path);

        return [
            'id' => $in->text('id'),
            'kinds' => $in->each('kinds', static function (mixed $kind, string $at): string {
                $kind = Scalars::text($kind, $at);

                return \in_array($kind, self::KINDS, true) ? $kind : throw InputError::notAChoice($at, $kind, self::KINDS);
            }),
            'rest' => $in->each('rest', static fn (mixed $value, string $at): int => Scalars::whole($value, $at, 0, 255)),
        ];
    }

    /** @return array{float, array<string, list<int|null>>} level, and values by id with # before it */
    private static function layer(mixed $item, string $path): array
    {
        $in = Members::of($item, ['level', 'values'], $path);
        $level = $in->number('level', 0, 1);
        $values = [];
        foreach ($in->named('values') as $id => $list) {
            $at = $in->path('values').'.'.$id;
            if (!\is_array($list)) {
                throw InputError::wrongType($at, 'a list', $list);
            }
            $values['#'.$id] = array_map(
                static fn (mixed $value, int $index): ?int => null === $value ? null : Scalars::whole($value, "{$at}[{$index}]", 0, 255),
                array_values($list),
                array_keys(array_values($list)),
            );
        }

        return [$level, $values];
    }

    /** @param list<int|null> $list */
    private static function requireCount(string $field, array $list, int $expected, string $id): void
    {
        if (\count($list) !== $expected) {
            throw InputError::valuesCount($field, \count($list), $expected, InputError::quote($id));
        }
    }
}
