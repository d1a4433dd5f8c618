<?php

declare(strict_types=1);

use Bibrel\App\Http\Middleware\Guest;
use Bibrel\App\Http\Middleware\SecurityHeaders;
use Bibrel\App\Http\Middleware\StartSession;
use Bibrel\App\Http\Middleware\WholeText;
use Bibrel\App\Http\Problems;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Session\Middleware\StartSession as FrameworkStartSession;

$instance = getenv('BIBREL_INSTANCE') ?: dirname(__DIR__).'/var/instance';

// What the framework caches belongs to the instance, not to the tree.
foreach (['CONFIG', 'ROUTES', 'EVENTS', 'PACKAGES', 'SERVICES'] as $cache) {
    $_ENV["APP_{$cache}_CACHE"] = $_SERVER["APP_{$cache}_CACHE"] = $instance.'/cache/'.strtolower($cache).'.php';
}

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', commands: __DIR__.'/../routes/console.php')
    ->withCommands([__DIR__.'/../app/Console'])
    ->withMiddleware(static function (Middleware $middleware): void {
        // Same origin only: no other site may call in.
        $middleware->remove(HandleCors::class);
        $middleware->append([SecurityHeaders::class, WholeText::class]);
        $middleware->web(append: [Guest::class], replace: [FrameworkStartSession::class => StartSession::class]);
        $middleware->prependToPriorityList(Illuminate\Routing\Middleware\ThrottleRequests::class, Guest::class);
        $middleware->convertEmptyStringsToNull(except: [static fn (): bool => true]);
        $middleware->trimStrings(except: [static fn (): bool => true]);
    })
    ->withExceptions(static fn (Exceptions $exceptions) => Problems::register($exceptions))
    ->create();

return $app
    ->useAppPath(dirname(__DIR__).'/app')
    ->useEnvironmentPath($instance)
    ->useStoragePath($instance.'/storage');
