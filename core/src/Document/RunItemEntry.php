<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Line\Cable\Cable;
use Rigger\Core\Line\Cable\CableType;
use Rigger\Core\Line\Cable\Ends;
use Rigger\Core\Position\Spot;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Line\Outlet;
use Rigger\Core\Rig\Line\Piece;
use Rigger\Core\Rig\Line\RunItem;
use Rigger\Core\Rig\Line\Splitter;

/**
 * A place on a run in a rig document, with the cable that leads to it: {"fixture": 0, …} or {"splitter": "Splitter A", "outputs": 4, …}.
 */
final readonly class RunItemEntry
{
    /** @param int|null $unit place among the document's units; null for a splitter */
    private function __construct(
        public ?int $unit,
        public ?Splitter $splitter,
        public Piece $cable,
        public Ends $ends,
        public float $load,
    ) {
    }

    /** @param array<string, int> $units places by id */
    public static function of(RunItem $item, array $units): self
    {
        return new self(null === $item->unitId ? null : $units[$item->unitId], $item->splitter, $item->cable, $item->ends, $item->load);
    }

    /** @throws InputError */
    public static function read(mixed $item, string $path): self
    {
        $in = Members::of(
            $item,
            ['fixture', 'splitter', 'outputs', 'x', 'y', 'height', 'metres', 'cable', 'plugs', 'ends', 'load'],
            $path,
        );
        $unit = $in->has('splitter') ? null : $in->whole('fixture', 0);
        $splitter = $in->has('splitter') ? self::splitter($in) : null;
        $ends = array_column(Ends::cases(), 'value');
        $piece = new Piece(
            $in->has('metres') && !$in->isNull('metres') ? $in->number('metres', 0, Cable::LONGEST) : null,
            CableType::from($in->choice('cable', array_column(CableType::cases(), 'value'))),
            Ends::from($in->choice('plugs', $ends)),
        );

        return new self(
            $unit,
            $splitter,
            $piece,
            Ends::from($in->choice('ends', $ends)),
            $in->has('load') ? $in->number('load', 0, RunItem::MOST_LOAD) : 1.0,
        );
    }

    private static function splitter(Members $in): Splitter
    {
        if ($in->has('fixture')) {
            throw InputError::unknownMember($in->path('fixture'), 'fixture', ['splitter', 'outputs']);
        }

        return new Splitter(
            Limits::name($in->text('splitter'), $in->path('splitter')),
            $in->whole('outputs', 1, Outlet::MOST),
            $in->has('x') || $in->has('y') ? new Spot(
                $in->number('x', -Spot::FARTHEST, Spot::FARTHEST),
                $in->number('y', -Spot::FARTHEST, Spot::FARTHEST),
                $in->has('height') ? $in->number('height', 0, Spot::HIGHEST) : null,
            ) : null,
        );
    }

    /** @param list<string> $unitIds by place */
    public function item(string $id, array $unitIds): RunItem
    {
        return null === $this->splitter
            ? RunItem::unit($id, $unitIds[$this->unit ?? -1] ?? '', $this->cable, $this->ends, $this->load)
            : RunItem::splitter($id, $this->splitter, $this->cable, $this->ends, $this->load);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $spot = $this->splitter?->spot;

        return (null === $this->splitter
            ? ['fixture' => $this->unit]
            : ['splitter' => $this->splitter->name, 'outputs' => $this->splitter->outputs] + array_filter(
                ['x' => $spot?->x, 'y' => $spot?->y, 'height' => $spot?->height],
                static fn (?float $metres): bool => null !== $metres,
            ))
            + (null === $this->cable->metres ? [] : ['metres' => $this->cable->metres])
            + ['cable' => $this->cable->type->value, 'plugs' => $this->cable->ends->value, 'ends' => $this->ends->value]
            + (1.0 === $this->load ? [] : ['load' => $this->load]);
    }
}
