<?php

declare(strict_types=1);

namespace Rigger\App\Http\Looks\Input;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class RecordLook
{
    /** @param array<int, int> $slots value 0 to 255 by address: where the faders stand */
    public function __construct(
        public int $version,
        public string $name,
        #[Assert\Range(notInRangeMessage: 'Banks are counted from 1, and {{ value }} is none.', min: 1, max: 512)]
        public int $bank,
        #[Assert\Range(notInRangeMessage: 'Scenes are counted from 1, and {{ value }} is none.', min: 1, max: 512)]
        public int $number,
        #[Assert\All([new Assert\NotNull(message: 'A value is a number.'), new Assert\Type('int'), new Assert\Range(notInRangeMessage: 'Values run from 0 to 255, not {{ value }}.', min: 0, max: 255)])]
        public array $slots,
    ) {
    }
}
