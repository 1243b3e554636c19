<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Edit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rigger\Core\Edit\EditReader;
use Rigger\Core\Edit\Repair;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Profile\Channel;
use Rigger\Core\Profile\ChartFinding;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\Mode;
use Rigger\Core\Profile\ProfileCheck;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Profile\ProfileWriter;
use Rigger\Core\Profile\Range;
use Rigger\Core\Profile\RangeLine;
use Rigger\Core\Profile\TypicalEmitters;

/** Each edit as an operator would write the channel down before and after. */
final class ChartEditTest extends TestCase
{
    /** @return iterable<string, array{list<string>, array<string, mixed>, list<string>}> */
    public static function edits(): iterable
    {
        $dimmer = ['0-255 intensity Dark to full'];
        yield 'split a sweep where it stands' => [
            ['0-255 strobe 0-25.5 Flash'],
            ['op' => 'split', 'at' => 100],
            ['0-99 strobe 0-9.9 Flash', '100-255 strobe 10-25.5 Flash'],
        ];
        yield 'split a range without a figure' => [
            ['0-255 strobe ? Flash'],
            ['op' => 'split', 'at' => 1],
            ['0 strobe ? Flash', '1-255 strobe ? Flash'],
        ];
        yield 'join two that sweep alike' => [
            ['0-99 strobe 1-5 Flash', '100-255 strobe 5-16 Faster'],
            ['op' => 'join', 'range' => 0],
            ['0-255 strobe 1-16 Flash'],
        ];
        yield 'join two that differ' => [['0-9 closed Shut', '10-255 open Open'], ['op' => 'join', 'range' => 0], ['0-255 closed Shut']];
        yield 'join over a gap' => [['0-9 closed Shut', '20-255 closed Open'], ['op' => 'join', 'range' => 0], ['0-255 closed Shut']];
        yield 'an upper edge up: the neighbour follows' => [
            ['0-9 closed Shut', '10-255 open Open'],
            ['op' => 'move-edge', 'range' => 0, 'end' => 'to', 'to' => 23],
            ['0-23 closed Shut', '24-255 open Open'],
        ];
        yield 'an upper edge down: the neighbour follows' => [
            ['0-23 closed Shut', '24-255 open Open'],
            ['op' => 'move-edge', 'range' => 0, 'end' => 'to', 'to' => 9],
            ['0-9 closed Shut', '10-255 open Open'],
        ];
        yield 'a lower edge: the one below follows' => [
            ['0-23 closed Shut', '24-255 open Open'],
            ['op' => 'move-edge', 'range' => 1, 'end' => 'from', 'to' => 30],
            ['0-29 closed Shut', '30-255 open Open'],
        ];
        yield 'an edge at a gap leaves the other side alone' => [
            ['0-9 closed Shut', '20-255 open Open'],
            ['op' => 'move-edge', 'range' => 0, 'end' => 'to', 'to' => 12],
            ['0-12 closed Shut', '20-255 open Open'],
        ];
        yield 'an edge over a gap pushes' => [
            ['0-9 closed Shut', '20-255 open Open'],
            ['op' => 'move-edge', 'range' => 0, 'end' => 'to', 'to' => 29],
            ['0-29 closed Shut', '30-255 open Open'],
        ];
        yield 'fill a gap from below' => [
            ['0-9 closed Shut', '20-255 open Open'],
            ['op' => 'fill-gap', 'at' => 15, 'by' => 'below'],
            ['0-19 closed Shut', '20-255 open Open'],
        ];
        yield 'fill a gap from above' => [
            ['0-9 closed Shut', '20-255 open Open'],
            ['op' => 'fill-gap', 'at' => 10, 'by' => 'above'],
            ['0-9 closed Shut', '10-255 open Open'],
        ];
        yield 'fill a gap with nothing' => [
            ['20-255 open Open'],
            ['op' => 'fill-gap', 'at' => 0, 'by' => 'nothing'],
            ['0-19 none No function', '20-255 open Open'],
        ];
        yield 'percent: what touched still touches' => [
            ['0-4 closed Shut', '5-94 strobe 1-16 Flash', '95-100 open Open'],
            ['op' => 'rescale', 'scale' => 'percent'],
            ['0-10 closed Shut', '11-239 strobe 1-16 Flash', '240-255 open Open'],
        ];
        yield 'seven bits' => [
            ['0-63 closed Shut', '64-127 open Open'],
            ['op' => 'rescale', 'scale' => 'seven-bit'],
            ['0-127 closed Shut', '128-255 open Open'],
        ];
        yield 'counted from one' => [
            ['1-10 closed Shut', '11-255 open Open'],
            ['op' => 'rescale', 'scale' => 'one-based'],
            ['0-9 closed Shut', '10-254 open Open'],
        ];
        yield 'paste rows as typed' => [
            $dimmer,
            ['op' => 'paste-rows', 'text' => "0-9 closed\n10-255 open"],
            ['0-9 closed Closed', '10-255 open Open'],
        ];
        yield 'paste rows as a manual words them' => [
            $dimmer,
            ['op' => 'paste-rows', 'text' => "000-009 shutter closed\n010-249 strobe slow to fast 1-20 Hz\n250-255 open"],
            ['0-9 closed shutter closed', '10-249 strobe 1-20 strobe slow to fast 1-20 Hz', '250-255 open open'],
        ];
        yield 'pasted rows leave others alone' => [
            ['0-9 closed Shut', '10-255 open Open'],
            ['op' => 'paste-rows', 'text' => '100-255 strobe 1-5'],
            ['0-9 closed Shut', '100-255 strobe 1-5 Strobe'],
        ];
        yield 'what was seen takes the manual\'s place' => [
            $dimmer,
            [
                'op' => 'observe',
                'take' => true,
                'notes' => [
                    ['value' => 0, 'what' => 'closed'],
                    ['value' => 255, 'what' => 'open'],
                    ['value' => 24, 'what' => 'open'],
                    ['value' => 23, 'what' => 'closed'],
                ],
            ],
            ['0-23 closed Closed', '24-255 open Open'],
        ];
        yield 'what was seen in plain words' => [
            $dimmer,
            [
                'op' => 'observe',
                'take' => true,
                'notes' => [
                    ['value' => 0, 'what' => 'no light'],
                    ['value' => 9, 'what' => 'no light'],
                    ['value' => 10, 'what' => 'something odd'],
                    ['value' => 255, 'what' => 'something odd'],
                ],
            ],
            ['0-9 closed no light', '10-255 none something odd'],
        ];
    }

