<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Doctrine\ORM\EntityManagerInterface;
use Rigger\App\Tests\Support\ApiTestCase;
use Rigger\App\Tests\Support\QueryCounter;

final class DeskAndLooksTest extends ApiTestCase
{
    public function testEveryFaderIsNamedByWhatItDoes(): void
    {
        $rig = $this->ask('GET', '/api/rigs/'.$this->demoRig());
        self::assertCount(140, $rig['desk']['strips']);
        $shutter = array_values(array_filter($rig['desk']['strips'], static fn (array $strip): bool => 7 === $strip['address']))[0];
        self::assertSame(
            ['Shutter', ['Drum 1', 'Drum 2'], ['Closed', 'Flash, slow to fast', 'Open']],
            [$shutter['label'], array_column($shutter['units'], 'name'), array_column($shutter['ranges'], 'label')],
        );
    }

    public function testTheLiveAnswerFollowsFadersAndTheRadioLink(): void
    {
        $id = $this->demoRig();
        $lamp = fn (string $name, array $slots): array => self::named(
            $this->ask('POST', '/api/rigs/'.$id.'/live', ['slots' => $slots])['lamps'],
            $name,
        );
        self::assertTrue($lamp('Tape', ['127' => 255])['cells'][0]['brightness'] > 0);
        self::assertSame(
            $lamp('Drum 1', ['1' => 255, '2' => 255, '7' => 230])['cells'],
            $lamp('Drum 2', ['1' => 255, '2' => 255, '7' => 230])['cells'],
        );
        self::assertStringContainsString('Shutter (7) at 9 is in Closed, 0–23', $lamp('Drum 1', ['1' => 255, '2' => 255, '7' => 9])['why']);

        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $this->change(
            $id,
            $rig['version'],
            ['do' => 'tune-link', 'link' => self::named($rig['links'], 'Booth left')['id'], 'name' => 'Birch'],
        );
        $tape = $lamp('Tape', ['127' => 255]);
        self::assertSame(
            ['silent', 'Tape does not respond: its receiver is set to Alder, and Booth left sends on Birch.'],
            [$tape['state'], $tape['why']],
        );
    }

    public function testBadFaderValuesAreRefused(): void
    {
        $id = $this->demoRig();
        self::assertSame(
            'address_out_of_range',
            $this->ask('POST', '/api/rigs/'.$id.'/live', ['slots' => ['513' => 1]], 422)['violations'][0]['code'],
        );
        self::assertSame(
            'out_of_range',
            $this->ask('POST', '/api/rigs/'.$id.'/live', ['slots' => ['1' => 256]], 422)['violations'][0]['code'],
        );
    }

    public function testRecordsAndReadsTheStepsToStoreIt(): void
    {
        $id = $this->demoRig();
        $rig = $this->change(
            $id,
            1,
            ['do' => 'record-look', 'name' => 'Ebb', 'bank' => 3, 'number' => 1, 'slots' => ['15' => 100, '22' => 40]],
        );
        $look = self::named($rig['looks'], 'Ebb');
        self::assertSame(
            ['Button 2, inner: fader 1 Dimmer at 100', 'Button 2, outer: fader 1 Programs at 40'],
            \array_slice($look['lines'], 1, 2),
        );
        self::assertSame('Drawer 3, memory 1', $look['where']);
        self::assertSame('Recorded Ebb at bank 3, scene 1', $rig['undo']);
    }

    public function testWhatIsMeantIsKeptBesideItsValuesAndTakenBack(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        [$drum, $look] = [self::named($rig['units'], 'Drum 1')['id'], self::named($rig['looks'], 'Lantern')['id']];
        $mine = static fn (array $rig): array => array_column(self::named($rig['looks'], 'Lantern')['cells'], null, 'unitId')[$drum];
        $before = $mine($rig);
        self::assertNull($before['intent']);
        $this->change($id, 1, ['do' => 'light-units', 'look' => $look, 'units' => [$drum], 'level' => 0.5, 'colour' => ['kelvin' => 3200]]);
        $lit = $this->ask('GET', '/api/rigs/'.$id);
        self::assertSame([0.5, '3200 K', 'brightest'], [
            $mine($lit)['intent']['level'], $mine($lit)['intent']['colour'], $mine($lit)['intent']['recipe'],
        ]);
        self::assertNotSame($before['values'], $mine($lit)['values']);
        self::assertSame('Set Drum 1 in Lantern to 50 %, 3200 K', $this->ask('GET', '/api/rigs/'.$id.'/changes')['changes'][0]['sentence']);
        $this->change($id, 2, ['do' => 'undo']);
        self::assertSame($before, $mine($this->ask('GET', '/api/rigs/'.$id)));
        $this->change($id, 3, ['do' => 'redo']);
        self::assertSame($mine($lit), $mine($this->ask('GET', '/api/rigs/'.$id)));
        $this->change($id, 4, ['do' => 'leave-out', 'look' => $look, 'units' => [$drum]]);
        self::assertNotContains($drum, array_column(self::named($this->ask('GET', '/api/rigs/'.$id)['looks'], 'Lantern')['cells'], 'unitId'));
    }

