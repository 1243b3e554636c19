<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Profile;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Input\Json;
use Rigger\Core\Profile\ChartChange;
use Rigger\Core\Profile\ProfileReader;

final class ChartChangeTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function edits(): iterable
    {
        $dimmer = ['label' => 'Dimmer', 'ranges' => [Charts::level()]];
        $shutter = static fn (array ...$ranges): array => ['label' => 'Shutter', 'ranges' => $ranges];
        $open = Charts::range(0, 255, 'open', [], 'Open');
        yield 'a channel more' => [
            Charts::document([$dimmer, $shutter($open), ['label' => 'Speed', 'ranges' => []]]),
            'Test: M, name, count or setting words changed; M, channel Speed (3) added',
        ];
        yield 'a channel less' => [Charts::document([$dimmer], [], 2), 'Test: M, channel Shutter (2) removed'];
        yield 'a range more' => [
            Charts::document([$dimmer, $shutter($open, Charts::range(0, 9, 'closed', [], 'Shut'))]),
            'Test: M, Shutter (2) gains 0–9 Shut',
        ];
        yield 'a range less' => [Charts::document([$dimmer, $shutter()]), 'Test: M, Shutter (2) loses 0–255 Open'];
        yield 'another range' => [
            Charts::document([$dimmer, $shutter(Charts::range(9, 255, 'open', [], 'Open'))]),
            'Test: M, Shutter (2): 9–255 Open instead of 0–255 Open',
        ];
        yield 'another name' => [
            Charts::document([$dimmer, ['label' => 'Flash', 'ranges' => [$open]]]),
            'Test: M, Shutter (2) is called Flash',
        ];
        yield 'another model' => [Charts::document([$dimmer, $shutter($open)], ['model' => 'Drum']), 'Drum: renamed from Marram Test'];
        yield 'nothing' => [Charts::document([$dimmer, $shutter($open)]), 'Test: nothing changed'];
    }

    /** @param array<string, mixed> $after */
    #[DataProvider('edits')]
    public function testSaysWhatAnEditDid(array $after, string $words): void
    {
        $before = Charts::document([
            ['label' => 'Dimmer', 'ranges' => [Charts::level()]],
            ['label' => 'Shutter', 'ranges' => [Charts::range(0, 255, 'open', [], 'Open')]],
        ]);
        $read = static fn (array $document) => ProfileReader::read(Json::decode(Json::encode($document)));
        self::assertSame($words, ChartChange::words($read($before), $read($after)));
    }

    public function testAnUnknownRateIsNotTheSameAsNone(): void
    {
        $chart = static fn (?int $rate) => ProfileReader::read(Json::decode(Json::encode(Charts::document([['ranges' => [Charts::range(
            0,
            255,
            'strobe',
            ['start' => $rate, 'end' => $rate],
        )]]]))));
        self::assertFalse($chart(0)->equals($chart(null)));
        self::assertNotSame('Test: nothing changed', ChartChange::words($chart(0), $chart(null)));
    }
}
