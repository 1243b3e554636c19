<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Api;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\App\Tests\Support\ApiTestCase;

/** Many units at once: seen first, then hung as seen. */
final class HangingTest extends ApiTestCase
{
    /** @return iterable<string, array{array<string, mixed>, list<string>}> wish, the first addresses */
    public static function wishes(): iterable
    {
        yield 'packed into the gaps' => [['count' => 4, 'spacing' => 'packed'], ['1.010', '1.012', '1.024', '1.026']];
        yield 'in pairs' => [['count' => 4, 'spacing' => 'packed', 'together' => 2], ['1.010', '1.010', '1.012', '1.012']];
        yield 'all together' => [['count' => 3, 'spacing' => 'packed', 'together' => 3], ['1.010', '1.010', '1.010']];
        yield 'round numbers' => [['count' => 3, 'spacing' => 'round', 'step' => 10], ['1.011', '1.041', '1.101']];
        yield 'in steps' => [['count' => 3, 'spacing' => 'stride', 'step' => 50, 'first' => 200], ['1.200', '1.250', '1.300']];
        yield 'where a button begins' => [['count' => 1, 'spacing' => 'buttons'], ['1.099']];
        yield 'from an address that is typed' => [['count' => 3, 'at' => '200'], ['1.200', '1.202', '1.204']];
        yield 'from one in another universe' => [['count' => 2, 'at' => 'u2 85'], ['2.085', '2.087']];
        yield 'at the next place, where it is taken' => [['count' => 1, 'at' => '20', 'spacing' => 'buttons'], ['1.024']];
        yield 'on into the next universe' => [['count' => 300, 'spacing' => 'stride', 'step' => 2, 'first' => 1], ['1.011', '1.013']];
    }

    /**
     * @param array<string, mixed> $wish
     * @param list<string>         $addresses
     */
    #[DataProvider('wishes')]
    public function testWhatIsSeenIsWhatHangs(array $wish, array $addresses): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $rig = $this->ask('GET', $path);
        $body = ['do' => 'add-units', 'type' => self::unit($rig, 'Panel')['typeId'], 'mode' => 'two', 'name' => 'Gleam'] + $wish;
        $say = static fn (array $row): string => \sprintf('%d.%03d', $row['universe'], $row['address']);

        $preview = $this->ask('POST', $path.'/units/preview', $body);
        self::assertSame(1, $this->ask('GET', $path)['version'], 'nothing has changed yet');
        self::assertSame($addresses, \array_slice(array_map($say, $preview['units']), 0, \count($addresses)));
        $after = $this->change($path, 1, $body);
        $hung = array_values(array_filter($after['units'], static fn (array $unit): bool => str_starts_with($unit['name'], 'Gleam')));
        self::assertSame(array_map($say, $preview['units']), array_map($say, $hung));
        $faults = static fn (array $row): array => array_values(array_filter(
            self::codes($row, 'patch'),
            static fn (string $code): bool => str_starts_with($code, 'error'),
        ));
        self::assertSame($faults($rig), $faults($after), 'no new clash');
    }

    public function testWhatCannotBeHadAsAskedIsSaid(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $rig = $this->ask('GET', $path);
        $body = ['do' => 'add-units', 'type' => self::unit($rig, 'Panel')['typeId'], 'mode' => 'two', 'name' => 'Gleam', 'count' => 1];
        $notes = fn (array $wish): array => $this->ask('POST', $path.'/units/preview', $wish + $body)['notes'];
        self::assertSame([], $notes(['at' => '300']));
        self::assertSame(['020 is not free, Drum 3 is at 015: Gleam goes to 024, the next place that is free.'], $notes(['at' => '020']));
        self::assertSame(
            ['512 starts too late: 2 channels would end at 513: Gleam goes to u2 001, the next place that is free.'],
            $notes(['at' => '512']),
        );
        self::assertSame(['5 do not divide into pairs: Gleam 5 has its address alone.'], $notes(['count' => 5, 'together' => 2]));
        $this->change($path, 1, ['do' => 'hold-slots', 'universe' => 1, 'from' => 301, 'to' => 310, 'name' => 'House lights']);
        self::assertSame(
            ['300 is held for House lights: Gleam goes to 311, the next place that is free.'],
            $notes(['at' => '300']),
        );
    }

    public function testTheSecondOfANameIsNumberTwo(): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $type = self::unit($this->ask('GET', $path), 'Panel')['typeId'];
        $add = ['do' => 'add-units', 'type' => $type, 'mode' => 'two', 'name' => 'Gleam', 'count' => 1];
        $this->change($path, 1, $add);
        self::assertSame('Gleam 2', $this->ask('POST', $path.'/units/preview', $add)['units'][0]['name']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'none' => [['count' => 0], 'count'];
        yield 'too many' => [['count' => 501], 'count'];
        yield 'a step of 0' => [['count' => 2, 'spacing' => 'stride', 'step' => 0], 'step'];
        yield 'an address past the end' => [['count' => 2, 'spacing' => 'stride', 'first' => 600], 'first'];
        yield 'no such spacing' => [['count' => 2, 'spacing' => 'loose'], 'spacing'];
        yield 'no address' => [['count' => 1, 'at' => 'front'], 'at'];
        yield 'an address past 512' => [['count' => 1, 'at' => '513'], 'at'];
        yield 'a name that is too long' => [['count' => 2, 'name' => str_repeat('x', 90)], 'name'];
        yield 'a mode that it has not' => [['count' => 2, 'mode' => 'ninety'], 'mode'];
    }

    /** @param array<string, mixed> $wish */
    #[DataProvider('refused')]
    public function testAWishThatCannotBeIsRefusedAtItsField(array $wish, string $field): void
    {
        $path = '/api/rigs/'.$this->demoRig();
        $typeId = self::unit($this->ask('GET', $path), 'Panel')['typeId'];
        $change = $wish + ['do' => 'add-units', 'type' => $typeId, 'mode' => 'two', 'count' => 1, 'name' => 'Gleam'];
        foreach ([$this->change($path, 1, $change, 422), $this->ask('POST', $path.'/units/preview', $change, 422)] as $problem) {
            self::assertSame($field, $problem['violations'][0]['path']);
        }
        self::assertSame(1, $this->ask('GET', $path)['version']);
    }
}
