<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Edit\EditReader;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\Emitter;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Profile\ProfileWriter;
use Rigger\Core\Profile\RangeLine;

/** Modes, channels, ranges and emitters that come, change and go. */
final class ChartPartsTest extends TestCase
{
    /** A mode of pan, tilt, and the fine steps of pan. */
    private static function chart(): FixtureProfile
    {
        return new FixtureProfile('Marram', 'Drum', 'wash', null, [], null, [new Mode('m', 'Three', 3, [
            new Channel(1, 'Pan'),
            new Channel(2, 'Tilt', 2, null, 128),
            new Channel(3, 'Pan fine', null, 1),
        ], 'd001')]);
    }

    /** @param array<string, mixed> $edit */
    private static function edit(FixtureProfile $chart, array $edit): FixtureProfile
    {
        $edited = EditReader::read(Json::decode(Json::encode($edit)))->on($chart);
        // What an edit makes is a chart that is read again as it stands.
        self::assertEquals($edited, ProfileReader::read(Json::decode(Json::encode(ProfileWriter::write($edited)))));

        return $edited;
    }

    /** @return list<array{int, string, int|null}> offset, label, and what it is the fine steps of */
    private static function channels(FixtureProfile $chart): array
    {
        return array_map(
            static fn (Channel $channel): array => [$channel->offset, $channel->label, $channel->fineOf],
            $chart->modes[0]->byOffset(),
        );
    }

    public function testANewModeGetsAKeyOfItsOwn(): void
    {
        $chart = self::chart();
        foreach ([['9 Channel!', 'd001', ''], ['9-channel', null, 'hold Enter'], ['Ω', '', null]] as [$name, $display, $setup]) {
            $chart = self::edit($chart, ['op' => 'add-mode', 'name' => $name, 'count' => 9, 'display' => $display, 'setup' => $setup]);
        }
        self::assertSame(
            [['m', 'd001', null], ['9-channel', 'd001', null], ['9-channel-2', null, 'hold Enter'], ['mode', null, null]],
            array_map(static fn (Mode $mode): array => [$mode->key, $mode->display, $mode->setup], $chart->modes),
        );
        self::assertSame(['m', '9-channel-2', 'mode'], array_map(
            static fn (Mode $mode): string => $mode->key,
            self::edit($chart, ['op' => 'remove-mode', 'mode' => '9-channel'])->modes,
        ));
    }

    public function testOnlyWhatIsSaidOfAModeChanges(): void
    {
        $mode = self::edit(self::chart(), ['op' => 'set-mode', 'mode' => 'm', 'name' => ' Four ', 'count' => 4])->modes[0];
        self::assertSame(['m', 'Four', 4, 'd001', 3], [$mode->key, $mode->name, $mode->count, $mode->display, $mode->footprint()]);
        $mode = self::edit(self::chart(), ['op' => 'set-mode', 'mode' => 'm', 'display' => '', 'setup' => 'Menu'])->modes[0];
        self::assertSame(['Three', null, 'Menu'], [$mode->name, $mode->display, $mode->setup]);
    }

    public function testAChannelJoinsAtTheEndAndLeavesNoHole(): void
    {
        $chart = self::edit(self::chart(), ['op' => 'add-channel', 'mode' => 'm', 'label' => 'Dimmer']);
        self::assertSame([4, 'Dimmer', null], self::channels($chart)[3]);
        self::assertSame(
            [[1, 'Pan', null], [2, 'Pan fine', 1], [3, 'Dimmer', null]],
            self::channels(self::edit($chart, ['op' => 'remove-channel', 'mode' => 'm', 'channel' => 2])),
        );
        self::assertSame(
            [[1, 'Tilt', null], [2, 'Pan', null], [3, 'Pan fine', 2], [4, 'Dimmer', null]],
            self::channels(self::edit($chart, ['op' => 'move-channel', 'mode' => 'm', 'channel' => 1, 'to' => 2])),
        );
    }

    public function testOnlyWhatIsSaidOfAChannelChanges(): void
    {
        $set = static fn (array $wish): ?Channel => self::edit(
            self::chart(),
            ['op' => 'set-channel', 'mode' => 'm', 'channel' => 2] + $wish,
        )->modes[0]->channel(2);
        self::assertEquals(new Channel(2, 'Up', 2, null, 128), $set(['label' => 'Up']));
        self::assertEquals(new Channel(2, 'Tilt', null, null, 0), $set(['cell' => null, 'default' => 0]));
        self::assertEquals(new Channel(2, 'Tilt', 2, 1, 128), $set(['fineOf' => 1]));
    }

