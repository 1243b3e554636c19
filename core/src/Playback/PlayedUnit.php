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
     * The values that reach it, of what is sent in its universe.
     *
     * @param string $universe 512 bytes; what lies past them is 0
     *
     * @return list<int>
     */
    public function values(string $universe): array
    {
        return $this->reads($this->hears($universe));
    }

    /** What comes in at its address: a byte for each channel that lies below 513. */
    public function hears(string $universe): string
    {
        return substr($universe, $this->span->first - 1, $this->span->footprint);
    }

    /**
     * What it makes of that: each channel through what stands between the desk and it; what is missing is 0.
     *
     * @return list<int>
     */
    public function reads(string $bytes): array
    {
        $bytes = str_pad($bytes, $this->span->footprint, "\0");
        foreach ($this->tables as $place => $table) {
            $bytes[$place] = $table[\ord($bytes[$place])];
        }

        return array_map(\ord(...), str_split($bytes));
    }
}
