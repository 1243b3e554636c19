<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use Rigger\App\Tests\Support\ApiTestCase;

/** Radio kits on the shelf. */
final class KitsTest extends ApiTestCase
{
    /** @return array<string, mixed> */
    private static function reed(): array
    {
        $document = json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/demo/kits/reed-link.json'), true);
        self::assertIsArray($document);

        return $document;
    }

    public function testAKitIsBroughtInOnceAndGoesOutTheSame(): void
    {
        $first = $this->bring('kits/reed-link');
        self::assertSame(['kit', 'Reed Link'], [$first['kind'], $first['name']]);
        self::assertSame($first['id'], $this->bring('kits/reed-link')['id']);
        self::assertSame(self::reed(), json_decode((string) json_encode($this->ask('GET', '/api/kits/'.$first['id'].'/export')), true));
        $other = ['handsOff' => 1] + self::reed();
        self::assertSame('Reed Link (2)', $this->ask('POST', '/api/import', $other)['name']);
        self::assertSame(['Reed Link', 'Reed Link (2)'], array_column($this->ask('GET', '/api/kits')['kits'], 'name'));
    }

    public function testAChangedDescriptionTakesItsPlaceAndRigsKeepTheirs(): void
    {
        $id = $this->demoRig();
        $link = $this->ask('GET', '/api/rigs/'.$id)['links'][0];
        $parts = [['label' => 'name', 'values' => ['Oak', 'Ash']]];
        $curves = self::reed();
        $kept = $this->ask('POST', '/api/kits', ['parts' => $parts, 'air' => null] + $curves);
        self::assertNotSame($link['kitId'], $kept['id']);
        self::assertSame([$kept['id']], array_column($this->ask('GET', '/api/kits')['kits'], 'id'));
        self::assertSame('Alder', $this->ask('GET', '/api/rigs/'.$id)['links'][0]['names'][0]);
        $rig = $this->change($id, 1, ['do' => 'add-link', 'kit' => $kept['id'], 'label' => 'Gallery']);
        self::assertSame('Oak', self::named($rig['links'], 'Gallery')['name']);
        $out = $this->ask('GET', '/api/rigs/'.$id.'/export');
        self::assertSame([0, 0, 1], array_column((array) $out['links'], 'kit'));
        $brought = $this->ask('POST', '/api/import', $out);
        self::assertSame($out, $this->ask('GET', '/api/rigs/'.$brought['id'].'/export'));
    }

    public function testWhatFollowsFromADescriptionIsToldBeforeItIsKept(): void
    {
        $check = $this->ask('POST', '/api/kits/check', self::reed());
        self::assertSame([], $check['problems']);
        self::assertContains('To pair: within 10 s of switching it on, hold Name for 3 s.', $check['facts']);
        $wrong = ['pair' => ['button' => 'Name', 'hold' => 30, 'within' => 10]] + self::reed();
        self::assertSame(['pair.within'], array_column($this->ask('POST', '/api/kits/check', $wrong)['problems'], 'path'));
        self::assertSame('pair.within', $this->ask('POST', '/api/kits', $wrong, 422)['violations'][0]['path']);
        self::assertSame([], $this->ask('GET', '/api/kits')['kits']);
    }

    public function testOffTheShelfItLiesInTheWastebasketAndComesBack(): void
    {
        $id = $this->bring('kits/osier-air')['id'];
        self::assertSame([], $this->ask('POST', '/api/kits/'.$id.'/shelve')['kits']);
        $thrown = $this->ask('GET', '/api/wastebasket')['thrown'];
        self::assertSame(['kit', 'Osier Air'], [$thrown[0]['kind'], $thrown[0]['name']]);
        $this->ask('POST', '/api/wastebasket/kit/'.$id.'/bring-back');
        self::assertSame(['Osier Air'], array_column($this->ask('GET', '/api/kits')['kits'], 'name'));
    }

