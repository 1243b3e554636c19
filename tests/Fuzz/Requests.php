<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Fuzz;

/**
 * Requests made from the API's own description: some as a form would send them, most with something that does not belong.
 *
 * @phpstan-type Operation array{method: string, path: string, parameters: list<array<string, mixed>>, body: array<string, mixed>|null, isForm: bool}
 */
final class Requests
{
    /** Replaced by what belongs there, so that some requests get far. */
    private const NAMES = [
        'rig',
        'id',
        'type',
        'typeId',
        'other',
        'unitId',
        'unitIds',
        'unit',
        'units',
        'link',
        'look',
        'desk',
        'support',
        'twinOf',
        'like',
        'run',
        'splitter',
        'kit',
        'receiver',
        'circuit',
        'fedBy',
    ];

    /** @var non-empty-list<Operation> */
    private readonly array $operations;
    /** @var non-empty-list<Operation> */
    private readonly array $doors;
    private readonly HostileValues $hostile;

    /**
     * @param array<string, mixed>        $description OpenAPI
     * @param array<string, list<string>> $ids         by what they name: rig, unit, look, link, support, type, desk
     * @param list<string>                $leftOut     "METHOD path" of what is not asked here
     */
    public function __construct(private readonly array $description, private readonly Chance $chance, private array $ids, array $leftOut)
    {
        $this->hostile = new HostileValues($chance);
        $this->operations = $this->read($leftOut);
        $doors = array_values(array_filter(
            $this->operations,
            static fn (array $operation): bool => 'POST /api/rigs/{id}/changes' === $operation['method'].' '.$operation['path'],
        ));
        $this->doors = [] === $doors ? throw new \LogicException('The door is not described.') : $doors;
    }

    public function count(): int
    {
        return \count($this->operations);
    }

    /** @param list<string> $ids */
    public function know(string $kind, array $ids): void
    {
        $this->ids[$kind] = $ids;
    }

    /** @return array{method: string, uri: string, type: string, body: string, label: string} */
    public function next(int $version): array
    {
        // What is done to a rig goes through one door, which stands for forty things.
        $operation = $this->chance->oneOf($this->chance->isIn(60) ? $this->doors : $this->operations);
        $uri = $this->path($operation['path']).$this->query($operation);
        [$type, $body] = null === $operation['body'] && !$operation['isForm'] && $this->chance->isIn(90)
            ? ['', '']
            : $this->body($operation, $version);

        return [
            'method' => $operation['method'],
            'uri' => $uri,
            'type' => $type,
            'body' => $body,
            'label' => $operation['method'].' '.$operation['path'],
        ];
    }

    /**
     * @param list<string> $leftOut
     *
     * @return non-empty-list<Operation>
     */
    private function read(array $leftOut): array
    {
        $operations = [];
        /** @var array<string, array<string, array<string, mixed>>> $paths */
        $paths = $this->description['paths'];
        foreach ($paths as $path => $methods) {
            foreach (array_intersect_key($methods, ['get' => 1, 'post' => 1, 'put' => 1, 'patch' => 1, 'delete' => 1]) as $method => $one) {
                if (\in_array(strtoupper($method).' '.$path, $leftOut, true)) {
                    continue;
                }
                /** @var array{content?: array<string, array{schema?: array<string, mixed>}>} $body */
                $body = $one['requestBody'] ?? [];
                /** @var list<array<string, mixed>> $parameters */
                $parameters = $one['parameters'] ?? [];
                $operations[] = [
                    'method' => strtoupper($method), 'path' => $path, 'parameters' => $parameters,
                    'body' => $body['content']['application/json']['schema'] ?? null,
                    'isForm' => isset($body['content']['multipart/form-data']),
                ];
            }
        }

        return [] === $operations ? throw new \LogicException('The description names no operation.') : $operations;
    }

