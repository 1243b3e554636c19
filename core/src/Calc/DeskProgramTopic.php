<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Desk\DeskProgram;
use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Desk\DeskUnit;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Input\Scalars;

/** `desk.program` {"desk","fixtures","scene":{"bank","number","values":{"id":[v…]}}} → {"steps","unreachable"}. */
final class DeskProgramTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['desk', 'fixtures', 'scene']);
        $desk = DeskReader::read($in->raw('desk'), 'desk');
        $units = $in->each('fixtures', DeskInput::unit(...), DeskInput::MOST_UNITS);
        $scene = Members::of($in->raw('scene'), ['bank', 'number', 'values'], 'scene');
        $scene->whole('bank', 1, $desk->banks ?? \PHP_INT_MAX);
        $scene->whole('number', 1, $desk->scenesPerBank ?? \PHP_INT_MAX);
        $values = self::values($scene);
        DeskInput::requireUniqueIds($units);
        self::requireFit($units, $values);
        $program = DeskProgram::of($desk, $units, $values);

        return ['steps' => $program->steps, 'unreachable' => $program->unreachable];
    }

    /** @return array<string, list<int>> */
    private static function values(Members $scene): array
    {
        $values = [];
        foreach ($scene->named('values') as $id => $list) {
            $path = $scene->path('values').'.'.$id;
            if (!\is_array($list)) {
                throw InputError::wrongType($path, 'a list', $list);
            }
            $id = (string) $id;
            $values[$id] = [];
            foreach (array_values($list) as $index => $value) {
                $values[$id][] = Scalars::whole($value, $path.'['.$index.']', 0, 255);
            }
        }

        return $values;
    }

    /**
     * @param list<DeskUnit>           $units
     * @param array<string, list<int>> $values
     */
    private static function requireFit(array $units, array $values): void
    {
        $channels = [];
        foreach ($units as $unit) {
            $channels[$unit->placed->id] = \count($unit->labels);
        }
        foreach ($values as $id => $list) {
            $field = 'scene.values.'.$id;
            $expected = $channels[$id] ?? throw InputError::unknownFixture($field, $id);
            if (\count($list) !== $expected) {
                throw InputError::valuesCount($field, \count($list), $expected, InputError::quote($id));
            }
        }
    }
}
