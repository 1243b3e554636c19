<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Library;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Input\InputError;
use Rigger\Core\Listing\ProfileColumns;
use Rigger\Core\Listing\ProfileList;
use Rigger\Core\Listing\ProfileListReader;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeFunction;
use Rigger\Core\Tests\Profile\Charts;

final class ListingLawTest extends TestCase
{
    /** @return iterable<string, array{FixtureProfile}> */
    public static function charts(): iterable
    {
        foreach (array_filter((array) glob(__DIR__.'/../../../demo/fixtures/*.json'), is_string(...)) as $file) {
            yield basename($file, '.json') => [Charts::demo(basename($file, '.json'))];
        }
        yield 'awkward names' => [new FixtureProfile('=1+1', "+o'Neill", '-x', 1.5, [], ['pan' => 540.0, 'tilt' => null], [
            new Mode(
                'a',
                "'quoted",
                3,
                [
                    new Channel(
                        1,
                        '@name',
                        null,
                        null,
                        7,
                        [new Range(0, 5, "'=x", RangeFunction::None), new Range(6, 255, 'a;b,"c"', RangeFunction::Strobe)],
                    ),
                    new Channel(2, '-5'),
                ],
            ),
            new Mode('empty', 'Empty', 4, []),
        ])];
    }

    #[DataProvider('charts')]
    public function testAListReadsBackAsTheSameChart(FixtureProfile $profile): void
    {
        $read = ProfileListReader::read(ProfileList::rows($profile));

        self::assertCount(1, $read);
        self::assertEquals($profile->computed(), $read[0]);
    }

    public function testManyChartsStandInOneList(): void
    {
        $charts = array_map(static fn (array $row): FixtureProfile => $row[0]->computed(), array_values(iterator_to_array(self::charts())));

        self::assertEquals($charts, ProfileListReader::read(ProfileList::rows(...$charts)));
    }

    /** @return iterable<string, array{list<list<string>>, string, string}> */
    public static function badLists(): iterable
    {
        $heads = ['maker', 'model', 'mode', 'channel', 'from', 'to', 'function'];
        yield 'nothing' => [[], 'missing', 'row 1'];
        yield 'no heads' => [[['Marram', 'Drum', 'nine', '1']], 'unknown_member', 'row 1'];
        yield 'a column too many' => [[[...ProfileColumns::NEEDED, 'price']], 'unknown_member', 'row 1'];
        yield 'no maker' => [[$heads, ['', 'Drum', 'nine', '1']], 'missing', 'row 2, maker'];
        yield 'a word for a number' => [[$heads, ['Marram', 'Drum', 'nine', '1', 'zero', '255', 'none']], 'wrong_type', 'row 2, from'];
        yield 'an unknown function' => [
            [$heads, ['Marram', 'Drum', 'nine', '1', '0', '255', 'sparkle']],
            'not_a_choice',
            'modes[0].channels[0].ranges[0].function',
        ];
    }

    /** @param list<list<string>> $rows */
    #[DataProvider('badLists')]
    public function testABadListIsRefusedWithItsRow(array $rows, string $code, string $field): void
    {
        try {
            ProfileListReader::read($rows);
            self::fail('It was taken.');
        } catch (InputError $error) {
            self::assertSame([$code, $field], [$error->errorCode, $error->field]);
        }
    }
}
