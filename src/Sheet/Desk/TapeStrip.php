<?php

declare(strict_types=1);

namespace Rigger\App\Sheet\Desk;

/** A strip of tape to lay under faders or over keys. */
final readonly class TapeStrip
{
    /**
     * @param string                                        $title where it goes: "Button 1, page A: Drum 1 + Drum 2"
     * @param float                                         $pitch millimetres from middle to middle
     * @param list<array{label: string, note: string|null}> $cells from left to right; an idle fader has a blank label
     */
    public function __construct(public string $title, public float $pitch, public array $cells)
    {
    }

    public function length(): float
    {
        return $this->pitch * \count($this->cells);
    }

    /**
     * Cut between faders into pieces that a page can hold.
     *
     * @return non-empty-list<self>
     */
    public function pieces(float $width): array
    {
        $most = max(1, (int) floor($width / $this->pitch + 1e-9));
        $parts = array_chunk($this->cells, $most);
        if (\count($parts) < 2) {
            return [$this];
        }

        return array_map(
            fn (array $cells, int $index): self => new self(
                \sprintf('%s · piece %d of %d, laid edge to edge', $this->title, $index + 1, \count($parts)),
                $this->pitch,
                $cells,
            ),
            $parts,
            array_keys($parts),
        );
    }
}
