<?php

declare(strict_types=1);

namespace Rigger\App\Http;

use Nelmio\ApiDocBundle\OpenApiPhp\Util;
use OpenApi\Annotations\OpenApi;
use Rigger\Core\Change\Shape;
use Rigger\Core\Change\Shape\Each;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Slots;
use Rigger\Core\Change\Shape\Table;
use Rigger\Core\Change\Shape\Wholes;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Colour\SaidColour;

/** Schemas of a tagged union, made of the classes that read it. */
final class ShapeSchemas
{
    /**
     * Adds a schema for each class, and one of that name for any of them.
     *
     * @param list<class-string>    $classes
     * @param array<string, string> $more    names of schemas that say nothing but their word, by that word
     */
    public static function union(OpenApi $api, string $union, array $classes, array $more = []): void
    {
        $mapping = [];
        foreach ($classes as $class) {
            $name = self::name($class);
            Util::merge(Util::getSchema($api, $name), self::schema($class, Shape::word($class)), true);
            $mapping[Shape::word($class)] = '#/components/schemas/'.$name;
        }
        foreach ($more as $word => $name) {
            Util::merge(
                Util::getSchema($api, $name),
                ['type' => 'object', 'required' => ['do'], 'properties' => ['do' => ['type' => 'string', 'enum' => [$word]]]],
                true,
            );
            $mapping[$word] = '#/components/schemas/'.$name;
        }
        Util::merge(
            Util::getSchema($api, $union),
            [
                'oneOf' => array_map(static fn (string $ref): array => ['$ref' => $ref], array_values($mapping)),
                'discriminator' => ['propertyName' => 'do', 'mapping' => $mapping],
            ],
            true,
        );
    }

    /** @param class-string $class */
    private static function name(string $class): string
    {
        return substr($class, (int) strrpos($class, '\\') + 1);
    }

    /**
     * @param class-string $class
     *
     * @return array<string, mixed>
     */
    private static function schema(string $class, ?string $word): array
    {
        $properties = null === $word ? [] : ['do' => ['type' => 'string', 'enum' => [$word]]];
        $required = array_keys($properties);
        foreach (Shape::parameters($class) as $parameter) {
            $properties[$parameter->name] = self::property($parameter);
            if (!$parameter->isDefaultValueAvailable()) {
                $required[] = $parameter->name;
            }
        }

        return ['type' => 'object', 'required' => $required, 'properties' => $properties];
    }

    /** @return array<string, mixed> */
    private static function property(\ReflectionParameter $parameter): array
    {
        $type = $parameter->getType();
        $hint = Shape::hint($parameter);
        $schema = match (true) {
            $hint instanceof Ids => [
                'type' => 'array',
                'items' => ['type' => 'string', 'format' => 'uuid'],
                'minItems' => $hint->mayBeEmpty ? 0 : 1,
            ],
            $hint instanceof Wholes => [
                'type' => 'array',
                'items' => ['type' => 'integer', 'minimum' => $hint->min, 'maximum' => $hint->max],
            ],
            $hint instanceof Slots => [
                'type' => 'object',
                'additionalProperties' => ['type' => 'integer', 'minimum' => 0, 'maximum' => 255],
            ],
            $hint instanceof Each => ['type' => 'array', 'items' => self::schema($hint->class, null)],
            $hint instanceof Table && $hint->isOneRow => ['type' => 'array', 'items' => ['type' => ['string', 'null']]],
            $hint instanceof Table => ['type' => 'array', 'items' => ['type' => 'array', 'items' => ['type' => 'string']]],
            $hint instanceof OneOf => ['type' => 'string', 'enum' => $hint->words],
            $type instanceof \ReflectionNamedType && SaidColour::class === $type->getName() => [
                'type' => 'object',
                'properties' => ['hex' => ['type' => 'string']] + array_fill_keys(['x', 'y', 'kelvin', 'duv'], ['type' => 'number']),
            ],
            default => ['type' => match ($type instanceof \ReflectionNamedType ? $type->getName() : '') {
                'int' => 'integer',
                'float' => 'number',
                'bool' => 'boolean',
                'string' => 'string',
                default => 'object',
            }],
        };
        if ($hint instanceof Within) {
            $schema += ['minimum' => $hint->min, 'maximum' => $hint->max];
        }
        if (true === $type?->allowsNull()) {
            $schema['type'] = [$schema['type'], 'null'];
        }

        return $schema;
    }
}
