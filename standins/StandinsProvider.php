<?php

declare(strict_types=1);

namespace Bibrel\Standins;

use Bibrel\App\Lookup\HostMap;
use Bibrel\App\Papers\FirstPapers;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;

/** Makes an installation a trial one: the stand-in world answers, and new guests find the demo papers. */
final class StandinsProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->mergeConfigFrom(__DIR__.'/config.php', 'standins');
        $port = (int) config('standins.port');
        $this->app->singleton(HostMap::class, static fn (): HostMap => new StandinHosts($port));
        if ((bool) config('standins.demo')) {
            $this->app->singleton(FirstPapers::class, DemoPapers::class);
        }
    }

    public function boot(): void
    {
        $this->commands([DemoCommand::class]);
        Mail::extend('standin', static fn (): Mailbox => new Mailbox);
        $this->loadViewsFrom(__DIR__.'/views', 'standins');
        Route::middleware('web')->get('mailbox', static fn (Request $request) => response()->view('standins::mailbox', [
            'mails' => Mailbox::all(), 'nonce' => $request->attributes->get('nonce'),
        ]));
    }
}
