<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\App\Tests\Support\ApiTestCase;

final class RigsAndCalcTest extends ApiTestCase
{
    public function testANewRigIsEmptyAndListedFirst(): void
    {
        $this->demoRig();
        $rig = $this->ask('POST', '/api/rigs', ['name' => ' Ceilidh ', 'venue' => 'Mill Lane Hall']);
        self::assertSame(['Ceilidh', 'Mill Lane Hall', 1], [$rig['name'], $rig['venue'], $rig['version']]);
        self::assertSame([[], [], [], null, null], [$rig['units'], $rig['looks'], $rig['findings'], $rig['desk'], $rig['undo']]);
        $list = $this->ask('GET', '/api/rigs');
        self::assertSame('Ceilidh', $list['rigs'][0]['name']);
        self::assertSame([], $list['rigs'][0]['tape']);
        self::assertCount(14, $list['rigs'][1]['tape']);
    }

    /** @return iterable<string, array{mixed, string, string}> */
    public static function badRigs(): iterable
    {
        yield 'no name' => [['name' => '', 'venue' => 'Hall'], 'name', 'out_of_range'];
        yield 'no venue' => [['name' => 'Show', 'venue' => '   '], 'venue', 'out_of_range'];
        yield 'a name of 10,000 letters' => [['name' => str_repeat('n', 10_000), 'venue' => 'Hall'], 'name', 'out_of_range'];
        yield 'a name by number' => [['name' => 5, 'venue' => 'Hall'], 'name', 'wrong_type'];
        yield 'an unknown member' => [['name' => 'Show', 'venue' => 'Hall', 'id' => 'x'], 'id', 'unknown_member'];
    }

    #[DataProvider('badRigs')]
    public function testABadRigIsRefusedAtItsField(mixed $input, string $path, string $code): void
    {
        $problem = $this->ask('POST', '/api/rigs', $input, 422);
        self::assertSame($path, $problem['violations'][0]['path']);
        self::assertSame($code, $problem['violations'][0]['code']);
    }

    public function testWhatIsNoJsonIsToldSo(): void
    {
        $problem = $this->send('POST', '/api/rigs', '{"name":', 422);
        self::assertSame('bad_json', $problem['violations'][0]['code']);
    }

    public function testAPlaceThatIsNoRigIsNotThere(): void
    {
        $this->ask('GET', '/api/rigs/nonsense', null, 404);
        $this->ask('GET', '/api/rigs/01999999-0000-7000-8000-000000000000', null, 404);
        $this->ask('GET', '/api/nowhere', null, 404);
    }

    public function testTheTopicsAnswerOverHttpAsOnTheCommandLine(): void
    {
        self::assertSame(
            ['on' => [1, 3, 6], 'pattern' => '101001000'],
            $this->send('POST', '/api/calc/dip', '{"address":37,"switches":9,"base":1}'),
        );
        $error = $this->send('POST', '/api/calc/dip', '{"address":513,"switches":9,"base":1}', 422);
        self::assertSame([
            'code' => 'address_out_of_range',
            'field' => 'address',
            'message' => 'Address 513 is past the last slot of a universe, 512.',
        ], $error['error']);
        self::assertSame('bad_json', $this->send('POST', '/api/calc/dip', '', 422)['error']['code']);
        self::assertSame('wrong_type', $this->send('POST', '/api/calc/dip', '[]', 422)['error']['code']);
        self::assertSame('unknown_topic', $this->send('POST', '/api/calc/tea', '{}', 422)['error']['code']);
    }

    public function testTheHistoryIsPagedNewestFirst(): void
    {
        $id = $this->demoRig();
        for ($version = 1; $version <= 52; ++$version) {
            $this->change($id, $version, ['do' => 'rename-rig', 'name' => 'Night '.$version]);
        }
        $first = $this->ask('GET', '/api/rigs/'.$id.'/changes');
        $second = $this->ask('GET', '/api/rigs/'.$id.'/changes?page=2');
        self::assertSame([52, 50, 2], [$first['total'], \count($first['changes']), \count($second['changes'])]);
        self::assertSame('Renamed the rig to Night 52', $first['changes'][0]['sentence']);
        self::assertSame('Renamed the rig to Night 1', $second['changes'][1]['sentence']);
    }

    public function testAChangeThatChangesNothingIsNoEntry(): void
    {
        $id = $this->demoRig();
        $rig = $this->change($id, 1, ['do' => 'rename-rig', 'name' => 'The Tidekeeper']);
        self::assertSame([1, null], [$rig['version'], $rig['undo']]);
    }
}
