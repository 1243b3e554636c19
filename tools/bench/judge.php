<?php

declare(strict_types=1);

use Rigger\Core\Judge\Judge;
use Rigger\Core\Patch\Place;
use Rigger\Core\Rig\Rig;
use Rigger\Core\Rig\Unit;
use Rigger\Core\Tests\Rig\Rigs;

require dirname(__DIR__, 2).'/vendor/autoload.php';

/* All findings of a hundred and of two hundred units, packed, on one desk, in the core: twice as many should cost twice as much. */
$demo = Rigs::demo();
$panel = Rigs::named($demo, 'Panel')->revision();
$times = [];
foreach ([100, 200] as $units) {
    $hung = array_map(
        static fn (int $nth): Unit => new Unit('unit-'.$nth, 'Panel '.$nth, $panel, 'two', new Place(1, 2 * $nth - 1)),
        range(1, $units),
    );
    $rig = new Rig('rig', 'Bench', 'Bench', 1, $demo->desk, $hung);
    foreach (range(1, 41) as $turn) {
        // Another rig, so that nothing is remembered but what follows from the charts.
        $fresh = $rig->renamed('Turn '.$turn);
        $from = hrtime(true);
        (new Judge($fresh))->findings();
        $times[$units][] = (hrtime(true) - $from) / 1e6;
    }
    sort($times[$units]);
}
printf(
    "| all findings of 100 units on one desk, in the core | %.1f ms; of 200 %.1f × as much | 5 ms, linear |\n",
    $times[100][20],
    $times[200][20] / $times[100][20],
);
