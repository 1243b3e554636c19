<?php

declare(strict_types=1);

namespace Rigger\App\Cli;

use Rigger\Core\Calc\Topics;
use Rigger\Core\Input\InputError;
use Rigger\Core\Input\Json;
use Rigger\Core\Input\Members;

/** `bin/rigger calc`: the topics on standard input and output. */
final class CalcCommand
{
    /**
     * @param list<string> $arguments
     * @param resource     $in
     * @param resource     $out
     * @param resource     $errors
     *
     * @return int exit status: 0, or 2 for bad input
     */
    public static function run(array $arguments, $in, $out, $errors): int
    {
        return match ($arguments[0] ?? null) {
            '--list' => self::list($out),
            '--lines' => self::lines($in, $out),
            default => self::single($arguments[0] ?? '', $in, $out, $errors),
        };
    }

    /** @param resource $out */
    private static function list($out): int
    {
        fwrite($out, implode("\n", Topics::names())."\n");

        return 0;
    }

    /**
     * @param resource $in
     * @param resource $out
     * @param resource $errors
     */
    private static function single(string $topic, $in, $out, $errors): int
    {
        try {
            if (!\in_array($topic, Topics::names(), true)) {
                throw InputError::unknownTopic($topic, Topics::names());
            }
            fwrite($out, Json::encode(Topics::compute($topic, Json::decode((string) stream_get_contents($in))))."\n");

            return 0;
        } catch (InputError $error) {
            fwrite($errors, Json::encode($error->toArray())."\n");

            return 2;
        }
    }

    /**
     * One answer a line, in order, without stopping at a bad one.
     *
     * @param resource $in
     * @param resource $out
     */
    private static function lines($in, $out): int
    {
        while (false !== $line = fgets($in)) {
            fwrite($out, Json::encode(self::answer($line))."\n");
        }

        return 0;
    }

    /** @return array<string, mixed> */
    private static function answer(string $line): array
    {
        try {
            $call = Members::of(Json::decode($line), ['topic', 'input']);
            $topic = $call->text('topic');

            return ['output' => Topics::compute($topic, $call->raw('input'))];
        } catch (InputError $error) {
            return $error->toArray();
        }
    }
}
