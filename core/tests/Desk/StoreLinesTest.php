<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Desk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Desk\StoreLines;

final class StoreLinesTest extends TestCase
{
    private const STEPS = [
        ['button' => 1, 'page' => 1, 'fader' => 1, 'value' => 209, 'label' => 'Dimmer'],
        ['button' => 1, 'page' => 1, 'fader' => 2, 'value' => 255, 'label' => 'Red'],
        ['button' => 1, 'page' => 2, 'fader' => 1, 'value' => 8, 'label' => 'Program'],
        ['button' => 4, 'page' => 1, 'fader' => 3, 'value' => 90, 'label' => 'Tilt'],
    ];

    /** @return iterable<string, array{array<string, mixed>, list<string>}> change of Tenfold, lines */
    public static function ways(): iterable
    {
        yield 'in its own words' => [
            ['store' => ['Hold Program', '{button}{page} > {faders}', 'Record {look} as {bank}.{scene}']],
            ['Hold Program', '1A > 1 Dimmer at 209, 2 Red at 255', '1B > 1 Program at 8', '4A > 3 Tilt at 90', 'Record Tide in as 2.3'],
        ];
        yield 'as usual, where nobody said' => [
            ['keys' => ['program' => 'Write', 'pages' => ['one', 'two']]],
            [
                'Write on',
                'Button 1, Page one: 1 Dimmer at 209, 2 Red at 255',
                'Button 1, Page two: 1 Program at 8',
                'Button 4, Page one: 3 Tilt at 90',
                'Store, Bank 2, Scene 3',
                'Write off',
            ],
        ];
        yield 'a line of nothing but words' => [['store' => ['Ask the technician']], ['Ask the technician']];
    }

    /**
     * @param array<string, mixed> $change
     * @param list<string>         $expected
     */
    #[DataProvider('ways')]
    public function testSaysWhatToDo(array $change, array $expected): void
    {
        self::assertSame($expected, StoreLines::of(Desks::tenfold($change), 'Tide in', 2, 3, self::STEPS));
    }

    public function testDesksWithoutScenesButtonsOrPagesAreSaidWithoutThem(): void
    {
        $row = Desks::tenfold([
            'layout' => 'preset',
            'buttons' => null,
            'stride' => null,
            'pages' => null,
            'banks' => null,
            'scenesPerBank' => null,
            'chases' => null,
            'stepsPerChase' => null,
        ]);
        $step = [['button' => null, 'page' => 1, 'fader' => 5, 'value' => 40, 'label' => 'Red']];
        self::assertSame(
            ['Set 5 Red at 40', 'Leave the faders there: this desk keeps no scenes'],
            StoreLines::of($row, 'Tide in', 1, 1, $step),
        );
        $pages = Desks::tenfold(['layout' => 'flat', 'buttons' => null, 'stride' => null]);
        self::assertSame('Page A: 5 Red at 40', StoreLines::of($pages, 'Tide in', 1, 1, $step)[1]);
        $zones = Desks::tenfold(['layout' => 'zones', 'pages' => null, 'keys' => ['button' => 'Zone']]);
        self::assertSame('Zone 2: 5 Red at 40', StoreLines::of($zones, 'Tide in', 1, 1, [['button' => 2] + $step[0]])[1]);
    }

    public function testALookWithNothingUpNamesNoFader(): void
    {
        self::assertSame(
            ['Record bank 1'],
            StoreLines::of(Desks::tenfold(['store' => ['{button}: {faders}', 'Record bank {bank}']]), 'Dark', 1, 6, []),
        );
    }

    public function testEveryUsualLineHoldsKnownPlaceholders(): void
    {
        foreach (Desks::shipped() as $desk) {
            foreach ([...StoreLines::usual($desk), ...$desk->manual->store] as $line) {
                self::assertSame([], array_diff(StoreLines::placeholders($line), StoreLines::PLACEHOLDERS), $line);
            }
        }
    }
}
