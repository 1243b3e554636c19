<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Desk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Desk\DescriptionCheck;
use Rigger\Core\Desk\DeskFacts;
use Rigger\Core\Input\InputError;

final class DescriptionCheckTest extends TestCase
{
    /** @return iterable<string, array{array<string, mixed>, string, list<string>}> change of Tenfold, field, the numbers that disagree */
    public static function contradictions(): iterable
    {
        yield 'a stride shorter than what a button drives' => [['stride' => 12], 'stride', ['14', '12']];
        yield 'zones closer than their faders' => [['layout' => 'zones', 'pages' => 1, 'faders' => 7, 'stride' => 4], 'stride', ['7', '4']];
        yield 'more steps than the banks hold' => [['stepsPerChase' => 121], 'stepsPerChase', ['121', '120']];
        yield 'a pitch of nothing' => [['pitch' => 0], 'pitch', ['7', '0', '6']];
        yield 'scene keys on one another' => [['scenePitch' => 2.5], 'scenePitch', ['2.5', '6']];
        yield 'buttons on one another' => [['buttonPitch' => 5], 'buttonPitch', ['10', '5', '6']];
        yield 'tape too low to read' => [['tapeHeight' => 3], 'tapeHeight', ['3', '6']];
        yield 'banks without scenes' => [
            ['scenesPerBank' => null, 'stepsPerChase' => null, 'chases' => null],
            'scenesPerBank',
            ['20', '0'],
        ];
        yield 'scenes without banks' => [['banks' => null], 'banks', ['6', '0']];
        yield 'steps without chases' => [['chases' => 0], 'chases', ['48', '0']];
        yield 'chases without steps' => [['stepsPerChase' => null], 'stepsPerChase', ['4', '0']];
        yield 'buttons on plain faders' => [['layout' => 'flat', 'stride' => null], 'buttons', ['10', '0']];
        yield 'pages on two presets' => [['layout' => 'preset', 'buttons' => null, 'stride' => null], 'pages', ['2', '1']];
        yield 'one row joined with nothing' => [['wide' => true], 'wide', ['2', '1']];
        yield 'no room for the first button' => [['first' => 500], 'first', ['500', '13', '14']];
        yield 'page names and pages' => [['keys' => ['pages' => ['A', 'B', 'C']]], 'keys.pages', ['3', '2']];
        yield 'a placeholder nobody knows' => [['store' => ['Press {knob}']], 'store[0]', ['1', '{knob}']];
        yield 'a button where there is none' => [
            ['layout' => 'flat', 'buttons' => null, 'stride' => null, 'store' => ['Go', 'Press {button}']],
            'store[1]',
            ['2', '0'],
        ];
        yield 'a bank where there is none' => [
            ['banks' => null, 'scenesPerBank' => null, 'store' => ['Press {bank}']],
            'store[0]',
            ['1', '0'],
        ];
    }

    /**
     * @param array<string, mixed> $change
     * @param list<string>         $numbers
     */
    #[DataProvider('contradictions')]
    public function testSaysTheNumbersThatDisagree(array $change, string $field, array $numbers): void
    {
        $found = DescriptionCheck::of(Desks::tenfold($change));
        self::assertSame([$field], array_map(static fn (InputError $error): string => $error->field, $found));
        self::assertSame('contradiction', $found[0]->errorCode);
        foreach ($numbers as $number) {
            self::assertMatchesRegularExpression('/(?<![\d.])'.preg_quote($number, '/').'(?![\d]|\.\d)/', $found[0]->getMessage());
        }
    }

    public function testTheShippedDesksHoldNone(): void
    {
        foreach (Desks::shipped() as $name => $desk) {
            self::assertSame([], DescriptionCheck::of($desk), $name);
            DescriptionCheck::refuse($desk);
        }
    }

    public function testRefusesTheFirstOfSeveral(): void
    {
        $this->expectException(InputError::class);
        $this->expectExceptionMessage('two would move one address');
        DescriptionCheck::refuse(Desks::tenfold(['stride' => 1, 'pitch' => 0]));
    }

    /** @return iterable<string, array{array<string, mixed>, list<string>}> */
    public static function facts(): iterable
    {
        yield 'fixture buttons' => [
            [],
            [
                '140 of the 512 slots of universe 1 are on a fader.',
                'Button 2 begins at 15. Button 10 drives 127 to 140.',
                'It holds 120 scenes.',
                'From the middle of fader 1 to the middle of fader 7 it measures 114 mm.',
            ],
        ];
        yield 'buttons past the end' => [
            ['buttons' => 40, 'pitch' => null],
            [
                '512 of the 512 slots of universe 1 are on a fader.',
                'Button 2 begins at 15. Button 37 drives 505 to 512. Button 38 would begin at 519, past 512, and drives nothing.',
                'It holds 120 scenes.',
            ],
        ];
        yield 'plain faders' => [
            ['layout' => 'flat', 'buttons' => null, 'stride' => null, 'pitch' => null, 'banks' => null],
            ['14 of the 512 slots of universe 1 are on a fader.', 'Fader 1 of page B drives 8; the last of page B drives 14.'],
        ];
        yield 'two presets' => [
            ['layout' => 'preset', 'pages' => 1, 'pitch' => null, 'banks' => null],
            ['7 of the 512 slots of universe 1 are on a fader.', 'Both rows drive 1 to 7; the cross faders blend them.'],
        ];
        yield 'one wide row' => [
            ['layout' => 'preset', 'wide' => true, 'pages' => 1, 'pitch' => null, 'banks' => null],
            ['14 of the 512 slots of universe 1 are on a fader.', 'The faders drive 1 to 14.'],
        ];
    }

    /**
     * @param array<string, mixed> $change
     * @param list<string>         $expected
     */
    #[DataProvider('facts')]
    public function testSaysWhatFollows(array $change, array $expected): void
    {
        self::assertSame($expected, DeskFacts::of(Desks::tenfold($change)));
    }
}
