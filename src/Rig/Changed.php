<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Rig\View\DeskChangeView;
use Rigger\App\Rig\View\FindingsChangeView;
use Rigger\App\Rig\View\FindingView;
use Rigger\App\Rig\View\LooksChangeView;
use Rigger\App\Rig\View\LookView;
use Rigger\App\Rig\View\RepairView;
use Rigger\App\Rig\View\RigChangeView;
use Rigger\App\Rig\View\StripsChangeView;
use Rigger\App\Rig\View\TypeUseView;
use Rigger\App\Rig\View\UnitsChangeView;
use Rigger\App\Rig\View\UnitView;
use Rigger\Core\Change\Proposal;
use Rigger\Core\Desk\DeskMap;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Finding\Wording;
use Rigger\Core\Input\Json;
use Rigger\Core\Judge\Judge;
use Rigger\Core\Judge\Judged;
use Rigger\Core\Rig\Difference;
use Rigger\Core\Rig\Rig;

/** What of a rig's view differs after a change; the rest is as the window has it. */
final readonly class Changed
{
    private Difference $difference;

    /** @param array<string, int> $latest number of the newest revision, by type */
    public function __construct(private Rig $before, private Rig $after, private array $latest)
    {
        $this->difference = new Difference($before, $after);
    }

    /**
     * @param list<TypeUseView> $types
     */
    public function view(?string $undo, ?string $redo, array $types): RigChangeView
    {
        $after = $this->after;

        return new RigChangeView(
            $this->before->version,
            $after->version,
            $after->name,
            $this->difference->isAnotherDesk() ? new DeskChangeView(DeskViews::of($after)) : null,
            $this->strips(),
            $this->units(),
            $this->difference->isAnotherWalk() ? RigViews::walk($after) : null,
            $types,
            $this->isRadioOtherwise() ? RigViews::links($after) : null,
            $this->looks(),
            $this->before->supports === $after->supports ? null : RigViews::supports($after),
            $this->before->holds === $after->holds ? null : RigViews::holds($after),
            RunViews::changed($this->before, $after),
            $this->before->van === $after->van ? null : RunViews::van($after),
            $this->before->houseChannels === $after->houseChannels ? null : $after->houseChannels,
            PowerViews::changed($this->before, $after),
            $this->findings(),
            RigViews::universes($after),
            $undo,
            $redo,
        );
    }

    private function isRadioOtherwise(): bool
    {
        return $this->before->links !== $this->after->links || $this->before->receivers !== $this->after->receivers
            || LinkViews::isReachOtherwise($this->before, $this->after);
    }

    private function units(): UnitsChangeView
    {
        $views = new UnitViews($this->after);
        $delta = Delta::of(
            array_keys($this->before->units),
            array_keys($this->after->units),
            fn (string $id): bool => $this->difference->isOtherwise($this->after->units[$id]),
        );

        return new UnitsChangeView(
            $delta->gone,
            array_keys($delta->put),
            array_map(fn (string $id): UnitView => $views->view($this->after->units[$id]), array_values($delta->put)),
        );
    }

    private function looks(): LooksChangeView
    {
        $delta = Delta::of(
            array_keys($this->before->looks),
            array_keys($this->after->looks),
            fn (string $id): bool => $this->difference->isLookOtherwise($this->after->looks[$id]),
        );

        return new LooksChangeView(
            $delta->gone,
            array_keys($delta->put),
            array_map(fn (string $id): LookView => LookViews::of($this->after, $this->after->looks[$id]), array_values($delta->put)),
        );
    }

    /** Faders that move something else; on another desk they all come with it. */
    private function strips(): StripsChangeView
    {
        [$before, $after] = [$this->before->map(), $this->after->map()];
        $isSame = !$this->difference->isAnotherDesk();
        if (null === $before || null === $after || !$isSame || !$this->difference->touches($after->desk->universe)) {
            return new StripsChangeView([], []);
        }
        $was = self::uses($before);
        $is = self::uses($after);
        $at = $put = [];
        foreach ($after->desk->faders() as $index => $fader) {
            $uses = $is[$fader->address] ?? [];
            if ($uses !== ($was[$fader->address] ?? []) || [] !== array_filter(
                $uses,
                fn (array $use): bool => $this->difference->hasUnit($use['id']),
            )) {
                $at[] = $index;
                $put[] = DeskViews::strip($fader, $uses, $this->after);
            }
        }

        return new StripsChangeView($at, $put);
    }

    /** @return array<int, list<array{id: string, channel: int, label: string}>> by address */
    private static function uses(DeskMap $map): array
    {
        $uses = [];
        foreach ($map->strips as $strip) {
            $uses[$strip->fader->address] = $strip->units;
        }

        return $uses;
    }

    private function findings(): FindingsChangeView
    {
        $judgeBefore = new Judge($this->before, $this->latest);
        $was = self::byKey($judgeBefore->findings());
        $judge = new Judge($this->after, $this->latest);
        $is = self::byKey($judge->findings());
        $delta = Delta::of(
            array_keys($was),
            array_keys($is),
            fn (string $key): bool => !isset($was[$key]) || $this->isSaidOtherwise($judgeBefore, $was[$key], $judge, $is[$key]),
        );

        return new FindingsChangeView(
            $delta->gone,
            array_keys($delta->put),
            array_map(fn (string $key): FindingView => FindingView::of($judge->about($is[$key]), $this->after), array_values($delta->put)),
        );
    }

    /**
     * Whether a finding that stands still reads otherwise, or can be answered otherwise.
     */
    private function isSaidOtherwise(Judge $judgeBefore, Finding $was, Judge $judge, Finding $is): bool
    {
        $isOfPlaces = \in_array($is->stage, ['patch', 'desk'], true);
        // Charts belong to the library: what is said of them can have changed without this rig.
        if ('fixtures' === $is->stage || $was->severity !== $is->severity || !$was->hasFiguresOf($is)) {
            return true;
        }
        if ($isOfPlaces && ($this->difference->isAnotherDesk() || $this->before->holds !== $this->after->holds)) {
            return true;
        }
        if ($isOfPlaces && !$judge->offersTheSame($judgeBefore, $is)) {
            return true;
        }
        // Answers on the lines speak of what else stands there, which no list of units names.
        if (null !== $is->cause || 'lines' === $is->stage) {
            return self::reading($judgeBefore->about($was), $this->before) !== self::reading($judge->about($is), $this->after);
        }
        $universes = [];
        foreach ($is->units as $id) {
            if ($this->difference->hasUnit($id)) {
                return true;
            }
            $universes[] = $this->after->unit($id)->place->universe;
        }
        foreach ($isOfPlaces ? $universes : [] as $universe) {
            if ($this->difference->touches($universe)) {
                return true;
            }
        }

        return null !== $is->lookId && $this->difference->isLookOtherwise($this->after->look($is->lookId));
    }

    /** @return list<string> its sentence, and what its buttons say, do and give up */
    private static function reading(Judged $judged, Rig $rig): array
    {
        return [
            Wording::message($judged->finding, $rig),
            ...array_map(
                static fn (Proposal $proposal): string => Json::encode(RepairView::of($proposal)),
                $judged->proposals,
            ),
        ];
    }

    /**
     * @param list<Finding> $findings
     *
     * @return array<string, Finding>
     */
    private static function byKey(array $findings): array
    {
        $byKey = [];
        foreach ($findings as $finding) {
            $byKey[$finding->key] = $finding;
        }

        return $byKey;
    }
}
