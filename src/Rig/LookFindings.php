<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\Look;
use Rigger\App\Rig\View\FindingView;
use Rigger\App\Rig\View\RepairView;
use Rigger\Core\Profile\Wording;
use Rigger\Core\Severity;

/** Looks that flash faster than is safe to assume, and looks that lie beyond the desk's memory. */
final class LookFindings
{
    private const CAUTION_HERTZ = 3.0;

    /** @return list<FindingView> */
    public static function of(Snapshot $snapshot): array
    {
        $findings = [];
        $modes = new CompiledModes();
        foreach ($snapshot->looks as $look) {
            $fastest = 0.0;
            $name = '';
            foreach ($look->cells() as $cell) {
                $fixture = $cell->fixture;
                $mode = $modes->of($fixture);
                $light = null === $mode || \count($cell->values()) !== $mode->mode->footprint() ? null : $mode->light($cell->values());
                if (null !== $light && !$light->isDark() && $light->fastestFlash() > $fastest) {
                    [$fastest, $name] = [$light->fastestFlash(), $fixture->name()];
                }
            }
            if ($fastest > self::CAUTION_HERTZ) {
                $findings[] = new FindingView('looks', 'fast_flash', Severity::Warning->value, \sprintf('%s flashes', $look->name()), \sprintf('%s flashes %s times a second in %s. Flashing light over 3 a second can trigger seizures: put up a notice, follow the venue\'s policy and local rules.', $name, Wording::number($fastest), $look->name()), [], null, new RepairView(\sprintf('Make %s steady', $look->name()), null, lookId: (string) $look->id()));
            }
            array_push($findings, ...self::beyondDesk($snapshot, $look));
        }

        return $findings;
    }

    /** @return list<FindingView> */
    private static function beyondDesk(Snapshot $snapshot, Look $look): array
    {
        $desk = $snapshot->desk();
        if (null === $desk || null === $desk->banks || null === $desk->scenesPerBank || ($look->bank() <= $desk->banks && $look->number() <= $desk->scenesPerBank)) {
            return [];
        }

        return [new FindingView('looks', 'beyond_memory', Severity::Error->value, \sprintf('%s has no place on the desk', $look->name()), \sprintf('%s is at bank %d, scene %d; %s has %d banks of %d.', $look->name(), $look->bank(), $look->number(), $desk->name, $desk->banks, $desk->scenesPerBank), [])];
    }
}
