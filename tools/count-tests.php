<?php

declare(strict_types=1);

/* Reads a test runner's output: prints how many tests passed and how many did not. */
$log = (string) preg_replace('/\e\[[0-9;]*m/', '', (string) file_get_contents($argv[1]));
$number = static fn (string $pattern): int => 1 === preg_match($pattern, $log, $parts) ? (int) $parts[1] : 0;

if (1 === preg_match('/OK \((\d+) tests?,/', $log, $parts)) {                       // PHPUnit, all well
    [$passed, $failed] = [(int) $parts[1], 0];
} elseif (1 === preg_match('/^Tests: (\d+),/m', $log, $parts)) {                    // PHPUnit, not all well
    $failed = $number('/Failures: (\d+)/') + $number('/Errors: (\d+)/') + $number('/(?:Warnings|Deprecations|Risky|Notices): (\d+)/');
    $passed = max(0, (int) $parts[1] - $failed);
} elseif (str_contains($log, 'Test Files')) {                                       // Vitest
    [$passed, $failed] = [$number('/^\s*Tests\s.*?(\d+) passed/m'), $number('/^\s*Tests\s.*?(\d+) failed/m')];
} else {                                                                            // Playwright, and our own
    [$passed, $failed] = [$number('/^\s*(\d+) passed/m'), $number('/^\s*(\d+) failed/m') + $number('/(\d+) flaky/')];
}
echo $passed, ' ', $failed, "\n";
