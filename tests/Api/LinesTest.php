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
        $rig = $this->ask('PATCH', '/api/rigs/'.$id.'/links/'.$fern, ['version' => 1, 'name' => 'Alder']);
        self::assertContains('error sender_twice', self::codes($rig, 'lines'));
    }

    public function testANewSenderTakesANameThatIsFree(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('POST', '/api/rigs/'.$id.'/links', ['version' => 1, 'kit' => 'Reed Link', 'label' => 'Gallery']);
        self::assertSame('Birch', self::named($rig['links'], 'Gallery')['name']);
        self::assertCount(8, self::named($rig['links'], 'Gallery')['names']);
        $rig = $this->ask('POST', '/api/rigs/'.$id.'/links', ['version' => 2, 'kit' => 'Loon Pair', 'label' => 'Stalls']);
        self::assertSame('1-1', self::named($rig['links'], 'Stalls')['name']);
        self::assertCount(24, self::named($rig['links'], 'Stalls')['names']);
    }

    public function testNamesAreThoseOfTheKit(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $left = self::named($rig['links'], 'Booth left')['id'];
        $tape = self::fixture($rig, 'Tape')['id'];
        $bad = $this->ask('PATCH', '/api/rigs/'.$id.'/links/'.$left, ['version' => 1, 'name' => 'Oak'], 422);
        self::assertSame(['name', 'not_a_choice'], [$bad['violations'][0]['path'], $bad['violations'][0]['code']]);
        $bad = $this->ask('PUT', '/api/rigs/'.$id.'/fixtures/'.$tape.'/link', ['version' => 1, 'linkId' => $left, 'receiver' => '1-1'], 422);
        self::assertSame(['receiver', 'not_a_choice'], [$bad['violations'][0]['path'], $bad['violations'][0]['code']]);
        $this->ask('POST', '/api/rigs/'.$id.'/links', ['version' => 1, 'kit' => 'Other', 'label' => 'X'], 422);
        $this->ask('PUT', '/api/rigs/'.$id.'/fixtures/'.$tape.'/link', ['version' => 1, 'linkId' => 'nowhere'], 404);
        self::assertSame(1, $this->ask('GET', '/api/rigs/'.$id)['version']);
    }

    public function testAUnitWithoutReceiverIsRepairedWithOneButton(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $panel = self::fixture($rig, 'Panel')['id'];
        $fern = self::named($rig['links'], 'Booth right')['id'];
        $rig = $this->ask('PUT', '/api/rigs/'.$id.'/fixtures/'.$panel.'/link', ['version' => 1, 'linkId' => $fern]);
        self::assertSame('Panel has no receiver set: Booth right sends on Fern.', self::fixture($rig, 'Panel')['silence']);
        $repair = array_values(array_filter($rig['findings'], static fn (array $one): bool => 'not_linked' === $one['code']))[0]['repair'];
        self::assertSame('Set the receiver of Panel to Fern', $repair['label']);
        $rig = $this->ask('PUT', '/api/rigs/'.$id.'/fixtures/'.$panel.'/link', ['version' => 2, 'linkId' => $fern, 'receiver' => $repair['receiver']]);
        self::assertNull(self::fixture($rig, 'Panel')['silence']);
    }

    public function testTakingASenderAwayPutsItsUnitsOnCable(): void
    {
        $id = $this->demoRig();
        $left = self::named($this->ask('GET', '/api/rigs/'.$id)['links'], 'Booth left')['id'];
        $rig = $this->ask('POST', '/api/rigs/'.$id.'/links/'.$left.'/remove', ['version' => 1]);
        self::assertNull(self::fixture($rig, 'Tape')['linkId']);
        self::assertNull(self::fixture($rig, 'Tape')['receiver']);
        self::assertCount(1, $rig['links']);
    }
}
