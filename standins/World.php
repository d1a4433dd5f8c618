<?php

declare(strict_types=1);

namespace Bibrel\Standins;

use Bibrel\Standins\Services\Catalogue;
use Bibrel\Standins\Services\DoiRegistry;

/** The simulated outside world: invented sites on made-up *.example hosts, one folder each in standins/sites. */
final class World
{
    private const CATALOGUE = 'catalogue.northmere.example';

    private const REGISTRY = 'doi.northmere.example';

    public static function has(string $host): bool
    {
        return in_array(strtolower($host), [self::CATALOGUE, self::REGISTRY], true) || self::folder($host) !== null;
    }

    /**
     * Answers one request. Bodies are files in the site's folder; its routes.php adds what a file cannot say.
     *
     * @param  array<string, string>  $query
     */
    public static function answer(string $host, string $path, array $query = [], string $accept = ''): Answer
    {
        if (strtolower($host) === self::CATALOGUE) {
            return Catalogue::answer($query);
        }
        if (strtolower($host) === self::REGISTRY) {
            return DoiRegistry::answer($path, $query, $accept);
        }
        $folder = self::folder($host);
        if ($folder === null) {
            return new Answer(404, 'text/plain', 'No such site.');
        }
        $routes = is_file("{$folder}/routes.php") ? require "{$folder}/routes.php" : [];
        if (isset($routes[$path])) {
            return $routes[$path] instanceof \Closure ? $routes[$path]($query) : $routes[$path];
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
