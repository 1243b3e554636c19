<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Doctrine\ORM\EntityManagerInterface;
use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\App\Tests\Support\ApiTestCase;

/** Desks described, kept, changed, taken along. */
final class DeskShelfTest extends ApiTestCase
{
    private const DESK = [
        'format' => 'rigger-desk', 'version' => 1, 'name' => 'Coracle 8', 'layout' => 'buttons', 'buttons' => 8, 'stride' => 16,
        'faders' => 8, 'pages' => 2, 'banks' => 4, 'scenesPerBank' => 8, 'chases' => 2, 'stepsPerChase' => 20, 'pitch' => 20,
        'master' => 'all', 'keys' => ['blackout' => 'Kill'], 'store' => ['Press {button}: {faders}'],
    ];

    /** @return list<string> */
    private function shelf(): array
    {
        return array_column($this->ask('GET', '/api/desks')['desks'], 'name');
    }

    public function testADescriptionIsCheckedWithoutBeingKept(): void
    {
        $check = $this->ask('POST', '/api/desks/check', self::DESK);
        self::assertSame([], $check['problems']);
        self::assertContains('Button 2 begins at 17. Button 8 drives 113 to 128.', $check['facts']);
        self::assertSame('Program on', $check['usual'][0]);
        self::assertNotContains('Coracle 8', $this->shelf());
        $check = $this->ask('POST', '/api/desks/check', ['stride' => 12, 'pitch' => 0] + self::DESK);
        self::assertSame(['stride', 'pitch'], array_column($check['problems'], 'path'));
        self::assertSame([], $check['facts']);
        self::assertSame('faders', $this->ask('POST', '/api/desks/check', ['faders' => 'many'] + self::DESK)['problems'][0]['path']);
    }

    /** @return iterable<string, array{array<string, mixed>, string, list<string>}> change, field, numbers in the message */
    public static function contradictions(): iterable
    {
        yield 'a stride shorter than what a button drives' => [['stride' => 15], 'stride', ['16', '15']];
        yield 'more steps than the banks hold' => [['stepsPerChase' => 40], 'stepsPerChase', ['40', '32']];
        yield 'a pitch of nothing' => [['pitch' => 0], 'pitch', ['8', '0 mm']];
    }

    /**
     * @param array<string, mixed> $change
     * @param list<string>         $numbers
     */
    #[DataProvider('contradictions')]
    public function testAContradictionIsRefusedWithItsNumbersAndNothingIsKept(array $change, string $field, array $numbers): void
    {
        foreach (['/api/desks', '/api/import'] as $path) {
            $violation = $this->ask('POST', $path, $change + self::DESK, 422)['violations'][0];
            self::assertSame([$field, 'contradiction'], [$violation['path'], $violation['code']]);
            foreach ($numbers as $number) {
                self::assertStringContainsString($number, $violation['message']);
            }
        }
        self::assertNotContains('Coracle 8', $this->shelf());
    }

    public function testAChangedDescriptionTakesItsPlaceAndOtherRigsKeepTheirs(): void
    {
        $kept = $this->ask('POST', '/api/desks', self::DESK);
        [$one, $other] = [$this->demoRig(), $this->demoRig()];
        foreach ([$one, $other] as $rig) {
            $this->change($rig, 1, ['do' => 'choose-desk', 'desk' => $kept['id']]);
        }
        $changed = $this->ask('POST', '/api/desks', ['pages' => 1] + self::DESK);
        self::assertNotSame($kept['id'], $changed['id']);
        self::assertCount(1, array_keys($this->shelf(), 'Coracle 8', true));
        $rig = $this->change($one, 2, ['do' => 'choose-desk', 'desk' => $changed['id']]);
        self::assertSame([1, true, 'Described Coracle 8 anew'], [$rig['desk']['pages'], $rig['desk']['isOnShelf'], $rig['undo']]);
        $untouched = $this->ask('GET', '/api/rigs/'.$other)['desk'];
        self::assertSame([2, false], [$untouched['pages'], $untouched['isOnShelf']]);

        $rig = $this->change($one, 3, ['do' => 'undo']);
        self::assertSame(2, $rig['desk']['pages']);
        // The former description comes back under its own id, and the later one leaves the shelf.
        self::assertSame($kept['id'], $this->ask('POST', '/api/desks', self::DESK)['id']);
        self::assertCount(1, array_keys($this->shelf(), 'Coracle 8', true));
    }

