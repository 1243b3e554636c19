<?php

declare(strict_types=1);

namespace Rigger\App\Http\Desk\Input;

use Symfony\Component\Validator\Constraints as Assert;

/** What an operator wants of one unit at the desk. */
final readonly class WishedUnit
{
    /**
     * @param list<string> $wants dimmer, colour, flash, movement, patterns, cells, no-programs
     * @param string|null  $with  unit named earlier, whose button it shares
     */
    public function __construct(
        public string $unitId,
        #[Assert\All([
            new Assert\NotNull(message: 'A wish is a word.'),
            new Assert\Type('string', message: 'A wish is a word.'),
        ])] public array $wants,
        public ?string $with = null,
    ) {
    }
}
