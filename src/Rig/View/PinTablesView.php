<?php

declare(strict_types=1);

namespace Rigger\App\Rig\View;

use Rigger\Core\Line\Cable\Ends;
use Rigger\Core\Line\Cable\Pins;

final readonly class PinTablesView
{
    /** @param list<PinTableView> $tables */
    public function __construct(public array $tables)
    {
    }

    public static function all(): self
    {
        return new self(array_map(static fn (Ends $ends): PinTableView => new PinTableView(
            $ends->value,
            ucfirst($ends->words()),
            array_map(static fn (array $pin): PinView => new PinView($pin[0], $pin[1]), Pins::of($ends)),
            Pins::note($ends),
        ), Ends::cases()));
    }
}