    public function testAnEmptyLookLeavesEverybodyAlone(): void
    {
        $id = $this->demoRig();
        $rig = $this->change($id, 1, ['do' => 'begin-look', 'name' => 'Ebb', 'bank' => 3, 'number' => 1]);
        self::assertSame([], self::named($rig['looks'], 'Ebb')['cells']);
        $this->change($id, 2, ['do' => 'begin-look', 'name' => 'Flood', 'bank' => 3, 'number' => 1], 422);
    }

    public function testHowAColourIsMixedIsAskedWithoutChangingAnything(): void
    {
        $id = $this->demoRig();
        $units = $this->ask('GET', '/api/rigs/'.$id)['units'];
        $ask = fn (array $colour, int $status = 200): array => $this->ask('POST', '/api/rigs/'.$id.'/looks/mix', [
            'units' => [self::named($units, 'Drum 1')['id'], self::named($units, 'Spin L')['id']],
        ] + ([] === $colour ? [] : ['colour' => $colour]), $status);
        self::assertNull($ask([])['colour']);
        [$drum, $spin] = $ask(['hex' => '#c8d8ff'])['units'];
        self::assertSame(['red', 'green', 'blue', 'amber', 'white'], array_column($drum['emitters'], 'label'));
        self::assertSame(['brightest', 'white-first', 'three'], array_column($drum['ways'], 'recipe'));
        self::assertGreaterThan($drum['ways'][2]['brightness'], $drum['ways'][0]['brightness']);
        self::assertLessThan(0.004, $drum['ways'][0]['deltaUv']);
        self::assertSame([], $spin['corners']);
        self::assertSame(['It cannot mix colours: this is the nearest of its own.'], $spin['ways'][0]['notes']);
        // At the wheel's own white both are the same; at a colour that both have nobody has to meet.
        $meet = $ask(['hex' => '#c8d8ff'])['meet'];
        self::assertLessThan(0.004, $meet['worst']);
        self::assertGreaterThan(0.01, $meet['away']);
        self::assertNull($ask(['hex' => '#ffffff'])['meet']);
        // A place of the diagram, also one where no colour is.
        self::assertEqualsWithDelta(0.2, $ask(['u' => 0.2, 'v' => 0.45])['colour']['u'], 1e-9);
        self::assertGreaterThan(0.02, $ask(['u' => 0.6, 'v' => 0.1])['units'][0]['ways'][0]['deltaUv']);
        self::assertSame('colour.hex', $ask(['hex' => '#000000'], 422)['violations'][0]['path']);
        self::assertSame(1, $this->ask('GET', '/api/rigs/'.$id)['version']);
    }

    public function testAScenePlaceIsTakenOnceAndWithinTheDesk(): void
    {
        $id = $this->demoRig();
        $record = ['do' => 'record-look', 'name' => 'Ebb', 'slots' => ['1' => 1]];
        $taken = $this->change($id, 1, ['bank' => 1, 'number' => 2] + $record, 422);
        self::assertSame(
            ['number', 'Bank 1, scene 2 holds Tide out already.'],
            [$taken['violations'][0]['path'], $taken['violations'][0]['message']],
        );
        self::assertSame('bank', $this->change($id, 1, ['bank' => 21, 'number' => 1] + $record, 422)['violations'][0]['path']);
        self::assertSame('number', $this->change($id, 1, ['bank' => 2, 'number' => 7] + $record, 422)['violations'][0]['path']);
        self::assertCount(8, $this->ask('GET', '/api/rigs/'.$id)['looks']);
    }

    public function testTheLookThatFlashesIsMadeSteadyWithOneButton(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $flash = array_values(array_filter($rig['findings'], static fn (array $finding): bool => 'fast_flash' === $finding['code']))[0];
        self::assertSame('Make Storm steady', $flash['repair']['label']);
        $rig = $this->change($id, $rig['version'], $flash['repair']['changes']);
        self::assertNotContains('warning fast_flash', self::codes($rig, 'looks'));
        self::assertSame('Made Storm steady', $rig['undo']);
    }

