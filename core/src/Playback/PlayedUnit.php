<?php

declare(strict_types=1);

namespace Rigger\Core\Playback;

use Rigger\Core\Light\Cause;
use Rigger\Core\Light\CompiledMode;
use Rigger\Core\Patch\Span;
use Rigger\Core\Rig\Trim;

/** A patched unit, made ready to answer what it shows. */
final readonly class PlayedUnit
{
    /**
     * @param CompiledMode|null  $mode    null when its chart cannot be used
     * @param Cause|null         $silence why nothing that is sent reaches it; null when it responds
     * @param list<string>       $labels  what the operator calls its channels, where some have names of their own
     * @param array<int, string> $tables  what reaches a channel for each of 256 values, by place; as Trim gives them
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $universe,
        public Span $span,
        public ?CompiledMode $mode,
        public ?Cause $silence,
        public array $tables = [],
        public bool $isPanMirrored = false,
        public bool $isTiltMirrored = false,
        public array $labels = [],
    ) {
    }

    /**
     * Equal for units that show the same whatever is sent; null for one that shows it in its own way, for something stands between.
     */
    public function twinKey(): ?string
    {
        return null === $this->mode || [] !== $this->tables || $this->isPanMirrored || $this->isTiltMirrored || [] !== $this->labels
            ? null
            : $this->span->first.' '.spl_object_id($this->mode);
    }

    /**
     * The values that reach it: slots that nobody sends, or that lie past 512, are 0.
     *
     * @param array<int, int> $slots value by address
     *
     * @return list<int>
     */
    public function values(array $slots): array
    {
        $values = [];
        for ($slot = $this->span->first, $last = $this->span->last(); $slot <= $last; ++$slot) {
            $values[] = $slots[$slot] ?? 0;
        }

        foreach ($this->tables as $place => $table) {
            $values[$place] = \ord($table[$values[$place]]);
        }

        return array_values($values);
    }
}
