<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A patched unit. */
final readonly class UnitView
{
    /**
     * @param string                $place      as it is written: "085", or "u1 085" where the rig is in several universes
     * @param int                   $last       last slot it listens to, past 512 when it overruns
     * @param list<string>          $labels     names of its channels
     * @param string|null           $twinOf     id of the first unit at the same address in the same mode
     * @param string|null           $display    what its display shows once it is set
     * @param string|null           $setup      the words of its menu
     * @param string|null           $silence    why nothing reaches it
     * @param list<SettingLineView> $setting    what the unit is like to set, in the words of its chart
     * @param string|null           $position   where it hangs
     * @param string|null           $setAt      when it was set on the walk-round, ISO 8601
     * @param string|null           $provedAt   when it was found to keep that through off and on, ISO 8601
     * @param int|null              $number     as it is called
     * @param list<string>          $groups
     * @param string                $tape       cream, white, grey, sand, pink, sage or sky
     * @param string|null           $pan        where pan is turned round: unit or software
     * @param list<string>          $turns      of pan and tilt those that its mode has
     * @param list<CurveView>       $curves     what stands between fader and channel
     * @param string|null           $keys       how its address is stepped: up, up-down or digits
     * @param bool                  $isOut      out of action tonight
     * @param list<NamedCellView>   $cells      those that it has, where it has several
     * @param string                $runState   desk, leader, follower or alone
     * @param string|null           $receiverId receiver that it shares with others
     * @param list<int>|null        $outputs    of its receiver, one for each of its channels, where somebody said
     * @param string|null           $circuitId  that it is plugged into
     * @param float|null            $watts      with everything up; null where nobody has said
     * @param string|null           $pairedAt   when its receiver was made to listen to its sender, ISO 8601
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $typeId,
        public int $revision,
        public string $maker,
        public string $model,
        public string $mode,
        public string $modeName,
        public string $place,
        public int $universe,
        public int $address,
        public int $last,
        public array $labels,
        public ?string $twinOf,
        public ?SwitchesView $switches,
        public ?string $display,
        public ?string $setup,
        public ?string $linkId,
        public ?string $receiver,
        public ?string $silence,
        public array $setting,
        public ?string $position,
        public ?string $setAt,
        public ?string $provedAt,
        public ?int $number,
        public array $groups,
        public ?string $note,
        public string $tape,
        public bool $isLocked,
        public ?SpotView $spot,
        public ?string $pan,
        public ?string $tilt,
        public array $turns,
        public array $curves,
        public ?string $keys,
        public bool $isOut,
        public array $cells,
        public string $runState,
        public bool $hearsRemote,
        public ?string $receiverId,
        public ?array $outputs,
        public ?string $pairedAt,
        public ?string $circuitId,
        public ?float $watts,
    ) {
    }
}