    public function testASenderThatNobodyHearsIsRemovedWithOneButton(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $idle = array_values(array_filter($rig['findings'], static fn (array $finding): bool => 'no_receiver' === $finding['code']))[0];
        $rig = $this->change($id, $rig['version'], $idle['repair']['changes']);
        self::assertNotContains('warning no_receiver', self::codes($rig, 'lines'));
    }

    public function testAnotherDeskIsMappedAtOnce(): void
    {
        $id = $this->demoRig();
        $rig = $this->change($id, 1, ['do' => 'choose-desk', 'desk' => $this->bring('desks/capstan-4')['id']]);
        self::assertSame(['zones', 16], [$rig['desk']['layout'], \count($rig['desk']['strips'])]);
        self::assertContains('error out_of_reach', self::codes($rig, 'desk'));
        $this->change($id, 2, ['do' => 'choose-desk', 'desk' => 'nonsense'], status: 404);
    }

    public function testTheSheetsAreAPdfWithPatchFadersAndSteps(): void
    {
        $id = $this->demoRig();
        $this->client->request('GET', '/api/rigs/'.$id.'/sheets.pdf');
        $pdf = (string) $this->client->getResponse()->getContent();
        self::assertStringStartsWith('%PDF-', $pdf);
        $file = tempnam(sys_get_temp_dir(), 'rigger');
        self::assertNotFalse($file);
        file_put_contents($file, $pdf);
        $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -');
        $size = (string) shell_exec('pdfinfo '.escapeshellarg($file));
        unlink($file);
        foreach ([
            'Patch list',
            '085 to 088',
            'Switches 1 3 5 7 up',
            'Fader map',
            '24–210 Flash, slow to fast',
            'Programming steps',
            'Drawer 1, memory 3: Tide in',
            'Button 1, inner: fader 1 Dimmer at 230, 2 Red at 255',
        ] as $words) {
            self::assertStringContainsString($words, $text);
        }
        self::assertMatchesRegularExpression('/Page size:.*A4/', $size);
        $shown = $this->ask('GET', '/api/rigs/'.$id.'/sheets');
        self::assertSame(1, preg_match('/^Pages: +(\d+)$/m', $size, $found));
        self::assertSame([(int) $found[1], 210.0], [$shown['count'], (float) $shown['width']]);
        self::assertStringContainsString('Patch list', $shown['svg'][0]);
    }

    public function testARigDeletedElsewhereIsSaidToBeGone(): void
    {
        $id = $this->demoRig();
        $this->ask('DELETE', '/api/rigs/'.$id, null, 204);
        foreach ([
            ['GET', '', null],
            ['GET', '/version', null],
            ['POST', '/live', ['slots' => ['1' => 1]]],
            ['POST', '/changes', ['base' => 1, 'changes' => [['do' => 'rename-rig', 'name' => 'X']]]],
        ] as [$method, $path, $body]) {
            self::assertSame('thrown_away', $this->ask($method, '/api/rigs/'.$id.$path, $body, 404)['type']);
        }
    }

    public function testAnotherSitesPageCannotChangeARig(): void
    {
        $id = $this->demoRig();
        $this->client->request('DELETE', '/api/rigs/'.$id, server: ['HTTP_ORIGIN' => 'http://elsewhere.example']);
        self::assertSame(403, $this->client->getResponse()->getStatusCode());
        $this->client->request('GET', '/api/rigs/'.$id, server: ['HTTP_HOST' => 'elsewhere.example']);
        self::assertSame(400, $this->client->getResponse()->getStatusCode());
        $this->client->request('DELETE', '/api/rigs/'.$id, server: ['HTTP_ORIGIN' => 'http://localhost', 'HTTP_HOST' => 'localhost']);
        self::assertSame(204, $this->client->getResponse()->getStatusCode());
    }

    public function testNoQueryIsMadeInALoop(): void
    {
        $id = $this->demoRig();
        [$manager, $counter] = [self::getContainer()->get(EntityManagerInterface::class), self::getContainer()->get(QueryCounter::class)];
        self::assertInstanceOf(EntityManagerInterface::class, $manager);
        self::assertInstanceOf(QueryCounter::class, $counter);
        $count = function () use ($id, $manager, $counter): int {
            $manager->clear();
            $before = $counter->statements;
            $this->ask('GET', '/api/rigs/'.$id);

            return $counter->statements - $before;
        };
        // Charts are read once and then kept.
        $count();
        $small = $count();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $this->change(
            $id,
            1,
            ['do' => 'add-units', 'type' => self::unit($rig, 'Tape')['typeId'], 'mode' => 'three', 'count' => 60, 'name' => 'Ribbon'],
        );
        self::assertSame($small, $count());
        self::assertGreaterThan(3, $small);
        self::assertLessThan(18, $small);
    }
}
