<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

use Symfony\Component\Validator\Constraints as Assert;

final readonly class LineUpUnits
{
    /**
     * @param list<string> $fixtureIds
     * @param string       $how        row, column or spread
     */
    public function __construct(public int $version, #[Assert\All([new Assert\NotNull(message: 'A unit is named by its id.'), new Assert\Type('string', message: 'A unit is named by its id.')])] public array $fixtureIds, #[Assert\Choice(['row', 'column', 'spread'], message: 'Say row, column or spread.')] public string $how)
    {
    }
}
