<?php

declare(strict_types=1);

namespace Rigger\App\Cli;

use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Profile\ProfileCheck;
use Rigger\Core\Profile\ProfileReader;
use Rigger\Core\Severity;

/** `bin/rigger check FILE`: the findings of a fixture document as text. */
final class CheckCommand
{
    /**
     * @param list<string> $arguments
     * @param resource     $out
     * @param resource     $errors
     *
     * @return int exit status: 0, 1 when an error was found in the chart, 2 when it cannot be read
     */
    public static function run(array $arguments, $out, $errors): int
    {
        $file = $arguments[0] ?? null;
        if (null === $file || !is_file($file) || !is_readable($file)) {
            fwrite(
                $errors,
                null === $file ? "Usage: bin/rigger check FILE\n" : \sprintf("There is no file %s to read.\n", InputError::quote($file)),
            );

            return 2;
        }
        try {
            $profile = ProfileReader::read(Json::decode((string) file_get_contents($file)));
        } catch (InputError $error) {
            fwrite(
                $errors,
                \sprintf("%s: %s (%s)\n", '' === $error->field ? 'document' : $error->field, $error->getMessage(), $error->errorCode),
            );

            return 2;
        }
        $counts = [];
        foreach (ProfileCheck::of($profile) as $finding) {
            $severity = $finding->code->severity();
            $counts[$severity->value] = ($counts[$severity->value] ?? 0) + 1;
            fwrite($out, \sprintf("%-8s %s: %s (%s)\n", $severity->value, $finding->mode, $finding->message, $finding->code->value));
        }
        $summary = array_map(
            static function (Severity $severity) use ($counts): string {
                $count = $counts[$severity->value] ?? 0;

                return $count.' '.$severity->value.(1 === $count ? '' : 's');
            },
            Severity::cases(),
        );
        fwrite($out, \sprintf("%s %s: %s\n", $profile->maker, $profile->model, implode(', ', $summary)));

        return ($counts[Severity::Error->value] ?? 0) > 0 ? 1 : 0;
    }
}
