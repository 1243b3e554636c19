<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Rig\View\CurveView;
use Rigger\App\Rig\View\NamedCellView;
use Rigger\App\Rig\View\SettingLineView;
use Rigger\App\Rig\View\SpotView;
use Rigger\App\Rig\View\SwitchesView;
use Rigger\App\Rig\View\UnitView;
use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Finding\LightWords;
use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\DipSwitches;
use Rigger\Core\Profile\Display;
use Rigger\Core\Profile\RangeFunction;
use Rigger\Core\Profile\SwitchScheme;
use Rigger\Core\Rig\Power\Draw;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;

/** Units as the interface shows them. */
final class UnitViews
{
    /** @var array<string, list<SettingLineView>> by revision */
    private array $settings = [];

    public function __construct(private readonly Rig $rig)
    {
    }

    /** @return list<UnitView> in the order of the patch list */
    public static function of(Rig $rig): array
    {
        return array_map((new self($rig))->view(...), array_values($rig->units));
    }

    public function view(Unit $unit): UnitView
    {
        $first = $this->rig->together($unit)->units[0];
        $profile = $unit->revision()->profile;
        $mode = $unit->mode();
        $span = $unit->span();
        $spot = $unit->spot;

        return new UnitView(
            $unit->id,
            $unit->name,
            $unit->revision()->typeId,
            $unit->revision()->number,
            $profile->maker,
            $profile->model,
            $mode->key,
            $mode->name,
            $this->rig->isInOneUniverse() ? $unit->place->words() : $unit->place->tagged(),
            $unit->place->universe,
            $span->first,
            $span->last(),
            $unit->labels(),
            $first->id === $unit->id ? null : $first->id,
            null === $profile->switches ? null : self::switches($profile->switches, $span->first),
            Display::at($mode->display, $span->first),
            $mode->setup,
            $unit->linkId,
            $unit->receiver,
            LightWords::silence($this->rig, $unit),
            $this->settings[$unit->revision()->id] ??= array_map(
                static fn (array $line): SettingLineView => new SettingLineView(...$line),
                $profile->unit?->sentences() ?? [],
            ),
            $unit->position,
            $unit->setAt?->format(\DATE_ATOM),
            $unit->provedAt?->format(\DATE_ATOM),
            $unit->number,
            $unit->groups,
            $unit->note,
            $unit->tape->value,
            $unit->isLocked,
            null === $spot ? null : new SpotView($spot->x, $spot->y, $spot->height, $spot->words()),
            $unit->pan?->value,
            $unit->tilt?->value,
            array_values(array_filter(['pan', 'tilt'], static fn (string $one): bool => $mode->has(RangeFunction::from($one)))),
            $this->curves($unit),
            $profile->unit?->keys?->value,
            $unit->isOut,
            self::cells($unit),
            $unit->runState->value,
            $unit->hearsRemote,
            $unit->receiverId,
            $unit->outputs,
            $unit->pairedAt?->format(\DATE_ATOM),
            $unit->circuitId,
            Draw::full($unit),
        );
    }

    /** @return list<NamedCellView> none where there is but one */
    private static function cells(Unit $unit): array
    {
        $cells = $unit->mode()->cells();

        return \count($cells) < 2 ? [] : array_map(static fn (int $cell): NamedCellView => new NamedCellView(
            $cell,
            $unit->mode()->cellLabel($cell),
            $unit->cellNames[$cell] ?? null,
        ), $cells);
    }

    /** @return list<CurveView> the unit's own, and those of its type for the other channels */
    private function curves(Unit $unit): array
    {
        $own = array_map(static fn (ChannelCurve $curve): int => $curve->channel, $unit->curves);
        $views = array_map(
            static fn (ChannelCurve $curve): CurveView => new CurveView(
                $curve->channel,
                !\in_array($curve->channel, $own, true),
                $curve->curve->shape->value,
                $curve->curve->min,
                $curve->curve->max,
                $curve->curve->bound->value,
                $curve->curve->points,
            ),
            $this->rig->trim($unit)->curves,
        );

        return $views;
    }

    private static function switches(SwitchScheme $scheme, int $address): SwitchesView
    {
        try {
            $set = DipSwitches::spelling($address, $scheme->count, $scheme->base);
        } catch (InputError $error) {
            return new SwitchesView($scheme->count, $scheme->base, null, $error->getMessage());
        }
        $sum = implode(' + ', array_map(static fn (int $switch): string => (string) 2 ** ($switch - 1), $set->on));
        $number = $address - 1 + $scheme->base;
        $words = [] === $set->on
            ? 'All switches down'
            : \sprintf('Switch%s %s up: %s = %d', 1 === \count($set->on) ? '' : 'es', implode(' ', $set->on), $sum, $number);

        return new SwitchesView(
            $scheme->count,
            $scheme->base,
            $set->pattern(),
            $words.(0 === $scheme->base ? \sprintf(', counted from zero, so address %d', $address) : ''),
        );
    }
}
