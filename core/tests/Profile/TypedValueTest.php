<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Profile;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeFunction;
use Rigger\Core\Profile\TypedRange;
use Rigger\Core\Profile\TypedValue;

final class TypedValueTest extends TestCase
{
    /** @return iterable<string, array{string, string, int, string, int}> chart, mode, channel, what is typed, value */
    public static function typed(): iterable
    {
        $spin = ['skerry-spin-40', 'eleven'];
        yield 'full is the top of the steady part' => [...$spin, self::dimmerOf(...$spin), 'full', 118];
        yield 'dimmer too' => [...$spin, self::dimmerOf(...$spin), 'dimmer', 118];
        yield 'and 100 %' => [...$spin, self::dimmerOf(...$spin), '100%', 118];
        yield 'half of it' => [...$spin, self::dimmerOf(...$spin), '50%', 59];
        yield 'nothing of it' => [...$spin, self::dimmerOf(...$spin), '0 %', 0];
        yield 'a value is a value' => [...$spin, self::dimmerOf(...$spin), '140', 140];
        yield 'the open part by its function' => [...$spin, self::dimmerOf(...$spin), 'open', 246];
        $drum = ['marram-drum-6', 'nine'];
        yield 'half of a plain dimmer is 128' => [...$drum, 1, '50%', 128];
        yield 'a colour by its name is all of it' => [...$drum, 2, 'red', 255];
        yield 'a range by its name is its middle' => [...$drum, 7, 'closed', 11];
        yield 'a percent without a quantity is of the travel' => [...$drum, 7, '50%', 128];
        yield 'words are told apart by neither case nor blanks' => [...$drum, 1, '  FULL ', 255];
        yield 'a comma is a point' => [...$drum, 1, '12,5 %', 32];
    }

    #[DataProvider('typed')]
    public function testIsWhatWasMeant(string $chart, string $mode, int $channel, string $text, int $value): void
    {
        self::assertSame($value, TypedValue::read($text, self::ranges($chart, $mode, $channel)));
    }

    /** @return iterable<string, array{string, string, string}> text, code, words */
    public static function refused(): iterable
    {
        yield 'nothing' => ['', 'not_understood', 'Type 0 to 255'];
        yield 'a word that is none of its ranges' => ['purple', 'not_understood', 'the name of a range'];
        yield 'a channel without a dimmer' => ['dimmer', 'not_understood', 'the name of a range'];
        yield 'past the top' => ['256', 'out_of_range', '256 is no value'];
        yield 'below' => ['-1', 'out_of_range', 'from 0 to 255'];
        yield 'a fraction' => ['12.5', 'not_understood', 'For a share type it with %'];
        yield 'more than all' => ['101%', 'out_of_range', 'A percent is 0 to 100'];
    }

    #[DataProvider('refused')]
    public function testIsRefusedInWords(string $text, string $code, string $words): void
    {
        try {
            TypedValue::read($text, self::ranges('marram-drum-6', 'nine', 7));
            self::fail('It was taken.');
        } catch (InputError $error) {
            self::assertSame([$code, 'text'], [$error->errorCode, $error->field]);
            self::assertStringContainsString($words, $error->getMessage());
        }
    }

    public function testALevelThatFallsHasItsFullAtTheFoot(): void
    {
        $falling = [new TypedRange(10, 210, 'Dimmer', RangeFunction::Intensity, 1.0, 0.0)];
        self::assertSame([10, 110, 210], array_map(
            static fn (string $text): int => TypedValue::read($text, $falling),
            ['full', '50%', '0%'],
        ));
    }

    public function testEveryPercentOfEveryLevelStaysInItsRangeAndRises(): void
    {
        foreach ([[0, 255], [0, 118], [24, 30], [9, 9], [100, 101]] as [$from, $to]) {
            $ranges = [new TypedRange($from, $to, 'Dimmer', RangeFunction::Intensity, 0.0, 1.0)];
            $before = $from;
            for ($percent = 0; $percent <= 100; ++$percent) {
                $value = TypedValue::read($percent.'%', $ranges);
                self::assertGreaterThanOrEqual($before, $value);
                self::assertLessThanOrEqual($to, $value);
                $before = $value;
            }
            self::assertSame($to, $before);
        }
    }

    private static function dimmerOf(string $chart, string $mode): int
    {
        foreach (Charts::demo($chart)->mode($mode)->channels ?? [] as $channel) {
            if ($channel->has(RangeFunction::Intensity)) {
                return $channel->offset;
            }
        }

        throw new \LogicException('It has no dimmer.');
    }

    /** @return list<TypedRange> */
    private static function ranges(string $chart, string $mode, int $offset): array
    {
        $channel = Charts::demo($chart)->mode($mode)?->channel($offset);
        self::assertInstanceOf(Channel::class, $channel);

        return array_map(
            static fn (Range $range): TypedRange => new TypedRange(
                $range->from,
                $range->to,
                $range->title(),
                $range->function,
                $range->start,
                $range->end,
            ),
            $channel->ranges,
        );
    }
}
