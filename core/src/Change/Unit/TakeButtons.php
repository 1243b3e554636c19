<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Unit;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Text\Names;

/** Lets units take several buttons of the desk, or holds them to one again. */
final readonly class TakeButtons implements Change
{
    /**
     * @param list<string> $units   twins together
     * @param int|null     $buttons null for one like everybody
     */
    public function __construct(#[Ids] public array $units, #[Within(2, 512, 'A unit takes 2 to 512 buttons.')] public ?int $buttons)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $units = array_map($rig->unit(...), $this->units);
        $names = Names::few(array_map(static fn (Unit $unit): string => $unit->name, $units));

        return new Applied(
            $rig->withUnits(...array_map(fn (Unit $unit): Unit => $unit->takingButtons($this->buttons), $units)),
            null === $this->buttons
                ? \sprintf('%s is held to one button again', $names)
                : \sprintf('Let %s take %d buttons', $names, $this->buttons),
        );
    }
}
