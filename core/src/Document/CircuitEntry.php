<?php

declare(strict_types=1);

namespace Rigger\Core\Document;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Rig\Limits;
use Rigger\Core\Rig\Power\Circuit;

/** A circuit in a rig document: {"name": "C3", "amps": 16, "from": null}. */
final readonly class CircuitEntry
{
    /** @param int|null $from index among the document's circuits that it hangs on; null for a breaker */
    public function __construct(public string $name, public float $amps, public ?int $from)
    {
    }

    /** @throws InputError */
    public static function read(mixed $item, string $path): self
    {
        $in = Members::of($item, ['name', 'amps', 'from'], $path);

        return new self(
            Limits::name($in->text('name'), $in->path('name')),
            $in->number('amps', 0.1, Circuit::MOST_AMPS),
            $in->has('from') && !$in->isNull('from') ? $in->whole('from', 0) : null,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['name' => $this->name, 'amps' => $this->amps, 'from' => $this->from];
    }

    /**
     * Whether circuits hang on one another without going round, and units on ones that are there.
     *
     * @throws InputError out_of_range, loop
     */
    public static function require(RigDocument $rig): void
    {
        foreach ($rig->circuits as $index => $circuit) {
            $seen = [];
            for ($at = $index; null !== $at; $at = $rig->circuits[$at]->from) {
                if (isset($seen[$at])) {
                    throw InputError::because(
                        'loop',
                        'circuits['.$index.'].from',
                        \sprintf('%s hangs on itself.', InputError::quote($circuit->name)),
                    );
                }
                $seen[$at] = true;
                $from = $rig->circuits[$at]->from;
                if (null !== $from && !isset($rig->circuits[$from])) {
                    throw InputError::because(
                        'out_of_range',
                        'circuits['.$at.'].from',
                        \sprintf('There is no circuit number %d in this document.', $from),
                    );
                }
            }
        }
        foreach ($rig->units as $index => $unit) {
            if (null !== $unit->circuit && !isset($rig->circuits[$unit->circuit])) {
                throw InputError::because(
                    'out_of_range',
                    'fixtures['.$index.'].circuit',
                    \sprintf('There is no circuit number %d in this document.', $unit->circuit),
                );
            }
        }
    }
}
