<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Text;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Text\Figure;

final class FigureTest extends TestCase
{
    /** @return iterable<string, array{float, int, string}> */
    public static function numbers(): iterable
    {
        yield 'whole' => [650.0, 2, '650'];
        yield 'with noughts of its own' => [100.0, 1, '100'];
        yield 'one decimal' => [12.5, 2, '12.5'];
        yield 'rounded away from zero' => [0.125, 2, '0.13'];
        yield 'nothing' => [0.0, 2, '0'];
        yield 'below zero' => [-3.10, 2, '-3.1'];
        yield 'no decimals, and its noughts stay' => [1500.4, 0, '1500'];
        yield 'no separator of thousands' => [12345.6, 1, '12345.6'];
    }

    #[DataProvider('numbers')]
    public function testSaysNoDigitThatSaysNothing(float $value, int $decimals, string $written): void
    {
        self::assertSame($written, Figure::short($value, max(0, $decimals)));
    }
}
