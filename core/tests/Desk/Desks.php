<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Desk;

use Rigger\Core\Desk\Desk;
use Rigger\Core\Desk\DeskReader;
use Rigger\Core\Input\Json;

/** Desks to try things on. */
final class Desks
{
    /** @param array<string, mixed> $change members that differ; null leaves one out */
    public static function tenfold(array $change = []): Desk
    {
        $document = $change + [
            'format' => 'rigger-desk', 'version' => 1, 'name' => 'Tenfold 10', 'layout' => 'buttons', 'buttons' => 10, 'stride' => 14,
            'faders' => 7, 'pages' => 2,
            'banks' => 20, 'scenesPerBank' => 6, 'chases' => 4, 'stepsPerChase' => 48, 'pitch' => 19, 'master' => 'all',
        ];

        return self::read(array_filter($document, static fn (mixed $one): bool => null !== $one));
    }

    /** @param array<string, mixed> $document */
    public static function read(array $document): Desk
    {
        return DeskReader::read(Json::decode(Json::encode($document)));
    }

    /** @return array<string, Desk> by name */
    public static function shipped(): array
    {
        $desks = [];
        foreach (array_filter((array) glob(__DIR__.'/../../../demo/desks/*.json'), is_string(...)) as $file) {
            $desk = DeskReader::read(Json::decode((string) file_get_contents($file)));
            $desks[$desk->name] = $desk;
        }

        return $desks;
    }
}