    public function testATypedRangeTakesThePlaceOfWhatItWasOpenedFromOrOfTheSameValues(): void
    {
        $chart = self::chart();
        $steps = [
            ['100-255 closed Shut', null, ['100-255 closed Shut']],
            ['0-99 open Open', null, ['0-99 open Open', '100-255 closed Shut']],
            ['0-99 open Light', null, ['0-99 open Light', '100-255 closed Shut']],
            ['50-99 open Late', 0, ['50-99 open Late', '100-255 closed Shut']],
            ['0-9 closed Black', 7, ['0-9 closed Black', '50-99 open Late', '100-255 closed Shut']],
        ];
        foreach ($steps as [$line, $range, $expected]) {
            $chart = self::edit($chart, ['op' => 'put-range', 'mode' => 'm', 'channel' => 1, 'line' => $line, 'range' => $range]);
            self::assertSame($expected, array_map(RangeLine::write(...), $chart->modes[0]->channel(1)->ranges ?? []));
        }
        $left = self::edit($chart, ['op' => 'remove-range', 'mode' => 'm', 'channel' => 1, 'range' => 1])->modes[0]->channel(1);
        self::assertSame(['0-9 closed Black', '100-255 closed Shut'], array_map(RangeLine::write(...), $left->ranges ?? []));
    }

    public function testALineIsReadWithTheFixturesOwnEmittersWhichStandOnce(): void
    {
        $lime = ['key' => 'lime', 'x' => 0.41, 'y' => 0.555, 'flux' => 0.9];
        $chart = self::edit(
            self::chart(),
            ['op' => 'put-emitter', 'emitter' => ['key' => 'mint', 'flux' => 0.5, 'typical' => true] + $lime],
        );
        foreach ([0.8, 0.9] as $flux) {
            $chart = self::edit($chart, ['op' => 'put-emitter', 'emitter' => ['flux' => $flux] + $lime]);
        }
        $figures = static fn (FixtureProfile $of): array => array_map(
            static fn (Emitter $emitter): array => [$emitter->key, $emitter->flux, $emitter->typical],
            $of->emitters,
        );
        self::assertSame([['mint', 0.5, true], ['lime', 0.9, false]], $figures($chart));
        $put = ['op' => 'put-range', 'mode' => 'm', 'channel' => 1, 'line' => '0-255 lime'];
        $range = self::edit($chart, $put)->modes[0]->channel(1)?->ranges[0];
        self::assertSame('0-255 emitter lime 0-100 Lime', null === $range ? '' : RangeLine::write($range));
        $chart = self::edit($chart, ['op' => 'remove-emitter', 'key' => 'lime']);
        self::assertSame([['mint', 0.5, true]], $figures($chart));
        $this->expectExceptionMessage('add it to its emitters first');
        self::edit($chart, $put);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refusals(): iterable
    {
        $here = ['mode' => 'm', 'channel' => 1];
        yield 'a mode without a name' => [['op' => 'add-mode', 'name' => ' ', 'count' => 3], 'missing', 'edit.name'];
        yield 'a mode of nothing' => [['op' => 'add-mode', 'name' => 'One', 'count' => 0], 'out_of_range', 'edit.count'];
        yield 'a mode loses its name' => [['op' => 'set-mode', 'mode' => 'm', 'name' => ''], 'missing', 'edit.name'];
        yield 'a mode that is not there' => [['op' => 'remove-mode', 'mode' => 'x'], 'unknown_mode', 'edit.mode'];
        yield 'a channel in no mode' => [['op' => 'add-channel', 'mode' => 'x', 'label' => 'Pan'], 'unknown_mode', 'edit.mode'];
        yield 'a channel that is not there' => [['op' => 'remove-channel', 'channel' => 9] + $here, 'out_of_range', 'edit.channel'];
        yield 'it rests past its top' => [['op' => 'set-channel', 'default' => 256] + $here, 'out_of_range', 'edit.default'];
        yield 'a range that is not there' => [['op' => 'remove-range', 'range' => 0] + $here, 'out_of_range', 'edit.range'];
        yield 'an emitter that is not there' => [['op' => 'remove-emitter', 'key' => 'lime'], 'emitter_unknown', 'edit.key'];
        yield 'an emitter of no colour' => [
            ['op' => 'put-emitter', 'emitter' => ['key' => 'a', 'x' => 0.9, 'y' => 0.9, 'flux' => 1]],
            'out_of_range',
            'edit.emitter.y',
        ];
        yield 'a member of another edit' => [['op' => 'remove-range', 'range' => 0, 'at' => 4] + $here, 'unknown_member', 'edit.at'];
    }

    /** @param array<string, mixed> $edit */
    #[DataProvider('refusals')]
    public function testWhatCannotBeDoneIsRefusedAtItsMember(array $edit, string $code, string $path): void
    {
        try {
            self::edit(self::chart(), $edit);
            self::fail('taken');
        } catch (InputError $error) {
            self::assertSame([$code, $path], [$error->errorCode, $error->field]);
        }
    }
}
