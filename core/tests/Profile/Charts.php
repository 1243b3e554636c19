<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Profile;

use Rigger\Core\Input\Json;
use Rigger\Core\Profile\FixtureProfile;
use Rigger\Core\Profile\ProfileReader;

/** Small charts for tests. */
final class Charts
{
    /** A chart from the demo, such as "marram-drum-6". */
    public static function demo(string $name): FixtureProfile
    {
        return ProfileReader::read(Json::decode(self::demoText($name)));
    }

    public static function demoText(string $name): string
    {
        return (string) file_get_contents(__DIR__.'/../../../demo/fixtures/'.$name.'.json');
    }

    /**
     * A document with one mode "m" of these channels.
     *
     * @param list<array<string, mixed>> $channels offsets are counted where they are left out
     * @param array<string, mixed>       $more     members of the document
     * @param int|null                   $count    as stated, if not the true one
     *
     * @return array<string, mixed>
     */
    public static function document(array $channels, array $more = [], ?int $count = null): array
    {
        foreach ($channels as $index => $channel) {
            $channels[$index] = $channel + ['offset' => $index + 1, 'label' => 'Channel', 'ranges' => []];
        }

        return $more + [
            'format' => 'rigger-fixture', 'version' => 1, 'maker' => 'Marram', 'model' => 'Test', 'kind' => 'wash',
            'emitters' => [
                ['key' => 'red', 'x' => 0.7, 'y' => 0.299, 'flux' => 0.25],
                ['key' => 'green', 'x' => 0.17, 'y' => 0.7, 'flux' => 0.55],
                ['key' => 'blue', 'x' => 0.135, 'y' => 0.06, 'flux' => 0.08],
            ],
            'modes' => [['key' => 'm', 'name' => 'M', 'count' => $count ?? \count($channels), 'channels' => $channels]],
        ];
    }

    /**
     * @param array<string, mixed> $own
     *
     * @return array<string, mixed>
     */
    public static function range(int $from, int $to, string $function, array $own = [], string $label = 'Range'): array
    {
        return ['from' => $from, 'to' => $to, 'label' => $label, 'function' => $function] + $own;
    }

    /** @return array<string, mixed> */
    public static function level(int $from = 0, int $to = 255, string $function = 'intensity', float $start = 0, float $end = 1): array
    {
        return self::range($from, $to, $function, ['start' => $start, 'end' => $end]);
    }

    /** @return array<string, mixed> */
    public static function emitter(string $key): array
    {
        return self::range(0, 255, 'emitter', ['emitter' => $key, 'start' => 0, 'end' => 1]);
    }
}
