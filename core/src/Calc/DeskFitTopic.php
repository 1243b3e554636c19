<?php

declare(strict_types=1);

namespace Rigger\Core\Calc;

use Rigger\Core\Desk\DeskFit;
use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Desk\FitFinding;
use Rigger\Core\Desk\FitWords;
use Rigger\Core\Desk\ScenePlace;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Members;
use Rigger\Core\Time\Chase;
use Rigger\Core\Time\ChaseOrder;
use Rigger\Core\Time\ChaseStep;

/**
 * `desk.fit` {"desk","looks":[{"id","bank","number"}],"chases":[{"id","order","steps":[{"look","hold","fade"}]}]}
 * → {"findings","chases"}.
 */
final class DeskFitTopic implements Topic
{
    public function __invoke(mixed $input): array
    {
        $in = Members::of($input, ['desk', 'looks', 'chases']);
        $desk = DeskReader::read($in->raw('desk'), 'desk');
        $looks = $in->each('looks', static function (mixed $item, string $path): ScenePlace {
            $look = Members::of($item, ['id', 'bank', 'number'], $path);

            return new ScenePlace($look->text('id'), $look->whole('bank', 1), $look->whole('number', 1));
        });
        $chases = $in->each('chases', self::chase(...));
        UniqueIds::require($in->path('looks'), array_map(static fn (ScenePlace $look): string => $look->look, $looks));
        UniqueIds::require($in->path('chases'), array_map(static fn (Chase $chase): string => $chase->id, $chases));
        self::requireLooks($in->path('chases'), $looks, $chases);
        $fit = DeskFit::of($desk, $looks, $chases);

        return [
            'findings' => array_map(static fn (FitFinding $finding): array => [
                'code' => $finding->code,
                'severity' => $finding->severity->value,
                'id' => $finding->id,
                'step' => $finding->step,
                'message' => FitWords::sentence($finding, $finding->id),
            ], $fit->findings),
            'chases' => array_map(static fn (array $chase): array => [
                'id' => $chase[0],
                'steps' => array_map(get_object_vars(...), $chase[1]),
            ], $fit->chases),
        ];
    }

    private static function chase(mixed $item, string $path): Chase
    {
        $in = Members::of($item, ['id', 'order', 'steps'], $path);
        $id = $in->text('id');
        $order = ChaseOrder::from($in->choice('order', ChaseOrder::words()));
        $steps = $in->each('steps', static function (mixed $step, string $at): ChaseStep {
            $members = Members::of($step, ['look', 'hold', 'fade'], $at);

            return new ChaseStep($members->text('look'), $members->number('hold', 0), $members->number('fade', 0));
        });

        return [] === $steps
            ? throw InputError::because('out_of_range', $in->path('steps'), 'A chase has at least one step.')
            : new Chase($id, $order, $steps);
    }

    /**
     * @param list<ScenePlace> $looks
     * @param list<Chase>      $chases
     */
    private static function requireLooks(string $path, array $looks, array $chases): void
    {
        $known = array_map(static fn (ScenePlace $look): string => $look->look, $looks);
        foreach ($chases as $index => $chase) {
            foreach ($chase->steps as $place => $step) {
                if (!\in_array($step->look, $known, true)) {
                    throw InputError::because(
                        'unknown_look',
                        "{$path}[{$index}].steps[{$place}].look",
                        \sprintf('There is no look %s among those given.', InputError::quote($step->look)),
                    );
                }
            }
        }
    }
}
