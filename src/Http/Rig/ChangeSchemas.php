<?php

declare(strict_types=1);

namespace Rigger\App\Http\Rig;

use Nelmio\ApiDocBundle\Describer\DescriberInterface;
use Nelmio\ApiDocBundle\OpenApiPhp\Util;
use OpenApi\Annotations\OpenApi;
use Rigger\App\Http\ShapeSchemas;
use Rigger\Core\Change\ChangeReader;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** Describes the door's tagged union: one schema for each change, made of the class that reads it. */
#[AutoconfigureTag('nelmio_api_doc.describer', ['priority' => 100])]
final class ChangeSchemas implements DescriberInterface
{
    public function describe(OpenApi $api): void
    {
        ShapeSchemas::union($api, 'Change', ChangeReader::ALL, ['undo' => 'Undo', 'redo' => 'Redo']);
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
}
