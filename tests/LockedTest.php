<?php

declare(strict_types=1);

namespace Rigger\App\Tests;

use Composer\InstalledVersions;
use PHPUnit\Framework\TestCase;

/** What is installed is what tools/locked says, to the version. */
final class LockedTest extends TestCase
{
    public function testEveryPackageHasTheVersionThatIsCommitted(): void
    {
        $locked = [];
        foreach (['locked', 'locked-dev'] as $name) {
            /** @var array{require: array<string, string>} $document */
            $document = json_decode(
                (string) file_get_contents(\dirname(__DIR__).'/tools/'.$name.'/composer.json'),
                true,
                8,
                \JSON_THROW_ON_ERROR,
            );
            $locked += $document['require'];
        }
        $installed = [];
        foreach (InstalledVersions::getInstalledPackages() as $package) {
            $version = str_starts_with($package, 'rigger/') ? null : InstalledVersions::getPrettyVersion($package);
            // A package that another one replaces or provides has no version of its own.
            if (null !== $version && null !== InstalledVersions::getInstallPath($package)) {
                $installed[$package] = ltrim($version, 'v');
            }
        }
        ksort($locked);
        ksort($installed);
        self::assertSame($locked, $installed);
    }
}
