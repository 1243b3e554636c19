<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Rig\View\FindingView;
use Rigger\Core\Curve\Glow;
use Rigger\Core\Severity;

/** What will catch someone out about single units: a floor that glows in a blackout, a number given twice. */
final class UnitFindings
{
    /** @return list<FindingView> */
    public static function of(Snapshot $snapshot): array
    {
        $findings = [];
        $numbers = [];
        foreach ($snapshot->fixtures as $fixture) {
            array_push($findings, ...self::glowing($snapshot, $fixture));
            if (null !== $fixture->calledNumber()) {
                $numbers[$fixture->calledNumber()][] = $fixture;
            }
        }
        ksort($numbers);
        foreach ($numbers as $number => $units) {
            if (\count($units) > 1) {
                $names = array_map(static fn (PatchedFixture $one): string => $one->name(), $units);
                $findings[] = new FindingView('patch', 'number_twice', Severity::Warning->value, \sprintf('Two units are number %d', $number), \sprintf('%s are called by the same number: whoever hears "%d" cannot know which.', implode(' and ', $names), $number), array_map(static fn (PatchedFixture $one): string => (string) $one->id(), $units));
            }
        }

        return $findings;
    }

    /** @return list<FindingView> */
    private static function glowing(Snapshot $snapshot, PatchedFixture $fixture): array
    {
        $findings = [];
        foreach ($snapshot->trim($fixture)->curves as $one) {
            $channel = $fixture->mode()->channel($one->channel);
            $glow = null === $channel ? null : Glow::of($channel, $one->curve);
            if (null !== $channel && null !== $glow) {
                $findings[] = new FindingView('patch', 'glows', Severity::Caution->value, \sprintf('%s glows in a blackout', $fixture->name()), Trimming::glowing($fixture->name(), $channel, $glow), [(string) $fixture->id()]);
            }
        }

        return $findings;
    }
}
