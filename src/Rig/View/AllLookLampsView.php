<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Playback\CompiledRig;
use Rigger\Core\Playback\Lamp;

/** What every lamp does in every look. */
final readonly class AllLookLampsView
{
    /** @param list<LookLampsView> $looks in their order */
    public function __construct(public int $version, public array $looks)
    {
    }

    public static function of(int $version, CompiledRig $rig): self
    {
        $looks = [];
        foreach ($rig->looks as $id => $slots) {
            $looks[] = new LookLampsView($id, array_map(
                static fn (Lamp $lamp): LampView => LampView::of($lamp),
                $rig->lampsAt($slots),
            ));
        }

        return new self($version, $looks);
    }
}
