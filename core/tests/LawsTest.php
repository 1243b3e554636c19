<?php

declare(strict_types=1);

namespace Rigger\Core\Tests;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\DeskMap;
use Rigger\Core\Desk\DeskProgram;
use Rigger\Core\Desk\DeskUnit;
use Rigger\Core\Desk\Layout;
use Rigger\Core\Input\Json;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Patch\AddressCheck;
use Rigger\Core\Patch\DipSwitches;
use Rigger\Core\Patch\FreePlace;
use Rigger\Core\Patch\Placed;
use Rigger\Core\Patch\RelationKind;
use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Profile\ProfileWriter;
use Rigger\Core\Profile\RangeLine;
use Rigger\Core\Tests\Profile\Charts;
use Rigger\Core\Value\Scale;

/** What holds whatever the numbers are. */
final class LawsTest extends TestCase
{
    use TestTrait;

    public function testSwitchesThereAndBackForEveryAddress(): void
    {
        foreach ([[1, 511], [0, 512]] as [$base, $last]) {
            for ($address = 1; $address <= $last; ++$address) {
                $set = DipSwitches::spelling($address, 10, $base);
                self::assertSame($address, DipSwitches::read($set->on, $base));
                self::assertSame(
                    array_map(static fn (int $switch): int => $switch - 1, $set->on),
                    array_keys(array_filter(str_split($set->pattern()), static fn (string $one): bool => '1' === $one)),
                );
            }
        }
    }

    public function testASpanHasAsManySlotsAsChannelsAndSharingIsMutual(): void
    {
        $this->forAll(Generators::choose(1, 512), Generators::choose(1, 512), Generators::choose(1, 512), Generators::choose(1, 60))
            ->then(static function (int $a, int $long, int $b, int $short): void {
                [$one, $other] = [Span::at($a, $long), Span::at($b, $short)];
                self::assertSame($long, $one->last() - $one->first + 1);
                self::assertSame($one->shared($other), $other->shared($one));
                self::assertSame(
                    [] !== array_intersect(range($a, $one->lastInUniverse()), range($b, $other->lastInUniverse())),
                    null !== $one->shared($other),
                );
            });
    }

    public function testUsedAndFreeSlotsAreTheUniverse(): void
    {
        $this->forAll(Generators::vector(12, Generators::tuple(Generators::choose(1, 512), Generators::choose(1, 40))))
            ->then(static function (array $places): void {
                $taken = [];
                $units = [];
                foreach ($places as $index => [$address, $footprint]) {
                    $span = Span::at($address, $footprint);
                    $units[] = new Placed('f'.$index, 1, $span, 'mode'.($index % 3));
                    $taken += array_fill_keys(range($address, $span->lastInUniverse()), true);
                }
                $check = AddressCheck::of($units);
                self::assertSame(\count($taken), $check->usage[0]->used);
                self::assertSame(512, $check->usage[0]->used + $check->usage[0]->free);
                $gap = $check->usage[0]->largestGap;
                self::assertNotNull($gap);
                self::assertSame([], array_intersect(range($gap['from'], $gap['to']), array_keys($taken)));
                self::assertArrayNotHasKey(
                    0,
                    array_filter(
                        $check->relations,
                        static fn ($relation): bool => RelationKind::Overrun !== $relation->kind && null === $relation->b,
                    ),
                );
            });
    }

    public function testTheNextFreePlaceIsFreeAndTheLowest(): void
    {
        $this->forAll(
            Generators::vector(8, Generators::tuple(Generators::choose(1, 500), Generators::choose(1, 30))),
            Generators::choose(1, 60),
        )
            ->then(static function (array $places, int $footprint): void {
                $spans = array_values(array_map(static fn (array $place): Span => Span::at(...$place), $places));
                $free = static fn (int $address): bool => Span::at($address, $footprint)->fits()
                    && [] === array_filter($spans, static fn (Span $span): bool => null !== $span->shared(Span::at($address, $footprint)));
                $found = FreePlace::lowest($spans, $footprint);
                $lowest = current(array_filter(range(1, 512), $free));
                self::assertSame(false === $lowest ? null : $lowest, $found);
            });
    }

    public function testEveryValueComesBackFromAFinerScale(): void
    {
        for ($value = 0; $value <= 255; ++$value) {
            self::assertSame($value, Scale::Dmx->fromLevel(Scale::Word->toLevel(Scale::Word->fromLevel(Scale::Dmx->toLevel($value)))));
        }
    }

    public function testLightStaysWithinBoundsAndADarkCellSaysWhy(): void
    {
        $modes = [];
        foreach ([
            'marram-drum-6',
            'skerry-spin-40',
            'tolland-batten-8',
            'pellow-quad-pack',
            'ousel-tape-driver',
            'ferrow-twin-white',
            'lomas-haar',
        ] as $name) {
            $profile = Charts::demo($name);
            foreach ($profile->modes as $mode) {
                $modes[] = [CompiledMode::of($profile, $mode->key), $mode->canGiveLight()];
            }
        }
        $this->forAll(
            Generators::elements($modes),
            Generators::vector(27, Generators::oneOf(Generators::choose(0, 255), Generators::constant(0), Generators::constant(255))),
        )
            ->then(static function (array $case, array $values): void {
                /** @var array{CompiledMode, bool} $case */
                [$mode, $canShine] = $case;
                /** @var list<int> $values */
                $values = \array_slice($values, 0, $mode->mode->footprint());
                $light = $mode->light($values);
                foreach ($light->cells as $cell) {
                    self::assertGreaterThanOrEqual(0.0, $cell->brightness);
                    self::assertLessThanOrEqual(1.0 + 1e-12, $cell->brightness);
                    self::assertLessThanOrEqual($cell->intensity + 1e-12, $cell->brightness);
                    self::assertSame(null === $light->selfRunning && $cell->brightness > 0, null !== $cell->colour);
                    if ($canShine && $cell->isDark() && null === $light->selfRunning) {
                        self::assertNotSame([], $mode->whyDark($values, $cell->cell));
                    }
                }
            });
    }

