<?php

declare(strict_types=1);

namespace Rigger\Core\Change;

use Rigger\Core\Change\Cable\AddRun;
use Rigger\Core\Change\Cable\AddSplitter;
use Rigger\Core\Change\Cable\ChangeItems;
use Rigger\Core\Change\Cable\ChangeRun;
use Rigger\Core\Change\Cable\ChangeSplitter;
use Rigger\Core\Change\Cable\LoadVan;
use Rigger\Core\Change\Cable\OrderRun;
use Rigger\Core\Change\Cable\PutOnRun;
use Rigger\Core\Change\Cable\RemoveRun;
use Rigger\Core\Change\Cable\SplitRun;
use Rigger\Core\Change\Cable\TakeOffRun;
use Rigger\Core\Change\Chart\BeginType;
use Rigger\Core\Change\Chart\TakeRevision;
use Rigger\Core\Change\Chart\WriteChart;
use Rigger\Core\Change\Desk\ChooseDesk;
use Rigger\Core\Change\Desk\JoinRows;
use Rigger\Core\Change\Desk\RenameRig;
use Rigger\Core\Change\Hold\ChangeHold;
use Rigger\Core\Change\Hold\HoldSlots;
use Rigger\Core\Change\Hold\ReleaseSlots;
use Rigger\Core\Change\Known\AcceptFinding;
use Rigger\Core\Change\Known\LookAgain;
use Rigger\Core\Change\Line\AddLink;
use Rigger\Core\Change\Line\AddReceiver;
use Rigger\Core\Change\Line\ChangeReceiver;
use Rigger\Core\Change\Line\ConnectUnit;
use Rigger\Core\Change\Line\CorrectOutputs;
use Rigger\Core\Change\Line\HearHouse;
use Rigger\Core\Change\Line\PairUnit;
use Rigger\Core\Change\Line\PlaceLink;
use Rigger\Core\Change\Line\PutBehind;
use Rigger\Core\Change\Line\RemoveLink;
use Rigger\Core\Change\Line\RemoveReceiver;
use Rigger\Core\Change\Line\RenameLink;
use Rigger\Core\Change\Line\TuneLink;
use Rigger\Core\Change\Look\BeginLook;
use Rigger\Core\Change\Look\GiveLooks;
use Rigger\Core\Change\Look\LeaveOut;
use Rigger\Core\Change\Look\LightUnits;
use Rigger\Core\Change\Look\MakeLook;
use Rigger\Core\Change\Look\RecordAgain;
use Rigger\Core\Change\Look\RecordLook;
use Rigger\Core\Change\Look\RemoveLook;
use Rigger\Core\Change\Look\RenameLook;
use Rigger\Core\Change\Look\SteadyLook;
use Rigger\Core\Change\Look\StoreLook;
use Rigger\Core\Change\Plan\AddSupport;
use Rigger\Core\Change\Plan\ChangeSupport;
use Rigger\Core\Change\Plan\CoverWidth;
use Rigger\Core\Change\Plan\LineUpUnits;
use Rigger\Core\Change\Plan\PlaceUnit;
use Rigger\Core\Change\Plan\PutByWords;
use Rigger\Core\Change\Plan\PutUnits;
use Rigger\Core\Change\Plan\RemoveSupport;
use Rigger\Core\Change\Power\AddCircuit;
use Rigger\Core\Change\Power\ChangeCircuit;
use Rigger\Core\Change\Power\FitBattery;
use Rigger\Core\Change\Power\LoadSocket;
use Rigger\Core\Change\Power\PlanPower;
use Rigger\Core\Change\Power\PlugUnits;
use Rigger\Core\Change\Power\RateUnit;
use Rigger\Core\Change\Power\RemoveCircuit;
use Rigger\Core\Change\Power\TakeBattery;
use Rigger\Core\Change\Power\UnwireTape;
use Rigger\Core\Change\Power\WireTape;
use Rigger\Core\Change\Unit\AddUnits;
use Rigger\Core\Change\Unit\BendChannel;
use Rigger\Core\Change\Unit\GroupUnit;
use Rigger\Core\Change\Unit\HangUnit;
use Rigger\Core\Change\Unit\HearRemote;
use Rigger\Core\Change\Unit\LockUnit;
use Rigger\Core\Change\Unit\MoveUnits;
use Rigger\Core\Change\Unit\NameCell;
use Rigger\Core\Change\Unit\NoteUnit;
use Rigger\Core\Change\Unit\NumberUnit;
use Rigger\Core\Change\Unit\ProveUnit;
use Rigger\Core\Change\Unit\PutOut;
use Rigger\Core\Change\Unit\RemoveUnit;
use Rigger\Core\Change\Unit\RenameUnit;
use Rigger\Core\Change\Unit\RunUnits;
use Rigger\Core\Change\Unit\SetMode;
use Rigger\Core\Change\Unit\SwapType;
use Rigger\Core\Change\Unit\TakeButtons;
use Rigger\Core\Change\Unit\TakeList;
use Rigger\Core\Change\Unit\TakePlan;
use Rigger\Core\Change\Unit\TapeUnit;
use Rigger\Core\Change\Unit\TickUnit;
use Rigger\Core\Change\Unit\TurnUnit;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;

