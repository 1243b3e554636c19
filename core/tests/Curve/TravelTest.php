<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Curve;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Curve\Bound;
use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Curve\Curve;
use Rigger\Core\Curve\Shape;
use Rigger\Core\Curve\Travel;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;

/** A fader's travel through a curve: bounds, direction, dead travel. */
final class TravelTest extends TestCase
{
    use TestTrait;

    public function testEveryCurveRisesWithinItsBounds(): void
    {
        $this->forAll(
            Generators::elements(Shape::Linear, Shape::Square, Shape::Root, Shape::S),
            Generators::choose(0, 255),
            Generators::choose(0, 255),
            Generators::elements(...Bound::cases()),
        )
            ->then(static function (Shape $shape, int $one, int $other, Bound $bound): void {
                $values = Travel::of(new Curve($shape, min($one, $other), max($one, $other), $bound, []))->values;
                self::assertCount(256, $values);
                $before = min($one, $other);
                foreach ($values as $value) {
                    self::assertGreaterThanOrEqual($before, $value);
                    $before = $value;
                }
                self::assertLessThanOrEqual(max($one, $other), $before);
                if (Bound::Scale === $bound) {
                    self::assertSame([min($one, $other), max($one, $other)], [$values[0], $values[255]]);
                }
            });
    }

    public function testATableRisesWhereItsPointsDo(): void
    {
        $this->forAll(Generators::vector(5, Generators::choose(0, 1000)))->then(static function (array $outs): void {
            sort($outs);
            $points = array_map(
                static fn (int $index, int $out): array => [(float) ($index / 4), (float) ($out / 1000)],
                array_keys($outs),
                $outs,
            );
            $values = Travel::of(new Curve(Shape::Table, 0, 255, Bound::Scale, $points))->values;
            $sorted = $values;
            sort($sorted);
            self::assertSame($sorted, $values);
        });
    }

    /** @return iterable<string, array{Curve, non-empty-string}> */
    public static function words(): iterable
    {
        yield 'the whole travel' => [new Curve(Shape::Linear, 0, 255, Bound::Scale, []), 'The whole travel works, from 0 to 255.'];
        yield 'scaled limits use all of it' => [new Curve(Shape::Linear, 20, 250, Bound::Scale, []), 'from 20 to 250.'];
        yield 'clamped at both ends' => [
            new Curve(Shape::Linear, 51, 204, Bound::Clamp, []),
            'Dead travel: 0–51 all give 51 and 204–255 all give 204 (40 % of the fader).',
        ];
        yield 'clamped at the foot' => [
            new Curve(Shape::Linear, 26, 255, Bound::Clamp, []),
            'Dead travel: 0–26 all give 26 (10 % of the fader).',
        ];
        yield 'one value' => [new Curve(Shape::Linear, 90, 90, Bound::Scale, []), 'The fader moves nothing: it is 90 all the way.'];
    }

    /** @param non-empty-string $words */
    #[DataProvider('words')]
    public function testDeadTravelIsToldWithItsNumbers(Curve $curve, string $words): void
    {
        self::assertStringEndsWith($words, Travel::of($curve)->words());
    }

    public function testItsTableHoldsTheSameValues(): void
    {
        $travel = Travel::of(new Curve(Shape::Square, 10, 240, Bound::Scale, []));
        self::assertSame($travel->values, array_map(ord(...), str_split($travel->table())));
    }

    /** @return iterable<string, array{array<string, mixed>, string, non-empty-string}> */
    public static function refused(): iterable
    {
        yield 'limits crossed' => [
            ['channel' => 1, 'shape' => 'linear', 'min' => 200, 'max' => 100, 'bound' => 'scale'],
            'limits_crossed',
            'curve.min',
        ];
        yield 'no channel 0' => [['channel' => 0, 'shape' => 'linear', 'bound' => 'scale'], 'out_of_range', 'curve.channel'];
        yield 'no such shape' => [['channel' => 1, 'shape' => 'bent', 'bound' => 'scale'], 'not_a_choice', 'curve.shape'];
        yield 'points without a table' => [
            ['channel' => 1, 'shape' => 's', 'bound' => 'scale', 'points' => [[0, 0], [1, 1]]],
            'unknown_member',
            'curve.points',
        ];
        yield 'points that go back' => [
            ['channel' => 1, 'shape' => 'table', 'bound' => 'scale', 'points' => [[0, 0], [0.5, 1], [0.4, 1], [1, 1]]],
            'bad_points',
            'curve.points',
        ];
    }

    /**
     * @param array<string, mixed> $document
     * @param non-empty-string     $field
     */
    #[DataProvider('refused')]
    public function testABadCurveIsRefusedAtItsMember(array $document, string $code, string $field): void
    {
        try {
            ChannelCurve::read(Json::decode(Json::encode($document)), 'curve');
            self::fail('It was taken.');
        } catch (InputError $error) {
            self::assertSame($code, $error->errorCode);
            self::assertStringStartsWith($field, $error->field);
        }
    }

    public function testWhatIsWrittenReadsBack(): void
    {
        $document = [
            'channel' => 3,
            'shape' => 'table',
            'min' => 5,
            'max' => 250,
            'bound' => 'clamp',
            'points' => [[0.0, 0.0], [0.25, 0.5], [1.0, 1.0]],
        ];
        self::assertEquals($document, ChannelCurve::read(Json::decode(Json::encode($document)), '')->toArray());
    }
}