    /**
     * @param list<string>         $before
     * @param array<string, mixed> $edit
     * @param list<string>         $after
     */
    #[DataProvider('edits')]
    public function testAnEditChangesTheChannel(array $before, array $edit, array $after): void
    {
        $changed = self::edit(self::chart($before), $edit + ['mode' => 'one', 'channel' => 1]);

        self::assertSame($after, array_map(RangeLine::write(...), $changed->modes[0]->channels[0]->ranges));
        self::assertTrue($changed->equals(ProfileReader::read(Json::decode(Json::encode(ProfileWriter::write($changed))))));
    }

    /** @return iterable<string, array{list<string>, array<string, mixed>, string}> */
    public static function refusals(): iterable
    {
        $two = ['0-9 closed Shut', '10-255 open Open'];
        yield 'split at a range\'s beginning' => [$two, ['op' => 'split', 'at' => 10], 'cannot_split'];
        yield 'join the last' => [$two, ['op' => 'join', 'range' => 1], 'out_of_range'];
        yield 'an edge past the neighbour' => [
            ['0-9 closed Shut', '10-19 open Open', '20-255 closed Shut'],
            ['op' => 'move-edge', 'range' => 0, 'end' => 'to', 'to' => 19],
            'cannot_move',
        ];
        yield 'an edge before its own beginning' => [$two, ['op' => 'move-edge', 'range' => 1, 'end' => 'to', 'to' => 5], 'cannot_move'];
        yield 'no gap there' => [$two, ['op' => 'fill-gap', 'at' => 5, 'by' => 'below'], 'no_gap'];
        yield 'nothing above' => [['0-9 closed Shut'], ['op' => 'fill-gap', 'at' => 50, 'by' => 'above'], 'no_neighbour'];
        yield 'these are no percents' => [$two, ['op' => 'rescale', 'scale' => 'percent'], 'cannot_rescale'];
        yield 'rows of nothing' => [$two, ['op' => 'paste-rows', 'text' => 'the tide is out'], 'nothing_read'];
        yield 'a channel that is not there' => [$two, ['op' => 'split', 'channel' => 9, 'at' => 5], 'out_of_range'];
        yield 'a mode that is not there' => [$two, ['op' => 'split', 'mode' => 'two', 'at' => 5], 'unknown_mode'];
        yield 'an unknown edit' => [$two, ['op' => 'scramble'], 'not_a_choice'];
        yield 'a member of another edit' => [$two, ['op' => 'join', 'range' => 0, 'text' => ''], 'unknown_member'];
        yield 'too many copies' => [$two, ['op' => 'copy-block', 'count' => 1, 'copies' => 511, 'channel' => 2], 'out_of_range'];
    }

