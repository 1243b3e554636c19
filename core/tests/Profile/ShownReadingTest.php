<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Profile;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Profile\ShownReading;
use Rigger\Core\Tests\Rig\Rigs;

/** The letters on a display count. */
final class ShownReadingTest extends TestCase
{
    /** @return iterable<string, array{string, string, int, string, string, int|null, string}> chart, mode, address, shown, kind, address, words */
    public static function shown(): iterable
    {
        yield 'as it shall be' => ['marram-drum-6', 'nine', 43, 'd043', 'right', 43, 'It stands right.'];
        yield 'another address' => ['marram-drum-6', 'nine', 43, 'd045', 'address', 45, ''];
        yield 'the digits would be right, and the letter is another mode\'s' => [
            'marram-drum-6', 'nine', 1, 'C001', 'mode', 1,
            'C001: that is the 2-channel mode. For the 9-channel mode: Menu › DMX › 9CH, hold Enter until it blinks; then d shows.',
        ];
        yield 'a sign of the legend' => [
            'marram-drum-6', 'nine', 1, 'P002', 'sign', null,
            'P002: a program of its own: no desk is heard. To listen to a desk: Menu › run › dMx. For the 9-channel mode: Menu › DMX › 9CH, '
                .'hold Enter until it blinks; then d shows.',
        ];
        yield 'a leader' => [
            'marram-drum-6', 'nine', 1, 'LEA', 'state', null,
            'LEA: it leads others, and hears no desk. To listen to a desk: Menu › run › dMx.',
        ];
        yield 'a follower, in other letters' => [
            'marram-drum-6', 'nine', 1, 'fol', 'state', null,
            'fol: it follows a leader, and hears no desk. To listen to a desk: Menu › run › dMx.',
        ];
        yield 'the entry that listens' => [
            'marram-drum-6', 'nine', 1, 'dMx', 'state', null, 'dMx: it listens to a desk. Its address stands on another page of the menu.',
        ];
        yield 'a capital for a small letter' => ['marram-drum-6', 'nine', 43, 'D043', 'right', 43, 'It stands right.'];
        yield 'a small one of another mode' => [
            'marram-drum-6', 'nine', 1, 'c001', 'mode', 1,
            'c001: that is the 2-channel mode. For the 9-channel mode: Menu › DMX › 9CH, hold Enter until it blinks; then d shows.',
        ];
        yield 'digits alone' => ['marram-drum-6', 'nine', 43, '43', 'right', 43, 'It stands right if d stands with it.'];
        yield 'without the dot nothing arrives' => [
            'tolland-batten-8', 'cells', 71, '071', 'sign', null,
            '071: without the dot: nothing arrives. For the 27-channel mode: Press Mode until 27 shows; Up to the address; it keeps it; then the '
                .'dot shows.',
        ];
        yield 'modes that look alike' => [
            'skerry-spin-40', 'eleven', 43, 'A043', 'right', 43,
            'It stands right. Its modes look alike on the display: Menu › Addr, then Menu › Mode › 11; it keeps both after 5 s.',
        ];
        yield 'a dot before the digits' => [
            'skerry-spin-40', 'eleven', 43, 'A.043', 'sign', null,
            'A.043: with a dot: nothing arrives. To listen to a desk: Menu › Run › DMX. For the 11-channel mode: Menu › Addr, then Menu › Mode '
                .'› 11; it keeps both after 5 s; then A shows.',
        ];
        yield 'nothing that the chart knows' => [
            'marram-drum-6', 'nine', 43, 'Err', 'unknown', null, 'Err: its chart knows no such sign. Set, it shows d043.',
        ];
        yield 'past the last address' => [
            'marram-drum-6', 'nine', 43, 'd600', 'unknown', null, 'd600: its chart knows no such sign. Set, it shows d043.',
        ];
        yield 'a chart without display' => ['ferrow-twin-white', 'two', 3, '3', 'right', 3, 'It stands right.'];
    }

    #[DataProvider('shown')]
    public function testWhatIsShownIsToldAsWhatItIs(
        string $chart,
        string $mode,
        int $address,
        string $shown,
        string $kind,
        ?int $found,
        string $words,
    ): void {
        $profile = ProfileReader::read(Rigs::json('fixtures/'.$chart));
        $wanted = $profile->mode($mode);
        self::assertNotNull($wanted);
        $reading = ShownReading::of($profile, $wanted, $address, $shown);
        self::assertSame([$kind, $found, $words], [$reading->kind->value, $reading->address, $reading->words]);
    }
}