    private function path(string $path): string
    {
        return (string) preg_replace_callback('/\{(\w+)\}/', function (array $found) use ($path): string {
            if ($this->chance->isIn(12)) {
                return rawurlencode($this->hostile->piece());
            }
            $kind = match (true) {
                'rig' === $found[1] || '/api/rigs/{id}' === substr($path, 0, 14) && 'id' === $found[1] => 'rig',
                str_contains($path, '/units/{id}') => 'unit',
                str_contains($path, '/looks/') => 'look',
                str_contains($path, '/links/') => 'link',
                str_contains($path, '/supports/') => 'support',
                str_contains($path, '/desks/') => 'desk',
                'kind' === $found[1] => null,
                'topic' === $found[1] => 'topic',
                default => 'type',
            };
            $known = null === $kind ? ['list', 'squares', 'labels', 'cards', 'rig', 'chart', 'desk'] : ($this->ids[$kind] ?? []);

            return [] === $known ? 'none' : rawurlencode($this->chance->oneOf($known));
        }, $path);
    }

    /** @param Operation $operation */
    private function query(array $operation): string
    {
        $parts = [];
        foreach ($operation['parameters'] as $parameter) {
            if ('query' !== ($parameter['in'] ?? null) || $this->chance->isIn(true === ($parameter['required'] ?? false) ? 5 : 50)) {
                continue;
            }
            $name = \is_string($parameter['name'] ?? null) ? $parameter['name'] : 'page';
            $value = match (true) {
                $this->chance->isIn(40) => $this->hostile->piece(),
                \in_array($name, self::NAMES, true) => $this->id($name),
                str_ends_with($name, 'ode') => $this->chance->oneOf(['nine', 'eleven', 'four', 'two', 'none']),
                default => (string) $this->chance->whole(0, 5),
            };
            $parts[] = rawurlencode($name).($this->chance->isIn(8) ? '[]' : '').'='.rawurlencode($value);
        }

        return [] === $parts ? '' : '?'.implode('&', $parts);
    }

    /**
     * @param Operation $operation
     *
     * @return array{string, string} type and body
     */
    private function body(array $operation, int $version): array
    {
        if ($operation['isForm']) {
            return $this->chance->isIn(50) ? ['multipart/form-data', ''] : ['application/json', '{}'];
        }
        if ($this->chance->isIn(4)) {
            return [
                $this->chance->oneOf(['application/json', 'text/plain', 'application/x-www-form-urlencoded', 'application/xml']),
                $this->chance->oneOf([
                    '',
                    '{',
                    '[]',
                    'null',
                    '"x"',
                    '1',
                    "{\"a\":\"\xff\"}",
                    $this->chance->bytes(40),
                    str_repeat('[', 2000),
                    '{"base":1,"base":2}',
                ]),
            ];
        }
        $value = $this->value($operation['body'] ?? [], 'body', $version, 0);

        return [
            'application/json',
            (string) json_encode($value, \JSON_PARTIAL_OUTPUT_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE | \JSON_UNESCAPED_SLASHES),
        ];
    }

    /** @param array<string, mixed> $schema */
    private function value(array $schema, string $name, int $version, int $depth): mixed
    {
        if ($this->chance->isIn(0 === $depth ? 2 : 9)) {
            return $this->hostile->any();
        }
        $schema = $this->resolved($schema);
        if ('base' === $name || 'version' === $name || 'revision' === $name) {
            return 'base' === $name ? $version : 1;
        }
        if (\in_array($name, self::NAMES, true) && 'array' !== ($schema['type'] ?? null)) {
            return $this->id($name);
        }
        /** @var list<mixed> $choices */
        $choices = $schema['enum'] ?? [];
        if ([] !== $choices) {
            return $this->chance->oneOf($choices);
        }
        $type = $schema['type'] ?? 'object';
        $type = \is_array($type) ? $this->chance->oneOf([] === $type ? ['string'] : $type) : $type;

        return match ($type) {
            // A few units at a time: the rig is to stay one that a person could have.
            'integer' => $this->chance->whole(0, 'count' === $name ? 2 : 40),
            'number' => $this->chance->whole(-40, 40) / 4,
            'boolean' => $this->chance->isIn(50),
            'null' => null,
            'array' => $this->list($schema, $name, $version, $depth),
            'string' => $this->chance->oneOf([
                'Ebb',
                'Drum 1',
                '37',
                '2/7',
                'nine',
                'eleven',
                'packed',
                'move',
                'Reed Link',
                'Alder',
                'wash',
                'beam',
                'row',
                'software',
                $this->hostile->text(),
            ]),
            default => $this->object($schema, $version, $depth),
        };
    }

