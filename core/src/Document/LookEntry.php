<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Look\MadeLook;
use Rigger\Core\Look\UnitIntent;

/** A scene in a rig document. */
final readonly class LookEntry
{
    /**
     * @param array<int, list<int>>  $values  by index of the unit, one a channel; units left out are left alone
     * @param array<int, UnitIntent> $intents by index of the unit, of some of those
     */
    public function __construct(
        public string $name,
        public int $bank,
        public int $number,
        public array $values,
        public array $intents = [],
        public ?MadeLook $made = null,
    ) {
    }
}
