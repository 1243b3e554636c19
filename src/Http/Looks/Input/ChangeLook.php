<?php

declare(strict_types=1);

namespace Rigger\App\Http\Looks\Input;

use Symfony\Component\Validator\Constraints as Assert;

/** Changes of a look, all made or none: a new name, a new place in the desk's memory (bank and number together), the faders as they stand now. */
final readonly class ChangeLook
{
    /** @param array<int, int>|null $slots value 0 to 255 by address */
    public function __construct(
        public int $version,
        public ?string $name = null,
        #[Assert\Range(notInRangeMessage: 'Banks are counted from 1, and {{ value }} is none.', min: 1, max: 512)]
        public ?int $bank = null,
        #[Assert\Range(notInRangeMessage: 'Scenes are counted from 1, and {{ value }} is none.', min: 1, max: 512)]
        public ?int $number = null,
        #[Assert\All([new Assert\NotNull(message: 'A value is a number.'), new Assert\Type('int'), new Assert\Range(notInRangeMessage: 'Values run from 0 to 255, not {{ value }}.', min: 0, max: 255)])]
        public ?array $slots = null,
    ) {
    }
}
