<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Learn;

use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Learn\FaderSearch;
use Rigger\Core\Learn\Note;
use Rigger\Core\Learn\ObservedRange;

final class FaderSearchTest extends TestCase
{
    use TestTrait;

    /** @return iterable<string, array{list<array{int, string}>, int|null, list<array{int, int, string}>}> */
    public static function searches(): iterable
    {
        yield 'nothing noted yet' => [[], 0, []];
        yield 'one value' => [[[0, 'dark']], 255, [[0, 0, 'dark']]];
        yield 'the first nine in their order' => [[[0, 'a'], [255, 'a'], [128, 'a'], [64, 'a']], 192, [[0, 255, 'a']]];
        yield 'one of the nine was tried out of turn' => [
            [[32, 'a'], [0, 'a'], [255, 'a'], [128, 'a'], [64, 'a'], [192, 'a']],
            96,
            [[0, 255, 'a']],
        ];
        yield 'an edge half-way, rounded down into the lower range' => [
            [[0, 'dark'], [255, 'open']],
            128,
            [[0, 127, 'dark'], [128, 255, 'open']],
        ];
        yield 'the later note of a value counts' => [[[0, 'dark'], [0, 'open'], [255, 'open']], 128, [[0, 255, 'open']]];
        yield 'ranges reach from the lowest to the highest noted' => [[[10, 'a'], [20, 'b']], 0, [[10, 15, 'a'], [16, 20, 'b']]];
        yield 'letters are compared as they are' => [[[0, 'Dark'], [255, 'dark']], 128, [[0, 127, 'Dark'], [128, 255, 'dark']]];
        $nine = array_map(
            static fn (int $value): array => [$value, $value < 64 ? 'dark' : 'open'],
            [0, 255, 128, 64, 192, 32, 96, 160, 224],
        );
        yield 'then the middle of the lowest pair that differs' => [$nine, 48, [[0, 48, 'dark'], [49, 255, 'open']]];
        yield 'neighbours leave nothing to try' => [[...$nine, [63, 'dark']], null, [[0, 63, 'dark'], [64, 255, 'open']]];
        yield 'all the same' => [array_map(static fn (array $row): array => [$row[0], 'open'], $nine), null, [[0, 255, 'open']]];
    }

    /**
     * @param list<array{int, string}>      $notes
     * @param list<array{int, int, string}> $ranges
     */
    #[DataProvider('searches')]
    public function testItSaysWhatToTryAndWhatIsKnown(array $notes, ?int $try, array $ranges): void
    {
        $search = new FaderSearch(array_map(static fn (array $note): Note => new Note(max(0, min(255, $note[0])), $note[1]), $notes));

        self::assertSame($try, $search->next());
        self::assertEquals(array_map(static fn (array $range): ObservedRange => new ObservedRange(...$range), $ranges), $search->ranges());
    }

    public function testEveryEdgeOfARandomChartIsFoundWithinTheHalvingsOfItsGaps(): void
    {
        $this->limitTo(200)->forAll(Generators::seq(Generators::choose(1, 6)))->then(function (array $steps): void {
            // Ranges of 33 values and more, so that none hides between two of the first nine.
            $edges = [];
            $at = 0;
            foreach ($steps as $step) {
                $at += 33 + 7 * $step;
                if ($at < 222) {
                    $edges[] = $at;
                }
            }
            $truth = static fn (int $value): string => 'range '.\count(array_filter(
                $edges,
                static fn (int $edge): bool => $edge <= $value,
            ));
            $this->assertFound($truth, $edges);
        });
    }

    /**
     * @param callable(int): string $truth
     * @param list<int>             $edges
     */
    private function assertFound(callable $truth, array $edges): void
    {
        $notes = [];
        foreach (range(1, 9) as $ignored) {
            $value = (int) (new FaderSearch($notes))->next();
            $notes[] = new Note($value, $truth($value));
        }
        $promised = (new FaderSearch($notes))->triesLeft();
        $tries = 0;
        while (null !== $value = (new FaderSearch($notes))->next()) {
            $notes[] = new Note($value, $truth($value));
            ++$tries;
        }

        self::assertLessThanOrEqual($promised, $tries);
        self::assertSame(
            [0, ...$edges],
            array_map(static fn (ObservedRange $range): int => $range->from, (new FaderSearch($notes))->ranges()),
        );
    }
}
