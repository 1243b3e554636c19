<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

use Symfony\Component\Validator\Constraints as Assert;

/** Units that move together. */
final readonly class MoveFixtures
{
    /**
     * @param list<string> $fixtureIds twins on one piece of tape
     * @param string       $address    as typed: "37", "1/37", "1.037"
     */
    public function __construct(public int $version, #[Assert\All([new Assert\NotNull(message: 'A unit is named by its id.'), new Assert\Type('string', message: 'A unit is named by its id.')])] public array $fixtureIds, public string $address)
    {
    }
}
