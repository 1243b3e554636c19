<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Look;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Colour\SaidColour;
use Rigger\Core\Input\InputError;
use Rigger\Core\Look\MadeLook;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Rig;

/** A look that every rig needs, made for all that hangs here, at a free place of the desk's memory. */
final readonly class MakeLook implements Change
{
    /** @param SaidColour|null $colour of one colour everywhere */
    public function __construct(
        public string $name,
        #[Within(1, 512, 'Banks are counted from 1, and {value} is none.')] public int $bank,
        #[Within(1, 512, 'Scenes are counted from 1, and {value} is none.')] public int $number,
        #[OneOf(
            ['working-light', 'blackout', 'colour', 'tenth', 'reset'],
            'What can be made is working light, Blackout, one colour everywhere, all at a tenth, and a reset.',
        )]
        public string $what,
        public ?SaidColour $colour = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        Memory::requireFree($rig, $this->bank, $this->number, null);
        Memory::requireRoom($rig);
        $made = MadeLook::from($this->what);
        if (MadeLook::Colour === $made && null === $this->colour) {
            throw InputError::missing('colour');
        }
        $look = new Look($world->newId(), Limits::name($this->name, 'name'), $this->bank, $this->number, []);
        $intent = $made->intent($this->colour);
        foreach ($rig->units as $unit) {
            $solver = $unit->at->solver();
            if (null === $solver) {
                continue;
            }
            if (null !== $intent) {
                $look = $look->meaning($unit->id, $intent, $intent->values($solver, null));
            } elseif (null !== $values = MadeLook::reset($solver)) {
                $look = $look->with($unit->id, $values);
            }
        }
        if ([] === $look->values) {
            throw Refused::because(
                'nothing_to_make',
                MadeLook::Reset === $made
                    ? 'Nothing that hangs here can be reset from the desk.'
                    : 'Nothing hangs here yet that could be lit.',
            );
        }

        return new Applied(
            $rig->withLooks($look->marked($made)),
            \sprintf('Made %s for %d units, at bank %d, scene %d', $look->name, \count($look->values), $this->bank, $this->number),
            [$look->id],
        );
    }
}
