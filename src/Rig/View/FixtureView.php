<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

/** A patched fixture. */
final readonly class FixtureView
{
    /**
     * @param int                   $last     last slot it listens to, past 512 when it overruns
     * @param list<string>          $labels   names of its channels
     * @param string|null           $twinOf   id of the first fixture at the same address in the same mode
     * @param string|null           $display  what its display shows once it is set
     * @param string|null           $setup    the words of its menu
     * @param string|null           $silence  why nothing reaches it
     * @param list<SettingLineView> $setting  what the unit is like to set, in the words of its chart
     * @param string|null           $position where it hangs
     * @param string|null           $setAt    when it was set on the walk-round, ISO 8601
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
    ) {
    }
}
