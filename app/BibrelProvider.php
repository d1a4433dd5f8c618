<?php

declare(strict_types=1);

namespace Bibrel\App;

use Bibrel\App\Drafts\DraftReader;
use Bibrel\App\Lookup\AddressGuard;
use Bibrel\App\Lookup\Catalogue;
use Bibrel\App\Lookup\DoiRegistry;
use Bibrel\App\Lookup\Fetcher;
use Bibrel\App\Lookup\HostLimiter;
use Bibrel\App\Lookup\HostMap;
use Bibrel\App\Lookup\LimitedProcess;
use Bibrel\App\Lookup\PageCache;
use Bibrel\App\Lookup\ReadingProcess;
use Bibrel\App\Lookup\Workers;
use Bibrel\App\Models\Account;
use Bibrel\App\Models\Guest;
use Bibrel\App\Papers\ApcuMemory;
use Bibrel\App\Papers\SharedMemory;
use Bibrel\Core\Page\Memory;
use Bibrel\Core\Page\NoMemory;
use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Auth\Notifications\VerifyEmail;
use Illuminate\Cache\CacheManager;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Client\Factory;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\ServiceProvider;

final class BibrelProvider extends ServiceProvider
{
    public function register(): void
    {
        self::countInMemory();
        $this->app->singleton(Workers::class);
        $this->app->singleton(HostMap::class);
        $this->app->singleton(HostLimiter::class, static fn (Application $app): HostLimiter => new HostLimiter(
            $app->make(Repository::class),
            (int) config('bibrel.lookup.at_once'),
        ));
        $this->app->singleton(PageCache::class, static fn (Application $app): PageCache => new PageCache(
            $app->make(Repository::class),
            (int) config('bibrel.lookup.remembered_minutes'),
        ));
        $this->app->singleton(Fetcher::class, static fn (Application $app): Fetcher => new Fetcher(
            $app->make(Factory::class),
            new AddressGuard,
            $app->make(HostMap::class),
            $app->make(PageCache::class),
            $app->make(HostLimiter::class),
            (int) config('bibrel.lookup.bytes'),
            (int) config('bibrel.lookup.redirects'),
            (string) config('bibrel.lookup.agent'),
        ));
        $this->app->singleton(ReadingProcess::class, static fn (): ReadingProcess => new ReadingProcess(
            self::process('reading'),
        ));
        $this->app->singleton(
            DraftReader::class,
            static fn (): DraftReader => new DraftReader(self::process('drafts')),
        );
        $this->app->singleton(Memory::class, self::memory(...));
        $this->app->bind(Catalogue::class, static fn (Application $app): Catalogue => new Catalogue(
            $app->make(Fetcher::class),
            (string) config('bibrel.services.catalogue'),
        ));
        $this->app->bind(DoiRegistry::class, static fn (Application $app): DoiRegistry => new DoiRegistry(
            $app->make(Fetcher::class),
            (string) config('bibrel.services.doi'),
            (string) config('bibrel.services.doi_search'),
        ));
        foreach ((array) config('bibrel.extensions') as $extension) {
            $this->app->register($extension);
        }
    }

    public function boot(): void
    {
        Model::preventSilentlyDiscardingAttributes();
        Model::preventLazyLoading(! $this->app->environment('production'));
        JsonResource::withoutWrapping();
        // Who asks is said by the cookie; Http\Middleware\Guest reads it.
        Auth::viaRequest('browser', static fn (): ?Guest => null);
        Queue::looping(fn () => $this->app->make(Workers::class)->sayHere());
        $this->limit('saves', 'saves_a_minute');
        $this->limit('compose', 'compositions_a_minute');
        $this->limit('lookups', 'lookups_a_minute');
        $this->limit('drafts', 'drafts_a_minute');
        $this->limit('accounts', 'accounts_a_minute');
        $this->limit('links', 'links_a_minute');
        ResetPassword::createUrlUsing(
            static fn (Account $account, string $token): string => url("/new-password/{$token}").'?'
                .http_build_query(['email' => $account->email]),
        );
        VerifyEmail::createUrlUsing(static fn (Account $account): string => url(URL::temporarySignedRoute(
            'verification.verify',
            now()->addMinutes((int) config('auth.verification.expire')),
            ['account' => $account->id, 'hash' => sha1($account->email)],
            absolute: false,
        )));
        // What a mail leads to is where this installation stands, whatever host a request names.
        URL::useOrigin((string) config('app.url'));
    }

    /**
     * On one machine limits are counted in the memory its workers share, where that is to be had: a file for each count
     * costs more than most of what it guards, and may miss one where requests meet.
     */
    private static function countInMemory(): void
    {
        if (config('cache.limiter') === null && config('cache.default') === 'file'
            && function_exists('apcu_enabled') && apcu_enabled()) {
            config(['cache.limiter' => 'apc', 'cache.stores.apc' => ['driver' => 'apc']]);
        }
    }

    /** Where composed entries outlive a request: shared by the workers of this machine, in a cache, or nowhere. */
    private static function memory(Application $app): Memory
    {
        $store = (string) config('bibrel.memory.store');
        $minutes = (int) config('bibrel.memory.minutes');
        $release = (string) config('bibrel.release');

        return match (true) {
            $store === 'apcu' && function_exists('apcu_enabled') && apcu_enabled() => new ApcuMemory($release, $minutes),
            in_array($store, ['', 'apcu'], true) => new NoMemory,
            default => new SharedMemory($app->make(CacheManager::class)->store($store), $release, $minutes),
        };
    }

    private static function process(string $limits): LimitedProcess
    {
        return new LimitedProcess(
            (int) config("bibrel.{$limits}.seconds"),
            (int) config("bibrel.{$limits}.megabytes"),
            storage_path('framework/reader'),
        );
    }

    /** A limit for each guest, and a wider one for an address, behind which a whole class may sit. */
    private function limit(string $name, string $setting): void
    {
        RateLimiter::for($name, static function (Request $request) use ($name, $setting): array {
            /** @var array{guest: int, address: int} $most */
            $most = config("bibrel.limits.{$setting}");

            return [
                Limit::perMinute($most['guest'])->by("{$name}:".$request->user()?->getAuthIdentifier()),
                Limit::perMinute($most['address'])->by("{$name}:".$request->ip()),
            ];
        });
    }
}
