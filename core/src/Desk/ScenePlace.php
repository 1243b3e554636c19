<?php

declare(strict_types=1);

namespace Rigger\Core\Desk;

/** Where a look is stored on a desk. */
final readonly class ScenePlace
{
    /**
     * @param string $look   id
     * @param int    $bank   from 1
     * @param int    $number from 1
     */
    public function __construct(public string $look, public int $bank, public int $number)
    {
    }
}