    /**
     * @param list<string>         $before
     * @param array<string, mixed> $edit
     */
    #[DataProvider('refusals')]
    public function testWhatCannotBeDoneIsRefused(array $before, array $edit, string $code): void
    {
        try {
            self::edit(self::chart($before), $edit + ['mode' => 'one', 'channel' => 1]);
            self::fail('It was taken.');
        } catch (InputError $error) {
            self::assertSame($code, $error->errorCode);
        }
    }

    public function testABlockIsCopiedWithItsCellsNamesAndFineChannels(): void
    {
        $full = RangeLine::parse('0-255 intensity', []);
        $chart = new FixtureProfile('Tolland', 'Batten 2', 'batten', null, [], null, [new Mode('one', 'All', 3, [
            new Channel(1, 'Master', null, null, 0, [$full]),
            new Channel(2, 'Dimmer 1', 1, null, 0, [$full]),
            new Channel(3, 'Dimmer 1 fine', 1, 2),
        ])]);

        $mode = self::edit($chart, ['op' => 'copy-block', 'mode' => 'one', 'channel' => 2, 'count' => 2, 'copies' => 2])->modes[0];

        self::assertSame(7, $mode->count);
        self::assertSame(
            ['Master', 'Dimmer 1', 'Dimmer 1 fine', 'Dimmer 2', 'Dimmer 2 fine', 'Dimmer 3', 'Dimmer 3 fine'],
            $mode->labels(),
        );
        self::assertSame([null, 1, 1, 2, 2, 3, 3], array_map(static fn (Channel $channel): ?int => $channel->cell, $mode->channels));
        self::assertSame(
            [null, null, 2, null, 4, null, 6],
            array_map(static fn (Channel $channel): ?int => $channel->fineOf, $mode->channels),
        );
    }

    public function testAMovedChannelTakesItsFineChannelsAlong(): void
    {
        $chart = new FixtureProfile(
            'Skerry',
            'Spin',
            'moving head',
            null,
            [],
            null,
            [new Mode('one', 'All', 3, [new Channel(1, 'Pan'), new Channel(2, 'Tilt'), new Channel(3, 'Pan fine', null, 1)])],
        );

        $mode = self::edit($chart, ['op' => 'move-channel', 'mode' => 'one', 'channel' => 1, 'to' => 3])->modes[0];

        self::assertSame(['Tilt', 'Pan fine', 'Pan'], $mode->labels());
        self::assertSame(3, $mode->channels[1]->fineOf);
    }

