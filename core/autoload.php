<?php

declare(strict_types=1);

/*
 * The core by itself, without Composer: it depends on nothing, so the calculating commands work on a bare checkout.
 */
spl_autoload_register(static function (string $class): void {
    $prefix = 'Rigger\\Core\\';
    if (str_starts_with($class, $prefix)) {
        $file = __DIR__.'/src/'.strtr(substr($class, strlen($prefix)), '\\', '/').'.php';
        if (is_file($file)) {
            require $file;
        }
    }
});
