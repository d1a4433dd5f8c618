<?php

declare(strict_types=1);

namespace Bibrel\App;

use Bibrel\App\Lookup\AddressGuard;
use Bibrel\App\Lookup\Fetcher;
use Bibrel\App\Lookup\StandinMap;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\ServiceProvider;

final class BibrelProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(StandinMap::class, static function (): StandinMap {
            $port = config('bibrel.standins.port');

            return new StandinMap(is_numeric($port) ? (int) $port : null);
        });
        $this->app->singleton(Fetcher::class, fn (): Fetcher => new Fetcher(
            new AddressGuard,
            $this->app->make(StandinMap::class),
            (int) config('bibrel.lookup.seconds'),
            (int) config('bibrel.lookup.bytes'),
            (int) config('bibrel.lookup.redirects'),
            (string) config('bibrel.lookup.agent'),
        ));
    }

    public function boot(): void
    {
        Model::preventSilentlyDiscardingAttributes();
        Model::preventLazyLoading(! $this->app->environment('production'));
    }
}
