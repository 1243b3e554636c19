<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Repository\Changes;
use Rigger\App\Repository\Types;
use Rigger\App\Rig\View\FindingView;
use Rigger\App\Rig\View\HoldView;
use Rigger\App\Rig\View\LinkView;
use Rigger\App\Rig\View\LookView;
use Rigger\App\Rig\View\RigChangeView;
use Rigger\App\Rig\View\RigView;
use Rigger\App\Rig\View\SupportView;
use Rigger\App\Rig\View\TypeUseView;
use Rigger\App\Rig\View\UniverseView;
use Rigger\Core\Judge\Judge;
use Rigger\Core\Judge\Judged;
use Rigger\Core\Patch\UniverseUsage;
use Rigger\Core\Position\WalkOrder;
use Rigger\Core\Rig\HeldSlots;
use Rigger\Core\Rig\Link;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Support;
use Rigger\Core\Rig\Unit;

/** A rig to what the interface shows of it. */
final readonly class RigViews
{
    public function __construct(private Changes $changes, private Types $types)
    {
    }

    public function of(Rig $rig): RigView
    {
        $latest = $this->latest($rig);
        [$undo, $redo] = $this->changes->steps($rig->id);

        return new RigView(
            $rig->id,
            $rig->name,
            $rig->venue,
            $rig->version,
            DeskViews::of($rig),
            UnitViews::of($rig),
            self::walk($rig),
            self::types($rig, $latest),
            self::links($rig),
            array_map(static fn (Look $look): LookView => LookViews::of($rig, $look), array_values($rig->looks)),
            self::supports($rig),
            self::holds($rig),
            RunViews::of($rig),
            RunViews::van($rig),
            $rig->houseChannels,
            PowerViews::of($rig),
            array_map(static fn (Judged $judged): FindingView => FindingView::of($judged, $rig), Judge::judged($rig, $latest)),
            self::universes($rig),
            $undo,
            $redo,
        );
    }

    /** What differs after a change. */
    public function changed(Rig $before, Rig $after): RigChangeView
    {
        $latest = $this->latest($after);
        [$undo, $redo] = $this->changes->steps($after->id);

        return (new Changed($before, $after, $latest))->view($undo, $redo, self::types($after, $latest));
    }

    /** @return array<string, int> number of the newest revision, by type */
    private function latest(Rig $rig): array
    {
        return $this->types->latestNumbers(array_values(array_unique(array_map(
            static fn (Unit $unit): string => $unit->revision()->typeId,
            $rig->units,
        ))));
    }

    /** @return list<LinkView> */
    public static function links(Rig $rig): array
    {
        return array_map(static fn (Link $link): LinkView => LinkViews::of($rig, $link), array_values($rig->links));
    }

    /** @return list<SupportView> */
    public static function supports(Rig $rig): array
    {
        return array_map(self::support(...), array_values($rig->supports));
    }

    /** @return list<HoldView> */
    public static function holds(Rig $rig): array
    {
        return array_map(static fn (HeldSlots $hold): HoldView => new HoldView(
            $hold->id,
            $hold->name,
            $hold->universe,
            $hold->span->first,
            $hold->span->last(),
        ), array_values($rig->holds));
    }

    /** @return list<UniverseView> */
    public static function universes(Rig $rig): array
    {
        return array_map(
            static fn (UniverseUsage $usage): UniverseView => new UniverseView(
                $usage->universe,
                $usage->used,
                $usage->free,
                $usage->largestGap['from'] ?? null,
                $usage->largestGap['to'] ?? null,
            ),
            $rig->usage(),
        );
    }

    /** @return list<int> places in the list of units, from 0, in the order in which a foot walks; without those out of action */
    public static function walk(Rig $rig): array
    {
        $units = array_values($rig->units);
        $walk = array_keys(array_filter($units, static fn (Unit $unit): bool => !$unit->isOut));
        usort(
            $walk,
            static fn (int $one, int $other): int => WalkOrder::compare(
                $units[$one]->position,
                $units[$one]->spot?->x,
                $units[$other]->position,
                $units[$other]->spot?->x,
            ),
        );

        return $walk;
    }

    /**
     * @param array<string, int> $latest
     *
     * @return list<TypeUseView>
     */
    private static function types(Rig $rig, array $latest): array
    {
        $views = [];
        foreach ($rig->units as $unit) {
            $revision = $unit->revision();
            $old = $views[$revision->typeId] ?? null;
            $views[$revision->typeId] = new TypeUseView(
                $revision->typeId,
                $revision->maker,
                $revision->model,
                ($old->used ?? 0) + 1,
                min($old->revision ?? $revision->number, $revision->number),
                $latest[$revision->typeId] ?? $revision->number,
            );
        }

        return array_values($views);
    }

    private static function support(Support $support): SupportView
    {
        $held = $support->held;

        return new SupportView(
            $support->id,
            $held->kind->value,
            $held->name,
            $held->height,
            $held->fromX,
            $held->fromY,
            $held->toX,
            $held->toY,
        );
    }
}
