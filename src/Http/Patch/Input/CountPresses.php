<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class CountPresses
{
    /** @param string $shown what the display shows now, letters and dots too */
    public function __construct(
        #[Assert\Length(min: 1, max: 16, minMessage: 'Say what it shows.', maxMessage: 'A display shows at most 16 signs.')]
        public string $shown,
    ) {
    }
}
