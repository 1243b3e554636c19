<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Patch\Span;
use Rigger\Core\Profile\ShownKind;
use Rigger\Core\Profile\ShownReading;
use Rigger\Core\Rig\Unit;

/** What a unit's display says of it, and how often to press which key. */
final readonly class PressesView
{
    /** @param string $kind right, address, mode, state, sign or unknown */
    public function __construct(public string $kind, public string $words)
    {
    }

    /** @throws \Rigger\Core\Input\InputError out_of_range for an address past which the unit begins again */
    public static function of(Unit $unit, string $shown): self
    {
        $profile = $unit->revision()->profile;
        $address = $unit->place->address;
        $reading = ShownReading::of($profile, $unit->mode(), $address, $shown);
        if (ShownKind::Address !== $reading->kind || null === $reading->address) {
            return new self($reading->kind->value, $reading->words);
        }
        $keys = $profile->unit?->keys;

        return new self(
            $reading->kind->value,
            (null === $keys
                ? \sprintf('It stands at %03d, and shall stand at %03d.', $reading->address, $address)
                : $keys->presses($reading->address, $address, $profile->unit->keysTop ?? Span::LAST_SLOT)).$reading->words,
        );
    }
}
