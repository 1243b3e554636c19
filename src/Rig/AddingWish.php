<?php

declare(strict_types=1);

namespace Rigger\App\Rig;

use Symfony\Component\Uid\Uuid;

/** What an operator wants to hang, and where it should find its addresses. */
final readonly class AddingWish
{
    /**
     * @param string|null $twinOf   id of a fixture that the new ones shall listen like; type and mode then follow it
     * @param string      $spacing  packed, round, stride or buttons (where the desk's begin)
     * @param int         $step     of round and stride
     * @param int         $first    of stride
     * @param int         $together how many share an address: 1 for none, 2 for twins in pairs
     */
    public function __construct(
        public Uuid $typeId,
        public string $mode,
        public int $count,
        public string $name,
        public ?string $twinOf = null,
        public string $spacing = 'packed',
        public int $step = 10,
        public int $first = 1,
        public int $together = 1,
    ) {
    }
}
