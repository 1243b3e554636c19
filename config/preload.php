<?php

declare(strict_types=1);

// Written by the container's compiler for the production environment.
$cache = (string) getenv('RIGGER_CACHE_DIR');
foreach (glob(('' === $cache ? dirname(__DIR__).'/var/cache' : $cache).'/prod/*.preload.php') ?: [] as $file) {
    opcache_compile_file($file);
    require $file;
}