    public function testADeskOffTheShelfStaysWithItsRig(): void
    {
        $kept = $this->ask('POST', '/api/desks', self::DESK);
        $rig = $this->demoRig();
        $this->change($rig, 1, ['do' => 'choose-desk', 'desk' => $kept['id']]);
        $left = $this->ask('POST', '/api/desks/'.$kept['id'].'/shelve');
        self::assertNotContains('Coracle 8', array_column($left['desks'], 'name'));
        self::assertSame('Coracle 8', $this->ask('GET', '/api/rigs/'.$rig)['desk']['name']);
        $this->ask('POST', '/api/desks/nobody/shelve', null, 404);
    }

    public function testWhatIsExportedImportsToTheSameThing(): void
    {
        foreach (['tenfold-10', 'skiff-24', 'rowlock-12', 'capstan-4'] as $file) {
            $desk = $this->bring('desks/'.$file);
            $this->client->request('GET', '/api/desks/'.$desk['id'].'/export');
            $text = (string) $this->client->getResponse()->getContent();
            self::assertEquals(
                (array) json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/demo/desks/'.$file.'.json'), true) + ['pages' => 1],
                json_decode($text, true),
                $file,
            );
            self::assertSame($desk['id'], $this->send('POST', '/api/import', $text)['id']);
        }
        $kept = $this->ask('POST', '/api/desks', self::DESK);
        $brought = $this->ask('POST', '/api/import', ['pages' => 1] + self::DESK);
        self::assertSame('Coracle 8 (2)', $brought['name']);
        self::assertNotSame($kept['id'], $brought['id']);
    }

    public function testRowsAreJoinedAndSetApartAgainWithoutASecondDeskOnTheShelf(): void
    {
        $id = $this->demoRig();
        $this->change($id, 1, ['do' => 'choose-desk', 'desk' => $this->bring('desks/rowlock-12')['id']]);
        $rig = $this->change($id, 2, ['do' => 'join-rows', 'isWide' => false]);
        self::assertSame(
            [false, true, 12, 'Set Rowlock 12 to two presets'],
            [$rig['desk']['isWide'], $rig['desk']['crossfades'], \count($rig['desk']['strips']), $rig['undo']],
        );
        $rig = $this->change($id, 3, ['do' => 'join-rows', 'isWide' => true]);
        self::assertSame([true, 24], [$rig['desk']['isWide'], \count($rig['desk']['strips'])]);
        self::assertCount(1, array_keys($this->shelf(), 'Rowlock 12', true));
        $manager = self::getContainer()->get(EntityManagerInterface::class);
        self::assertInstanceOf(EntityManagerInterface::class, $manager);
        self::assertSame(2, $manager->getConnection()->fetchOne("SELECT COUNT(*) FROM desk WHERE name = 'Rowlock 12'"));
    }

    public function testItsWordsReachTheStepsAndThePreflightList(): void
    {
        $rig = $this->ask('GET', '/api/rigs/'.$this->demoRig());
        $lines = self::named($rig['looks'], 'Tide in')['lines'];
        self::assertSame('Turn the key switch to Write', $lines[0]);
        self::assertStringStartsWith('Button 1, inner: fader 1 Dimmer at ', $lines[1]);
        self::assertSame('Hold the key of memory 3 for two seconds until its ring is full: Tide in', $lines[\count($lines) - 2]);
        self::assertContains('Blackout is off (Lift)', array_column($rig['desk']['preflight'], 'title'));
        self::assertSame('Lift', $rig['desk']['keys']['blackout']);
    }
}
