<?php

declare(strict_types=1);

namespace Rigger\Core\Judge\Looks;

use Rigger\Core\Change\Look\SteadyLook;
use Rigger\Core\Change\Proposal;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Severity;
use Rigger\Core\Text\Names;
use Rigger\Core\Time\FlashGuard;

/** Looks that flash faster than is safe to assume, and looks that lie beyond the desk's memory. */
final class LookJudge
{
    /** @return list<Finding> */
    public static function findings(Rig $rig): array
    {
        $findings = [];
        foreach ($rig->looks as $look) {
            [$hertz, $unit] = self::fastest($rig, $look);
            if ($hertz > FlashGuard::CAUTION_OVER) {
                $findings[] = new Finding(
                    'looks',
                    'fast_flash',
                    Severity::Warning,
                    figures: ['hertz' => $hertz, 'unit' => $unit],
                    lookId: $look->id,
                );
            }
            $desk = $rig->desk();
            if (null === $desk?->banks || null === $desk->scenesPerBank) {
                continue;
            }
            if ($look->bank > $desk->banks || $look->number > $desk->scenesPerBank) {
                $findings[] = new Finding('looks', 'beyond_memory', Severity::Error, lookId: $look->id);
            }
        }

        return [...$findings, ...self::missing($rig)];
    }

    /** @return list<Finding> units out of action that looks count on, each with all of its looks */
    private static function missing(Rig $rig): array
    {
        $findings = [];
        foreach ($rig->units as $unit) {
            $looks = !$unit->isOut ? [] : array_filter(
                $rig->looks,
                static fn (Look $look): bool => isset($look->values[$unit->id]) && $unit->at->shines($look->values[$unit->id]),
            );
            if ([] !== $looks) {
                $names = array_map(static fn (Look $look): string => $look->name, array_values($looks));
                $findings[] = new Finding('looks', 'missing', Severity::Caution, [$unit->id], ['looks' => Names::few($names)]);
            }
        }

        return $findings;
    }

    /** @return list<Proposal> */
    public static function proposals(Rig $rig, Finding $finding): array
    {
        return 'fast_flash' === $finding->code && null !== $finding->lookId
            ? [new Proposal(\sprintf('Make %s steady', $rig->look($finding->lookId)->name), [new SteadyLook($finding->lookId)])]
            : [];
    }

    /** @return array{float, string} flashes a second, and the unit that does */
    private static function fastest(Rig $rig, Look $look): array
    {
        $fastest = 0.0;
        $id = '';
        // In the order of the patch list: of equal ones the first is named, however the look's values are kept.
        foreach ($rig->units as $unitId => $unit) {
            $values = $look->values[$unitId] ?? null;
            if (null === $values || $unit->isOut) {
                continue;
            }
            $flash = $unit->at->flash($values);
            if ($flash > $fastest) {
                [$fastest, $id] = [$flash, $unitId];
            }
        }

        return [$fastest, $id];
    }
}
