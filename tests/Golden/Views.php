<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Golden;

/**
 * Views of a rig as they were before the spine was redrawn: ids by the order in which they appear, times left out, and of a repair what
 * its button says.
 */
final class Views
{
    /** @var array<string, string> */
    private array $ids = [];

    /**
     * @param array<string, mixed> $view
     *
     * @return array<string, mixed>
     */
    public function plain(array $view): array
    {
        $plain = [];
        foreach ($view as $key => $value) {
            $plain[$this->text((string) $key)] = $this->value($value);
        }
        $plain['findings'] = array_map(static function (array $finding): array {
            $labels = array_values(array_filter(
                array_map(static fn (?array $repair): ?string => $repair['label'] ?? null, [$finding['repair'], ...$finding['others']]),
                static fn (?string $label): bool => null !== $label,
            ));
            unset($finding['repair'], $finding['others'], $finding['key']);

            return $finding + ['buttons' => $labels];
        }, $plain['findings']);

        return $plain;
    }

    /**
     * What is otherwise than it was, by section and place.
     *
     * @param array<string, mixed> $before
     * @param array<string, mixed> $after
     *
     * @return array<string, mixed>
     */
    public static function difference(array $before, array $after): array
    {
        $differs = [];
        foreach ($after as $section => $value) {
            $was = $before[$section] ?? null;
            if (!\is_array($value) || !array_is_list($value) || !\is_array($was)) {
                if ($was !== $value) {
                    $differs[$section] = $value;
                }
                continue;
            }
            if (\count($value) !== \count($was)) {
                $differs[$section.' count'] = \count($value);
            }
            foreach ($value as $index => $one) {
                if (($was[$index] ?? null) !== $one) {
                    $differs[$section.' '.$index] = $one;
                }
            }
        }

        return $differs;
    }

    /**
     * What a window makes of an answer: the differences laid over the view that it has.
     *
     * @param array<string, mixed> $rig
     * @param array<string, mixed> $changed
     *
     * @return array<string, mixed>
     */
    public static function merged(array $rig, array $changed): array
    {
        foreach (['version', 'name', 'types', 'universes', 'undo', 'redo'] as $whole) {
            $rig[$whole] = $changed[$whole];
        }
        foreach (['walk', 'links', 'supports', 'holds', 'van', 'house', 'power'] as $ifOther) {
            $rig[$ifOther] = $changed[$ifOther] ?? $rig[$ifOther];
        }
        if (null !== $changed['desk']) {
            $rig['desk'] = $changed['desk']['desk'];
        }
        foreach ($changed['strips']['at'] as $nth => $at) {
            $rig['desk']['strips'][$at] = $changed['strips']['put'][$nth];
        }
        $rig['units'] = self::laid($rig['units'], $changed['units'], 'id');
        $rig['looks'] = self::laid($rig['looks'], $changed['looks'], 'id');
        $rig['runs'] = self::laid($rig['runs'], $changed['runs'], 'id');
        $changed['findings']['put'] = self::withUnits($changed['findings']['put'], $rig['units']);
        // All of the charts' findings come anew.
        $rig['findings'] = self::laid(
            array_values(array_filter($rig['findings'], static fn (array $finding): bool => 'fixtures' !== $finding['stage'])),
            $changed['findings'],
            'key',
        );

        return $rig;
    }

    /**
     * Findings about many units name them by their places in the patch list; a window gives each its ids.
     *
     * @param list<array<string, mixed>> $findings
     * @param list<array<string, mixed>> $units
     *
     * @return list<array<string, mixed>>
     */
    public static function withUnits(array $findings, array $units): array
    {
        return array_map(static function (array $finding) use ($units): array {
            $ids = $finding['unitIds'];
            foreach (array_chunk($finding['unitRuns'], 2) as [$first, $last]) {
                array_push($ids, ...array_column(\array_slice($units, $first, $last - $first + 1), 'id'));
            }

            $finding['unitIds'] = $ids;
            $finding['unitRuns'] = [];

            return $finding;
        }, $findings);
    }

    /**
     * @param list<array<string, mixed>>                                                $list
     * @param array{gone: list<string>, at: list<int>, put: list<array<string, mixed>>} $change
     *
     * @return list<array<string, mixed>>
     */
    private static function laid(array $list, array $change, string $key): array
    {
        $leaving = array_flip([...$change['gone'], ...array_column($change['put'], $key)]);
        $list = array_values(array_filter($list, static fn (array $row): bool => !isset($leaving[$row[$key]])));
        foreach ($change['at'] as $nth => $at) {
            array_splice($list, $at, 0, [$change['put'][$nth]]);
        }

        return $list;
    }

    private function value(mixed $value): mixed
    {
        if (\is_array($value)) {
            $plain = [];
            foreach ($value as $key => $one) {
                $plain[\is_string($key) ? $this->text($key) : $key] = $this->value($one);
            }

            return $plain;
        }

        return \is_string($value) ? $this->text($value) : $value;
    }

    private function text(string $text): string
    {
        $text = preg_replace('/\d{4}-\d\d-\d\dT[\d:.]+(?:Z|[+-]\d\d:\d\d)/', 'T', $text) ?? $text;

        return preg_replace_callback(
            '/[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/',
            fn (array $id): string => $this->ids[$id[0]] ??= '#'.(\count($this->ids) + 1),
            $text,
        ) ?? $text;
    }
}
