<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Desk;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Desk\Want;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Tests\Profile\Charts;

final class WantTest extends TestCase
{
    /** @return iterable<string, array{string, Want, list<string>}> fixture, want, keys of the modes that meet it */
    public static function wants(): iterable
    {
        yield 'colour is mixed where it can be' => ['marram-drum-6', Want::Colour, ['five', 'nine']];
        yield 'else it stands on a wheel' => ['skerry-spin-40', Want::Colour, ['eleven', 'sixteen']];
        yield 'a pack has none' => ['pellow-quad-pack', Want::Colour, []];
        yield 'flash' => ['marram-drum-6', Want::Flash, ['nine']];
        yield 'a dimmer of its own' => ['marram-drum-6', Want::Dimmer, ['nine', 'two']];
        yield 'movement' => ['skerry-spin-40', Want::Movement, ['eleven', 'sixteen']];
        yield 'a wash does not move' => ['marram-drum-6', Want::Movement, []];
        yield 'patterns' => ['skerry-spin-40', Want::Patterns, ['eleven', 'sixteen']];
        yield 'cells one by one' => ['tolland-batten-8', Want::Cells, ['cells']];
        yield 'no programs' => ['marram-drum-6', Want::NoPrograms, ['five']];
    }

    /** @param list<string> $modes */
    #[DataProvider('wants')]
    public function testIsMetByModes(string $unit, Want $want, array $modes): void
    {
        $profile = Charts::demo($unit);
        $met = array_values(array_map(
            static fn (Mode $mode): string => $mode->key,
            array_filter($profile->modes, static fn (Mode $mode): bool => $want->isMetBy($profile, $mode)),
        ));
        sort($met);
        self::assertSame($modes, $met);
        self::assertSame([] !== $modes, $want->isPossible($profile));
    }

    public function testEveryWantHasItsWords(): void
    {
        $words = array_map(static fn (Want $want): string => $want->words(), Want::cases());
        self::assertSame($words, array_values(array_unique($words)));
    }
}
