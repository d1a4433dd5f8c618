<?php

declare(strict_types=1);

// Finds the stand-in world's classes where Composer does not: in its own server and on the command line.
spl_autoload_register(static function (string $class): void {
    if (str_starts_with($class, 'Bibrel\\Standins\\')) {
        $file = __DIR__.'/'.str_replace('\\', '/', substr($class, 16)).'.php';
        if (is_file($file)) {
            require $file;
        }
    }
});
