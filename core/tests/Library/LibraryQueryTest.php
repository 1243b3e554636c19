<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Library;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Library\LibraryQuery;
use Rigger\Core\Library\QueryWord;

final class LibraryQueryTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>, list<string>, int|null, int|null}> */
    public static function queries(): iterable
    {
        yield 'nothing' => ['', [], [], null, null];
        yield 'a name' => ['Marram Drum', ['marram', 'drum'], [], null, null];
        yield 'the five colours under ten channels' => ['RGBAW under 10 channels', [], ['red', 'green', 'blue', 'amber', 'white'], null, 9];
        yield 'at most' => ['rgb at most 4', [], ['red', 'green', 'blue'], null, 4];
        yield 'more than' => ['wash over 8 ch', ['wash'], [], 9, null];
        yield 'exactly' => ['moving head 16ch', ['moving', 'head'], [], 16, 16];
        yield 'from and to' => ['9-16 channels with gobo', ['gobo'], [], 9, 16];
        yield 'a number that is a name' => ['Spin 40', ['spin', '40'], [], null, null];
        yield 'ultraviolet' => ['RGBW+UV', [], ['red', 'green', 'blue', 'white', 'uv'], null, null];
        yield 'signs of other languages' => ["%_\\' OR 1=1", ["%_\\'", 'or', '1=1'], [], null, null];
    }

    /**
     * @param list<string> $words
     * @param list<string> $emitters
     */
    #[DataProvider('queries')]
    public function testWhatIsTypedIsToldApart(string $text, array $words, array $emitters, ?int $least, ?int $most): void
    {
        $query = LibraryQuery::of($text);

        self::assertSame($words, array_map(static fn (QueryWord $word): string => $word->text, $query->words));
        self::assertSame([$emitters, $least, $most], [$query->emitters, $query->least, $query->most]);
    }

    public function testAWordMayBeAFunctionOrAnEmitter(): void
    {
        self::assertEquals(
            [new QueryWord('strobe', 'strobe', null), new QueryWord('amber', null, 'amber')],
            LibraryQuery::of('strobe amber')->words,
        );
    }
}
