<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Rigger\App\Tests\Support\ApiTestCase;

final class LinesTest extends ApiTestCase
{
    public function testTwoSendersOnOneNameAreAnError(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $fern = self::named($rig['links'], 'Booth right')['id'];
        $rig = $this->change($id, 1, ['do' => 'tune-link', 'link' => $fern, 'name' => 'Alder']);
        self::assertContains('error sender_twice', self::codes($rig, 'lines'));
    }

    public function testANewSenderTakesANameThatIsFree(): void
    {
        $id = $this->demoRig();
        [$reed, $loon] = [$this->bring('kits/reed-link')['id'], $this->bring('kits/loon-pair')['id']];
        $rig = $this->change($id, 1, ['do' => 'add-link', 'kit' => $reed, 'label' => 'Gallery']);
        self::assertSame('Birch', self::named($rig['links'], 'Gallery')['name']);
        self::assertCount(8, self::named($rig['links'], 'Gallery')['names']);
        $rig = $this->change($id, 2, ['do' => 'add-link', 'kit' => $loon, 'label' => 'Stalls']);
        self::assertSame(['number', 'sub-number'], array_column(self::named($rig['links'], 'Stalls')['parts'], 'label'));
        self::assertSame('1-1', self::named($rig['links'], 'Stalls')['name']);
        self::assertCount(24, self::named($rig['links'], 'Stalls')['names']);
    }

    public function testNamesAreThoseOfTheKit(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $left = self::named($rig['links'], 'Booth left')['id'];
        $tape = self::unit($rig, 'Tape')['id'];
        $bad = $this->change($id, 1, ['do' => 'tune-link', 'link' => $left, 'name' => 'Oak'], status: 422);
        self::assertSame(['name', 'not_a_choice'], [$bad['violations'][0]['path'], $bad['violations'][0]['code']]);
        $bad = $this->change($id, 1, ['do' => 'connect-unit', 'unit' => $tape, 'link' => $left, 'receiver' => '1-1'], status: 422);
        self::assertSame(['receiver', 'not_a_choice'], [$bad['violations'][0]['path'], $bad['violations'][0]['code']]);
        $this->change($id, 1, ['do' => 'add-link', 'kit' => 'Other', 'label' => 'X'], status: 404);
        $this->change($id, 1, ['do' => 'connect-unit', 'unit' => $tape, 'link' => 'nowhere'], status: 404);
        self::assertSame(1, $this->ask('GET', '/api/rigs/'.$id)['version']);
    }

    public function testAUnitWithoutReceiverIsRepairedWithOneButton(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $panel = self::unit($rig, 'Panel')['id'];
        $fern = self::named($rig['links'], 'Booth right')['id'];
        $rig = $this->change($id, 1, ['do' => 'connect-unit', 'unit' => $panel, 'link' => $fern]);
        self::assertSame('Panel has no receiver set: Booth right sends on Fern.', self::unit($rig, 'Panel')['silence']);
        $repair = array_values(array_filter(
            $rig['findings'],
            static fn (array $finding): bool => 'not_linked' === $finding['code'],
        ))[0]['repair'];
        self::assertSame('Set the receiver of Panel to Fern', $repair['label']);
        $rig = $this->change($id, 2, $repair['changes']);
        self::assertNull(self::unit($rig, 'Panel')['silence']);
    }

    public function testTakingASenderAwayPutsItsUnitsOnCable(): void
    {
        $id = $this->demoRig();
        $left = self::named($this->ask('GET', '/api/rigs/'.$id)['links'], 'Booth left')['id'];
        $rig = $this->change($id, 1, ['do' => 'remove-link', 'link' => $left]);
        self::assertNull(self::unit($rig, 'Tape')['linkId']);
        self::assertNull(self::unit($rig, 'Tape')['receiver']);
        self::assertCount(1, $rig['links']);
    }

    public function testUnitsShareAReceiverThroughEveryWindow(): void
    {
        $id = $this->demoRig();
        $loon = $this->bring('kits/loon-pair')['id'];
        $rig = $this->change($id, 1, ['do' => 'add-link', 'kit' => $loon, 'label' => 'Gallery', 'name' => '2-3']);
        $units = array_map(static fn (string $name): string => self::unit($rig, $name)['id'], ['Drum 1', 'Drum 2']);
        $link = self::named($rig['links'], 'Gallery')['id'];
        $rig = $this->change($id, 2, ['do' => 'add-receiver', 'link' => $link, 'label' => 'Beam box', 'setting' => '1-1', 'units' => $units]);
        $receiver = self::named($rig['links'], 'Gallery')['receivers'][0];
        self::assertSame(['Beam box', '1-1', null], [$receiver['label'], $receiver['setting'], $receiver['pairedAt']]);
        self::assertSame(
            [$receiver['id'], $link, '1-1'],
            [self::unit($rig, 'Drum 2')['receiverId'], self::unit($rig, 'Drum 2')['linkId'], self::unit($rig, 'Drum 2')['receiver']],
        );
        $rig = $this->change($id, 3, ['do' => 'pair-unit', 'unit' => $units[1]]);
        self::assertNotNull(self::unit($rig, 'Drum 1')['pairedAt']);
        self::assertNull(self::unit($rig, 'Drum 1')['silence']);
        self::assertSame('Beam box', $this->ask('GET', '/api/rigs/'.$id.'/units/'.$units[0].'/pairing')['name']);
        // Read anew, and taken back, it is as it was.
        self::assertSame('2-3', self::unit($this->ask('GET', '/api/rigs/'.$id), 'Drum 1')['receiver']);
        $rig = $this->change($id, 4, ['do' => 'undo']);
        self::assertSame('1-1', self::unit($rig, 'Drum 1')['receiver']);
        $bad = $this->change($id, 5, ['do' => 'put-behind', 'unit' => $units[0], 'receiver' => $receiver['id'], 'outputs' => [1]], status: 422);
        self::assertSame('outputs', $bad['violations'][0]['path']);
        self::assertSame(404, $this->change($id, 5, ['do' => 'remove-receiver', 'receiver' => $units[0]], status: 404)['status']);
    }

