<?php

declare(strict_types=1);

namespace Rigger\App\Tests\Library;

use PHPUnit\Framework\TestCase;
use Rigger\App\Tests\Support\ScratchDatabase;

/** Several people bring the same new chart at the same moment. */
final class ImportsAtOnceTest extends TestCase
{
    public function testOneNewTypeBroughtByManyIsThereOnce(): void
    {
        $database = ScratchDatabase::create();
        try {
            $database->console(sys_get_temp_dir(), [], 0, 'doctrine:migrations:migrate', '--no-interaction', '--quiet');
            $root = \dirname(__DIR__, 2);
            $both = [$root.'/demo/fixtures/marram-drum-6.json', $root.'/demo/fixtures/skerry-spin-40.json'];
            // Half of them in the other order: whoever holds the one must not wait for the other.
            $imports = array_map(
                static fn (int $nth) => $database->begin(
                    'rigger:import',
                    ...(0 === $nth % 2 ? $both : array_reverse($both)),
                    ...[$root.'/demo/rigs/the-tidekeeper.json'],
                ),
                range(1, 6),
            );
            foreach ($imports as $import) {
                self::assertSame(0, $import->wait(), $import->getOutput().$import->getErrorOutput());
            }
            $inside = $database->upkeep($database->name);
            self::assertSame(6, $inside->fetchOne('SELECT COUNT(*)::int FROM rig'));
            self::assertSame(1, $inside->fetchOne("SELECT COUNT(*)::int FROM fixture_type WHERE model = 'Drum 6'"));
            self::assertSame(1, $inside->fetchOne('SELECT MAX(number)::int FROM fixture_revision'));
            self::assertSame(1, $inside->fetchOne('SELECT COUNT(*)::int FROM venue'));
            $inside->close();
        } finally {
            $database->drop();
        }
    }
}
