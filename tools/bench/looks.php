<?php

declare(strict_types=1);

/** Measures looks by intent in the core: colours mixed, beside a general library where this machine has it, and a whole rig's looks. */
require dirname(__DIR__, 2).'/vendor/autoload.php';

use Rigger\Core\Colour\Chromaticity;
use Rigger\Core\Colour\Recipe;
use Rigger\Core\Colour\SaidColour;
use Rigger\Core\Colour\Solver;
use Rigger\Core\Colour\Source;
use Rigger\Core\Input\Json;
use Rigger\Core\Light\Solve\LightSolver;
use Rigger\Core\Look\UnitIntent;
use Rigger\Core\Profile\ProfileReader;

const EMITTERS = [
    ['red', .7, .299, .25], ['green', .17, .7, .55], ['blue', .14, .05, .08], ['amber', .57, .42, .5], ['white', .31, .32, 1],
    ['cyan', .1, .4, .4], ['lime', .41, .56, 1.2], ['violet', .17, .01, .02],
];
$targets = array_map(static fn (int $n): array => [.2 + .3 * ($n * 37 % 100) / 100, .2 + .25 * ($n * 53 % 100) / 100], range(0, 1999));
$sources = array_map(static fn (array $one): Source => new Source($one[0], Chromaticity::of($one[1], $one[2]), $one[3]), EMITTERS);
$solver = new Solver($sources, Recipe::Brightest);
$rounds = [];
for ($round = 0; $round < 5; ++$round) {
    $from = hrtime(true);
    foreach ($targets as $target) {
        $solver->solve(Chromaticity::of(...$target));
    }
    $rounds[] = count($targets) / ((hrtime(true) - $from) / 1e9);
}
sort($rounds);
$mine = $rounds[2];
// The same programmes, one after the other, by HiGHS in SciPy.
$asked = json_encode(['emitters' => EMITTERS, 'targets' => array_slice($targets, 0, 300)]);
// Debian's own Python, which has Debian's SciPy.
$process = proc_open([is_executable('/usr/bin/python3') ? '/usr/bin/python3' : 'python3', __DIR__.'/highs.py'], [['pipe', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes);
fwrite($pipes[0], (string) $asked);
fclose($pipes[0]);
$theirs = (float) stream_get_contents($pipes[1]);
proc_close($process);
printf(
    "| `colour.solve` with 8 emitters, a second | %s%s | 5,000, 5 × a general library |\n",
    number_format($mine),
    $theirs > 0 ? sprintf(', %.0f × HiGHS (%s)', $mine / $theirs, number_format($theirs)) : '',
);

$solvers = [];
foreach (glob(dirname(__DIR__, 2).'/demo/fixtures/*.json') ?: [] as $file) {
    $profile = ProfileReader::read(Json::decode((string) file_get_contents($file)));
    $solvers[] = new LightSolver($profile, $profile->modes[0]->key);
}
$from = hrtime(true);
for ($look = 0; $look < 120; ++$look) {
    $colour = SaidColour::of(Chromaticity::of(...$targets[$look]));
    for ($unit = 0; $unit < 60; ++$unit) {
        (new UnitIntent(($look + $unit) % 10 / 10, $colour))->values($solvers[$unit % count($solvers)], null);
    }
}
printf("| 60 units × 120 looks compiled, in the core | %.2f s | 1 s |\n", (hrtime(true) - $from) / 1e9);
