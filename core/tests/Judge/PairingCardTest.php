<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Judge;

use PHPUnit\Framework\TestCase;
use Rigger\Core\Change\Refused;
use Rigger\Core\Judge\Lines\PairingCard;
use Rigger\Core\Judge\Lines\PairingStep;
use Rigger\Core\Rig\Link;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Tests\Rig\Rigs;
use Rigger\Core\Tests\Rig\SmallWorld;

/** Pairing, in each kit's own words. */
final class PairingCardTest extends TestCase
{
    private static function linked(string $kit, string $setting): Rig
    {
        $rig = Rigs::demo()->withLink(new Link('link', (new SmallWorld())->kit($kit), 'Gallery', $setting));

        return $rig->withUnits(Rigs::named($rig, 'Tape')->listeningTo('link', null));
    }

    /** @return list<string> */
    private static function steps(Rig $rig): array
    {
        return array_map(static fn (PairingStep $step): string => $step->words.(null === $step->to ? '' : \sprintf(
            ' [%s–%s s]',
            $step->from,
            $step->to,
        )), PairingCard::of($rig, Rigs::named($rig, 'Tape'))->steps);
    }

    public function testAKitThatTakesOverTheSendersName(): void
    {
        self::assertSame([
            'Switch Gallery on. Hands off for 2 s.',
            'Press Name until it shows Cedar.',
            'Switch Tape on. From now on there are 10 s. Hands off for 2 s.',
            'Hold Name for 3 s, until its lamp is flickering green; then let go. [2–10 s]',
            'It listens now. Its lamp: steady green.',
            'The level of the fader at the moment of pressing chooses the curve: 0–127 linear, 128–255 slow.',
            'Raise Button 10, page inner, fader 1, and press the button of output 1 once: it listens at 127, for Red.',
            'Raise Button 10, page inner, fader 2, and press the button of output 2 once: it listens at 128, for Green.',
            'Raise Button 10, page inner, fader 3, and press the button of output 3 once: it listens at 129, for Blue.',
        ], self::steps(self::linked('reed-link', 'Cedar')));
    }

    public function testASteadyLampThatMeansLostIsSaid(): void
    {
        $rig = self::linked('loon-pair', '2-3');
        self::assertSame([
            'Switch Gallery on.',
            'Press Number until it shows 2, and press Sub until it shows 3.',
            'Switch Tape on. From now on there are 5 s.',
            'Press Number twice: its lamp is flickering blue. [0–5 s]',
            'It listens now. Its lamp: a short flash of blue every 1 s. Steady blue means that it still looks for its sender.',
        ], self::steps($rig));
        self::assertSame(
            ['Within 5 s of switching it on, press Number 8 times.'],
            PairingCard::of($rig, Rigs::named($rig, 'Tape'))->undo,
        );
    }

    public function testAKitThatIsSetByHandAlone(): void
    {
        $rig = self::linked('osier-air', 'green 3');
        self::assertSame([
            'Switch Gallery on. Hands off for 5 s.',
            'Press Colour until it shows green, and press Channel until it shows 3.',
            'Switch Tape on. Hands off for 5 s.',
            'Press Colour until it shows green, and press Channel until it shows 3.',
            'It listens now. Its lamp: steady white.',
        ], self::steps($rig), 'with more channels than a receiver has outputs, it is built in');
        self::assertSame([
            'Raise Button 10, page inner, fader 1 alone: only Red changes.',
            'Raise Button 10, page inner, fader 2 alone: only Green changes.',
            'Raise Button 10, page inner, fader 3 alone: only Blue changes.',
        ], PairingCard::of($rig, Rigs::named($rig, 'Tape'))->proof);
    }

    public function testOutputsThatTakeSeveralPresses(): void
    {
        $rig = self::linked('osier-air', 'green 3');
        $panel = Rigs::named($rig, 'Panel');
        $rig = $rig->withUnits($panel->listeningTo('link', null)->onOutputs([2, 1]));
        $steps = PairingCard::of($rig, $rig->unit($panel->id))->steps;
        self::assertSame([
            'The level of the fader at the moment of pressing chooses the curve: 0–85 linear, 86–170 square, 171–255 slow.',
            'Raise Button 9, page inner, fader 6, and press the button of output 1 twice: it listens at 118, for Cool.',
            'Raise Button 9, page inner, fader 5, and press the button of output 2 twice: it listens at 117, for Warm.',
        ], array_map(static fn (PairingStep $step): string => $step->words, \array_slice($steps, -3)));
    }

    public function testWithoutADeskAddressesAreNamed(): void
    {
        $rig = self::linked('reed-link', 'Alder')->playedOn(null);
        self::assertSame(
            'Raise address 127, and press the button of output 1 once: it listens at 127, for Red.',
            self::steps($rig)[6],
        );
    }

    public function testThereIsNothingToPairOnACable(): void
    {
        $this->expectException(Refused::class);
        $this->expectExceptionMessage('Haar hangs on a cable: there is nothing to pair.');
        PairingCard::of(Rigs::demo(), Rigs::named(Rigs::demo(), 'Haar'));
    }
}