    public function testAPairingCardSaysTheStepsAndWhatIsPairedIsTicked(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $tape = self::unit($rig, 'Tape')['id'];
        $card = $this->ask('GET', '/api/rigs/'.$id.'/units/'.$tape.'/pairing');
        self::assertSame(['Reed Link', 'Booth left', 'Alder'], [$card['kit'], $card['sender'], $card['setting']]);
        self::assertEquals([2, 10, '10'], [$card['steps'][3]['from'], $card['steps'][3]['to'], $card['steps'][3]['pattern']]);
        $this->change($id, 1, ['do' => 'connect-unit', 'unit' => $tape, 'link' => $rig['links'][0]['id'], 'receiver' => 'Gorse']);
        $rig = $this->change($id, 2, ['do' => 'pair-unit', 'unit' => $tape]);
        self::assertSame('Paired Tape with Booth left on Alder', $rig['undo']);
        self::assertSame('Alder', self::unit($rig, 'Tape')['receiver']);
        self::assertNotNull(self::unit($rig, 'Tape')['setAt'], 'its address came with it');
        foreach (['links', 'pairing'] as $kind) {
            self::assertSame(1, $this->ask('GET', '/api/rigs/'.$id.'/line-sheets/'.$kind)['count'], $kind);
        }
        $haar = self::unit($rig, 'Haar')['id'];
        self::assertSame('no_link', $this->ask('GET', '/api/rigs/'.$id.'/units/'.$haar.'/pairing', null, 409)['type']);
        self::assertSame('no_link', $this->change($id, 3, ['do' => 'pair-unit', 'unit' => $haar], status: 409)['type']);
    }

    public function testPowerIsShownWithItsLoadsAndFollowsTheLooks(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        [$pack, $tape] = [self::unit($rig, 'Pack A')['id'], self::unit($rig, 'Tape')['id']];
        $rig = $this->change($id, 1, ['do' => 'add-circuit', 'amps' => 16, 'name' => 'Extra', 'units' => [$pack]]);
        $rig = $this->change($id, 2, [
            'do' => 'wire-tape', 'unit' => $tape, 'volts' => 12, 'wattsPerMetre' => 14.4, 'metres' => 5, 'wireMetres' => 5, 'mm2' => 1.5,
        ]);
        $rig = $this->change($id, 3, ['do' => 'fit-battery', 'unit' => $tape, 'chemistry' => 'lead', 'ampHours' => 7, 'volts' => 12]);
        $rig = $this->change($id, 4, ['do' => 'load-socket', 'unit' => $pack, 'cell' => 1, 'watts' => '']);
        $circuit = self::named($rig['power']['circuits'], 'Extra');
        self::assertEquals([1950, 8.48, 12.8, 'ok'], [$circuit['watts'], $circuit['drawnAmps'], $circuit['limitAmps'], $circuit['verdict']]);
        $supply = array_values(array_filter($rig['power']['supplies'], static fn (array $one): bool => $one['unitId'] === $tape))[0];
        self::assertEquals([72, 6, 0.69, 5.7, 7.5], [
            $supply['watts'], $supply['tape']['amps'], $supply['tape']['dropVolts'], $supply['tape']['percent'], $supply['tape']['fuse'],
        ]);
        self::assertSame(['+', '-', '-', '-'], array_column($supply['tape']['terminals'], 'sign'));
        $hours = $supply['battery']['hours'];
        // A look in which it shines leaves it less.
        $rig = $this->change($id, 5, [
            'do' => 'record-look', 'name' => 'Glare', 'bank' => 9, 'number' => 1,
            'slots' => array_fill_keys(range(self::unit($rig, 'Tape')['address'], self::unit($rig, 'Tape')['address'] + 2), 255),
        ]);
        $after = array_values(array_filter($rig['power']['supplies'], static fn (array $one): bool => $one['unitId'] === $tape))[0];
        self::assertLessThan($hours, $after['battery']['hours']);
        $bad = $this->change($id, 6, ['do' => 'load-socket', 'unit' => $pack, 'cell' => 1, 'watts' => 'much'], status: 422);
        self::assertSame('watts', $bad['violations'][0]['path']);
        $bad = $this->change($id, 6, ['do' => 'change-circuit', 'circuit' => $circuit['id'], 'fedBy' => $circuit['id']], status: 409);
        self::assertSame(['loop', 'Extra cannot feed itself.'], [$bad['type'], $bad['detail']]);
        foreach (['power' => 2, 'wiring' => 1] as $kind => $pages) {
            self::assertSame($pages, $this->ask('GET', '/api/rigs/'.$id.'/line-sheets/'.$kind)['count'], $kind);
        }
    }
}
