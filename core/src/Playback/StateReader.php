<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

use Rigger\Core\Desk\DeskState;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Patch\Span;

/** Where a seat stands, as JSON and back: what a window keeps, so that it finds everything as it was. */
final class StateReader
{
    /** Members that hold values by address: objects in JSON, also when they hold none. */
    private const OBJECTS = ['slots', 'secondRow', 'instead'];
    private const MEMBERS = ['slots', 'secondRow', 'master', 'blackout', 'crossA', 'crossB', 'recalled', 'trial', 'instead'];

    /**
     * {"slots", "secondRow", "instead": values 0 to 255 by address, "master", "crossA", "crossB": 0 to 255, "blackout", "recalled": a
     * look's id, "trial": {"kind", "address"} or {"kind", "index", "running", "seconds"}}; what is left out is at rest.
     *
     * @throws InputError
     */
    public static function read(Members $in): State
    {
        $in->allow(self::MEMBERS);

        return new State(
            new DeskState(
                self::slots($in, 'slots') ?? [],
                self::slots($in, 'secondRow') ?? [],
                $in->wholeOr('master', 255, 0, 255),
                $in->has('blackout') && $in->flag('blackout'),
                $in->wholeOr('crossA', 255, 0, 255),
                $in->wholeOr('crossB', 0, 0, 255),
            ),
            $in->has('recalled') && !$in->isNull('recalled') ? $in->text('recalled') : null,
            $in->has('trial') && !$in->isNull('trial') ? self::trial(Members::open($in->raw('trial'), $in->path('trial'))) : null,
            self::slots($in, 'instead'),
        );
    }

    private static function trial(Members $in): Trial
    {
        $in->allow(['kind', 'address', 'index', 'running', 'seconds']);
        $kind = TrialKind::from($in->choice('kind', array_column(TrialKind::cases(), 'value')));

        return $kind->isWalk()
            ? new Trial($kind, null, 0.0, $in->whole('index'), $in->flag('running'), $in->number('seconds', 0.5, 3600))
            : Trial::ofFader($kind, $in->whole('address', 1, Span::LAST_SLOT), 0.0);
    }

    /** @return array<int, int>|null */
    private static function slots(Members $in, string $member): ?array
    {
        return $in->has($member) && !$in->isNull($member) ? $in->slots($member) : null;
    }

    /**
     * @param array<int, int> $slots
     *
     * @return array<int, int>
     */
    private static function above0(array $slots): array
    {
        return array_filter($slots, static fn (int $value): bool => $value > 0);
    }

    /** @return array<string, mixed> what is read as this state again; a walk with the step at which it is */
    public static function write(State $state, CompiledRig $rig): array
    {
        return self::json(self::members($state, $rig));
    }

    /**
     * Members, or some of them, as JSON has them.
     *
     * @param array<string, mixed> $members
     *
     * @return array<string, mixed>
     */
    public static function json(array $members): array
    {
        foreach (self::OBJECTS as $member) {
            if (isset($members[$member])) {
                $members[$member] = (object) $members[$member];
            }
        }

        return $members;
    }

    /**
     * The same with values by address as arrays, so that two can be compared.
     *
     * @return array{
     *     slots: array<int, int>, secondRow: array<int, int>, master: int, blackout: bool, crossA: int, crossB: int,
     *     recalled: string|null, instead: array<int, int>|null,
     *     trial: array{kind: string, address: int|null, index: int, running: bool, seconds: float}|null
     * }
     */
    public static function members(State $state, CompiledRig $rig): array
    {
        $trial = $state->trial;

        return [
            'slots' => self::above0($state->desk->slots),
            'secondRow' => self::above0($state->desk->secondRow),
            'master' => $state->desk->master,
            'blackout' => $state->desk->isBlackout,
            'crossA' => $state->desk->crossA,
            'crossB' => $state->desk->crossB,
            'recalled' => $state->recalled,
            'trial' => null === $trial ? null : [
                'kind' => $trial->kind->value,
                'address' => $trial->address,
                'index' => $rig->step($state) ?? 0,
                'running' => $trial->isRunning,
                'seconds' => $trial->seconds,
            ],
            'instead' => $state->instead,
        ];
    }
}
