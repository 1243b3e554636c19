<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Judge\Desk\AdviceRow;

/** One unit: where it is and where the plan puts it. */
final readonly class AdviceRowView
{
    /**
     * @param string       $fromMode  name of its mode now
     * @param string       $fromPlace "1.071", with its button
     * @param string|null  $toMode    null where the plan has no place for it
     * @param string|null  $toPlace   as fromPlace
     * @param bool         $isChanged somebody has to go up to it
     * @param list<string> $costs     what it gives up, or why it has no place
     */
    public function __construct(
        public string $unitId,
        public string $name,
        public string $fromMode,
        public string $fromPlace,
        public int $fromChannels,
        public ?string $toMode,
        public ?string $toPlace,
        public ?int $toChannels,
        public ?int $button,
        public bool $isChanged,
        public array $costs,
    ) {
    }

    public static function of(AdviceRow $row): self
    {
        $now = $row->unit->mode();

        return new self(
            $row->unit->id,
            $row->unit->name,
            $now->name,
            $row->from(),
            $now->footprint(),
            $row->mode?->name,
            $row->toWords(),
            $row->mode?->footprint(),
            $row->button,
            $row->isChanged,
            $row->costs,
        );
    }
}
