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
    public function __construct(public int $version, public array $fixtureIds, #[Assert\Choice(['row', 'column', 'spread'], message: 'Say row, column or spread.')] public string $how)
    {
    }
}