    public function testARigOfAnOlderDocumentTakesTheKitOfThatName(): void
    {
        $reed = $this->bring('kits/reed-link')['id'];
        $document = json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/demo/rigs/the-tidekeeper.json'), true);
        self::assertIsArray($document);
        unset($document['runs'], $document['van'], $document['kits'], $document['circuits']);
        $document['fixtures'] = array_map(
            static fn (mixed $one): array => array_diff_key((array) $one, ['circuit' => 0, 'supply' => 0]),
            (array) $document['fixtures'],
        );
        $document['version'] = 2;
        foreach (array_keys((array) $document['links']) as $index) {
            $link = (array) $document['links'][$index];
            $document['links'][$index] = ['kit' => 'Reed Link', 'label' => $link['label'], 'name' => $link['name']];
        }
        $rig = $this->ask('GET', '/api/rigs/'.$this->ask('POST', '/api/import', $document)['id']);
        self::assertSame([$reed, $reed], array_column($rig['links'], 'kitId'));
    }

    public function testWhatARigUsesStaysWhenTheWastebasketIsEmptied(): void
    {
        $rig = $this->ask('GET', '/api/rigs/'.$this->demoRig());
        $this->ask('POST', '/api/kits/'.$rig['links'][0]['kitId'].'/shelve');
        $empty = $this->ask('POST', '/api/wastebasket/empty');
        self::assertStringContainsString('Reed Link stays in the wastebasket', $empty['kept'][0]);
    }

    public function testAKitOnTheBenchDoesWhatItsLeafletSays(): void
    {
        $path = '/api/kits/'.$this->bring('kits/reed-link')['id'].'/bench';
        $devices = [
            ['id' => 'sender', 'name' => 'Booth left', 'is' => 'sender', 'setting' => 'Alder'],
            ['id' => 'receiver', 'name' => 'Tape', 'is' => 'receiver', 'setting' => 'Birch', 'new' => true],
        ];
        $moves = [
            ['at' => 0, 'device' => 'sender', 'do' => 'on'],
            ['at' => 1, 'device' => 'receiver', 'do' => 'on'],
            ['at' => 3.5, 'device' => 'receiver', 'do' => 'press', 'button' => 'Name'],
            ['at' => 7, 'device' => 'receiver', 'do' => 'let-go', 'button' => 'Name'],
        ];
        $at = fn (float $now): array => $this->ask('POST', $path, [
            'devices' => $devices, 'now' => $now,
            'moves' => array_values(array_filter($moves, static fn (array $move): bool => $move['at'] <= $now)),
        ]);
        self::assertSame([[], []], array_column($at(3)['devices'], 'hears'));
        self::assertSame('flickering green', $at(6.8)['devices'][1]['lamp']);
        $paired = $at(8);
        self::assertSame([[], ['sender']], array_column($paired['devices'], 'hears'));
        self::assertSame(['steady yellow', 'steady green'], array_column($paired['devices'], 'lamp'));
        self::assertSame(['Tape listens to Booth left on Alder now.'], $paired['said']);
    }

    public function testWhatIsNoMoveOnTheBenchIsToldAtItsPlace(): void
    {
        $path = '/api/kits/'.$this->bring('kits/reed-link')['id'].'/bench';
        $sender = ['id' => 'sender', 'name' => 'Booth left', 'is' => 'sender', 'setting' => 'Alder'];
        $on = ['at' => 2, 'device' => 'sender', 'do' => 'on'];
        foreach ([
            'devices[0].setting' => ['devices' => [['setting' => 'Oak'] + $sender], 'moves' => [], 'now' => 0],
            'moves[0].device' => ['devices' => [$sender], 'moves' => [['device' => 'x'] + $on], 'now' => 3],
            'moves[1].at' => ['devices' => [$sender], 'moves' => [$on, ['at' => 1] + $on], 'now' => 3],
            'moves[0].button' => ['devices' => [$sender], 'moves' => [['do' => 'press', 'button' => 'Reset'] + $on], 'now' => 3],
        ] as $where => $body) {
            self::assertSame([$where], array_column($this->ask('POST', $path, $body, 422)['violations'], 'path'), $where);
        }
    }
}
