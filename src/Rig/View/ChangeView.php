<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\App\Entity\Change;

/** What somebody did to a rig, in words. */
final readonly class ChangeView
{
    /** @param string $at ISO 8601 */
    public function __construct(public int $number, public string $sentence, public string $at, public bool $undone)
    {
    }

    public static function of(Change $change): self
    {
        return new self($change->number, $change->sentence, $change->at->format(\DATE_ATOM), $change->isUndone());
    }
}