    public function testAProfileIsReadAsItWasWritten(): void
    {
        foreach (array_filter((array) glob(__DIR__.'/../../demo/fixtures/*.json'), is_string(...)) as $file) {
            $profile = ProfileReader::read(Json::decode((string) file_get_contents($file)));
            self::assertTrue($profile->equals(ProfileReader::read(Json::decode(Json::encode(ProfileWriter::write($profile))))), $file);
            foreach ($profile->modes as $mode) {
                foreach ($mode->channels as $channel) {
                    foreach ($channel->ranges as $range) {
                        self::assertEquals($range, RangeLine::parse(RangeLine::write($range), $profile->emitters));
                    }
                }
            }
        }
    }

    public function testEveryReachableChannelIsOnOneFaderAndMapAndProgramAgree(): void
    {
        $this->forAll(
            Generators::elements(Layout::cases()),
            Generators::choose(1, 400),
            Generators::choose(1, 20),
            Generators::choose(1, 30),
            Generators::choose(1, 16),
            Generators::choose(1, 3),
            Generators::vector(6, Generators::tuple(Generators::choose(1, 500), Generators::choose(1, 12))),
        )
            ->then(static function (Layout $layout, int $first, int $buttons, int $between, int $faders, int $pages, array $places): void {
                /** @var list<array{int, int}> $places */
                $desk = new Desk(
                    'D',
                    $layout,
                    1,
                    $first,
                    $buttons,
                    $faders * $pages + $between,
                    $faders,
                    $pages,
                    0 === $between % 2,
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                );
                $units = [];
                $values = [];
                $next = 1;
                foreach ($places as $index => [$gap, $footprint]) {
                    $units[] = new DeskUnit(
                        new Placed('f'.$index, 1, Span::at($next, $footprint), 'm'.$index),
                        array_fill(0, $footprint, 'c'),
                    );
                    $values['f'.$index] = array_fill(0, $footprint, 1 + $index);
                    $next = min(512, $next + $footprint + $gap % 40);
                }
                $map = DeskMap::of($desk, $units);
                $on = [];
                foreach ($map->strips as $strip) {
                    foreach ($strip->units as $use) {
                        $on[$use['id'].' '.$use['channel']][] = $strip->fader;
                    }
                }
                foreach ($on as $faders) {
                    self::assertCount(1, $faders);
                }
                $overlap = \count(array_filter($map->strips, static fn ($strip): bool => \count($strip->units) > 1)) > 0;
                if ($overlap) {
                    return;
                }
                $program = DeskProgram::of($desk, $units, $values);
                $place = static fn (?int $button, int $page, int $fader): string => $button.'/'.$page.'/'.$fader;
                self::assertEqualsCanonicalizing(
                    array_map(
                        static fn ($strip): string => $place($strip->fader->button, $strip->fader->page, $strip->fader->number),
                        $map->strips,
                    ),
                    array_map(static fn (array $step): string => $place($step['button'], $step['page'], $step['fader']), $program->steps),
                );
                self::assertCount(array_sum(array_column($places, 1)) - \count($on), $program->unreachable);
                $unreached = array_merge(
                    ...array_map(
                        static fn ($finding): array => \in_array($finding->code, ['hidden', 'out_of_reach'], true) ? array_map(
                            static fn (int $channel): string => $finding->unit.' '.$channel,
                            $finding->channels,
                        ) : [],
                        $map->findings,
                    ),
                    ...[[]],
                );
                self::assertEqualsCanonicalizing(
                    $unreached,
                    array_map(static fn (array $row): string => $row['fixture'].' '.$row['channel'], $program->unreachable),
                );
            });
    }

    public function testEveryFaderOfADeskReachesOneAddressAndNoAddressHasTwo(): void
    {
        $this->forAll(
            Generators::elements(Layout::cases()),
            Generators::choose(1, 512),
            Generators::choose(1, 40),
            Generators::choose(1, 40),
            Generators::choose(1, 24),
            Generators::choose(1, 4),
        )
            ->then(static function (Layout $layout, int $first, int $buttons, int $stride, int $faders, int $pages): void {
                $desk = new Desk('D', $layout, 1, $first, $buttons, $stride, $faders, $pages, false, null, null, null, null, null, null);
                $addresses = array_map(static fn ($fader): int => $fader->address, $desk->faders());
                self::assertSame($addresses, array_values(array_unique($addresses)));
                $unit = new DeskUnit(new Placed('f', 1, Span::at(1, 512), 'm'), array_fill(0, 512, 'c'));
                self::assertCount(\count($addresses), DeskMap::of($desk, [$unit])->strips);
            });
    }
}
