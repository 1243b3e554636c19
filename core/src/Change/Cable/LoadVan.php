<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Cable;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Shape\Within;
use Rigger\Core\Change\World;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Line\Van;
use Rigger\Core\Rig\Rig;

/** Which lengths of cable are at hand, where runs begin, and how much is added to a way; what is left out stays. */
final readonly class LoadVan implements Change
{
    /**
     * @param string|null $lengths as typed, in metres: "2 3 5 10"
     * @param float|null  $slack   factor on each way
     * @param float|null  $spare   metres on top of it
     * @param float|null  $x       of the desk's outputs, metres to the right of centre, with y
     * @param float|null  $y       metres upstage of the edge
     */
    public function __construct(
        public ?string $lengths = null,
        #[Within(1, 3, 'A way takes 1 to 3 times as much cable, not {value}.')] public ?float $slack = null,
        #[Within(0, 20, 'Type 0 to 20 m.')] public ?float $spare = null,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'Type metres, -200 to 200.')] public ?float $x = null,
        #[Within(-Spot::FARTHEST, Spot::FARTHEST, 'Type metres, -200 to 200.')] public ?float $y = null,
        #[Within(0, Spot::HIGHEST, 'Type metres above the floor, 0 to 60.')] public ?float $height = null,
    ) {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $was = $rig->van;
        $van = new Van(
            null === $this->lengths ? $was->lengths : Typed::lengths($this->lengths, 'lengths'),
            $this->slack ?? $was->slack,
            $this->spare ?? $was->spare,
            null === $this->x || null === $this->y ? $was->desk : new Spot($this->x, $this->y, $this->height ?? $was->desk?->height),
        );

        return new Applied($rig->loading($van), match (true) {
            $van->lengths !== $was->lengths => \sprintf('Cable in the van: %s m', implode(', ', $van->lengths)),
            $van->desk !== $was->desk => \sprintf('Runs begin %s', $van->desk?->words() ?? ''),
            default => 'Changed how cable is reckoned',
        });
    }
}
