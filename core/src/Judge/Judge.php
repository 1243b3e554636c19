<?php

declare(strict_types=1);

namespace Rigger\Core\Judge;

use Rigger\Core\Finding\Finding;
use Rigger\Core\Judge\Desk\DeskJudge;
use Rigger\Core\Judge\Desk\DeskProposals;
use Rigger\Core\Judge\Fixtures\ChartJudge;
use Rigger\Core\Judge\Lines\AirJudge;
use Rigger\Core\Judge\Lines\LeaderJudge;
use Rigger\Core\Judge\Lines\LinkJudge;
use Rigger\Core\Judge\Lines\PowerJudge;
use Rigger\Core\Judge\Lines\PowerProposals;
use Rigger\Core\Judge\Lines\ReceiverJudge;
use Rigger\Core\Judge\Lines\RunJudge;
use Rigger\Core\Judge\Lines\RunProposals;
use Rigger\Core\Judge\Looks\LookJudge;
use Rigger\Core\Judge\Patch\AddressJudge;
use Rigger\Core\Judge\Patch\UnitJudge;
use Rigger\Core\Rig\Rig;

/** What is wrong with a rig, stage by stage, and what could be done about it. */
final readonly class Judge
{
    private NewPlaces $places;
    private ?DeskProposals $desk;

    /** @param array<string, int> $latest number of the newest revision, by type */
    public function __construct(private Rig $rig, private array $latest = [])
    {
        $this->places = new NewPlaces($rig);
        $this->desk = null === $rig->desk ? null : DeskProposals::of($rig, $this->places);
    }

    /** @return list<Finding> the facts alone */
    public function findings(): array
    {
        return $this->asKnown([
            ...ChartJudge::findings($this->rig, $this->latest),
            ...AddressJudge::findings($this->rig),
            ...UnitJudge::findings($this->rig),
            ...LinkJudge::findings($this->rig),
            ...ReceiverJudge::findings($this->rig),
            ...PowerJudge::findings($this->rig),
            ...AirJudge::findings($this->rig),
            ...RunJudge::findings($this->rig),
            ...LeaderJudge::findings($this->rig),
            ...DeskJudge::findings($this->rig),
            ...LookJudge::findings($this->rig),
        ]);
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<Finding> those that somebody knows as notes
     */
    private function asKnown(array $findings): array
    {
        if ([] === $this->rig->known) {
            return $findings;
        }
        $known = [];
        foreach ($this->rig->known as $one) {
            $known[$one->subject()] = $one;
        }

        return array_map(static function (Finding $finding) use ($known): Finding {
            $one = $finding->mayBeKnown() ? $known[$finding->subject()] ?? null : null;

            return null === $one ? $finding : $finding->knownAs($one);
        }, $findings);
    }

    /** A finding of this rig with what could be done about it. */
    public function about(Finding $finding): Judged
    {
        $proposals = isset($finding->figures['known']) ? [] : match ($finding->stage) {
            'patch' => AddressJudge::proposals($this->rig, $this->places, $finding),
            'lines' => [
                ...LinkJudge::proposals($this->rig, $finding),
                ...ReceiverJudge::proposals($this->rig, $finding),
                ...PowerProposals::for($this->rig, $finding),
                ...AirJudge::proposals($this->rig, $finding),
                ...RunProposals::for($this->rig, $finding),
                ...LeaderJudge::proposals($this->rig, $finding),
            ],
            'desk' => $this->desk?->for($finding) ?? [],
            'looks' => LookJudge::proposals($this->rig, $finding),
            default => [],
        };
        $stuck = [] === $proposals && 'desk' === $finding->stage ? $this->desk?->whyNone($finding) : null;

        return new Judged(null === $stuck ? $finding : $finding->with('stuck', $stuck), $proposals);
    }

    /** Whether a finding's units are offered the same places as in another rig in which it stands too. */
    public function offersTheSame(self $other, Finding $finding): bool
    {
        foreach ($finding->units as $id) {
            $mine = $this->rig->together($this->rig->unit($id));
            $theirs = $other->rig->together($other->rig->unit($id));
            if ($this->places->of($mine)?->words() !== $other->places->of($theirs)?->words()
                || $this->places->onFaders($mine)?->words() !== $other->places->onFaders($theirs)?->words()) {
                return false;
            }
        }

        return true;
    }

    /**
     * Everything with what could be done about it.
     *
     * @param array<string, int> $latest number of the newest revision, by type
     *
     * @return list<Judged>
     */
    public static function judged(Rig $rig, array $latest = []): array
    {
        $judge = new self($rig, $latest);

        return array_map($judge->about(...), $judge->findings());
    }
}
