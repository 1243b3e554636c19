<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Golden;

/** Views of a rig as they were before the spine was redrawn: ids by the order in which they appear, times left out, and of a repair what its button says. */
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
        $plain['findings'] = array_map(static function (array $one): array {
            $labels = array_values(array_filter(array_map(static fn (?array $repair): ?string => $repair['label'] ?? null, [$one['repair'], ...$one['others']]), static fn (?string $label): bool => null !== $label));
            unset($one['repair'], $one['others'], $one['key']);

            return $one + ['buttons' => $labels];
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

        return preg_replace_callback('/[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}/', fn (array $id): string => $this->ids[$id[0]] ??= '#'.(\count($this->ids) + 1), $text) ?? $text;
    }
}
