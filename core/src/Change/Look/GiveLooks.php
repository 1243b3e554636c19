<?php

declare(strict_types=1);

namespace Rigger\Core\Change\Look;

use Rigger\Core\Change\Applied;
use Rigger\Core\Change\Change;
use Rigger\Core\Change\Refused;
use Rigger\Core\Change\Shape\Ids;
use Rigger\Core\Change\World;
use Rigger\Core\Rig\Look;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Text\Names;

/** Units do in every look what another one does there, whatever their channels are; where it is left alone, so are they. Twins go along. */
final readonly class GiveLooks implements Change
{
    /** @param list<string> $units */
    public function __construct(public string $from, #[Ids('Say which units get its looks.')] public array $units)
    {
    }

    public function applyTo(Rig $rig, World $world): Applied
    {
        $from = $rig->unit($this->from);
        $units = array_values(array_filter(
            array_map($rig->unit(...), $this->units),
            static fn (Unit $unit): bool => $unit->twinKey() !== $from->twinKey(),
        ));
        if ([] === $units) {
            throw Refused::because('nothing_to_do', \sprintf('%s has its own looks already: name others that get them.', $from->name));
        }
        $looks = [];
        foreach ($rig->looks as $look) {
            $given = $look;
            foreach ($units as $unit) {
                foreach ($rig->together($unit)->units as $twin) {
                    $given = self::given($given, $from, $twin);
                }
            }
            if ($given !== $look) {
                $looks[] = $given;
            }
        }
        $names = Names::few(array_map(static fn (Unit $unit): string => $unit->name, $units));

        return new Applied(
            [] === $looks ? $rig : $rig->withLooks(...$looks),
            \sprintf('Gave the looks of %s to %s', $from->name, $names),
        );
    }

    private static function given(Look $look, Unit $from, Unit $to): Look
    {
        $values = $look->values[$from->id] ?? null;
        if (null === $values) {
            return isset($look->values[$to->id]) ? $look->without($to->id) : $look;
        }
        if (!isset($look->intents[$from->id]) && $from->at === $to->at) {
            return $look->with($to->id, $values);
        }
        $solver = $to->at->solver();
        if (null === $solver || null === $from->at->compiled()) {
            return $look;
        }
        $intent = Meant::now($look, $from);

        return $look->meaning($to->id, $intent, $intent->values($solver, $look->values[$to->id] ?? null));
    }
}
