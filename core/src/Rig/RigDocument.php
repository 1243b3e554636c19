<?php

declare(strict_types=1);

namespace Rigger\Core\Rig;

use Rigger\Core\Desk\Desk;
use Rigger\Core\Position\Support;
use Rigger\Core\Profile\FixtureProfile;

/** A whole rig as an open document: format `rigger-rig`, version 1. It carries every chart and the desk that it needs. */
final readonly class RigDocument
{
    public const FORMAT = 'rigger-rig';
    public const VERSION = 1;

    /**
     * @param list<FixtureProfile>  $types      charts; fixtures refer to them by index from 0
     * @param list<LinkEntry>       $links      radio senders; fixtures refer to them by index from 0
     * @param list<FixtureEntry>    $fixtures   in the order of the patch list
     * @param list<LookEntry>       $looks      by bank and number
     * @param list<Support>         $supports   beams and stands
     * @param list<TypeCurvesEntry> $typeCurves at most one for a type and mode
     */
    public function __construct(
        public string $name,
        public string $venue,
        public ?Desk $desk,
        public array $types,
        public array $links,
        public array $fixtures,
        public array $looks,
        public array $supports = [],
        public array $typeCurves = [],
    ) {
    }
}
