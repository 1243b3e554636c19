<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** What is wanted of a unit at a desk. */
final readonly class DeskWish
{
    /**
     * @param list<PlanMode> $modes it can be set to, in its chart's order
     * @param list<string>   $wants functions that its mode must have
     * @param string|null    $with  id of one earlier in the list, whose mode and button it shares
     */
    public function __construct(public string $id, public array $modes, public array $wants, public ?string $with = null)
    {
    }

    public function mode(string $key): ?PlanMode
    {
        foreach ($this->modes as $mode) {
            if ($mode->key === $key) {
                return $mode;
            }
        }

        return null;
    }
}
