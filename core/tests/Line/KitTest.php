<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Line;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Line\Radio\Kit;
use Rigger\Core\Line\Radio\KitCheck;
use Rigger\Core\Line\Radio\KitFacts;
use Rigger\Core\Line\Radio\KitReader;
use Rigger\Core\Line\Radio\KitWriter;
use Rigger\Core\Line\Radio\LampSign;
use Rigger\Core\Line\Radio\LampState;

/** Radio kits as their leaflets describe them. */
final class KitTest extends TestCase
{
    private const SHIPPED = ['reed-link', 'loon-pair', 'osier-air'];

    private static function document(string $kit): \stdClass
    {
        $document = Json::decode((string) file_get_contents(\dirname(__DIR__, 3).'/demo/kits/'.$kit.'.json'));
        self::assertInstanceOf(\stdClass::class, $document);

        return $document;
    }

    private static function kit(string $kit): Kit
    {
        return KitReader::read(self::document($kit));
    }

    public function testThreeAreShippedThatContradictThemselvesNowhere(): void
    {
        foreach (self::SHIPPED as $name) {
            $kit = self::kit($name);
            self::assertSame([], KitCheck::of($kit), $name);
            self::assertTrue($kit->equals(KitReader::read(Json::decode(Json::encode(KitWriter::write($kit))))), $name);
            self::assertNotSame([], KitFacts::of($kit));
        }
    }

    public function testEverySettingIsTakenApartAndPutTogetherAgain(): void
    {
        foreach (self::SHIPPED as $name) {
            $kit = self::kit($name);
            $settings = $kit->settings();
            self::assertSame($settings, array_values(array_unique($settings)));
            foreach ($settings as $setting) {
                self::assertSame($setting, $kit->joined($kit->split($setting)));
                self::assertCount(\count($kit->parts), $kit->split($setting));
            }
            self::assertFalse($kit->has('Oak'));
        }
        self::assertSame(['red', '1'], self::kit('osier-air')->split('red 1'));
        self::assertSame(['sub-number'], self::kit('loon-pair')->differing('2-1', '2-4'));
        self::assertSame(['number', 'sub-number'], self::kit('loon-pair')->differing('2-1', '3-4'));
    }

    public function testAValueMayHoldTheMarkThatStandsBetweenParts(): void
    {
        $document = self::document('loon-pair');
        $document->parts[0]->values = ['a', 'a-b'];
        $document->parts[1]->values = ['c', 'b-c'];
        $kit = KitReader::read($document);
        self::assertSame('joint', KitCheck::of($kit)[0]->field, 'a with b-c, and a-b with c, are both called a-b-c');
        $document->parts[1]->values = ['c', 'd'];
        self::assertSame(['a-b', 'd'], KitReader::read($document)->split('a-b-d'));
    }

    public function testAButtonStepsRoundAndRound(): void
    {
        $names = self::kit('reed-link')->parts[0];
        $at = 'Alder';
        for ($nth = 0; $nth < 16; ++$nth) {
            self::assertSame($nth % 8, $names->presses('Alder', $at));
            $at = $names->next($at);
        }
        self::assertSame('Alder', $at);
        self::assertSame(3, $names->presses('Gorse', 'Birch'));
    }

    /** @return iterable<string, array{string, string}> pattern, words */
    public static function patterns(): iterable
    {
        yield 'all of it' => ['1', 'steady green'];
        yield 'none of it' => ['00', 'dark'];
        yield 'as fast as it goes' => ['10', 'flickering green'];
        yield 'slow' => ['1111100000', 'slow green, on and off every 1 s'];
        yield 'mostly dark' => ['1000000000', 'a short flash of green every 1 s'];
        yield 'mostly lit' => ['1111111100', 'green, out for a moment every 1 s'];
        yield 'two and a pause' => ['1010000000', '2 flashes of green, a pause'];
    }

    #[DataProvider('patterns')]
    public function testALampsPatternInWords(string $pattern, string $words): void
    {
        $sign = new LampSign(LampState::Linked, 'green', $pattern);
        self::assertSame($words, $sign->words());
        for ($tick = 0; $tick < 40; ++$tick) {
            self::assertSame('1' === $pattern[$tick % \strlen($pattern)], $sign->isLit($tick / 10), 'tick '.$tick);
        }
    }

