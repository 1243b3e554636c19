<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\App\Tests\Support\ApiTestCase;

/** The patch as a list: what goes out comes back, and what people bring is told row by row before anything changes. */
final class PatchListTest extends ApiTestCase
{
    public function testWhatIsSavedChangesNothingWhenItComesBack(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $this->client->request('GET', $path.'/patch-list.csv');
        $list = (string) $this->client->getResponse()->getContent();
        self::assertStringStartsWith('number,name,maker,model,mode,universe,address,position', $list);
        $report = $this->upload($path.'/patch-list/preview', ['patch.csv' => $list], 'file');
        self::assertSame([0, 0, 14, 0], [$report['new'], $report['changed'], $report['same'], $report['leftOut']]);
        self::assertSame('nothing_to_take', $this->change($path, 1, $report['change'], 409)['type']);
    }

    /** @return iterable<string, array{string}> the same list as different programs save it */
    public static function encodings(): iterable
    {
        $list = "Name;Type;Mode;Address;Notes\nBänkchen;Drum 6;9-channel;1/300;früh\nPack A;;;1.099;\n";
        yield 'UTF-8, semicolons' => [$list];
        yield 'with a byte order mark' => ["\xEF\xBB\xBF".$list];
        yield 'Windows-1252' => [mb_convert_encoding($list, 'Windows-1252', 'UTF-8')];
        yield 'UTF-16' => ["\xFF\xFE".mb_convert_encoding($list, 'UTF-16LE', 'UTF-8')];
        yield 'tabs, and line ends of another system' => [str_replace([';', "\n"], ["\t", "\r\n"], $list)];
    }

    #[DataProvider('encodings')]
    public function testAListIsReadHoweverItWasSaved(string $list): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $report = $this->upload($path.'/patch-list/preview', ['list.csv' => $list], 'file');
        self::assertSame(['name', 'model', 'mode', 'address', 'note'], array_column($report['columns'], 'meaning'));
        self::assertSame(['new', 'change'], array_column($report['rows'], 'what'));
        $rig = $this->change($path, 1, $report['change']);
        self::assertSame('Took a list: 1 new, 1 changed', $rig['undo']);
        $new = self::unit($rig, 'Bänkchen');
        self::assertSame([1, 300, 'früh'], [$new['universe'], $new['address'], $new['note']]);
        self::assertSame(99, self::unit($rig, 'Pack A')['address']);
        self::assertSame(85, self::unit($this->change($path, 2, ['do' => 'undo']), 'Pack A')['address']);
    }

    public function testRowsThatCannotBeTakenAreLeftOutWithTheReason(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $list = "name,model,mode,universe,address\nA,Drum 6,nine,1,200\nA,Drum 6,nine,1,210\nB,Drum 7,nine,1,220\n"
            ."C,Drum 6,12-channel,1,230\nD,Drum 6,nine,1,513\nE,Drum 6,nine,1,\n,Drum 6,nine,1,240\nBatten,Drum 6,nine,1,71\n";
        $report = $this->upload($path.'/patch-list/preview', ['list.csv' => $list], 'file');
        $told = array_column($report['rows'], 'what', 'line');
        self::assertSame('new', $told[2]);
        self::assertSame(
            array_fill_keys(range(3, 9), 'left out'),
            \array_slice($told, 1, null, true),
            json_encode($report['rows'], \JSON_THROW_ON_ERROR),
        );
        foreach ($report['rows'] as $row) {
            self::assertNotSame('', $row['words']);
        }
    }

    public function testColumnsAreToldApartBySomebody(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $list = "what,where to,how\nPack A,99,\"mid beam, far left\"\n";
        $report = $this->upload($path.'/patch-list/preview', ['list.csv' => $list], 'file');
        self::assertSame([null, null, null], array_column($report['columns'], 'meaning'));
        $columns = ['columns' => (string) json_encode(['name', 'address', 'position'])];
        $report = $this->upload($path.'/patch-list/preview', ['list.csv' => $list], 'file', 200, $columns);
        self::assertSame(1, $report['changed']);
        self::assertSame('mid beam, far left', self::unit($this->change($path, 1, $report['change']), 'Pack A')['position']);
        self::assertSame(
            'columns',
            $this->upload(
                $path.'/patch-list/preview',
                ['list.csv' => $list],
                'file',
                422,
                ['columns' => '[null,"address",null]'],
            )['violations'][0]['path'],
        );
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'nothing in it' => [' ', 'file'];
        yield 'one column' => ["name\nDrum\n", 'file'];
        yield 'no text' => ["PK\x03\x04\x00\x00\x00\x00".str_repeat("\x00\xFF", 50), 'file'];
        yield '50,000 rows' => ["name,address\n".str_repeat("Pack A,99\n", 50_000), 'file'];
    }

    #[DataProvider('refused')]
    public function testAFileThatIsNoPatchListIsRefusedPlainly(string $list, string $field): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $problem = $this->upload($path.'/patch-list/preview', ['list.csv' => $list], 'file', 422);
        self::assertSame($field, $problem['violations'][0]['path']);
        self::assertSame(1, $this->ask('GET', $path)['version']);
    }
}
