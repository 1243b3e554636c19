<?php

declare(strict_types=1);

/*
 * The trial itself. Usage: run.php CHECKOUT FOLDER PORT KILLS [SMALL-DISK]
 * Prints a table and closes with "N passed, N failed"; each line of the table that must hold is one.
 */
foreach (['Instance', 'Client', 'Writers', 'Verdict', 'Seat', 'Playing', 'Trial'] as $class) {
    require __DIR__.'/'.$class.'.php';
}
[, $checkout, $folder, $port, $kills] = $argv;
$trial = new Trial($checkout, $folder, (int) $port, (int) $kills, '' === ($argv[5] ?? '') ? null : $argv[5]);
exit($trial->run());
