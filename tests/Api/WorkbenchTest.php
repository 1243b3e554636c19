<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Rigger\App\Tests\Support\ApiTestCase;

/** Charts read, edited, checked, compared and taken, over HTTP. */
final class WorkbenchTest extends ApiTestCase
{
    private const PAGE = "4-channel mode\nCH1 Dimmer 000-255\nCH2 Red 000-255\n"
        ."CH3 Green 000-255\nCH4 Shutter\n000-009 closed\n010-255 open";

    public function testAPageBecomesAModeOfTheChart(): void
    {
        [$path, $typeId] = $this->begun();
        $chart = $this->ask('GET', '/api/types/'.$typeId)['chart'];
        $edited = $this->ask(
            'POST',
            '/api/charts/edit',
            ['chart' => $chart, 'edit' => ['op' => 'take-page', 'text' => self::PAGE]],
        )['chart'];

        self::assertSame(['red', 'green'], array_column($edited['emitters'], 'key'));
        self::assertSame(['4-channel mode', 4], [$edited['modes'][0]['name'], $edited['modes'][0]['count']]);
        $rig = $this->change($path, 2, ['do' => 'write-chart', 'type' => $typeId, 'revision' => 1, 'chart' => $edited]);
        self::assertSame('Mote: emitter red added; emitter green added; mode 4-channel mode added', $rig['undo']);
        // A page of the same mode takes the place of its channels, and what the unit shows stays.
        $edited['modes'][0]['display'] = 'A001';
        $again = $this->ask(
            'POST',
            '/api/charts/edit',
            ['chart' => $edited, 'edit' => ['op' => 'take-page', 'text' => str_replace('009', '019', self::PAGE), 'modes' => [0]]],
        )['chart'];
        self::assertSame(['A001', 19], [$again['modes'][0]['display'], $again['modes'][0]['channels'][3]['ranges'][0]['to']]);
    }

    public function testAnEditThatCannotBeMadeSaysWhyAndStoresNothing(): void
    {
        [, $typeId] = $this->begun();
        $chart = $this->ask('GET', '/api/types/'.$typeId)['chart'];
        $problem = $this->ask(
            'POST',
            '/api/charts/edit',
            ['chart' => $chart, 'edit' => ['op' => 'take-page', 'text' => 'The tide is out.']],
            422,
        );
        self::assertSame('nothing_read', $problem['violations'][0]['code']);
        self::assertSame([], $this->ask('GET', '/api/types/'.$typeId)['chart']['modes']);
    }

    public function testFindingsComeWithRepairsThatPutThemRight(): void
    {
        $chart = $this->drum();
        $gap = $this->finding($chart, 'range_gap');
        self::assertSame(
            ['Let "Embers" reach up', 'Let "Sound" reach down', 'Say it does nothing'],
            array_column($gap['repairs'], 'label'),
        );
        $repaired = $this->ask('POST', '/api/charts/edit', ['chart' => $chart, 'edit' => $gap['repairs'][1]['edit']])['chart'];
        self::assertNotContains(
            'range_gap',
            array_column($this->ask('POST', '/api/charts/check', ['chart' => $repaired])['findings'], 'code'),
        );
    }

    public function testAnAcceptedCautionNeedsNoRevisionAndCanBeUndone(): void
    {
        $id = $this->demoRig();
        $typeId = self::unit($this->ask('GET', '/api/rigs/'.$id), 'Drum 1')['typeId'];
        $chart = $this->drum();
        $finding = $this->finding($chart, 'zero_is_dark');
        $which = array_intersect_key($finding, array_flip(['code', 'mode', 'channel', 'from', 'to']));
        $accepted = $this->ask(
            'POST',
            '/api/charts/edit',
            ['chart' => $chart, 'edit' => ['op' => 'accept', 'note' => 'page 7'] + $which],
        )['chart'];
        $rig = $this->change($id, 1, ['do' => 'write-chart', 'type' => $typeId, 'revision' => 1, 'chart' => $accepted]);

        self::assertSame(1, $this->ask('GET', '/api/types/'.$typeId)['revision']);
        self::assertSame('page 7', $this->finding($this->ask('GET', '/api/types/'.$typeId)['chart'], 'zero_is_dark')['accepted']);
        self::assertSame('Drum 6: what is noted beside the chart changed', $rig['undo']);
        $this->change($id, 2, ['do' => 'undo']);
        self::assertNull($this->finding($this->ask('GET', '/api/types/'.$typeId)['chart'], 'zero_is_dark')['accepted']);
    }

