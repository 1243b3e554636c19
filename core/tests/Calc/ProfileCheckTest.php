<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Calc;

use PHPUnit\Framework\Attributes\DataProvider;
use Rigger\Core\Input\Json;
use Rigger\Core\Tests\Profile\Charts;

final class ProfileCheckTest extends TopicTestCase
{
    /** @return iterable<string, array{array<string, mixed>, list<string>}> findings as "severity code channel from to" */
    public static function charts(): iterable
    {
        $dim = Charts::level();
        $open = Charts::range(0, 255, 'open');
        yield 'a plain dimmer' => [Charts::document([['ranges' => [$dim]]]), []];
        yield 'two gaps, one finding each' => [
            Charts::document([['ranges' => [Charts::range(10, 19, 'open'), Charts::range(30, 255, 'open')]]]),
            ['warning range_gap 1 0 9', 'warning range_gap 1 20 29'],
        ];
        yield 'an overlap' => [
            Charts::document([['ranges' => [Charts::range(0, 100, 'open'), Charts::range(90, 255, 'closed')]]]),
            ['error range_overlap 1 90 100'],
        ];
        yield 'a bound outside is counted from one too' => [
            Charts::document([['ranges' => [Charts::level(1, 256)]]]),
            ['warning range_gap 1 0 0', 'warning looks_one_based 1 1 256', 'error range_outside 1 1 256'],
        ];
        yield 'backwards covers nothing' => [
            Charts::document([['ranges' => [Charts::range(255, 0, 'open')]]]),
            ['warning range_gap 1 0 255', 'error range_backwards 1 255 0'],
        ];
        yield 'percent' => [
            Charts::document([['ranges' => [Charts::level(0, 100)]]]),
            ['warning looks_percent 1 0 100', 'warning range_gap 1 101 255'],
        ];
        yield 'seven bits' => [
            Charts::document([['ranges' => [Charts::level(0, 127)]]]),
            ['warning looks_seven_bit 1 0 127', 'warning range_gap 1 128 255'],
        ];
        yield 'a channel missing and one twice' => [
            Charts::document([['ranges' => [$dim]], ['offset' => 3, 'ranges' => [$dim]], ['offset' => 3, 'ranges' => [$dim]]]),
            ['error channel_missing 2 - -', 'error channel_twice 3 - -'],
        ];
        yield 'the count differs' => [Charts::document([['ranges' => [$dim]]], [], 7), ['error count_differs - - -']];
        yield 'fine of nothing, of itself, of a fine one' => [
            Charts::document([['ranges' => [$dim]], ['fineOf' => 9], ['fineOf' => 3], ['fineOf' => 2]]),
            ['error fine_without_coarse 2 - -', 'error fine_without_coarse 3 - -', 'error fine_without_coarse 4 - -'],
        ];
        yield 'two fine channels of one' => [
            Charts::document([['ranges' => [$dim]], ['fineOf' => 1], ['fineOf' => 1]]),
            ['warning fine_twice 3 - -'],
        ];
        yield 'an emitter that is not listed' => [
            Charts::document([['ranges' => [Charts::emitter('amber')]]]),
            ['error emitter_unknown 1 0 255'],
        ];
        yield 'nothing gives light' => [Charts::document([['ranges' => [Charts::range(0, 255, 'program')]]]), ['warning no_light - - -']];
        yield 'a hazer need not' => [Charts::document([['ranges' => [Charts::level(0, 255, 'output')]]], ['kind' => 'hazer']), []];
        yield 'full is not at the top' => [
            Charts::document([['ranges' => [
                Charts::level(0, 118),
                Charts::range(119, 236, 'strobe', ['start' => 1, 'end' => 3]),
                Charts::range(237, 255, 'open'),
            ]]]),
            ['caution top_is_not_full 1 0 118'],
        ];
        yield 'open above a dimmer is no surprise' => [
            Charts::document([['ranges' => [Charts::level(0, 200), Charts::range(201, 255, 'open')]]]),
            [],
        ];
        yield 'closed at 0' => [
            Charts::document([['ranges' => [Charts::range(0, 23, 'closed'), Charts::range(24, 255, 'open')]]]),
            ['caution zero_is_dark 1 0 23'],
        ];
        yield 'closed at 0 beside a dimmer range is expected' => [
            Charts::document([['ranges' => [Charts::range(0, 9, 'closed'), Charts::level(10, 255)]]]),
            [],
        ];
        yield 'a reset in reach' => [
            Charts::document([['ranges' => [Charts::range(0, 199, 'open'), Charts::range(200, 255, 'reset')]]]),
            ['caution reset_in_reach 1 200 255'],
        ];
        yield 'a fast flash, pulses too, at either end' => [
            Charts::document([['ranges' => [
                Charts::range(0, 99, 'strobe', ['start' => 3, 'end' => 3]),
                Charts::range(100, 199, 'pulse', ['start' => 9, 'end' => 1]),
                Charts::range(200, 255, 'open'),
            ]]]),
            ['caution fast_flash 1 100 199'],
        ];
        yield 'a rate that is not stated is not found fast' => [
            Charts::document([['ranges' => [
                Charts::range(0, 99, 'strobe', ['start' => null, 'end' => null]),
                Charts::range(100, 255, 'open'),
            ]]]),
            [],
        ];
        yield 'no names' => [
            Charts::document([['label' => ' ', 'ranges' => [Charts::range(0, 255, 'open', [], '')]], ['label' => '', 'fineOf' => 1]]),
            ['note unlabelled 1 - -', 'note unlabelled 1 0 255', 'note unlabelled 2 - -'],
        ];
        yield 'no channel at all' => [Charts::document([], ['kind' => 'motor']), []];
        yield 'nothing wrong with open' => [Charts::document([['ranges' => [$open]]]), []];
    }

