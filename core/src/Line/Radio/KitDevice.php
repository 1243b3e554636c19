<?php

declare(strict_types=1);

namespace Rigger\Core\Line\Radio;

/** A sender or a receiver of a kit. */
final readonly class KitDevice
{
    /**
     * @param list<KitButton> $buttons
     * @param list<LampSign>  $lamps   one for each state that its lamp can tell
     */
    public function __construct(public array $buttons, public array $lamps)
    {
    }

    public function sign(LampState $state): ?LampSign
    {
        foreach ($this->lamps as $lamp) {
            if ($lamp->state === $state) {
                return $lamp;
            }
        }

        return null;
    }

    public function button(string $label): ?KitButton
    {
        foreach ($this->buttons as $button) {
            if ($button->label === $label) {
                return $button;
            }
        }

        return null;
    }

    /** The button that steps a part. */
    public function stepper(int $part): ?KitButton
    {
        foreach ($this->buttons as $button) {
            if ($button->steps === $part) {
                return $button;
            }
        }

        return null;
    }
}
