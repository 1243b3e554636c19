<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Golden;

/** Temporary: a step by the endpoints of before. */
final class OldDoors
{
    /** @return array{string, string, array<string, mixed>} method, path below the rig, body without version */
    public static function request(array $rig, array $step, array $desks): array
    {
        $unit = static fn (string $member = 'unit'): string => $rig['fixtures'][$step[$member]]['id'];
        $units = static fn (): array => array_map(static fn (int $one): string => $rig['fixtures'][$one]['id'], $step['units']);
        $look = static fn (): string => $rig['looks'][$step['look']]['id'] ?? '00000000-0000-7000-8000-000000000000';
        $link = static fn (): string => $rig['links'][$step['link']]['id'] ?? '00000000-0000-7000-8000-000000000000';
        $patch = static fn (array $body): array => ['PATCH', '/fixtures/'.$unit(), $body];

        return match ($step['step']) {
            'move' => $patch(['address' => $step['to']]),
            'together' => ['POST', '/fixtures/move', ['fixtureIds' => $units(), 'address' => $step['to']]],
            'rename' => $patch(['name' => $step['name']]),
            'mode' => $patch(['mode' => $step['mode']]),
            'swap' => ['POST', '/fixtures/'.$unit().'/swap', ['mode' => $step['mode'], 'typeId' => $step['type'], 'makesRoom' => $step['room']]],
            'position' => $patch(['position' => $step['text']]),
            'number' => $patch(['number' => $step['text']]),
            'groups' => $patch(['groups' => $step['text']]),
            'note' => $patch(['note' => $step['text']]),
            'tape' => $patch(['tape' => $step['text']]),
            'turn' => $patch(['pan' => $step['text']]),
            'lock' => $patch(['isLocked' => $step['is']]),
            'set' => $patch(['isSet' => $step['is']]),
            'proved' => $patch(['isProved' => $step['is']]),
            'add' => ['POST', '/fixtures', ['typeId' => $step['type']] + array_intersect_key($step, array_flip(['mode', 'count', 'name', 'spacing', 'together']))],
            'twin' => ['POST', '/fixtures', ['typeId' => $step['type'], 'twinOf' => $unit('twinOf')] + array_intersect_key($step, array_flip(['mode', 'count', 'name']))],
            'remove' => ['POST', '/fixtures/'.$unit().'/remove', []],
            'add-link' => ['POST', '/links', ['kit' => $step['kit'], 'label' => $step['label']]],
            'connect', 'receiver' => ['PUT', '/fixtures/'.$unit().'/link', ['linkId' => $link(), 'receiver' => $step['receiver']]],
            'remove-link' => ['POST', '/links/'.$link().'/remove', []],
            'record' => ['POST', '/looks', array_intersect_key($step, array_flip(['name', 'bank', 'number', 'slots']))],
            'again' => ['PATCH', '/looks/'.$look(), ['slots' => $step['slots']]],
            'rename-look' => ['PATCH', '/looks/'.$look(), ['name' => $step['name']]],
            'store' => ['PATCH', '/looks/'.$look(), ['bank' => $step['bank'], 'number' => $step['number']]],
            'steady' => ['POST', '/looks/'.$look().'/steady', []],
            'remove-look' => ['POST', '/looks/'.$look().'/remove', []],
            'curve', 'straight' => ['PUT', '/fixtures/'.$unit().'/curve', ['channel' => $step['channel'], 'forType' => $step['type'], 'curve' => $step['curve']]],
            'put' => ['POST', '/stage-plan/put', ['fixtureIds' => $units(), 'x' => $step['x'], 'y' => $step['y']]],
            'place' => ['PUT', '/stage-plan/units/'.$unit(), ['x' => $step['x'], 'y' => $step['y'], 'height' => $step['height']]],
            'line-up' => ['POST', '/stage-plan/line-up', ['fixtureIds' => $units(), 'how' => $step['how']]],
            'support' => ['POST', '/stage-plan/supports', array_diff_key($step, ['step' => 1])],
            'fewest', 'fresh' => ['POST', '/plan/apply', ['goal' => $step['step'], 'spacing' => $step['spacing'], 'universes' => $step['universes']]],
            'desk' => ['PUT', '/desk', ['deskId' => $desks[$step['name']]]],
            'undo' => ['POST', '/undo', []],
            'redo' => ['POST', '/redo', []],
            'rename-rig' => ['PATCH', '', ['name' => $step['name']]],
            'repair' => self::repair($rig, null === $step['finding'] ? null : [$rig['findings'][$step['finding']]['repair'], ...$rig['findings'][$step['finding']]['others']][$step['button']]),
        };
    }

    private static function repair(array $rig, ?array $repair): array
    {
        return match (true) {
            null === $repair => ['POST', '/undo', []],
            null !== $repair['desk'] => ['POST', '/desk/repair', ['fixtureId' => $repair['fixtureId'], 'repair' => $repair['desk']]],
            null !== $repair['address'] => ['PATCH', '/fixtures/'.$repair['fixtureId'], ['address' => $repair['address']]],
            null !== $repair['receiver'] => ['PUT', '/fixtures/'.$repair['fixtureId'].'/link', ['linkId' => array_column($rig['fixtures'], 'linkId', 'id')[$repair['fixtureId']], 'receiver' => $repair['receiver']]],
            null !== $repair['mode'] => ['PATCH', '/fixtures/'.$repair['fixtureId'], ['mode' => $repair['mode']]],
            null !== $repair['linkId'] => ['POST', '/links/'.$repair['linkId'].'/remove', []],
            null !== $repair['lookId'] => ['POST', '/looks/'.$repair['lookId'].'/steady', []],
        };
    }
}