/** Changes as JSON, read strictly: {"do": "move-units", "units": [...], "to": "1/37"}. */
final class ChangeReader
{
    /** Nobody does more at once: a plan for two thousand units is one change. */
    public const MOST = 2000;

    /** @var list<class-string<Change>> everything that can be done to a rig */
    public const ALL = [
        AddUnits::class, MoveUnits::class, RenameUnit::class, SetMode::class, SwapType::class, RemoveUnit::class, TakePlan::class,
        TakeList::class,
        HangUnit::class, NumberUnit::class, GroupUnit::class, NoteUnit::class, TapeUnit::class, TurnUnit::class, LockUnit::class,
        TickUnit::class, ProveUnit::class, TakeButtons::class, BendChannel::class, PutOut::class, NameCell::class,
        RunUnits::class, HearRemote::class,
        HoldSlots::class, ChangeHold::class, ReleaseSlots::class, AcceptFinding::class, LookAgain::class,
        AddLink::class, RenameLink::class, TuneLink::class, RemoveLink::class, ConnectUnit::class, PlaceLink::class,
        HearHouse::class, PairUnit::class, AddReceiver::class, ChangeReceiver::class, RemoveReceiver::class, PutBehind::class,
        CorrectOutputs::class,
        AddRun::class, ChangeRun::class, RemoveRun::class, PutOnRun::class, AddSplitter::class, SplitRun::class, ChangeItems::class,
        ChangeSplitter::class, OrderRun::class, TakeOffRun::class, LoadVan::class,
        AddCircuit::class, ChangeCircuit::class, RemoveCircuit::class, PlugUnits::class, RateUnit::class, LoadSocket::class,
        FitBattery::class, TakeBattery::class, WireTape::class, UnwireTape::class, PlanPower::class,
        ChooseDesk::class, JoinRows::class, RenameRig::class,
        BeginLook::class, MakeLook::class, RecordLook::class, RecordAgain::class, LightUnits::class, LeaveOut::class, GiveLooks::class,
        SteadyLook::class, RenameLook::class,
        StoreLook::class, RemoveLook::class,
        PutUnits::class, PlaceUnit::class, LineUpUnits::class, CoverWidth::class,
        PutByWords::class, AddSupport::class, ChangeSupport::class,
        RemoveSupport::class,
        BeginType::class, WriteChart::class, TakeRevision::class,
    ];

    /**
     * @return non-empty-list<Change>
     *
     * @throws InputError
     */
    public static function readAll(Members $in, string $member): array
    {
        $changes = $in->each($member, self::read(...), self::MOST);

        return [] === $changes ? throw InputError::because('missing', $in->path($member), 'Say what to change.') : $changes;
    }

    /** @throws InputError */
    public static function read(mixed $document, string $path): Change
    {
        $classes = self::byWord();
        $in = Members::open($document, $path);
        $class = $classes[$in->choice('do', array_keys($classes))];

        return Shape::read($class, $in, ['do']);
    }

    /** "move-units" of MoveUnits. */
    public static function word(Change|string $change): string
    {
        return Shape::word(\is_string($change) ? $change : $change::class);
    }

    /** @return array<string, mixed> the JSON that is read as this change again */
    public static function write(Change $change): array
    {
        return ['do' => self::word($change)] + Shape::write($change);
    }

    /** @return array<string, class-string<Change>> */
    private static function byWord(): array
    {
        return array_combine(array_map(self::word(...), self::ALL), self::ALL);
    }
}