    /** @return iterable<string, array{FixtureProfile}> */
    public static function faults(): iterable
    {
        yield 'a gap below' => [self::chart(['20-255 open Open'])];
        yield 'a gap between' => [self::chart(['0-9 closed Shut', '20-255 open Open'])];
        yield 'an overlap' => [self::chart(['0-100 closed Shut', '90-255 open Open'])];
        yield 'percent' => [self::chart(['0-4 closed Shut', '5-100 open Open'])];
        yield 'seven bits' => [self::chart(['0-127 intensity Full'])];
        yield 'no names' => [self::withChannels([new Channel(
            1,
            '',
            null,
            null,
            0,
            [RangeLine::parse('0-255 intensity', [])->called('')],
        )])];
        yield 'turned round' => [self::withChannels([new Channel(
            1,
            'Dimmer',
            null,
            null,
            0,
            [RangeLine::parse('0-255 intensity', [])->over(255, 0)],
        )])];
        yield 'outside' => [self::withChannels([new Channel(
            1,
            'Dimmer',
            null,
            null,
            0,
            [RangeLine::parse('0-255 intensity', [])->over(0, 300)],
        )])];
        yield 'counted from one' => [self::withChannels([new Channel(
            1,
            'Dimmer',
            null,
            null,
            0,
            [RangeLine::parse('0-255 intensity', [])->over(1, 256)],
        )])];
        yield 'a number left out' => [self::withChannels([self::dimmer(1), self::dimmer(3)])];
        yield 'a number twice' => [self::withChannels([self::dimmer(1), self::dimmer(1)])];
        yield 'another count' => [self::withChannels([self::dimmer(1)], 4)];
        yield 'fine of nothing' => [self::withChannels([self::dimmer(1), new Channel(2, 'Fine', null, 9)])];
        yield 'fine twice' => [self::withChannels([self::dimmer(1), new Channel(2, 'Fine', null, 1), new Channel(3, 'Fine', null, 1)])];
        yield 'an unlisted emitter' => [self::withChannels([new Channel(
            1,
            'Red',
            null,
            null,
            0,
            [RangeLine::parse('0-255 red', TypicalEmitters::all())],
        )])];
    }

    #[DataProvider('faults')]
    public function testEveryRepairTakesItsFindingAway(FixtureProfile $chart): void
    {
        $repaired = 0;
        foreach (ProfileCheck::of($chart) as $finding) {
            foreach (Repair::of($chart, $finding) as $repair) {
                ++$repaired;
                $left = array_map(
                    static fn (ChartFinding $finding): array => [$finding->code, $finding->channel, $finding->from, $finding->to],
                    ProfileCheck::of(self::edit($chart, $repair->edit)),
                );
                self::assertNotContains([$finding->code, $finding->channel, $finding->from, $finding->to], $left, $repair->label);
            }
        }
        self::assertGreaterThan(0, $repaired);
    }

    public function testACautionIsAcceptedAndOpenedAgain(): void
    {
        $chart = self::chart(['0-23 closed Shut', '24-255 open Open']);
        $finding = ProfileCheck::of($chart)[0];
        $which = ['op' => 'accept', 'code' => 'zero_is_dark', 'mode' => 'one', 'channel' => 1, 'from' => 0, 'to' => 23];

        $accepted = self::edit($chart, $which + ['note' => 'It is so: page 7']);
        self::assertSame('It is so: page 7', $accepted->record?->acceptanceOf($finding)?->note);
        self::assertTrue($accepted->computed()->equals($chart));

        self::assertNull(self::edit($accepted, $which + ['note' => null])->record?->acceptanceOf($finding));
    }

    public function testAnErrorIsNotAccepted(): void
    {
        $chart = self::chart(['0-100 closed Shut', '90-255 open Open']);

        $this->expectExceptionMessage('it is repaired, not accepted');
        self::edit(
            $chart,
            ['op' => 'accept', 'code' => 'range_overlap', 'mode' => 'one', 'channel' => 1, 'from' => 90, 'to' => 100, 'note' => 'so what'],
        );
    }

    /** @param array<string, mixed> $edit */
    private static function edit(FixtureProfile $chart, array $edit): FixtureProfile
    {
        if (\in_array($edit['op'], ['rescale'], true) && !isset($edit['channel'])) {
            unset($edit['mode']);
        }

        return EditReader::read(Json::decode(Json::encode($edit)))->on($chart);
    }

    /** @param list<string> $lines */
    private static function chart(array $lines): FixtureProfile
    {
        return self::withChannels([new Channel(
            1,
            'Shutter',
            null,
            null,
            0,
            array_map(static fn (string $line): Range => RangeLine::parse($line, []), $lines),
        )]);
    }

    /** @param list<Channel> $channels */
    private static function withChannels(array $channels, ?int $count = null): FixtureProfile
    {
        return new FixtureProfile(
            'Marram',
            'Drum 6',
            'wash',
            null,
            [],
            null,
            [new Mode('one', 'One', $count ?? \count($channels), $channels)],
        );
    }

    private static function dimmer(int $offset): Channel
    {
        return new Channel($offset, 'Dimmer', null, null, 0, [RangeLine::parse('0-255 intensity', [])]);
    }
}
