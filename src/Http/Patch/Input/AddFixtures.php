<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

use Rigger\App\Rig\AddingWish;
use Symfony\Component\Uid\Uuid;
use Symfony\Component\Validator\Constraints as Assert;

final readonly class AddFixtures
{
    /**
     * @param string      $spacing  packed, round, stride or buttons
     * @param int         $together how many share an address, as twins
     * @param string|null $twinOf   id of a fixture that the new ones shall listen like; type and mode then follow it
     */
    public function __construct(
        public int $version,
        #[Assert\Uuid(message: 'This is no fixture type.')]
        public string $typeId,
        public string $mode,
        #[Assert\Range(notInRangeMessage: 'Add 1 to 500 units at once, not {{ value }}.', min: 1, max: 500)]
        public int $count,
        public string $name,
        #[Assert\Choice(['packed', 'round', 'stride', 'buttons'], message: 'Say packed, round, stride or buttons.')]
        public string $spacing = 'packed',
        #[Assert\Range(notInRangeMessage: 'A step is 1 to 512.', min: 1, max: 512)]
        public int $step = 10,
        #[Assert\Range(notInRangeMessage: 'An address is 1 to 512.', min: 1, max: 512)]
        public int $first = 1,
        #[Assert\Range(notInRangeMessage: 'At least one unit listens to an address, and at most 500.', min: 1, max: 500)]
        public int $together = 1,
        public ?string $twinOf = null,
    ) {
    }

    public function wish(): AddingWish
    {
        return new AddingWish(Uuid::fromString($this->typeId), $this->mode, $this->count, $this->name, $this->twinOf, $this->spacing, $this->step, $this->first, $this->together);
    }
}
