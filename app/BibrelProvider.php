<?php

declare(strict_types=1);

namespace Bibrel\App;

use Bibrel\App\Lookup\AddressGuard;
use Bibrel\App\Lookup\Catalogue;
use Bibrel\App\Lookup\DoiRegistry;
use Bibrel\App\Lookup\Fetcher;
use Bibrel\App\Lookup\HostTurns;
use Bibrel\App\Lookup\PageMemory;
use Bibrel\App\Lookup\StandinMap;
use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Cache;
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
            new PageMemory(Cache::store(), (int) config('bibrel.lookup.remembered_minutes')),
            new HostTurns(self::locks(), (int) config('bibrel.lookup.at_once')),
        ));
        $this->app->singleton(Catalogue::class, fn (): Catalogue => new Catalogue($this->app->make(Fetcher::class), (string) config('bibrel.services.catalogue')));
        $this->app->singleton(DoiRegistry::class, fn (): DoiRegistry => new DoiRegistry($this->app->make(Fetcher::class), (string) config('bibrel.services.doi'), (string) config('bibrel.services.doi_search')));
    }

    private static function locks(): LockProvider
    {
        $store = Cache::store()->getStore();

        return $store instanceof LockProvider ? $store : throw new \LogicException('The cache store must offer locks: use file, database or redis.');
    }

    public function boot(): void
    {
        Model::preventSilentlyDiscardingAttributes();
        Model::preventLazyLoading(! $this->app->environment('production'));
    }
}