    /** @return iterable<string, array{callable(\stdClass): mixed, string, string}> field and words */
    public static function contradictions(): iterable
    {
        yield 'no time for what it takes' => [
            static fn (\stdClass $kit) => $kit->pair->within = 4,
            'pair.within',
            'To hold Name for 3 s takes 3 s, and of the 4 s after switching on the first 2 are hands-off.',
        ];
        yield 'a button that is not there' => [
            static fn (\stdClass $kit) => $kit->clear->button = 'Reset',
            'clear.button',
            'A receiver has no button called "Reset".',
        ];
        yield 'paired as it is cleared' => [
            static function (\stdClass $kit): void {
                $kit->clear = (object) ['button' => 'Name', 'hold' => 3, 'within' => 10];
            },
            'clear',
            'To pair and to clear are the same: hold Name for 3 s.',
        ];
        yield 'two states that look alike' => [
            static fn (\stdClass $kit) => $kit->receiver->lamps[2]->pattern = '1111100000',
            'receiver.lamps[2].pattern',
            '"looks for its sender" and "pairing" look alike: slow green, on and off every 1 s.',
        ];
        yield 'alike, though written twice over' => [
            static fn (\stdClass $kit) => $kit->receiver->lamps[2]->pattern = '11',
            'receiver.lamps[2].pattern',
            '"linked" and "pairing" look alike: steady green.',
        ];
        yield 'one state twice' => [
            static fn (\stdClass $kit) => $kit->sender->lamps[1]->state = 'linked',
            'sender.lamps[1].state',
            '"linked" is described twice.',
        ];
        yield 'two buttons of one name' => [
            static fn (\stdClass $kit) => $kit->sender->buttons[] = (object) ['label' => 'Name'],
            'sender.buttons[1].label',
            'Two buttons are called Name.',
        ];
        yield 'a part that is not there' => [
            static fn (\stdClass $kit) => $kit->sender->buttons[0]->steps = 2,
            'sender.buttons[0].steps',
            'Name steps part 3, and there are 1.',
        ];
        yield 'levels that choose nothing' => [
            static fn (\stdClass $kit) => $kit->curves[1]->to = 250,
            'curves',
            'The levels 251 to 255 choose no curve.',
        ];
        yield 'levels left out' => [
            static fn (\stdClass $kit) => $kit->curves[1]->from = 130,
            'curves[1].from',
            'slow begins at 130; the levels before it end at 127.',
        ];
        yield 'outputs that are not there' => [
            static fn (\stdClass $kit) => $kit->outputs = 0,
            'assign',
            'Outputs are assigned by 1 presses, and there are 0 of them.',
        ];
        yield 'too few frequencies' => [
            static fn (\stdClass $kit) => array_pop($kit->air->mhz),
            'air.mhz',
            '7 frequencies are named for 8 values of name.',
        ];
    }

    /** @param callable(\stdClass): mixed $slip */
    #[DataProvider('contradictions')]
    public function testADescriptionThatContradictsItselfIsToldWithItsNumbers(callable $slip, string $field, string $words): void
    {
        $document = self::document('reed-link');
        $slip($document);
        [$first] = KitCheck::of(KitReader::read($document));
        self::assertSame([$field, $words], [$first->field, $first->getMessage()]);
        $this->expectException(InputError::class);
        KitCheck::refuse(KitReader::read($document));
    }

    /** @return iterable<string, array{callable(\stdClass): mixed, string, string}> */
    public static function slips(): iterable
    {
        yield 'pressed and held' => [static fn (\stdClass $kit) => $kit->pair->presses = 2, 'unknown_member', 'pair.hold'];
        yield 'neither' => [
            static function (\stdClass $kit): void {
                unset($kit->pair->hold);
            },
            'missing',
            'pair.presses',
        ];
        yield 'no name yet' => [static fn (\stdClass $kit) => $kit->name = ' ', 'missing', 'name'];
        yield 'no part' => [static fn (\stdClass $kit) => $kit->parts = [], 'values_count', 'parts'];
        yield 'a part that can be nothing' => [static fn (\stdClass $kit) => $kit->parts[0]->values = [], 'missing', 'parts[0].values'];
        yield 'a value twice' => [static fn (\stdClass $kit) => $kit->parts[0]->values[] = 'Alder', 'duplicate', 'parts[0].values'];
        yield 'a pattern of words' => [
            static fn (\stdClass $kit) => $kit->sender->lamps[0]->pattern = 'slow',
            'out_of_range',
            'sender.lamps[0].pattern',
        ];
        yield 'a state nobody knows' => [
            static fn (\stdClass $kit) => $kit->sender->lamps[0]->state = 'happy',
            'not_a_choice',
            'sender.lamps[0].state',
        ];
        yield 'held for less than nothing' => [static fn (\stdClass $kit) => $kit->pair->hold = 0, 'out_of_range', 'pair.hold'];
        yield 'a newer version' => [static fn (\stdClass $kit) => $kit->version = 2, 'out_of_range', 'version'];
        yield 'a member nobody knows' => [static fn (\stdClass $kit) => $kit->colour = 'red', 'unknown_member', 'colour'];
    }

    /** @param callable(\stdClass): mixed $slip */
    #[DataProvider('slips')]
    public function testWhatIsNoDescriptionIsRefused(callable $slip, string $code, string $field): void
    {
        $document = self::document('reed-link');
        $slip($document);
        try {
            KitReader::read($document);
            self::fail('Was taken');
        } catch (InputError $error) {
            self::assertSame([$code, $field], [$error->errorCode, $error->field]);
        }
    }
}
