<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;

final class ValueConvertTest extends TopicTestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function values(): iterable
    {
        yield 'half is 128' => ['{"value":50,"from":"percent","to":"dmx"}', '{"value":128}'];
        yield '30 % is 76.5, rounded away from zero though binary misses it' => [
            '{"value":30,"from":"percent","to":"dmx"}',
            '{"value":77}',
        ];
        yield 'full' => ['{"value":1,"from":"level","to":"dmx"}', '{"value":255}'];
        yield 'percent is counted when converted to' => ['{"value":41,"from":"dmx","to":"percent"}', '{"value":16}'];
        yield 'a level is never rounded' => ['{"value":51,"from":"dmx","to":"level"}', '{"value":0.2}'];
        yield 'a word with its bytes' => ['{"value":50,"from":"percent","to":"word"}', '{"value":32768,"coarse":128,"fine":0}'];
        yield 'word to word too' => ['{"value":43690,"from":"word","to":"word"}', '{"value":43690,"coarse":170,"fine":170}'];
        yield 'midi stretched' => ['{"value":127,"from":"midi","to":"dmx"}', '{"value":255}'];
        yield 'midi 64 stretched' => ['{"value":64,"from":"midi","to":"dmx","fit":"stretch"}', '{"value":129}'];
        yield 'midi doubled stops at 254' => ['{"value":127,"from":"midi","to":"dmx","fit":"double"}', '{"value":254}'];
        yield 'midi on top reaches the upper half' => ['{"value":0,"from":"midi","to":"dmx","fit":"upper"}', '{"value":128}'];
        yield 'midi as it is' => ['{"value":127,"from":"midi","to":"dmx","fit":"lower"}', '{"value":127}'];
    }

    #[DataProvider('values')]
    public function testConverts(string $json, string $expected): void
    {
        self::assertAnswer($expected, 'value.convert', $json);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function refusals(): iterable
    {
        yield 'a broken value' => ['wrong_type', 'value', '{"value":1.5,"from":"dmx","to":"percent"}'];
        yield 'a value past its scale' => ['out_of_range', 'value', '{"value":128,"from":"midi","to":"dmx"}'];
        yield 'a level past 1' => ['out_of_range', 'value', '{"value":1.2,"from":"level","to":"dmx"}'];
        yield 'no scale of that name' => ['not_a_choice', 'to', '{"value":1,"from":"level","to":"dxm"}'];
        yield 'a fit where nothing is fitted' => ['fit_not_used', 'fit', '{"value":1,"from":"level","to":"dmx","fit":"stretch"}'];
    }

    #[DataProvider('refusals')]
    public function testRefuses(string $code, string $field, string $json): void
    {
        self::assertRefused($code, $field, 'value.convert', $json);
    }
}
