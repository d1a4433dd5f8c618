<?php

declare(strict_types=1);

// The core on its own needs no Composer: one class, one file.

spl_autoload_register(static function (string $class): void {
    if (str_starts_with($class, 'Bibrel\\Core\\')) {
        $file = __DIR__.'/src/'.strtr(substr($class, 12), '\\', '/').'.php';
        if (is_file($file)) {
            require $file;
        }
    }
});
