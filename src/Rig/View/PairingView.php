<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Judge\Lines\PairingCard;
use Rigger\Core\Judge\Lines\PairingStep;

/** How a unit's receiver is made to listen to its sender. */
final readonly class PairingView
{
    /**
     * @param list<PairingStepView> $steps
     * @param list<string>          $proof what to raise, and what is to be seen
     * @param list<string>          $undo  how it forgets its sender
     * @param string|null           $note  of the kit
     * @param string                $name  of the receiver, where units share it; else of the unit
     */
    public function __construct(
        public string $kit,
        public string $sender,
        public string $setting,
        public array $steps,
        public array $proof,
        public array $undo,
        public ?string $note,
        public string $name,
    ) {
    }

    public static function of(PairingCard $card): self
    {
        return new self(
            $card->link->kit->kit->name,
            $card->link->label,
            $card->link->name,
            array_map(static fn (PairingStep $step): PairingStepView => new PairingStepView(
                $step->words,
                $step->from,
                $step->to,
                $step->lamp?->pattern,
                $step->lamp?->words(),
            ), $card->steps),
            $card->proof,
            $card->undo,
            $card->link->kit->kit->note,
            $card->name,
        );
    }
}
