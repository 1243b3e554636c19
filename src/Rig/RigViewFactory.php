<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\Look;
use Rigger\App\Entity\LookCell;
use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Entity\RadioLink;
use Rigger\App\Entity\Rig;
use Rigger\App\Entity\Support;
use Rigger\App\Repository\Changes;
use Rigger\App\Repository\Types;
use Rigger\App\Rig\View\CellView;
use Rigger\App\Rig\View\CurveView;
use Rigger\App\Rig\View\FixtureView;
use Rigger\App\Rig\View\LinkView;
use Rigger\App\Rig\View\LookView;
use Rigger\App\Rig\View\RigView;
use Rigger\App\Rig\View\SettingLineView;
use Rigger\App\Rig\View\SpotView;
use Rigger\App\Rig\View\StepView;
use Rigger\App\Rig\View\SupportView;
use Rigger\App\Rig\View\SwitchesView;
use Rigger\App\Rig\View\TypeUseView;
use Rigger\App\Rig\View\UniverseView;
use Rigger\App\Rig\View\UnreachableView;
use Rigger\Core\Curve\ChannelCurve;
use Rigger\Core\Desk\DeskProgram;
use Rigger\Core\Desk\StoreLines;
use Rigger\Core\Input\InputError;
use Rigger\Core\Patch\DipSwitches;
use Rigger\Core\Patch\UniverseUsage;
use Rigger\Core\Position\WalkOrder;
use Rigger\Core\Profile\Display;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\RangeFunction;
use Rigger\Core\Profile\SwitchScheme;

