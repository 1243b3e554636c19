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
        #[OneOf(['patch', 'lines', 'desk', 'looks'], 'It is told in Patch, Lines, Desk or Looks.')] public string $stage,
        public string $code,
        #[Ids(mayBeEmpty: true)] public array $units,
        public ?string $link = null,
        public ?string $look = null,
        public string $note = '',
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        if (1 !== preg_match('/^[a-z_]{1,40}$/D', $this->code)) {
            throw InputError::because('not_a_choice', 'code', 'That is no code of a finding.');
        }
        $names = array_map(static fn (Unit $unit): string => $unit->name, array_map($rig->unit(...), $this->units));
        if (null !== $this->link) {
            $names[] = $rig->link($this->link)->label;
        }
        if (null !== $this->look) {
            $names[] = $rig->look($this->look)->name;
        }
        $note = Limits::note($this->note, 'note');
        $known = new KnownFinding($world->newId(), $this->stage, $this->code, $this->units, $this->link, $this->look, $note);
        foreach ($rig->known as $other) {
            if ($other->subject() === $known->subject()) {
                $known = new KnownFinding($other->id, $this->stage, $this->code, $this->units, $this->link, $this->look, $note);
            }
        }

        return new Applied(
            $rig->withKnown($known),
            \sprintf('Known and meant so: %s%s', [] === $names ? $this->code : Names::few($names), null === $note ? '' : ' ("'.$note.'")'),
        );
    }
}