    public function testASearchByFaderSaysWhatToTryAndWhereTheManualDiffers(): void
    {
        $chart = $this->drum();
        $ask = fn (array $notes): array => $this->ask(
            'POST',
            '/api/charts/learn',
            ['chart' => $chart, 'mode' => 'nine', 'channel' => 7, 'notes' => $notes],
        );
        $notes = [];
        $answer = $ask($notes);
        while (null !== $answer['try'] && \count($notes) < 30) {
            $notes[] = ['value' => $answer['try'], 'what' => $answer['try'] < 26 ? 'dark' : ($answer['try'] < 211 ? 'flashing' : 'open')];
            $answer = $ask($notes);
        }

        self::assertSame(
            [[0, 25, 'closed'], [26, 210, 'strobe'], [211, 255, 'open']],
            array_map(static fn (array $range): array => [$range['from'], $range['to'], $range['function']], $answer['ranges']),
        );
        self::assertSame(
            ['"dark" was seen at 0–25; the manual says 0–23.', '"flashing" was seen at 26–210; the manual says 24–210.'],
            $answer['differences'],
        );
    }

    public function testModesStandSideBySideWithWhatTheyCostHere(): void
    {
        $id = $this->demoRig();
        $typeId = self::unit($this->ask('GET', '/api/rigs/'.$id), 'Batten')['typeId'];
        $modes = $this->ask('GET', '/api/rigs/'.$id.'/types/'.$typeId.'/modes');

        self::assertSame([4, 8, 27], array_column($modes['modes'], 'channels'));
        self::assertSame('13 of its 27 channels have no fader.', $modes['modes'][2]['fadersSentence']);
        self::assertSame('8 cells × 3 + 3 for all = 27, as stated.', $modes['modes'][2]['cellsSentence']);
        self::assertSame([1, 18], [$modes['units'], $modes['modes'][2]['unitsInAUniverse']]);
        $red = array_values(array_filter($modes['functions'], static fn (array $row): bool => 'red' === $row['function']))[0];
        self::assertCount(8, $red['channels'][2]);
    }

    public function testANewerRevisionIsSeenBeforeItIsTaken(): void
    {
        $id = $this->demoRig();
        $path = '/api/rigs/'.$id;
        $typeId = self::unit($this->ask('GET', $path), 'Drum 1')['typeId'];
        $chart = $this->drum();
        $at = array_search('nine', array_column($chart['modes'], 'key'), true);
        $chart['modes'][$at]['channels'][6]['label'] = 'Gate';
        foreach ([0 => [0, 254], 1 => [255, 255], 2 => null] as $index => $bounds) {
            if (null === $bounds) {
                unset($chart['modes'][$at]['channels'][6]['ranges'][$index]);
                continue;
            }
            [
                $chart['modes'][$at]['channels'][6]['ranges'][$index]['from'],
                $chart['modes'][$at]['channels'][6]['ranges'][$index]['to'],
            ] = $bounds;
        }
        $chart['modes'][$at]['channels'][6]['ranges'] = array_values($chart['modes'][$at]['channels'][6]['ranges']);
        $this->change($path, 1, ['do' => 'write-chart', 'type' => $typeId, 'revision' => 1, 'chart' => $chart]);

        $preview = $this->ask('GET', $path.'/types/'.$typeId.'/take');
        self::assertSame([1, 2, null], [$preview['from'], $preview['to'], $preview['hindrance']]);
        self::assertSame(['Shutter', 'Gate'], [$preview['faders'][0]['before'], $preview['faders'][0]['after']]);
        self::assertSame(1, $preview['charts'][0]['differ']);
        self::assertNotSame(
            [],
            array_filter($preview['looks'], static fn (array $look): bool => 'dark' === $look['after'] && 'dark' !== $look['before']),
        );

        $revisions = $this->ask('GET', '/api/types/'.$typeId.'/revisions')['revisions'];
        self::assertSame([2, 1], array_column($revisions, 'number'));
        self::assertSame(
            [[], ['The Tidekeeper']],
            array_map(static fn (array $revision): array => array_column($revision['uses'], 'rig'), $revisions),
        );
        $compared = $this->ask('GET', '/api/types/'.$typeId.'/compare/'.$typeId.'?mode=nine&otherMode=nine&revision=1&otherRevision=2');
        self::assertSame(1, $compared['differ']);
        self::assertStringContainsString('Called "Gate" instead of "Shutter".', implode(' ', $compared['channels'][6]['words']));
    }

