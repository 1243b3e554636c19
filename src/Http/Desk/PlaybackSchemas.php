<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk;

use Nelmio\ApiDocBundle\Describer\DescriberInterface;
use Nelmio\ApiDocBundle\OpenApiPhp\Util;
use OpenApi\Annotations\OpenApi;
use Rigger\App\Http\ShapeSchemas;
use Rigger\Core\Playback\CommandReader;
use Rigger\Core\Playback\TrialKind;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** Describes what is said to a seat, and where one stands. */
#[AutoconfigureTag('nelmio_api_doc.describer', ['priority' => 100])]
final class PlaybackSchemas implements DescriberInterface
{
    private const VALUE = ['type' => 'integer', 'minimum' => 0, 'maximum' => 255];
    private const SLOTS = ['type' => 'object', 'additionalProperties' => self::VALUE];

    public function describe(OpenApi $api): void
    {
        ShapeSchemas::union($api, 'Command', CommandReader::ALL);
        Util::merge(Util::getSchema($api, 'Trial'), [
            'type' => 'object',
            'required' => ['kind', 'address', 'index', 'running', 'seconds'],
            'properties' => [
                'kind' => ['type' => 'string', 'enum' => array_column(TrialKind::cases(), 'value')],
                'address' => ['type' => ['integer', 'null'], 'description' => 'Of the fader that is held or blinked'],
                'index' => ['type' => 'integer', 'description' => 'The step of a walk, from 0'],
                'running' => ['type' => 'boolean'],
                'seconds' => ['type' => 'number'],
            ],
        ], true);
        Util::merge(Util::getSchema($api, 'Standing'), ['type' => 'object', 'properties' => [
            'slots' => self::SLOTS + ['description' => 'The faders, by address; of a desk with two rows, the first'],
            'secondRow' => self::SLOTS,
            'master' => self::VALUE,
            'blackout' => ['type' => 'boolean'],
            'crossA' => self::VALUE,
            'crossB' => self::VALUE,
            'recalled' => ['type' => ['string', 'null'], 'description' => 'The look that was recalled last'],
            'trial' => ['oneOf' => [['$ref' => '#/components/schemas/Trial'], ['type' => 'null']]],
            'instead' => ['type' => ['object', 'null'], 'additionalProperties' => self::VALUE],
        ]], true);
    }
}
