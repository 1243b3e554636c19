<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Input;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Input\Members;

final class MembersTest extends TestCase
{
    private static function of(string $json): Members
    {
        return Members::open(Json::decode($json), 'fixture');
    }

    /** @return iterable<string, array{callable(): mixed, string, string}> */
    public static function refusals(): iterable
    {
        yield 'no object' => [
            static fn (): Members => Members::open(Json::decode('[1]'), 'fixture'),
            'wrong_type',
            'fixture',
        ];
        yield 'a member missing' => [
            static fn (): string => self::of('{}')->text('name'),
            'missing',
            'fixture.name',
        ];
        yield 'a number for a text' => [
            static fn (): string => self::of('{"name":7}')->text('name'),
            'wrong_type',
            'fixture.name',
        ];
        yield 'null for a number' => [
            static fn (): int => self::of('{"count":null}')->whole('count'),
            'wrong_type',
            'fixture.count',
        ];
        yield 'true for a number' => [
            static fn (): float => self::of('{"watts":true}')->number('watts'),
            'wrong_type',
            'fixture.watts',
        ];
        yield 'a broken number where a whole one is due' => [
            static fn (): int => self::of('{"count":2.5}')->whole('count'),
            'wrong_type',
            'fixture.count',
        ];
        yield 'below the least' => [
            static fn (): int => self::of('{"count":0}')->whole('count', 1, 9),
            'out_of_range',
            'fixture.count',
        ];
        yield 'past the most' => [
            static fn (): float => self::of('{"level":1.01}')->number('level', 0, 1),
            'out_of_range',
            'fixture.level',
        ];
        yield 'too large for any machine' => [
            static fn (): int => self::of('{"count":1e300}')->whole('count', 1),
            'out_of_range',
            'fixture.count',
        ];
        yield 'without end' => [
            static fn (): float => self::of('{"level":1e999}')->number('level'),
            'out_of_range',
            'fixture.level',
        ];
        yield 'a word that is none of those' => [
            static fn (): string => self::of('{"kind":"wish"}')->choice('kind', ['wash', 'spot']),
            'not_a_choice',
            'fixture.kind',
        ];
        yield 'one for true' => [
            static fn (): bool => self::of('{"wide":1}')->flag('wide'),
            'wrong_type',
            'fixture.wide',
        ];
        yield 'an object for a list' => [
            static fn (): array => self::of('{"list":{}}')->items('list'),
            'wrong_type',
            'fixture.list',
        ];
        yield 'more entries than are read' => [
            static fn (): array => self::of('{"list":[1,2,3]}')->each('list', static fn (mixed $one): mixed => $one, 2),
            'out_of_range',
            'fixture.list',
        ];
        yield 'a text for an object of names' => [
            static fn (): array => self::of('{"values":"x"}')->named('values'),
            'wrong_type',
            'fixture.values',
        ];
    }

    /** @param callable(): mixed $read */
    #[DataProvider('refusals')]
    public function testRefusesAtTheMembersPath(callable $read, string $code, string $field): void
    {
        try {
            $read();
            self::fail('Was taken');
        } catch (InputError $error) {
            self::assertSame($code, $error->errorCode);
            self::assertSame($field, $error->field);
        }
    }

    public function testASlipIsToldWithTheNearestName(): void
    {
        $this->expectExceptionMessage('Did you mean "address"?');
        Members::of(Json::decode('{"adress":1}'), ['address', 'footprint']);
    }

    public function testForeignTextIsShortenedInMessages(): void
    {
        try {
            self::of((string) json_encode(['kind' => str_repeat("x\n", 5000)]))->choice('kind', ['wash']);
            self::fail('Was taken');
        } catch (InputError $error) {
            self::assertLessThan(200, \strlen($error->getMessage()));
            self::assertStringNotContainsString("\n", $error->getMessage());
        }
    }

    public function testAnEmptyListCountsAsAnObjectOfNames(): void
    {
        self::assertSame([], self::of('{"values":[]}')->named('values'));
        self::assertSame(['a' => 1], self::of('{"values":{"a":1}}')->named('values'));
    }

    public function testItemsAreReadWithTheirPaths(): void
    {
        $paths = self::of('{"list":[5,6]}')->each('list', static fn (mixed $one, string $path): string => $path);
        self::assertSame(['fixture.list[0]', 'fixture.list[1]'], $paths);
    }

    public function testBadJsonHasNoField(): void
    {
        foreach (['', '{', "\xff", '{"a":}'] as $text) {
            try {
                Json::decode($text);
                self::fail('Took '.$text);
            } catch (InputError $error) {
                self::assertSame('bad_json', $error->errorCode);
                self::assertSame('', $error->field);
            }
        }
    }
}
