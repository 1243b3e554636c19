<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Judge;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\ChangeReader;
use Rigger\Core\Change\Changes;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Finding\Wording;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Judge\Judge;
use Rigger\Core\Line\Radio\Band;
use Rigger\Core\Rig\Line\Reach;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Tests\Rig\Rigs;
use Rigger\Core\Tests\Rig\SmallWorld;

/** Links in the air: frequencies, the house network, and distance. */
final class AirJudgeTest extends TestCase
{
    private static SmallWorld $world;

    protected function setUp(): void
    {
        self::$world = new SmallWorld();
    }

    /** @param array<string, mixed> ...$changes */
    private static function change(array ...$changes): Rig
    {
        $read = array_map(
            static fn (array $one): Change => ChangeReader::read(Json::decode(Json::encode($one)), ''),
            array_values($changes),
        );

        return [] === $read ? Rigs::demo() : Changes::apply($read, Rigs::demo(), self::$world)->rig;
    }

    /** @return list<Finding> */
    private static function found(Rig $rig, string $code): array
    {
        return array_values(array_filter((new Judge($rig))->findings(), static fn (Finding $one): bool => $one->code === $code));
    }

    public function testTheDemoIsHeardWell(): void
    {
        $rig = Rigs::demo();
        $reach = Reach::of($rig->link('link-0'), Rigs::named($rig, 'Tape')->spot);
        self::assertNotNull($reach);
        // 7.2 m over seats: 10 dBm and 2 dB of aerial, less 40.05 + 27·log10(7.206), against -88 dBm.
        self::assertEqualsWithDelta(7.2056, $reach->metres, 1e-4);
        self::assertEqualsWithDelta(36.792, $reach->margin->marginDb, 1e-3);
        self::assertSame('strong', $reach->margin->verdict());
        self::assertSame([], [...self::found($rig, 'far_away'), ...self::found($rig, 'house_network')]);
    }

    public function testWhatStandsInTheWayIsTakenOffUntilNothingIsLeft(): void
    {
        $rig = self::change(['do' => 'place-link', 'link' => 'link-0', 'place' => 'walls', 'obstacles' => '12 15,5 dB']);
        [$finding] = self::found($rig, 'far_away');
        self::assertSame('warning', $finding->severity->value);
        self::assertSame(
            'Tape gets 4.1 dB more than needed over 7.2 m, through walls. Bring the aerial nearer or higher.',
            Wording::message($finding, $rig),
        );
        $rig = self::change(['do' => 'place-link', 'link' => 'link-0', 'place' => 'walls', 'obstacles' => '12 15.5 6']);
        [$finding] = self::found($rig, 'far_away');
        self::assertSame('error', $finding->severity->value);
        self::assertStringContainsString('1.9 dB less than needed', Wording::message($finding, $rig));
    }

    public function testTheHouseNetworkIsAvoidedBySenderAndReceiverTogether(): void
    {
        $rig = self::change(['do' => 'hear-house', 'channels' => '1, 6']);
        [$finding] = self::found($rig, 'house_network');
        self::assertSame(
            'Booth left sends at 2402.5–2407.5 MHz, and the house network on channel 1 fills 2401–2423 MHz: it drops out when the house is '
                .'full of phones.',
            Wording::message($finding, $rig),
        );
        [$proposal] = (new Judge($rig))->about($finding)->proposals;
        self::assertSame('Set Booth left and its receiver to Gorse, where nobody else is', $proposal->label);
        $after = Changes::apply($proposal->changes, $rig, self::$world)->rig;
        self::assertNull($after->silence(Rigs::named($after, 'Tape')));
        self::assertSame(['Booth right'], array_map(
            static fn (Finding $one): string => $after->link($one->linkId ?? '')->label,
            self::found($after, 'house_network'),
        ));
    }

    public function testLinksWhoseFrequenciesMeetAreTold(): void
    {
        $rig = self::change(
            ['do' => 'add-link', 'kit' => 'loon-pair', 'label' => 'Gallery', 'name' => '1-1'],
        );
        [$finding] = self::found($rig, 'frequencies_clash');
        self::assertSame(
            'Gallery sends at 2405–2415 MHz, Booth left at 2402.5–2407.5 MHz: where they meet, receivers of both drop out.',
            Wording::message($finding, $rig),
        );
        [$proposal] = (new Judge($rig))->about($finding)->proposals;
        self::assertSame('Set Gallery to 2-1, where nobody else is', $proposal->label);
        self::assertSame([], self::found(Changes::apply($proposal->changes, $rig, self::$world)->rig, 'frequencies_clash'));
    }

    public function testBandsMeetBothWaysAndNeverAtAnEdge(): void
    {
        for ($one = 2400; $one < 2440; $one += 3) {
            for ($other = 2400; $other < 2440; $other += 3) {
                [$a, $b] = [Band::around($one, 6), Band::around($other, 6)];
                self::assertSame($a->meets($b), $b->meets($a));
                self::assertSame(abs($one - $other) < 6, $a->meets($b));
            }
        }
        self::assertSame('2451–2473 MHz', Band::ofHouse(11)->words());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function slips(): iterable
    {
        yield 'no channel' => [['do' => 'hear-house', 'channels' => '1 14'], 'out_of_range', 'channels'];
        yield 'words' => [['do' => 'hear-house', 'channels' => 'all'], 'out_of_range', 'channels'];
        yield 'a wall that gives' => [['do' => 'place-link', 'link' => 'link-0', 'obstacles' => '-3'], 'out_of_range', 'obstacles'];
        yield 'a wall of words' => [['do' => 'place-link', 'link' => 'link-0', 'obstacles' => 'brick'], 'wrong_type', 'obstacles'];
        yield 'somewhere else' => [['do' => 'place-link', 'link' => 'link-0', 'place' => 'moon'], 'not_a_choice', 'place'];
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('slips')]
    public function testWhatCannotBeIsRefused(array $change, string $code, string $field): void
    {
        try {
            self::change($change);
            self::fail('Was taken');
        } catch (InputError $error) {
            self::assertSame([$code, $field], [$error->errorCode, str_replace('changes[0].', '', $error->field)]);
        }
    }
}