/** A rig to what the interface shows of it. */
final readonly class RigViewFactory
{
    public function __construct(
        private SnapshotLoader $loader,
        private Changes $changes,
        private Types $types,
        private DeskViewFactory $desks,
        private Findings $findings,
    ) {
    }

    public function of(Rig $rig): RigView
    {
        return $this->ofSnapshot($this->loader->load($rig));
    }

    public function ofSnapshot(Snapshot $snapshot): RigView
    {
        $rig = $snapshot->rig;
        $latest = $this->types->latestNumbers(array_map(static fn (PatchedFixture $one): string => (string) $one->revision()->type->id(), $snapshot->fixtures));

        return new RigView(
            (string) $rig->id(),
            $rig->name(),
            $rig->venue->name,
            $rig->version(),
            $this->desks->of($snapshot),
            self::fixtures($snapshot),
            self::walk($snapshot),
            self::types($snapshot, $latest),
            array_map(static fn (RadioLink $one): LinkView => new LinkView((string) $one->id(), $one->kit->value, $one->label(), $one->name(), $one->kit->names()), $snapshot->links),
            array_map(static fn (Look $one): LookView => self::look($snapshot, $one), $snapshot->looks),
            array_map(self::support(...), $snapshot->supports),
            $this->findings->of($snapshot, $latest),
            array_map(static fn (UniverseUsage $one): UniverseView => new UniverseView($one->universe, $one->used, $one->free, $one->largestGap['from'] ?? null, $one->largestGap['to'] ?? null), $snapshot->addresses()->usage),
            $this->changes->nextToUndo($rig)?->sentence,
            $this->changes->nextToRedo($rig)?->sentence,
        );
    }

    /** @return list<int> */
    private static function walk(Snapshot $snapshot): array
    {
        $walk = array_keys($snapshot->fixtures);
        usort($walk, static function (int $one, int $other) use ($snapshot): int {
            [$here, $there] = [$snapshot->fixtures[$one], $snapshot->fixtures[$other]];

            return WalkOrder::compare($here->position(), $here->spot()?->x, $there->position(), $there->spot()?->x);
        });

        return $walk;
    }

    /** @return list<FixtureView> */
    private static function fixtures(Snapshot $snapshot): array
    {
        $views = [];
        $first = [];
        $settings = [];
        foreach ($snapshot->fixtures as $fixture) {
            $place = $fixture->universe().'.'.$fixture->span()->first.' '.$fixture->modeIdentity();
            $settings[spl_object_id($fixture->revision())] ??= self::setting($fixture->revision()->profile());
            $views[] = self::fixture($snapshot, $fixture, $first[$place] ?? null, $settings[spl_object_id($fixture->revision())]);
            $first[$place] ??= (string) $fixture->id();
        }

        return $views;
    }

    /** @return list<SettingLineView> */
    private static function setting(FixtureProfile $profile): array
    {
        return array_map(static fn (array $line): SettingLineView => new SettingLineView(...$line), $profile->unit?->sentences() ?? []);
    }

    /** @param list<SettingLineView> $setting */
    private static function fixture(Snapshot $snapshot, PatchedFixture $fixture, ?string $twinOf, array $setting): FixtureView
    {
        $profile = $fixture->revision()->profile();
        $mode = $fixture->mode();
        $span = $fixture->span();

        return new FixtureView(
            (string) $fixture->id(),
            $fixture->name(),
            (string) $fixture->revision()->type->id(),
            $fixture->revision()->number,
            $profile->maker,
            $profile->model,
            $mode->key,
            $mode->name,
            $fixture->universe(),
            $span->first,
            $span->last(),
            $mode->labels(),
            $twinOf,
            null === $profile->switches ? null : self::switches($profile->switches, $span->first),
            Display::at($mode->display, $span->first),
            $mode->setup,
            null === $fixture->link() ? null : (string) $fixture->link()->id(),
            $fixture->receiver(),
            Snapshot::silence($fixture),
            $setting,
            $fixture->position(),
            $fixture->setAt()?->format(\DATE_ATOM),
            $fixture->provedAt()?->format(\DATE_ATOM),
            $fixture->calledNumber(),
            $fixture->groups(),
            $fixture->note(),
            $fixture->tape()->value,
            $fixture->isLocked(),
            null === $fixture->spot() ? null : new SpotView($fixture->spot()->x, $fixture->spot()->y, $fixture->spot()->height, $fixture->spot()->words()),
            $fixture->panReversed()?->value,
            $fixture->tiltReversed()?->value,
            array_values(array_filter(['pan', 'tilt'], static fn (string $one): bool => $mode->has(RangeFunction::from($one)))),
            self::curves($snapshot, $fixture),
            $profile->unit?->keys?->value,
        );
    }

    /** @return list<CurveView> the unit's own, and those of its type for the other channels */
    private static function curves(Snapshot $snapshot, PatchedFixture $fixture): array
    {
        $own = $fixture->curves();
        $taken = array_map(static fn (ChannelCurve $one): int => $one->channel, $own);
        $ofType = array_filter($snapshot->typeCurves($fixture->revision()->type, $fixture->modeKey())?->curves() ?? [], static fn (ChannelCurve $one): bool => !\in_array($one->channel, $taken, true));
        $view = static fn (bool $isForType): \Closure => static fn (ChannelCurve $one): CurveView => new CurveView($one->channel, $isForType, $one->curve->shape->value, $one->curve->min, $one->curve->max, $one->curve->bound->value, $one->curve->points);
        $views = [...array_map($view(false), $own), ...array_map($view(true), array_values($ofType))];
        usort($views, static fn (CurveView $one, CurveView $other): int => $one->channel <=> $other->channel);

        return $views;
    }

    private static function support(Support $support): SupportView
    {
        $held = $support->held();

        return new SupportView((string) $support->id(), $held->kind->value, $held->name, $held->height, $held->fromX, $held->fromY, $held->toX, $held->toY);
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
        $words = [] === $set->on ? 'All switches down' : \sprintf('Switch%s %s up: %s = %d', 1 === \count($set->on) ? '' : 'es', implode(' ', $set->on), $sum, $number);

        return new SwitchesView($scheme->count, $scheme->base, $set->pattern(), $words.(0 === $scheme->base ? \sprintf(', counted from zero, so address %d', $address) : ''));
    }

    /**
     * @param array<string, int> $latest
     *
     * @return list<TypeUseView>
     */
    private static function types(Snapshot $snapshot, array $latest): array
    {
        $views = [];
        foreach ($snapshot->fixtures as $fixture) {
            $revision = $fixture->revision();
            $id = (string) $revision->type->id();
            $old = $views[$id] ?? null;
            $views[$id] = new TypeUseView($id, $revision->type->maker(), $revision->type->model(), ($old->used ?? 0) + 1, min($old->revision ?? $revision->number, $revision->number), $latest[$id] ?? $revision->number);
        }

        return array_values($views);
    }

    private static function look(Snapshot $snapshot, Look $look): LookView
    {
        $values = [];
        foreach ($look->cells() as $cell) {
            $values[(string) $cell->fixture->id()] = $cell->values();
        }
        [$program, $problem] = self::program($snapshot, $values);

        return new LookView(
            (string) $look->id(),
            $look->name(),
            $look->bank(),
            $look->number(),
            array_map(static fn (LookCell $one): CellView => new CellView((string) $one->fixture->id(), $one->values()), $look->cells()),
            array_map(static fn (array $one): StepView => new StepView($one['button'], $one['page'], $one['fader'], $one['value'], $one['label']), $program->steps ?? []),
            array_map(static function (array $one) use ($snapshot): UnreachableView {
                $fixture = $snapshot->fixture($one['fixture']);

                return new UnreachableView($one['fixture'], $fixture->name(), $one['channel'], $fixture->mode()->labels()[$one['channel'] - 1], $one['value']);
            }, $program->unreachable ?? []),
            null === $program || null === $snapshot->desk() ? [] : StoreLines::of($snapshot->desk(), $look->name(), $look->bank(), $look->number(), $program->steps),
            $problem,
        );
    }

    /**
     * @param array<string, list<int>> $values
     *
     * @return array{DeskProgram|null, string|null}
     */
    private static function program(Snapshot $snapshot, array $values): array
    {
        $desk = $snapshot->desk();
        if (null === $desk) {
            return [null, 'Choose a desk to read the steps.'];
        }
        try {
            return [DeskProgram::of($desk, $snapshot->deskFixtures(), $values), null];
        } catch (InputError $error) {
            return [null, $snapshot->named($error->getMessage())];
        }
    }
}