    /**
     * @param array<string, mixed> $schema
     *
     * @return list<mixed>
     */
    private function list(array $schema, string $name, int $version, int $depth): array
    {
        /** @var array<string, mixed> $items */
        $items = $schema['items'] ?? [];
        $count = $this->chance->isIn(3) ? 60 : $this->chance->whole(0, 3);

        return array_map(
            fn (): mixed => \in_array($name, self::NAMES, true) && $this->chance->isIn(85) ? $this->id($name) : $this->value(
                $items,
                'item',
                $version,
                $depth + 1,
            ),
            array_fill(0, $count, null),
        );
    }

    /** @param array<string, mixed> $schema */
    private function object(array $schema, int $version, int $depth): object
    {
        $object = new \stdClass();
        if ($depth > 6) {
            return $object;
        }
        /** @var array<string, array<string, mixed>> $properties */
        $properties = $schema['properties'] ?? [];
        /** @var list<string> $required */
        $required = $schema['required'] ?? [];
        foreach ($properties as $name => $property) {
            if ($this->chance->isIn(\in_array($name, $required, true) ? 97 : 35)) {
                $object->{$name} = $this->value($property, $name, $version, $depth + 1);
            }
        }
        // An object without members of its own is a map: values by address, or a document.
        if ([] === $properties && $this->chance->isIn(60)) {
            $object->{(string) $this->chance->whole(0, 520)} = $this->chance->whole(0, 300);
        }
        if ($this->chance->isIn(4)) {
            $object->{$this->chance->oneOf(['extra', '', '__proto__', 'id'])} = $this->hostile->any();
        }

        return $object;
    }

    /**
     * @param array<string, mixed> $schema
     *
     * @return array<string, mixed>
     */
    private function resolved(array $schema): array
    {
        foreach (['oneOf', 'anyOf', 'allOf'] as $word) {
            if (\is_array($schema[$word] ?? null) && [] !== $schema[$word]) {
                $one = $this->chance->oneOf($schema[$word]);
                $schema = \is_array($one) ? $one : [];
            }
        }
        $reference = $schema['$ref'] ?? null;
        if (\is_string($reference)) {
            $components = $this->description['components'] ?? [];
            $schemas = \is_array($components) && \is_array($components['schemas'] ?? null) ? $components['schemas'] : [];
            $schema = $schemas[basename($reference)] ?? [];
        }

        /** @var array<string, mixed> $schema */
        $schema = \is_array($schema) ? $schema : [];

        return isset($schema['oneOf']) || isset($schema['$ref']) ? $this->resolved($schema) : $schema;
    }

    private function id(string $name): string
    {
        $kind = match ($name) {
            'rig' => 'rig',
            'link', 'look', 'desk', 'support', 'run', 'kit', 'receiver' => $name,
            'splitter' => 'item',
            'circuit', 'fedBy' => 'circuit',
            'unitId', 'unitIds', 'unit', 'units', 'twinOf' => 'unit',
            default => 'type',
        };
        $known = $this->ids[$kind] ?? [];

        return [] === $known || $this->chance->isIn(10) ? $this->hostile->text() : $this->chance->oneOf($known);
    }
}
