<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Finding\Wording;
use Rigger\Core\Judge\Desk\DeskJudge;
use Rigger\Core\Judge\Judged;
use Rigger\Core\Rig\Rig;

/** Something that is wrong, or that will catch someone out. */
final readonly class FindingView
{
    /** So many units are named one by one. */
    private const EACH = 8;

    /**
     * @param string           $key        tells it apart from every other of its rig
     * @param string           $stage      fixtures, patch, lines, desk or looks
     * @param string           $severity   error, warning, caution or note
     * @param list<string>     $unitIds    the units it is about; none where they are many, then they stand in the next
     * @param list<int>        $unitRuns   the units it is about as places in the patch list, counted from 0: first, last, first, last …
     * @param string|null      $typeId     the chart it is about
     * @param RepairView|null  $repair     the smallest repair, as one button
     * @param list<RepairView> $others     other ways to put it right
     * @param string|null      $linkId     the sender it is about
     * @param string|null      $lookId     the look it is about
     * @param bool             $isKnowable whether somebody may say "I know"
     * @param string|null      $knownId    stands for what somebody said to know of it; null where nobody did
     * @param string|null      $knownNote  why it is meant so
     * @param string|null      $runId      the data run it is about
     * @param bool             $inPatch    whether it is told in Patch too, as DeskJudge::isOfAddresses has it
     */
    public function __construct(
        public string $key,
        public string $stage,
        public string $code,
        public string $severity,
        public string $title,
        public string $message,
        public array $unitIds,
        public array $unitRuns,
        public ?string $typeId = null,
        public ?RepairView $repair = null,
        public array $others = [],
        public ?string $linkId = null,
        public ?string $lookId = null,
        public bool $isKnowable = false,
        public ?string $knownId = null,
        public ?string $knownNote = null,
        public bool $inPatch = false,
        public ?string $runId = null,
    ) {
    }

    public static function of(Judged $judged, Rig $rig): self
    {
        $finding = $judged->finding;
        $repairs = array_map(RepairView::of(...), $judged->proposals);

        return new self(
            $finding->key,
            $finding->stage,
            $finding->code,
            $finding->severity->value,
            Wording::title($finding, $rig),
            Wording::message($finding, $rig),
            \count($finding->units) > self::EACH ? [] : $finding->units,
            \count($finding->units) > self::EACH ? self::runs($finding->units, $rig) : [],
            $finding->typeId,
            $repairs[0] ?? null,
            \array_slice($repairs, 1),
            $finding->linkId,
            $finding->lookId,
            $finding->mayBeKnown(),
            '' === $finding->word('known') ? null : $finding->word('known'),
            '' === $finding->word('knownNote') ? null : $finding->word('knownNote'),
            DeskJudge::isOfAddresses($finding, $rig),
            isset($rig->runs[$finding->word('key')]) ? $finding->word('key') : null,
        );
    }

    /**
     * @param list<string> $units
     *
     * @return list<int>
     */
    private static function runs(array $units, Rig $rig): array
    {
        $at = array_map($rig->position(...), $units);
        sort($at);
        $runs = [];
        foreach ($at as $place) {
            if ([] !== $runs && $runs[\count($runs) - 1] + 1 === $place) {
                $runs[\count($runs) - 1] = $place;
            } else {
                array_push($runs, $place, $place);
            }
        }

        return $runs;
    }
}
