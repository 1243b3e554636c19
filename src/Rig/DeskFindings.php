<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Rig\View\FindingView;
use Rigger\App\Rig\View\RepairView;
use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\DeskFinding;
use Rigger\Core\Profile\Mode;

/** What will surprise the operator at this desk. */
final class DeskFindings
{
    /** @return list<FindingView> */
    public static function of(Snapshot $snapshot): array
    {
        $map = $snapshot->map();

        return null === $map ? [] : array_map(static function (DeskFinding $one) use ($snapshot, $map): FindingView {
            $fixture = $snapshot->fixture($one->fixture);

            return new FindingView('desk', $one->code, $one->severity->value, self::title($one, $fixture), $snapshot->named($one->message).self::rest($one, $fixture), [$one->fixture], null, self::repair($one, $fixture, $map->desk));
        }, $map->findings);
    }

    private static function title(DeskFinding $finding, PatchedFixture $fixture): string
    {
        return $fixture->name().' '.match ($finding->code) {
            'not_aligned' => 'is not at a button',
            'spills' => 'spills over its button',
            'hidden' => 'has hidden channels',
            'shared_button' => 'shares a button',
            'twins' => 'is a twin',
            'out_of_reach' => 'is out of reach',
            default => 'is in another universe',
        };
    }

    /** Where channels that no fader reaches rest, and what that means for the light. */
    private static function rest(DeskFinding $finding, PatchedFixture $fixture): string
    {
        if (!\in_array($finding->code, ['hidden', 'out_of_reach'], true)) {
            return '';
        }
        foreach ($finding->channels as $channel) {
            $closed = $fixture->mode()->channel($channel)?->rangeAt(0);
            if ('closed' === $closed?->function->value) {
                return \sprintf(' %s rests at 0, which is %s: this unit stays dark on this desk.', $fixture->mode()->channel($channel)->title(), $closed->title());
            }
        }

        return ' They rest at 0.';
    }

    private static function repair(DeskFinding $finding, PatchedFixture $fixture, Desk $desk): ?RepairView
    {
        if (!\in_array($finding->code, ['spills', 'hidden'], true)) {
            return null;
        }
        $fitting = array_filter($fixture->revision()->profile()->modes, static fn (Mode $one): bool => $one->footprint() <= $desk->reach());
        usort($fitting, static fn (Mode $one, Mode $other): int => $other->footprint() <=> $one->footprint());
        $mode = $fitting[0] ?? null;

        return null === $mode ? null : new RepairView(\sprintf('Use its %d-channel mode', $mode->footprint()), (string) $fixture->id(), null, null, $mode->key);
    }
}
