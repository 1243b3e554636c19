<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Patch\Span;
use Rigger\Core\Rig\HeldSlots;
use Rigger\Core\Rig\Limits;

/** Held slots in a rig document: {"name": "House lights", "universe": 1, "from": 1, "to": 8}. */
final readonly class HoldEntry
{
    public function __construct(public string $name, public int $universe, public Span $span)
    {
    }

    public static function of(HeldSlots $held): self
    {
        return new self($held->name, $held->universe, $held->span);
    }

    /** @throws InputError */
    public static function read(mixed $item, string $path): self
    {
        $in = Members::of($item, ['name', 'universe', 'from', 'to'], $path);
        $name = Limits::name($in->text('name'), $in->path('name'));
        $universe = $in->whole('universe', 1, Limits::UNIVERSES);
        $from = $in->address('from');
        $to = $in->address('to');
        if ($from > $to) {
            throw InputError::outOfRange($in->path('to'), $to, \sprintf('%d to 512, for it begins there', $from));
        }

        return new self($name, $universe, Span::at($from, $to - $from + 1));
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['name' => $this->name, 'universe' => $this->universe, 'from' => $this->span->first, 'to' => $this->span->last()];
    }
}
