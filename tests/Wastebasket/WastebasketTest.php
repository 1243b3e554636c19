<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Wastebasket;

use Rigger\App\Tests\Support\ApiTestCase;

final class WastebasketTest extends ApiTestCase
{
    public function testARigComesBackWholeWithItsHistory(): void
    {
        $id = $this->demoRig();
        $path = '/api/rigs/'.$id;
        $this->change($path, 1, ['do' => 'rename-rig', 'name' => 'The Ebb']);
        $before = $this->ask('GET', $path);
        $this->ask('DELETE', $path, null, 204);
        self::assertNotContains($id, array_column($this->ask('GET', '/api/rigs')['rigs'], 'id'));
        self::assertSame('thrown_away', $this->ask('DELETE', $path, null, 404)['type']);
        $thrown = self::named($this->ask('GET', '/api/wastebasket')['thrown'], 'The Ebb');
        self::assertSame(['rig', $id, '14 units, 1 change in its history'], [$thrown['kind'], $thrown['id'], $thrown['holds']]);

        $left = $this->ask('POST', '/api/wastebasket/rig/'.$id.'/bring-back');
        self::assertNotContains($id, array_column($left['thrown'], 'id'));
        self::assertSame($before, $this->ask('GET', $path));
        self::assertSame('The Tidekeeper', $this->change($path, 2, ['do' => 'undo'])['name']);
    }

    public function testAChartGoesOnlyWhenNothingHangsOfIt(): void
    {
        $rig = $this->ask('GET', '/api/rigs/'.$this->demoRig());
        $problem = $this->ask('DELETE', '/api/types/'.self::unit($rig, 'Haar')['typeId'], null, 409);
        self::assertSame('in_use', $problem['type']);
        self::assertStringContainsString('The Tidekeeper', $problem['detail']);

        $free = $this->changed($rig['id'], 1, ['do' => 'begin-type', 'maker' => 'Skerry', 'model' => 'Mote', 'kind' => 'spot'])['made'][0];
        $this->ask('DELETE', '/api/types/'.$free, null, 204);
        $this->ask('GET', '/api/types/'.$free, null, 404);
        self::assertSame(0, $this->ask('GET', '/api/types?search=Mote')['total']);
        // The name is free again; then the old one cannot come back under it.
        $again = $this->changed($rig['id'], 2, ['do' => 'begin-type', 'maker' => 'Skerry', 'model' => 'Mote', 'kind' => 'wash'])['made'][0];
        self::assertSame('name_taken', $this->ask('POST', '/api/wastebasket/chart/'.$free.'/bring-back', null, 409)['type']);
        $this->ask('DELETE', '/api/types/'.$again, null, 204);
        $this->ask('POST', '/api/wastebasket/chart/'.$free.'/bring-back');
        self::assertSame('spot', $this->ask('GET', '/api/types/'.$free)['chart']['kind']);
        self::assertSame(1, $this->ask('GET', '/api/types?search=Mote')['total']);
    }

    public function testADeskComesBackToTheShelf(): void
    {
        $this->demoRig();
        $id = $this->bring('desks/skiff-24')['id'];
        self::assertNotContains($id, array_column($this->ask('POST', '/api/desks/'.$id.'/shelve')['desks'], 'id'));
        $this->ask('POST', '/api/desks/'.$id.'/shelve', null, 404);
        $this->ask('POST', '/api/wastebasket/desk/'.$id.'/bring-back');
        self::assertContains($id, array_column($this->ask('GET', '/api/desks')['desks'], 'id'));
    }

    public function testEmptyingDeletesForGoodAndKeepsWhatIsStillNeeded(): void
    {
        $id = $this->demoRig();
        $rig = $this->ask('GET', '/api/rigs/'.$id);
        $desk = $rig['desk']['id'];
        // A chart that the rig's own history could ask for: it was begun there.
        $type = $this->changed($id, 1, ['do' => 'begin-type', 'maker' => 'Skerry', 'model' => 'Mote', 'kind' => 'spot'])['made'][0];
        $this->ask('DELETE', '/api/types/'.$type, null, 204);
        $this->ask('POST', '/api/desks/'.$desk.'/shelve');
        $left = $this->ask('POST', '/api/wastebasket/empty');
        self::assertSame(
            ['Skerry Mote', 'Tenfold 10'],
            [...array_map(static fn (string $words): string => explode(' stays', $words)[0], $left['kept'])],
        );
        self::assertSame($rig['desk']['id'], $this->ask('GET', '/api/rigs/'.$id)['desk']['id']);

        // A receiver, circuits and runs go with it.
        $this->change($id, 2, [
            'do' => 'add-receiver', 'link' => $rig['links'][0]['id'], 'label' => 'Box', 'units' => [self::unit($rig, 'Tape')['id']],
        ]);
        $this->ask('DELETE', '/api/rigs/'.$id, null, 204);
        self::assertSame([], $this->ask('POST', '/api/wastebasket/empty')['thrown']);
        self::assertSame('not_found', $this->ask('GET', '/api/rigs/'.$id, null, 404)['type']);
        $this->ask('POST', '/api/wastebasket/rig/'.$id.'/bring-back', null, 404);
    }
}
