<?php

declare(strict_types=1);

namespace Rigger\App\Http\Rig;

use Nelmio\ApiDocBundle\Describer\DescriberInterface;
use Nelmio\ApiDocBundle\OpenApiPhp\Util;
use OpenApi\Annotations\OpenApi;
use Rigger\Core\Change\ChangeReader;
use Rigger\Core\Change\Shape;
use Rigger\Core\Change\Shape\Each;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Slots;
use Rigger\Core\Change\Shape\Table;
use Rigger\Core\Change\Shape\Wholes;
use Rigger\Core\Change\Shape\Within;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** Describes the door's tagged union: one schema for each change, made of the class that reads it. */
#[AutoconfigureTag('nelmio_api_doc.describer', ['priority' => 100])]
final class ChangeSchemas implements DescriberInterface
{
    public function describe(OpenApi $api): void
    {
        $mapping = [];
        foreach (ChangeReader::ALL as $class) {
            $name = self::name($class);
            Util::merge(Util::getSchema($api, $name), self::schema($class, ChangeReader::word($class)), true);
            $mapping[ChangeReader::word($class)] = '#/components/schemas/'.$name;
        }
        foreach (['undo' => 'Undo', 'redo' => 'Redo'] as $word => $name) {
            Util::merge(
                Util::getSchema($api, $name),
                ['type' => 'object', 'required' => ['do'], 'properties' => ['do' => ['type' => 'string', 'enum' => [$word]]]],
                true,
            );
            $mapping[$word] = '#/components/schemas/'.$name;
        }
        Util::merge(
            Util::getSchema($api, 'Change'),
            [
                'oneOf' => array_map(static fn (string $ref): array => ['$ref' => $ref], array_values($mapping)),
                'discriminator' => ['propertyName' => 'do', 'mapping' => $mapping],
            ],
            true,
        );
        Util::merge(Util::getSchema($api, 'ChangeRequest'), ['type' => 'object', 'required' => ['base', 'changes'], 'properties' => [
            'base' => ['type' => 'integer', 'description' => 'The rig\'s version that the changes were based on'],
            'changes' => [
                'type' => 'array',
                'items' => ['$ref' => '#/components/schemas/Change'],
                'minItems' => 1,
                'maxItems' => ChangeReader::MOST,
            ],
        ]], true);
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
