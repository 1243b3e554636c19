<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

/** A button of a sender or receiver. */
final readonly class KitButton
{
    /** @param int|null $steps index of the part that a press steps on; null for one that steps nothing */
    public function __construct(public string $label, public ?int $steps)
    {
    }
}
