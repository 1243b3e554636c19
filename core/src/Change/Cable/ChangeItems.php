<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Cable;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\Shape\OneOf;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Line\Piece;
use Rigger\Core\Rig\Line\RunItem;
use Rigger\Core\Rig\NotThere;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Text\Figure;
use Rigger\Core\Text\Names;

/** The cables that lead to items of runs, or their sockets; what is left out stays. */
final readonly class ChangeItems implements Change
{
    /**
     * @param list<string> $items
     * @param string|null  $metres as typed; empty follows the stage plan
     * @param string|null  $cable  data, microphone or network
     * @param string|null  $plugs  ends of the cables
     * @param string|null  $ends   of the items' own sockets
     * @param float|null   $load   in unit loads
     */
    public function __construct(
        #[Ids('Say which places on a run are meant.')] public array $items,
        public ?string $metres = null,
        #[OneOf(Typed::TYPES, Typed::TYPES_SAID)] public ?string $cable = null,
        #[OneOf(Typed::ENDS, Typed::ENDS_SAID)] public ?string $plugs = null,
        #[OneOf(Typed::ENDS, Typed::ENDS_SAID)] public ?string $ends = null,
        #[Within(0, RunItem::MOST_LOAD, 'A device loads its output with 0 to 8 unit loads, not {value}.')] public ?float $load = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $metres = null === $this->metres ? null : Typed::metres($this->metres, 'metres');
        $names = [];
        foreach ($this->items as $id) {
            [$run, $place] = $rig->cabling()->placeOf($id) ?? throw NotThere::runItem();
            $was = $run->items[$place];
            $names[] = null === $was->unitId ? $was->splitter->name ?? '' : $rig->unit($was->unitId)->name;
            $rig = $rig->withRuns($run->replacing($place, $was
                ->cabledBy(new Piece(
                    null === $this->metres ? $was->cable->metres : $metres,
                    Typed::type($this->cable) ?? $was->cable->type,
                    Typed::ends($this->plugs) ?? $was->cable->ends,
                ))
                ->endingIn(Typed::ends($this->ends) ?? $was->ends)
                ->loading($this->load ?? $was->load)));
        }

        $said = array_filter([
            null === $this->metres ? null : \sprintf(
                'Cable to %s: %s',
                Names::few($names),
                null === $metres ? 'as long as the plan says' : self::short($metres).' m',
            ),
            null === $this->cable ? null : \sprintf('%s to %s', ucfirst(Typed::type($this->cable)?->words() ?? ''), Names::few($names)),
            null === $this->plugs ? null : \sprintf('Cable to %s: %s', Names::few($names), Typed::ends($this->plugs)?->words() ?? ''),
            null === $this->ends ? null : \sprintf('Sockets of %s: %s', Names::few($names), Typed::ends($this->ends)?->words() ?? ''),
            null === $this->load ? null : \sprintf('%s: %s unit loads', Names::few($names), self::short($this->load)),
        ]);

        return new Applied($rig, [] === $said ? 'Left the cables as they are' : implode('; ', $said));
    }

    private static function short(float $number): string
    {
        return Figure::short($number, 3);
    }
}
