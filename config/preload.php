<?php

declare(strict_types=1);

// Written by the container's compiler for the production environment.
foreach (glob(dirname(__DIR__).'/var/cache/prod/*.preload.php') ?: [] as $file) {
    opcache_compile_file($file);
    require $file;
}