    /**
     * @param array<string, mixed> $document
     * @param list<string>         $expected
     */
    #[DataProvider('charts')]
    public function testFinds(array $document, array $expected): void
    {
        $answer = self::compute('profile.check', Json::encode(['profile' => $document]));
        self::assertIsArray($answer);
        $said = array_map(
            static fn (array $finding): string => implode(
                ' ',
                [$finding['severity'], $finding['code'], $finding['channel'] ?? '-', $finding['from'] ?? '-', $finding['to'] ?? '-'],
            ),
            $answer['findings'],
        );
        self::assertSame($expected, $said);
        foreach ($answer['findings'] as $finding) {
            self::assertSame('m', $finding['mode']);
            self::assertNotSame('', $finding['message']);
        }
    }

    /** @return iterable<string, array{string, string, array<string, mixed>}> */
    public static function refusals(): iterable
    {
        $one = static fn (array $range): array => Charts::document([['ranges' => [$range]]]);
        $at = 'profile.modes[0].channels[0].ranges[0].';
        yield 'another format' => ['not_a_choice', 'profile.format', Charts::document([], ['format' => 'other'])];
        yield 'another version' => ['out_of_range', 'profile.version', Charts::document([], ['version' => 2])];
        yield 'an unknown function' => [
            'not_a_choice',
            $at.'function',
            $one(['from' => 0, 'to' => 1, 'label' => '', 'function' => 'blink']),
        ];
        yield 'a member of another function' => ['unknown_member', $at.'start', $one(Charts::range(0, 9, 'open', ['start' => 1]))];
        yield 'a quantity missing' => ['missing', $at.'end', $one(Charts::range(0, 9, 'strobe', ['start' => 1]))];
        yield 'a level past 1' => ['out_of_range', $at.'end', $one(Charts::level(0, 255, 'intensity', 0, 2))];
        yield 'an unknown level' => ['wrong_type', $at.'start', $one(Charts::range(0, 255, 'intensity', ['start' => null, 'end' => null]))];
        yield 'a colour that is none' => ['no_colour', $at.'hex', $one(Charts::range(0, 255, 'colour-preset', ['hex' => '#abc']))];
        yield 'a mode given twice' => [
            'duplicate',
            'profile.modes[1].key',
            Charts::document(
                [],
                ['modes' => [
                    ['key' => 'm', 'name' => '', 'count' => 0, 'channels' => []],
                    ['key' => 'm', 'name' => '', 'count' => 0, 'channels' => []],
                ]],
            ),
        ];
        yield 'an emitter without light of its own place' => [
            'out_of_range',
            'profile.emitters[0].y',
            Charts::document([], ['emitters' => [['key' => 'red', 'x' => 0.7, 'y' => 0, 'flux' => 1]]]),
        ];
        yield 'a bound that is no number' => [
            'wrong_type',
            $at.'to',
            $one(['from' => 0, 'to' => '9', 'label' => '', 'function' => 'open']),
        ];
    }

    /** @param array<string, mixed> $document */
    #[DataProvider('refusals')]
    public function testRefusesAnotherShape(string $code, string $field, array $document): void
    {
        self::assertRefused($code, $field, 'profile.check', Json::encode(['profile' => $document]));
    }
}
