<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use Bibrel\App\Http\Middleware\Guest;
use Bibrel\App\Mail\ConfirmAddress;
use Bibrel\App\Mail\NewPassword;
use Bibrel\App\Models\Account;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SignIn;
use Bibrel\App\People\SignIns;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** An account keeps papers everywhere, takes over what a guest made, and can be left. */
final class AccountsTest extends AppTestCase
{
    private const PASSWORD = 'wheel and water';

    protected function setUp(): void
    {
        parent::setUp();
        Notification::fake();
        // Failed tries are counted beyond the test that made them.
        Cache::flush();
    }

    public function test_opening_an_account_takes_the_guests_papers_over_and_keeps_them_everywhere(): void
    {
        $paper = $this->newPaper();
        $bin = $this->newPaper();
        $this->deleteJson("/api/papers/{$bin}")->assertStatus(204);
        $this->open('ada@northmere.example')->assertStatus(201)->assertJsonPath('account.email', 'ada@northmere.example');
        self::assertSame([$paper], $this->papers());
        self::assertSame([$bin], array_column((array) $this->getJson('/api/bin')->json(), 'id'));
        // Another browser.
        $this->otherBrowser();
        self::assertSame([], $this->papers());
        $this->signIn('Ada@Northmere.example ')->assertOk();
        self::assertSame([$paper], $this->papers());
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'At home', 'style' => 'apa-7'])->assertOk();
    }

    public function test_nothing_is_lost_where_both_have_papers_and_the_browser_signs_out_and_in_again(): void
    {
        $first = $this->newPaper();
        $this->open('ada@northmere.example');
        $browser = $this->defaultCookies[Guest::COOKIE];
        $this->deleteJson('/api/sign-in')->assertStatus(204);
        $this->forget(SignIns::COOKIE);
        self::assertSame([], $this->papers(), 'Signed out, nothing of the account is there.');
        $this->getJson("/api/papers/{$first}")->assertNotFound();
        // The same browser goes on as a guest, and comes back.
        $second = $this->newPaper();
        self::assertSame([$second], $this->papers());
        self::assertSame([$second], array_column((array) $this->getJson('/api/sign-in')->json('papers'), 'id'));
        $this->signIn('ada@northmere.example')->assertOk();
        self::assertEqualsCanonicalizing([$first, $second], $this->papers());
        self::assertSame($browser, $this->defaultCookies[Guest::COOKIE]);
        // And another one with papers of its own, twice.
        $this->otherBrowser();
        $third = $this->newPaper();
        $this->signIn('ada@northmere.example')->assertOk();
        $this->signIn('ada@northmere.example')->assertOk();
        self::assertEqualsCanonicalizing([$first, $second, $third], $this->papers());
    }

    public function test_a_paper_that_was_shared_with_the_account_and_becomes_its_own_is_its_own(): void
    {
        $paper = $this->newPaper();
        $token = basename((string) $this->putJson("/api/papers/{$paper}/shares/".Str::ulid(), ['may' => 'read'])->json('address'));
        $browser = $this->defaultCookies;
        $this->otherBrowser();
        $this->open('ada@northmere.example');
        $this->postJson("/api/shared/{$token}")->assertOk();
        $this->getJson('/api/papers')->assertJsonPath('papers.0.may', 'read');
        $this->defaultCookies = $browser;
        $this->signIn('ada@northmere.example')->assertOk();
        $listed = (array) $this->getJson('/api/papers')->json('papers');
        self::assertSame([[$paper, 'own', '', []]], array_map(static fn (array $one): array => [$one['id'], $one['may'], $one['owner'], $one['with']], $listed));
    }

    public function test_what_others_left_in_a_browser_can_stay_there(): void
    {
        $this->open('ada@northmere.example');
        $this->otherBrowser();
        $theirs = $this->newPaper();
        $this->signIn('ada@northmere.example', ['take' => false])->assertOk();
        self::assertSame([], $this->papers());
        $this->deleteJson('/api/sign-in');
        $this->forget(SignIns::COOKIE);
        self::assertSame([$theirs], $this->papers());
    }

    public function test_an_example_nobody_touched_stays_behind(): void
    {
        $touched = $this->newPaper();
        $untouched = $this->newPaper();
        Paper::query()->whereKey([$touched, $untouched])->update(['is_sample' => true]);
        $this->newSource($touched, self::book());
        $this->open('ada@northmere.example');
        self::assertSame([$touched], $this->papers());
    }

    public function test_a_password_is_kept_hashed_and_guessing_it_is_slowed_down(): void
    {
        $this->open('ada@northmere.example');
        self::assertStringStartsWith('$2y$', (string) Account::query()->where('email', 'ada@northmere.example')->value('password'));
        $this->otherBrowser();
        for ($i = 0; $i < 6; $i++) {
            $this->signIn('ada@northmere.example', ['password' => "guess {$i}"])->assertStatus(422)
                ->assertJsonPath('detail', 'Address and password do not belong together. Try again, or ask for a new password.');
        }
        $this->signIn('ada@northmere.example')->assertStatus(429);
        $this->signIn('nobody@northmere.example')->assertStatus(422)
            ->assertJsonPath('detail', 'Address and password do not belong together. Try again, or ask for a new password.');
    }

    public function test_bad_input_is_told_in_a_sentence(): void
    {
        $this->open('no address')->assertStatus(422)->assertJsonPath('detail', 'This is no e-mail address. It looks like name@school.example.');
        $this->open('ada@northmere.example', 'short')->assertStatus(422)->assertJsonPath('detail', 'Choose a password of at least 10 characters: three words will do.');
        $this->open('ada@northmere.example');
        $this->otherBrowser();
        $this->open('ADA@northmere.example')->assertStatus(422)->assertJsonPath('detail', 'There is an account with this address. Sign in, or ask for a new password.');
    }

    public function test_the_address_is_confirmed_by_the_link_in_a_mail(): void
    {
        $this->open('ada@northmere.example')->assertJsonPath('account.isConfirmed', false);
        $account = Account::query()->where('email', 'ada@northmere.example')->firstOrFail();
        $url = '';
        Notification::assertSentTo($account, ConfirmAddress::class, static function (ConfirmAddress $mail) use ($account, &$url): bool {
            $url = (string) ($mail->toMail($account)->viewData['url'] ?? '');

            return $url !== '';
        });
        $this->get($url.'x')->assertStatus(403);
        $this->get($url)->assertRedirect('/account?confirmed=yes');
        $this->getJson('/api/me')->assertJsonPath('account.isConfirmed', true);
    }

    public function test_a_forgotten_password_is_renewed_by_a_link_that_is_good_once(): void
    {
        $this->open('ada@northmere.example');
        $account = Account::query()->where('email', 'ada@northmere.example')->firstOrFail();
        $this->otherBrowser();
        $same = (string) $this->postJson('/api/password/forgotten', ['email' => 'ada@northmere.example'])->assertOk()->json('sentence');
        self::assertSame(str_replace('ada', 'nobody', $same), $this->postJson('/api/password/forgotten', ['email' => 'nobody@northmere.example'])->json('sentence'));
        $token = '';
        Notification::assertSentTo($account, NewPassword::class, static function (NewPassword $mail) use (&$token): bool {
            $token = $mail->token;

            return true;
        });
        $new = ['email' => 'ada@northmere.example', 'token' => $token, 'password' => 'another tide mill'];
        $this->postJson('/api/password', ['token' => 'wrong'] + $new)->assertStatus(422);
        $this->postJson('/api/password', $new)->assertOk()->assertJsonPath('account.email', 'ada@northmere.example');
        $this->postJson('/api/password', $new)->assertStatus(422);
        self::assertSame(1, SignIn::query()->where('account_id', $account->id)->count(), 'Whoever was in before is out.');
    }

    public function test_every_browser_is_listed_and_can_be_signed_out_from_elsewhere(): void
    {
        $this->open('ada@northmere.example');
        $here = $this->defaultCookies;
        $this->otherBrowser();
        $this->signIn('ada@northmere.example');
        $there = $this->defaultCookies;
        $listed = (array) $this->getJson('/api/sign-ins')->json();
        self::assertCount(2, $listed);
        $other = collect($listed)->firstWhere('isThis', false);
        $this->deleteJson("/api/sign-ins/{$other['id']}")->assertStatus(204);
        $this->defaultCookies = $here;
        $this->getJson('/api/me')->assertJsonPath('account', null);
        $this->defaultCookies = $there;
        $this->getJson('/api/me')->assertJsonPath('account.email', 'ada@northmere.example');
        $this->deleteJson('/api/sign-ins/'.$other['id'])->assertNotFound();
    }

    public function test_a_sign_in_that_is_not_to_last_ends_with_the_browsers_window(): void
    {
        $this->open('ada@northmere.example');
        foreach ([true, false] as $lasting) {
            $this->otherBrowser();
            $cookie = $this->signIn('ada@northmere.example', ['lasting' => $lasting])->getCookie(SignIns::COOKIE);
            self::assertSame($lasting, $cookie?->getExpiresTime() > 0);
        }
    }

    public function test_another_address_or_password_wants_the_present_one(): void
    {
        $this->open('ada@northmere.example');
        $this->putJson('/api/account', ['password' => 'wrong', 'next' => 'another tide mill'])->assertStatus(422)->assertJsonPath('detail', 'That is not your password as it is now.');
        $this->putJson('/api/account', ['password' => self::PASSWORD, 'email' => 'Lovell@northmere.example', 'next' => 'another tide mill'])->assertOk()->assertJsonPath('account.email', 'lovell@northmere.example');
        $this->otherBrowser();
        $this->signIn('lovell@northmere.example', ['password' => 'another tide mill'])->assertOk();
    }

    public function test_an_account_is_deleted_after_a_day_to_think_with_all_that_is_in_it(): void
    {
        $paper = $this->newPaper();
        $this->newSource($paper, self::book());
        $this->open('ada@northmere.example');
        $this->deleteJson('/api/account', ['password' => 'wrong'])->assertStatus(422);
        $this->deleteJson('/api/account', ['password' => self::PASSWORD])->assertOk();
        $this->travel(23)->hours();
        Artisan::call('bibrel:prune');
        $this->getJson("/api/papers/{$paper}")->assertOk();
        $this->postJson('/api/account/stay')->assertOk()->assertJsonPath('account.leavesAt', null);
        $this->deleteJson('/api/account', ['password' => self::PASSWORD])->assertOk();
        $this->travel(25)->hours();
        Artisan::call('bibrel:prune');
        self::assertSame(0, Paper::withTrashed()->whereKey($paper)->count());
        $this->assertDatabaseMissing('sources', ['paper_id' => $paper]);
        $this->assertDatabaseMissing('accounts', ['email' => 'ada@northmere.example']);
        $this->getJson('/api/me')->assertJsonPath('account', null);
    }

    public function test_everything_comes_as_one_archive_and_goes_in_again(): void
    {
        $paper = $this->newPaper();
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'Bread & Moon', 'style' => 'apa-7', 'className' => 'History 10', 'dueOn' => '2026-12-04', 'question' => 'Who baked?', 'asked' => ['atLeast' => 8]])->assertOk();
        $source = $this->newSource($paper, self::book());
        $this->putJson("/api/papers/{$paper}/notes/".Str::ulid(), ['version' => 0, 'note' => ['source' => $source, 'kind' => 'quotation', 'text' => 'The sea rose.', 'place' => ['kind' => 'page', 'value' => '12'], 'tags' => ['sea']]])->assertStatus(201);
        $lines = $this->lines($paper);
        $path = $this->get('/account/archive.zip')->assertOk()->baseResponse->getFile()->getPathname();
        $zip = new \ZipArchive;
        self::assertTrue($zip->open($path));
        $names = array_map(static fn (int $i): string => (string) $zip->getNameIndex($i), range(0, $zip->numFiles - 1));
        self::assertSame(['bibrel/0001.json', '01-bread-moon/page.docx', '01-bread-moon/page.html', '01-bread-moon/sources.json', '01-bread-moon/notes.md', 'bibrel.json'], $names);
        self::assertStringContainsString('“The sea rose” (Brook, 2014, p. 12).', (string) $zip->getFromName('01-bread-moon/notes.md'));
        $zip->close();

        $this->otherBrowser();
        $kept = $this->newPaper();
        $this->take($path)->assertStatus(201)->assertJsonPath('papers', 1);
        $new = array_values(array_diff($this->papers(), [$kept]))[0];
        self::assertSame($lines, $this->lines($new));
        $read = $this->getJson("/api/papers/{$new}")->json();
        self::assertSame(['Bread & Moon', 'apa-7', 'History 10', '2026-12-04', 'Who baked?', 8], [$read['title'], $read['style'], $read['className'], $read['dueOn'], $read['question'], $read['asked']['atLeast']]);
        self::assertSame([$read['sources'][0]['id'], 'The sea rose.', ['sea']], [...array_values(array_intersect_key((array) $this->getJson("/api/papers/{$new}/notes")->json('0.note'), ['source' => 1, 'text' => 1])), $this->getJson("/api/papers/{$new}/notes")->json('0.note.tags')]);
    }

    public function test_what_is_no_archive_is_refused_and_changes_nothing(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'archive');
        file_put_contents($file, 'no zip');
        $this->take($file)->assertStatus(422)->assertJsonPath('detail', 'This file is no archive. Choose the .zip that “Get everything” gave you.');
        foreach (['other.txt' => 'x', 'bibrel.json' => '{"archive": "bibrel", "papers": [{', 'bibrel.json ' => ''] as $name => $text) {
            $zip = new \ZipArchive;
            $zip->open($file, \ZipArchive::OVERWRITE);
            $zip->addFromString($name, $text);
            $zip->close();
            $this->take($file)->assertStatus(422);
        }
        $zip = new \ZipArchive;
        $zip->open($file, \ZipArchive::OVERWRITE);
        $zip->addFromString('bibrel.json', '{"archive": "bibrel", "version": 1, "papers": 2}');
        $zip->addFromString('bibrel/0001.json', '{"settings": {"title": 7, "style": "no"}, "sources": [5, {"data": {"kind": 3}}], "notes": "x"}');
        $zip->close();
        $this->take($file)->assertStatus(422)->assertJsonPath('detail', 'This archive is damaged: “bibrel/0002.json” cannot be read.');
        self::assertSame([], $this->papers(), 'All of it or nothing.');
        $zip->open($file);
        $zip->addFromString('bibrel/0002.json', '{}');
        $zip->close();
        $this->take($file)->assertStatus(201)->assertJsonPath('papers', 2);
    }

    private function take(string $path): TestResponse
    {
        return $this->call('POST', '/api/archive', files: ['file' => new UploadedFile($path, 'bibrel.zip', test: true)], cookies: $this->prepareCookiesForRequest(), server: ['HTTP_ACCEPT' => 'application/json']);
    }

    private function open(string $email, string $password = self::PASSWORD): TestResponse
    {
        return $this->keeping($this->postJson('/api/account', ['email' => $email, 'password' => $password, 'name' => 'Ada']));
    }

    /** @param  array<string, mixed>  $more */
    private function signIn(string $email, array $more = []): TestResponse
    {
        return $this->keeping($this->postJson('/api/sign-in', $more + ['email' => $email, 'password' => self::PASSWORD]));
    }

    private function keeping(TestResponse $answer): TestResponse
    {
        $cookie = $answer->getCookie(SignIns::COOKIE);
        if ($cookie !== null) {
            $this->withCookie(SignIns::COOKIE, (string) $cookie->getValue());
        }

        return $answer;
    }

    private function otherBrowser(): void
    {
        $this->forget(SignIns::COOKIE);
        $this->as((string) Str::ulid());
    }

    private function forget(string $cookie): void
    {
        unset($this->defaultCookies[$cookie]);
    }

    /** @return list<string> */
    private function papers(): array
    {
        return array_column((array) $this->getJson('/api/papers')->assertOk()->json('papers'), 'id');
    }
}
