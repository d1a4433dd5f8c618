<?php

declare(strict_types=1);

// One class, one file. Composer is asked only for the libraries core/composer.json lists, and only once one is wanted.

spl_autoload_register(static function (string $class): void {
    if (str_starts_with($class, 'Bibrel\\Core\\')) {
        $file = __DIR__.'/src/'.strtr(substr($class, 12), '\\', '/').'.php';
        if (is_file($file)) {
            require $file;
        }
    } elseif (is_file(dirname(__DIR__).'/vendor/autoload.php') && (require_once dirname(__DIR__).'/vendor/autoload.php') !== true) {
        // It stands before this one now, and was not asked yet.
        spl_autoload_call($class);
    }
});
