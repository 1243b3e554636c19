<?php

declare(strict_types=1);

namespace Rigger\Core\Tests\Rig;

use Rigger\Core\Change\Change;
use Rigger\Core\Change\ChangeReader;
use Rigger\Core\Change\Changes;
use Rigger\Core\Finding\Finding;
use Rigger\Core\Finding\Wording;
use Rigger\Core\Input\Json;
use Rigger\Core\Judge\Judge;
use Rigger\Core\Rig\Rig;

/** Changes as they come in, in a small world, and what is told of the rig then. */
trait ChangesRigs
{
    private static SmallWorld $world;

    protected function setUp(): void
    {
        self::$world = new SmallWorld();
    }

    /** @param array<string, mixed> ...$changes */
    private static function change(Rig $rig, array ...$changes): Rig
    {
        $read = array_map(
            static fn (array $one): Change => ChangeReader::read(Json::decode(Json::encode($one)), ''),
            array_values($changes),
        );
        self::assertNotSame([], $read);

        return Changes::apply($read, $rig, self::$world)->rig;
    }

    private static function id(string $unit): string
    {
        return Rigs::named(Rigs::demo(), $unit)->id;
    }

    /** @return list<Finding> */
    private static function found(Rig $rig, string $code): array
    {
        return array_values(array_filter((new Judge($rig))->findings(), static fn (Finding $one): bool => $one->code === $code));
    }

    /** @return list<string> */
    private static function told(Rig $rig, string $code): array
    {
        return array_map(static fn (Finding $one): string => Wording::message($one, $rig), self::found($rig, $code));
    }
}
