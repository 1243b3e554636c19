<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Desk\Assignment;
use Rigger\Core\Desk\DeskPlan;
use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Desk\DeskWish;
use Rigger\Core\Desk\PlanMode;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;
use Rigger\Core\Patch\Span;

/** `desk.plan` {"desk","fixtures"} → {"assigned","unassigned"}. */
final class DeskPlanTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['desk', 'fixtures']);
        $desk = DeskReader::read($in->raw('desk'), 'desk');
        $wishes = $in->each('fixtures', self::wish(...), DeskInput::MOST_UNITS);
        UniqueIds::require('fixtures', array_map(static fn (DeskWish $wish): string => $wish->id, $wishes));
        $plan = DeskPlan::of($desk, $wishes);

        return [
            'assigned' => array_map(
                static fn (Assignment $assignment): array => [
                    'id' => $assignment->id,
                    'mode' => $assignment->mode->key,
                    'button' => $assignment->button,
                    'address' => $assignment->address,
                ],
                $plan->assigned,
            ),
            'unassigned' => array_map(
                static fn (array $row): array => ['id' => $row['id'], 'reason' => $row['reason']->value],
                $plan->unassigned,
            ),
        ];
    }

    private static function wish(mixed $item, string $path): DeskWish
    {
        $in = Members::of($item, ['id', 'modes', 'wants', 'with'], $path);
        $id = $in->text('id');
        $modes = $in->each('modes', self::mode(...));
        UniqueIds::require($in->path('modes'), array_map(static fn (PlanMode $mode): string => $mode->key, $modes), 'key');

        return new DeskWish($id, $modes, $in->each('wants', Scalars::text(...)), $in->has('with') ? $in->text('with') : null);
    }

    private static function mode(mixed $item, string $path): PlanMode
    {
        $in = Members::of($item, ['key', 'footprint', 'functions'], $path);

        return new PlanMode($in->text('key'), $in->whole('footprint', 1, Span::LAST_SLOT), $in->each('functions', Scalars::text(...)));
    }
}
