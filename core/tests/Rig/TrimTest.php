<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Rig;

use PHPUnit\Framework\TestCase;
use Rigger\Core\Curve\Bound;
use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Curve\Curve;
use Rigger\Core\Curve\LeftLit;
use Rigger\Core\Curve\Shape;
use Rigger\Core\Finding\SeenEffect;
use Rigger\Core\Finding\Sharing;
use Rigger\Core\Input\Json;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Rig\Reversal;
use Rigger\Core\Rig\Trim;

/** What stands between the faders and a unit, and what one would see when somebody else moves them. */
final class TrimTest extends TestCase
{
    public function testACurveBendsItsChannelAndASoftReversalTurnsBothBytes(): void
    {
        $tables = (new Trim(
            [new ChannelCurve(4, new Curve(Shape::Linear, 26, 230, Bound::Clamp, []))],
            Reversal::InSoftware,
        ))->tables(self::head());
        self::assertSame([0, 1, 3], self::sorted($tables));
        self::assertSame([255, 0], [\ord($tables[0][0]), \ord($tables[0][255])]);
        self::assertSame([255, 0], [\ord($tables[1][0]), \ord($tables[1][255])]);
        self::assertSame([26, 128, 230], [\ord($tables[3][0]), \ord($tables[3][128]), \ord($tables[3][255])]);
        // The word turned round is 65535 less the word: coarse and fine each 255 less.
        self::assertSame(65535 - (100 * 256 + 7), \ord($tables[0][100]) * 256 + \ord($tables[1][7]));
    }

    public function testWhatIsDoneInTheUnitIsNotDoneAgain(): void
    {
        self::assertSame([], (new Trim([], Reversal::InUnit, Reversal::InUnit))->tables(self::head()));
        self::assertSame(
            [],
            (new Trim([
                new ChannelCurve(4, new Curve(Shape::Linear, 0, 255, Bound::Scale, [])),
                new ChannelCurve(99, new Curve(Shape::S, 0, 255, Bound::Scale, [])),
            ]))->tables(self::head()),
            'a straight one, and one for a channel that is not there',
        );
    }

    public function testAFloorGlowsOnlyWhereItGivesLight(): void
    {
        $floor = static fn (int $min): Curve => new Curve(Shape::Linear, $min, 255, Bound::Scale, []);
        self::assertSame(51, LeftLit::of(self::channel(4), $floor(51))?->value);
        self::assertEqualsWithDelta(0.2, LeftLit::of(self::channel(4), $floor(51))->level, 1e-9);
        self::assertNull(LeftLit::of(self::channel(4), $floor(0)));
        self::assertNull(LeftLit::of(self::channel(3), $floor(51)), 'tilt gives no light');
    }

    public function testASharedSlotIsToldByWhatStrikesTheEye(): void
    {
        self::assertSame(
            ['swings round', 'trembles a little', 'nods', 'gets brighter or darker', 'may start a program by itself'],
            array_map(static fn (int $offset): string => SeenEffect::of(self::channel($offset)), [1, 2, 3, 4, 5]),
        );
        self::assertSame(
            "085 is Lamp's Tilt (3) and Head's Dimmer (4): "
                .'meant for Lamp, it moves and Head gets brighter or darker; meant for Head, Lamp nods.',
            Sharing::sentence(85, 'Lamp', self::channel(3), 'Head', self::channel(4)),
        );
    }

    /**
     * @param array<int, string> $tables
     *
     * @return list<int>
     */
    private static function sorted(array $tables): array
    {
        $places = array_keys($tables);
        sort($places);

        return $places;
    }

    private static function channel(int $offset): Channel
    {
        return self::head()->channel($offset) ?? throw new \LogicException('There is no channel '.$offset);
    }

    private static function head(): Mode
    {
        $channel = static fn (int $offset, string $label, ?int $fineOf, array ...$ranges): array => [
            'offset' => $offset,
            'label' => $label,
            'cell' => null,
            'fineOf' => $fineOf,
            'default' => 0,
            'ranges' => $ranges,
        ];
        $profile = ProfileReader::read(Json::decode(Json::encode(['format' => 'rigger-fixture', 'version' => 1, 'maker' => 'Skerry', 'model' => 'Test', 'kind' => 'moving head',
            'movement' => ['pan' => 540, 'tilt' => 230],
            'modes' => [['key' => 'five', 'name' => '5-channel', 'count' => 5,
                'channels' => [
                    $channel(1, 'Pan', null, ['from' => 0, 'to' => 255, 'label' => 'Pan', 'function' => 'pan', 'start' => -270, 'end' => 270]),
                    $channel(2, 'Pan fine', 1),
                    $channel(3, 'Tilt', null, ['from' => 0, 'to' => 255, 'label' => 'Tilt', 'function' => 'tilt', 'start' => -115, 'end' => 115]),
                    $channel(
                        4,
                        'Dimmer',
                        null,
                        ['from' => 0, 'to' => 255, 'label' => 'Dimmer', 'function' => 'intensity', 'start' => 0, 'end' => 1],
                    ),
                    $channel(
                        5,
                        'Show',
                        null,
                        ['from' => 0, 'to' => 9, 'label' => 'Off', 'function' => 'none'],
                        ['from' => 10, 'to' => 255, 'label' => 'Auto', 'function' => 'program'],
                    ),
                ]]]])));

        return $profile->modes[0];
    }
}
