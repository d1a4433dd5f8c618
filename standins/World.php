<?php

declare(strict_types=1);

namespace Bibrel\Standins;

/** The simulated outside world: invented sites on made-up *.example hosts, one folder each in standins/sites. */
final class World
{
    public static function has(string $host): bool
    {
        return self::folder($host) !== null;
    }

    /** Answers one request. Bodies are files in the site's folder; its routes.php adds what a file cannot say. */
    public static function answer(string $host, string $path): Answer
    {
        $folder = self::folder($host);
        if ($folder === null) {
            return new Answer(404, 'text/plain', 'No such site.');
        }
        $routes = is_file("{$folder}/routes.php") ? require "{$folder}/routes.php" : [];
        if (isset($routes[$path])) {
            return $routes[$path];
        }
        $file = $folder.($path === '/' ? '/index' : $path).'.html';
        if (preg_match('~^(?:/[\w-]+)+$|^/$~', $path) === 1 && is_file($file)) {
            return new Answer(200, 'text/html; charset=utf-8', (string) file_get_contents($file));
        }

        return new Answer(404, 'text/html; charset=utf-8', '<!doctype html><title>Page not found</title><h1>We could not find that page</h1>');
    }

    private static function folder(string $host): ?string
    {
        $name = preg_replace('/^www\./', '', strtolower($host));
        $folder = __DIR__."/sites/{$name}";

        return preg_match('/^[a-z0-9.-]+\.example$/', (string) $name) === 1 && is_dir($folder) ? $folder : null;
    }
}
