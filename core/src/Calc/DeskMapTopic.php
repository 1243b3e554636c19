<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Desk\DeskFinding;
use Rigger\Core\Desk\DeskMap;
use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Desk\Strip;
use Rigger\Core\Input\Members;

/** `desk.map` {"desk","fixtures"} → {"strips","findings"}. */
final class DeskMapTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['desk', 'fixtures']);
        $desk = DeskReader::read($in->raw('desk'), 'desk');
        $units = $in->each('fixtures', DeskInput::unit(...), DeskInput::MOST_UNITS);
        DeskInput::requireUniqueIds($units);
        $map = DeskMap::of($desk, $units);

        return [
            'strips' => array_map(static fn (Strip $strip): array => $strip->toArray(), $map->strips),
            'findings' => array_map(static fn (DeskFinding $finding): array => $finding->toArray($desk->layout->called()), $map->findings),
        ];
    }
}
