<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Desk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Desk\DeskWriter;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;

final class DeskReaderTest extends TestCase
{
    /** @param array<string, mixed> $document */
    private static function read(array $document): Desk
    {
        return DeskReader::read(Json::decode(Json::encode($document)));
    }

    /** @return array<string, mixed> */
    private static function tenfold(): array
    {
        return [
            'format' => 'rigger-desk', 'version' => 1, 'name' => 'Tenfold 10', 'layout' => 'buttons',
            'buttons' => 10, 'stride' => 14, 'faders' => 7, 'pages' => 2,
        ];
    }

    public function testTheShippedDesksAreReadAsTheyAreWritten(): void
    {
        $names = [];
        foreach (array_filter((array) glob(__DIR__.'/../../../demo/desks/*.json'), is_string(...)) as $file) {
            $desk = DeskReader::read(Json::decode((string) file_get_contents($file)));
            self::assertTrue($desk->equals(self::read(DeskWriter::write($desk))), $file);
            $names[] = $desk->name;
        }
        self::assertSame(['Capstan 4', 'Coracle 8', 'Rowlock 12', 'Skiff 24', 'Tenfold 10'], $names);
    }

    public function testWhatIsLeftOutIsOneOrNothing(): void
    {
        $desk = self::read(array_diff_key(self::tenfold(), ['pages' => 0]));
        self::assertSame(1, $desk->universe);
        self::assertSame(1, $desk->first);
        self::assertSame(1, $desk->pages);
        self::assertFalse($desk->wide);
        self::assertNull($desk->banks);
        self::assertNull($desk->fade);
        self::assertNull($desk->manual->master);
        self::assertSame([], $desk->manual->store);
        self::assertSame('Bank', $desk->manual->keys->of('bank'));
        self::assertSame('B', $desk->manual->keys->page(2));
    }

    public function testAnotherNameIsAnotherDesk(): void
    {
        $desk = self::read(self::tenfold());
        self::assertTrue($desk->equals($desk->withName('Tenfold 10')));
        self::assertFalse($desk->equals($desk->withName('Tenfold 10 (2)')));
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refusals(): iterable
    {
        yield 'another layout' => [['layout' => 'round'], 'not_a_choice', 'layout'];
        yield 'no faders' => [['faders' => 0], 'out_of_range', 'faders'];
        yield 'faders by halves' => [['faders' => 6.5], 'wrong_type', 'faders'];
        yield 'a stride of nothing' => [['stride' => 0], 'out_of_range', 'stride'];
        yield 'a first address past the end' => [['first' => 513], 'out_of_range', 'first'];
        yield 'one fade time' => [['fade' => [3]], 'values_count', 'fade'];
        yield 'fade times turned round' => [['fade' => [30, 0]], 'limits_crossed', 'fade'];
        yield 'a negative hold' => [['hold' => [-1, 60]], 'out_of_range', 'hold[0]'];
        yield 'wide by number' => [['wide' => 1], 'wrong_type', 'wide'];
        yield 'a pitch below nothing' => [['pitch' => -1], 'out_of_range', 'pitch'];
        yield 'another master' => [['master' => 'most'], 'not_a_choice', 'master'];
        yield 'a key nobody knows' => [['keys' => ['door' => 'x']], 'unknown_member', 'keys.door'];
        yield 'a key without a name' => [['keys' => ['bank' => ' ']], 'out_of_range', 'keys.bank'];
        yield 'a name longer than a key' => [['keys' => ['pages' => ['A', str_repeat('B', 25)]]], 'out_of_range', 'keys.pages[1]'];
        yield 'steps that are no texts' => [['store' => ['a', 5]], 'wrong_type', 'store[1]'];
        yield 'a step of two lines' => [['store' => ["a\nb"]], 'out_of_range', 'store[0]'];
        yield 'a radio by number' => [['radio' => 1], 'wrong_type', 'radio'];
        yield 'a member nobody knows' => [['colour' => 'grey'], 'unknown_member', 'colour'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('refusals')]
    public function testRefuses(array $change, string $code, string $field): void
    {
        try {
            self::read($change + self::tenfold());
            self::fail('Was taken');
        } catch (InputError $error) {
            self::assertSame($code, $error->errorCode);
            self::assertSame($field, $error->field);
        }
    }

    public function testButtonsAndZonesNeedTheirButtonsAndStride(): void
    {
        foreach (['buttons', 'stride'] as $member) {
            try {
                self::read(array_diff_key(self::tenfold(), [$member => 0]));
                self::fail('Was taken without '.$member);
            } catch (InputError $error) {
                self::assertSame('missing', $error->errorCode);
                self::assertSame($member, $error->field);
            }
        }
        $flat = self::read(['layout' => 'flat'] + array_diff_key(self::tenfold(), ['buttons' => 0, 'stride' => 0]));
        self::assertCount(14, $flat->faders());
    }

    public function testButtonsThatBeginPast512ReachNothing(): void
    {
        $desk = self::read(['first' => 500] + self::tenfold());
        self::assertCount(13, $desk->faders());
        self::assertSame(512, $desk->faders()[12]->address);
    }
}
