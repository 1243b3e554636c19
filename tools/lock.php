<?php

declare(strict_types=1);

/*
 * Writes the exact version of every installed PHP package, those that others brought along too, into tools/locked and
 * tools/locked-dev, which composer.json requires. It stands for a composer.lock: see docs/decisions/01-packages.md.
 */
$root = dirname(__DIR__);
$installed = json_decode((string) file_get_contents($root.'/vendor/composer/installed.json'), true, 64, JSON_THROW_ON_ERROR);
$versions = ['locked' => [], 'locked-dev' => []];
foreach ($installed['packages'] as $package) {
    if (!str_starts_with($package['name'], 'rigger/')) {
        $versions[in_array(
            $package['name'],
            $installed['dev-package-names'],
            true,
        ) ? 'locked-dev' : 'locked'][$package['name']] = ltrim($package['version'], 'v');
    }
}
foreach ($versions as $name => $list) {
    ksort($list);
    @mkdir($root.'/tools/'.$name);
    $document = [
        'name' => 'rigger/'.$name,
        'description' => 'Exact versions of every package, written by tools/lock.php.',
        'type' => 'metapackage',
        'version' => '1.0.0',
        'require' => $list,
    ];
    file_put_contents(
        $root.'/tools/'.$name.'/composer.json',
        json_encode($document, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n",
    );
    printf("%s: %d packages\n", $name, count($list));
}
