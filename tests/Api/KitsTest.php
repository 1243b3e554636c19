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
        unset($document['runs'], $document['van'], $document['kits']);
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
}
