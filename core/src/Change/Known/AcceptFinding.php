<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Known;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\World;
use Rigger\Core\Input\InputError;
use Rigger\Core\Rig\KnownFinding;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Text\Names;

/** "I know": what is told is as it is meant, until it is about others. Errors stay what they are, whoever knows them. */
final readonly class AcceptFinding implements Change
{
    /**
     * @param list<string> $units whom it is about
     * @param string       $note  why, in the operator's words; empty for none
     */
    public function __construct(
        #[OneOf(KnownFinding::STAGES, 'It is told in Patch, Lines, Desk or Looks.')] public string $stage,
        public string $code,
        #[Ids(mayBeEmpty: true)] public array $units,
        public ?string $link = null,
        public ?string $look = null,
        public string $note = '',
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        if (!KnownFinding::isCode($this->code)) {
            throw InputError::because('not_a_choice', 'code', 'That is no code of a finding.');
        }
        $names = array_map(static fn (Unit $unit): string => $unit->name, array_map($rig->unit(...), $this->units));
        if (null !== $this->link) {
            $names[] = $rig->link($this->link)->label;
        }
        if (null !== $this->look) {
            $names[] = $rig->look($this->look)->name;
        }
        if ([] === $names) {
            throw InputError::because('missing', 'units', 'Say what it is about.');
        }
        $note = Limits::note($this->note, 'note');
        $known = new KnownFinding($this->id($rig, $world), $this->stage, $this->code, $this->units, $this->link, $this->look, $note);
        // As many as a document of the rig is read back with.
        if (\count($rig->known) >= Limits::KNOWN && !isset($rig->known[$known->id])) {
            throw InputError::because('out_of_range', 'code', \sprintf('A rig keeps at most %d things that are known.', Limits::KNOWN));
        }

        return new Applied(
            $rig->withKnown($known),
            \sprintf('Known, and meant so: %s%s', Names::few($names), null === $note ? '' : ' ("'.$note.'")'),
        );
    }

    /** Of what is known already, said once more with another note; else a new one. */
    private function id(Rig $rig, World $world): string
    {
        $subject = KnownFinding::subjectOf($this->stage, $this->code, $this->units, $this->link, $this->look);
        foreach ($rig->known as $other) {
            if ($other->subject() === $subject) {
                return $other->id;
            }
        }

        return $world->newId();
    }
}
