<?php

declare(strict_types=1);

namespace Rigger\App\Http\Patch\Input;

/** Units that move together. */
final readonly class MoveFixtures
{
    /**
     * @param list<string> $fixtureIds twins on one piece of tape
     * @param string       $address    as typed: "37", "1/37", "1.037"
     */
    public function __construct(public int $version, public array $fixtureIds, public string $address)
    {
    }
}
