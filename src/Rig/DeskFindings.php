<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Rigger\App\Entity\PatchedFixture;
use Rigger\App\Rig\View\FindingView;
use Rigger\App\Rig\View\RepairView;
use Rigger\Core\Desk\DeskFinding;
use Rigger\Core\Light\AtRest;
use Rigger\Core\Severity;

/** What will surprise the operator at this desk, with what can be done about it. */
final class DeskFindings
{
    /** @var array<string, AtRest> by mode and channels */
    private array $rests = [];

    private function __construct(private readonly Snapshot $snapshot, private readonly DeskRepairs $repairs, private readonly CompiledModes $modes)
    {
    }

    /** @return list<FindingView> */
    public static function of(Snapshot $snapshot): array
    {
        $map = $snapshot->map();
        if (null === $map) {
            return [];
        }
        $self = new self($snapshot, new DeskRepairs($snapshot, $map->desk), new CompiledModes());

        return array_map($self->view(...), $map->findings);
    }

    private function view(DeskFinding $finding): FindingView
    {
        $fixture = $this->snapshot->fixture($finding->fixture);
        $isMeant = 'spills' === $finding->code && ($fixture->takesButtons() ?? 1) >= $this->repairs->buttonsOf($fixture);
        $repairs = $isMeant ? [DeskRepairs::takeOneAgain($fixture)] : $this->repairs->of($fixture, $finding->code);

        return new FindingView(
            'desk',
            $finding->code,
            ($isMeant ? Severity::Note : $finding->severity)->value,
            $isMeant ? \sprintf('%s takes %d buttons', $fixture->name(), $fixture->takesButtons() ?? 1) : self::title($finding, $fixture),
            $this->snapshot->named($finding->message).$this->rest($finding, $fixture).([] === $repairs ? rtrim(' '.$this->repairs->whyNone($fixture, $finding->code)) : ''),
            [$finding->fixture],
            null,
            $repairs[0] ?? null,
            array_values(array_filter($repairs, static fn (RepairView $one): bool => $one !== ($repairs[0] ?? null))),
        );
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
    private function rest(DeskFinding $finding, PatchedFixture $fixture): string
    {
        if (!\in_array($finding->code, ['hidden', 'out_of_reach'], true)) {
            return '';
        }
        $mode = $this->modes->of($fixture);
        if (null === $mode) {
            return ' They rest at 0.';
        }
        $rest = $this->rests[$fixture->modeIdentity().' '.implode(',', $finding->channels)] ??= AtRest::of($mode, $finding->channels);

        return ' '.$rest->sentence($fixture->name());
    }
}
