<?php

declare(strict_types=1);

namespace Rigger\Core\Edit;

use Rigger\Core\Input\InputError;
use Rigger\Core\Profile\ChartFinding;
use Rigger\Core\Profile\ChartRecord;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\ProfileCheck;

/** "I know": keeps a caution or note with the operator's words, or, without a note, opens it again. */
final readonly class Accept implements ChartEdit
{
    /** @param array{string, string, int|null, int|null, int|null} $which code, mode, channel, from, to of the finding */
    public function __construct(private array $which, private ?string $note)
    {
    }

    public function on(FixtureProfile $profile): FixtureProfile
    {
        $record = $profile->record ?? new ChartRecord();
        foreach (ProfileCheck::of($profile) as $finding) {
            if ([$finding->code->value, $finding->mode, $finding->channel, $finding->from, $finding->to] === $this->which) {
                return $profile->withRecord($this->change($record, $finding));
            }
        }

        throw InputError::because('no_finding', 'edit.code', 'The chart does not say this any more.');
    }

    private function change(ChartRecord $record, ChartFinding $finding): ChartRecord
    {
        if (null === $this->note) {
            return $record->reopening($finding);
        }
        if (!$finding->code->mayBeAccepted()) {
            throw InputError::because('not_a_choice', 'edit.code', 'This is wrong and not only surprising: it is repaired, not accepted.');
        }

        return $record->accepting($finding, trim($this->note));
    }
}
