<?php

declare(strict_types=1);

namespace Rigger\App\Wastebasket\View;

/** One thing in the wastebasket. */
final readonly class ThrownView
{
    /**
     * @param string $kind     rig, chart or desk
     * @param string $holds    what is in it, in words
     * @param string $thrownAt ISO 8601
     */
    public function __construct(public string $kind, public string $id, public string $name, public string $holds, public string $thrownAt)
    {
    }
}
