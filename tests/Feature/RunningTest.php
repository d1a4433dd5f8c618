<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use Bibrel\App\Logging\Discreet;
use Bibrel\App\Lookup\Workers;
use Bibrel\App\Models\EarlierState;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\LookupRecord;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Illuminate\Database\QueryException;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;

/** Clearing away, health, logs, an outage, and cookies behind a proxy. */
final class RunningTest extends AppTestCase
{
    public function test_what_nobody_can_reach_any_more_is_removed_and_nothing_else(): void
    {
        [$paper, $source] = $this->changedSource();
        $removed = $this->newSource($paper, self::book('In the bin'));
        $this->deleteJson("/api/papers/{$paper}/sources/{$removed}")->assertNoContent();
        $binned = $this->newPaper();
        $this->deleteJson("/api/papers/{$binned}")->assertNoContent();
        $this->postJson("/api/papers/{$paper}/lookups", ['id' => (string) Str::ulid(), 'lead' => '10.5555/no.such', 'today' => '2026-11-24']);
        $states = EarlierState::query()->where('subject_id', $source);
        $lookups = LookupRecord::query()->where('paper_id', $paper);

        $this->travel(29)->days();
        self::assertSame(0, Artisan::call('bibrel:prune'));
        self::assertSame([1, 1], [$states->count(), $lookups->count()]);
        $this->travel(2)->days();
        self::assertSame(0, Artisan::call('bibrel:prune'));
        self::assertSame([1, 0], [$states->count(), $lookups->count()], 'Look-ups that ended go after 30 days.');
        $this->travel(28)->days();
        self::assertSame(0, Artisan::call('bibrel:prune'));
        self::assertNotNull(SourceRecord::withTrashed()->find($removed));
        $this->travel(2)->days();
        self::assertSame(0, Artisan::call('bibrel:prune'));
        self::assertSame([0, null, null], [$states->count(), SourceRecord::withTrashed()->find($removed), Paper::withTrashed()->find($binned)], 'Bins and earlier states go after 60 days.');
        self::assertNotNull(SourceRecord::query()->find($source), 'What is in use stays.');
    }

    public function test_a_guest_who_does_not_come_back_is_forgotten_with_all_papers_and_one_who_does_is_not(): void
    {
        [$mine] = $this->changedSource();
        Guest::known($this->guest)->arrive();
        $this->as($other = (string) Str::ulid());
        $theirs = $this->newPaper();
        Guest::known($other)->arrive();
        $this->travel(399)->days();
        $this->as($other)->getJson('/api/papers')->assertOk();
        $this->travel(2)->days();
        self::assertSame(0, Artisan::call('bibrel:prune'));
        self::assertSame([null, true], [Paper::withTrashed()->find($mine), Paper::query()->whereKey($theirs)->exists()]);
        self::assertSame([false, true], [Guest::query()->whereKey($this->guest)->exists(), Guest::query()->whereKey($other)->exists()]);
        self::assertSame(0, EarlierState::query()->count(), 'Nor is there an earlier state of what is gone.');
    }

    public function test_answers_of_other_sites_that_have_expired_are_taken_away(): void
    {
        config(['cache.stores.file.path' => $folder = sys_get_temp_dir().'/bibrel-prune-'.getmypid()]);
        Cache::purge('file');
        Cache::store('file')->put('old', 'moth', 1);
        Cache::store('file')->put('new', 'moth', 1000);
        $files = static fn (): array => glob("{$folder}/*/*/*") ?: [];
        self::assertCount(2, $files());
        sleep(2);
        self::assertSame(0, Artisan::call('bibrel:prune'));
        self::assertCount(1, $files());
        self::assertSame('moth', Cache::store('file')->get('new'));
        exec('rm -rf '.escapeshellarg($folder));
    }