    public function testALookAlikeIsFoundComparedAndStartedFrom(): void
    {
        $id = $this->demoRig();
        $this->bring('fixtures/sedge-pail-7');
        $typeId = self::unit($this->ask('GET', '/api/rigs/'.$id), 'Drum 1')['typeId'];
        $alikes = $this->ask('GET', '/api/types/'.$typeId.'/alikes?mode=nine')['alikes'];
        self::assertContains('Pail 7', array_column($alikes, 'model'));

        $made = $this->changed(
            $id,
            1,
            ['do' => 'begin-type', 'maker' => 'Sedge', 'model' => 'Pail 9', 'kind' => 'wash', 'like' => $typeId, 'likeMode' => 'nine'],
        );
        $chart = $this->ask('GET', '/api/types/'.$made['made'][0])['chart'];
        self::assertSame(['Pail 9', 1, 9], [$chart['model'], \count($chart['modes']), \count($chart['record']['untried'])]);
        $tried = $this->ask(
            'POST',
            '/api/charts/edit',
            ['chart' => $chart, 'edit' => ['op' => 'tried', 'mode' => 'nine', 'channel' => 3]],
        )['chart'];
        self::assertCount(8, $tried['record']['untried']);
    }

    public function testTheLibraryIsSearchedByWhatFixturesCanDo(): void
    {
        foreach (['marram-drum-6', 'tolland-batten-8', 'skerry-spin-40', 'lomas-haar', 'ousel-tape-driver'] as $name) {
            $this->bring('fixtures/'.$name);
        }
        $found = fn (string $search): array => array_column(
            $this->ask('GET', '/api/types?search='.rawurlencode($search))['types'],
            'model',
        );
        self::assertSame(['Drum 6'], $found('RGBAW under 10 channels'));
        self::assertSame([], $found('RGBAW under 5 channels'));
        self::assertSame(['Spin 40'], $found('skerry'));
        self::assertSame(['Spin 40'], $found('gobo'));
        self::assertSame(['Batten 8'], $found('over 20 channels'));
        self::assertContains('Haar', $found('hazer'));
        self::assertSame([], $found("%' OR 1=1 --"));
    }

    /** @return array{string, string} path of a rig, and an empty chart in it */
    private function begun(): array
    {
        $path = '/api/rigs/'.$this->demoRig();

        return [
            $path,
            $this->changed($path, 1, ['do' => 'begin-type', 'maker' => 'Skerry', 'model' => 'Mote', 'kind' => 'spot'])['made'][0],
        ];
    }

    /** @return array<string, mixed> */
    private function drum(): array
    {
        return $this->ask('GET', '/api/types/'.$this->bring('fixtures/marram-drum-6')['id'])['chart'];
    }

    /**
     * @param array<string, mixed> $chart
     *
     * @return array<string, mixed>
     */
    private function finding(array $chart, string $code): array
    {
        foreach ($this->ask('POST', '/api/charts/check', ['chart' => $chart])['findings'] as $finding) {
            if ($finding['code'] === $code && 'nine' === $finding['mode']) {
                return $finding;
            }
        }
        self::fail('Nothing is said of '.$code);
    }
}
