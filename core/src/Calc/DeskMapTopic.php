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
        $fixtures = $in->each('fixtures', DeskInput::fixture(...), DeskInput::MOST_UNITS);
        DeskInput::requireUniqueIds($fixtures);
        $map = DeskMap::of($desk, $fixtures);

        return [
            'strips' => array_map(static fn (Strip $one): array => $one->toArray(), $map->strips),
            'findings' => array_map(static fn (DeskFinding $one): array => $one->toArray(), $map->findings),
        ];
    }
}
