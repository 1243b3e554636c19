<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Opis\JsonSchema\Validator;
use Rigger\App\Tests\Support\ApiTestCase;

final class VenueTest extends ApiTestCase
{
    public function testAVenueGoesOutAndComesBackTheSame(): void
    {
        $id = $this->demoRig();
        $this->demoRig();
        $thrown = $this->demoRig();
        $this->bring('desks/skiff-24');
        // A second revision, under another name than the first, and units that still follow the first.
        $type = self::unit($this->ask('GET', '/api/rigs/'.$id), 'Haar')['typeId'];
        $chart = $this->ask('GET', '/api/types/'.$type)['chart'];
        self::assertIsArray($chart);
        $this->change(
            $id,
            1,
            ['do' => 'write-chart', 'type' => $type, 'revision' => 1, 'chart' => ['model' => 'Haar II', 'watts' => 400] + $chart],
        );
        $this->ask('DELETE', '/api/rigs/'.$thrown, null, 204);

        $out = $this->ask('GET', '/api/venues/export?venue=The%20Boathouse%20Studio');
        self::assertSame(['rigger-venue', 2, 'The Boathouse Studio'], [$out['format'], $out['version'], $out['name']]);
        self::assertIsArray($out['rigs']);
        self::assertIsArray($out['charts']);
        self::assertCount(2, $out['rigs']);
        self::assertSame(
            [1, 2],
            array_values(array_unique(array_map(
                static fn (array $chart): int => \count((array) $chart['revisions']),
                array_values(array_filter($out['charts'], is_array(...))),
            ))),
        );

        $validator = new Validator();
        $validator->resolver()?->registerPrefix('urn:rigger:', \dirname(__DIR__, 2).'/docs/formats/');
        self::assertTrue($validator->validate(
            json_decode((string) $this->client->getResponse()->getContent()),
            'urn:rigger:rigger-venue-2.schema.json',
        )->isValid());

        $text = str_replace(
            'The Boathouse Studio',
            'Mill Lane Hall',
            json_encode($out, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION),
        );
        $brought = $this->send('POST', '/api/import', $text);
        self::assertSame(['venue', 'Mill Lane Hall'], [$brought['kind'], $brought['name']]);
        self::assertSame(json_decode($text, true), $this->ask('GET', '/api/venues/export?venue=Mill%20Lane%20Hall'));
        self::assertSame(1, $this->ask('GET', '/api/types?search=Haar')['total'], 'and no chart is there twice');
    }

    public function testAVenueThatDoesNotHoldTogetherIsRefusedAndNothingIsStored(): void
    {
        $this->demoRig();
        $out = $this->ask('GET', '/api/venues/export?venue=The%20Boathouse%20Studio');
        $rigs = $this->ask('GET', '/api/rigs')['total'];
        self::assertIsArray($out['rigs']);
        $out['rigs'][] = ['venue' => 'Mill Lane Hall'] + (array) $out['rigs'][0];
        self::assertSame('rigs[1].venue', $this->ask('POST', '/api/import', $out, 422)['violations'][0]['path']);
        self::assertSame($rigs, $this->ask('GET', '/api/rigs')['total']);
        $this->ask('GET', '/api/venues/export?venue=Nowhere', null, 404);
    }

    public function testTheArchiveSaysWhatItLeavesOut(): void
    {
        $rig = $this->ask('GET', '/api/rigs/'.$this->demoRig());
        $words = implode(' ', (array) $this->ask('GET', '/api/types/'.self::unit($rig, 'Pack A')['typeId'].'/left-out')['words']);
        self::assertStringContainsString('Its address switches.', $words);
        self::assertStringContainsString(
            'how a mode is set',
            implode(' ', (array) $this->ask('GET', '/api/types/'.self::unit($rig, 'Drum 1')['typeId'].'/left-out')['words']),
        );
    }
}
