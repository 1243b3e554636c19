<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Input;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Input\InputError;

/** No internal name reaches an operator. */
final class MemberWordsTest extends TestCase
{
    /** @return iterable<string, array{InputError, string}> */
    public static function errors(): iterable
    {
        yield 'a number not counted yet' => [InputError::missing('buttons'), 'Still to be said: how many buttons.'];
        yield 'a limit of a curve' => [
            InputError::wrongType('changes[0].curve.min', 'a whole number', '12 %'),
            'The lower limit must be a whole number, not the text "12 %".',
        ];
        yield 'a name of its own' => [InputError::outOfRange('moveTime', 400, '0 to 255'), 'Move time is 400; it must be 0 to 255.'];
        yield 'one of a list' => [InputError::notAChoice('modes[1].tapeColour', 'blue', ['sky']), 'Tape colour cannot be "blue". Known are: sky.'];
        yield 'all of it' => [InputError::wrongType('', 'an object', []), 'The document must be an object, not a list.'];
        yield 'nothing at all' => [InputError::missing(''), 'Still to be said: the document.'];
    }

    #[DataProvider('errors')]
    public function testMembersAreCalledAsAnOperatorWould(InputError $error, string $words): void
    {
        self::assertSame($words, $error->getMessage());
    }
}