    public function test_health_says_which_service_answers(): void
    {
        config(['cache.default' => 'array']);
        $this->app->make(Workers::class);
        $this->app->forgetInstance(Workers::class);
        $this->getJson('/up')->assertStatus(503)->assertJson(['database' => 'answers', 'queue' => 'does not answer', 'cache' => 'answers']);
        $this->app->make(Workers::class)->sayHere();
        $this->getJson('/up')->assertOk()->assertJson(['queue' => 'answers']);
        $this->withoutDatabase(fn () => $this->getJson('/up')->assertStatus(503)->assertHeader('Retry-After')->assertJson(['database' => 'does not answer']));
    }

    public function test_a_database_that_is_away_is_said_to_be_away_for_a_while(): void
    {
        $paper = $this->newPaper();
        $this->withoutDatabase(function () use ($paper): void {
            $answer = $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'Typed now', 'style' => 'mla-9'])->assertStatus(503)->assertHeader('Retry-After', '5');
            self::assertStringContainsString('kept in this browser', (string) $answer->json('detail'));
            $this->get("/papers/{$paper}/page.docx")->assertStatus(503)->assertHeader('Retry-After', '5');
            $this->get('/')->assertOk();
        });
    }

    public function test_a_log_holds_no_titles_and_no_ids(): void
    {
        $told = '';
        Log::listen(static function ($line) use (&$told): void {
            $told .= $line->message.json_encode($line->context);
        });
        try {
            DB::statement("insert into papers (id, title, guest_id) values ('secret id', 'Secret title', "
                ."'{$this->guest}')");
            self::fail('The statement went through.');
        } catch (QueryException $error) {
            self::assertStringContainsString('Secret title', $error->getMessage());
            Discreet::report($error);
        }
        Discreet::report(new \TypeError('f(): Argument #1 must be of type int, "Secret title" given'));
        self::assertStringContainsString('QueryException', $told);
        self::assertStringContainsString('tests/Feature/RunningTest.php', $told);
        foreach (['Secret', 'secret', $this->guest] as $private) {
            self::assertStringNotContainsString($private, $told);
        }
    }

    public function test_an_outage_is_one_event_in_the_log_however_many_requests_meet_it(): void
    {
        // Past what other tests have told of.
        $this->travel(3)->minutes();
        $lines = 0;
        Log::listen(static function () use (&$lines): void {
            $lines++;
        });
        $paper = $this->newPaper();
        $this->withoutDatabase(function () use ($paper): void {
            for ($i = 0; $i < 40; $i++) {
                $this->getJson("/api/papers/{$paper}")->assertStatus(503);
            }
        });
        self::assertGreaterThan(0, $lines);
        self::assertLessThanOrEqual(5, $lines);
    }

    public function test_cookies_are_for_tls_alone_behind_a_trusted_proxy(): void
    {
        $secure = fn (): array => array_map(static fn ($cookie): bool => $cookie->isSecure(), $this->get('/', ['X-Forwarded-Proto' => 'https'])->headers->getCookies());
        self::assertNotContains(true, $secure(), 'Nobody’s word is taken unless it is said whose.');
        config(['trustedproxy.proxies' => '127.0.0.1']);
        $this->app->forgetInstance(TrustProxies::class);
        self::assertNotContains(false, $secure());
        self::assertSame('max-age=31536000', $this->get('/', ['X-Forwarded-Proto' => 'https'])->headers->get('Strict-Transport-Security'));
    }

    /** @return array{string, string} */
    private function changedSource(): array
    {
        $paper = Paper::factory()->for(Guest::factory()->create(['id' => $this->guest]), 'guest')->create()->id;
        $source = SourceRecord::factory()->create(['paper_id' => $paper])->id;
        $this->putJson("/api/papers/{$paper}/sources/{$source}", ['version' => 1, 'source' => self::book('Second')])->assertOk();

        return [$paper, $source];
    }

    private function withoutDatabase(\Closure $work): void
    {
        $port = config('database.connections.mariadb.port');
        config(['database.connections.mariadb.port' => '1', 'database.connections.away' => ['port' => '1'] + config('database.connections.mariadb'), 'database.default' => 'away']);
        try {
            $work();
        } finally {
            config(['database.connections.mariadb.port' => $port, 'database.default' => 'mariadb']);
        }
    }
}
