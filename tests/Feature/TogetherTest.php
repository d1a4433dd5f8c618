<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use Bibrel\App\Mail\Invitation;
use Bibrel\App\Models\Account;
use Bibrel\App\Models\Share;
use Bibrel\App\People\SignIns;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Notification;
use Illuminate\Support\Str;

/** A paper with company: links, invitations, who is there, who did what, comments, copies, search. */
final class TogetherTest extends AppTestCase
{
    private string $other;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        Notification::fake();
        Cache::flush();
        $this->other = (string) Str::ulid();
    }

    public function test_a_link_to_the_page_shows_the_page_and_its_sources_and_nothing_else(): void
    {
        $paper = $this->newPaper();
        $source = $this->newSource($paper, self::book() + ['annotation' => 'My own words.']);
        $this->newSource($paper, self::book('Kept to myself') + ['leftOut' => true]);
        $token = $this->shared($paper, 'page');
        $this->as($this->other);
        $shown = (array) $this->getJson("/api/shared/{$token}")->assertOk()->json();
        self::assertSame('Brook, Halima. Moonpower. Quayside Press, 2014.', implode('', array_column($shown['page']['entries'][0]['runs'], 0)));
        self::assertSame([['id' => $source, 'name' => 'Moonpower', 'kind' => 'Book', 'url' => '']], $shown['sources']);
        self::assertEqualsCanonicalizing(['may', 'title', 'owner', 'isFor', 'endsOn', 'style', 'size', 'firstPage', 'head', 'page', 'sources'], array_keys($shown));
        self::assertStringNotContainsString('Kept to myself', (string) json_encode($shown));
        self::assertSame([], $shown['page']['leftOut']);
        $this->postJson("/api/shared/{$token}")->assertStatus(403);
        $this->getJson("/api/papers/{$paper}")->assertNotFound();
        $this->deletePaper($paper);
        $this->as($this->other)->getJson("/api/shared/{$token}")->assertNotFound()->assertJsonPath('detail', 'This link is no longer good: it was taken back, or its time is over. Ask whoever sent it for another one.');
    }

    public function test_a_link_cannot_be_guessed_and_is_never_listed(): void
    {
        $paper = $this->newPaper();
        $tokens = array_map(fn (): string => $this->shared($paper, 'read'), range(1, 3));
        self::assertSame($tokens, array_values(array_unique($tokens)));
        foreach ($tokens as $token) {
            self::assertMatchesRegularExpression('/^[A-Za-z0-9]{43}$/', $token);
            $this->get("/s/{$token}")->assertOk()->assertHeader('X-Robots-Tag', 'noindex');
        }
        foreach ([substr($tokens[0], 1), strtolower($tokens[0]), $tokens[0].'x', 'x', '%25'] as $wrong) {
            $this->getJson('/api/shared/'.$wrong)->assertNotFound();
        }
        $this->as($this->other)->postJson("/api/shared/{$tokens[0]}")->assertOk();
        self::assertStringNotContainsString($tokens[0], (string) $this->getJson("/api/papers/{$paper}")->assertOk()->getContent());
        self::assertStringNotContainsString($tokens[0], (string) $this->getJson('/api/papers')->getContent());
    }

    public function test_an_invitation_is_for_the_address_it_was_sent_to(): void
    {
        $paper = $this->newPaper();
        $share = (string) Str::ulid();
        $this->putJson("/api/papers/{$paper}/shares/{$share}", ['may' => 'edit', 'email' => 'Rafi@Northmere.example'])->assertStatus(201);
        Mail::assertQueued(Invitation::class, static fn (Invitation $mail): bool => $mail->hasTo('rafi@northmere.example') && $mail->title === 'Bread from the Moon');
        $token = (string) Share::query()->findOrFail($share)->token;
        $this->as($this->other)->getJson("/api/shared/{$token}")->assertJsonPath('isFor', 'r…@northmere.example');
        $this->postJson("/api/shared/{$token}")->assertStatus(403)->assertJsonPath('detail', 'This invitation is for r…@northmere.example. Sign in with that address, or open an account with it.');
        $account = $this->account('rafi@northmere.example', confirmed: false);
        self::assertSame([], $this->titles(), 'An address nobody confirmed may be anybody’s.');
        $account->markEmailAsVerified();
        self::assertSame(['Bread from the Moon'], $this->titles());
        $this->getJson("/api/papers/{$paper}")->assertOk()->assertJsonPath('may', 'edit');
    }

    public function test_a_share_ends_with_its_last_day(): void
    {
        $paper = $this->newPaper();
        $token = $this->shared($paper, 'read', ['endsOn' => now()->addDay()->toDateString()]);
        $this->as($this->other)->postJson("/api/shared/{$token}")->assertOk();
        $this->getJson("/api/papers/{$paper}")->assertOk();
        $this->travel(2)->days();
        $this->getJson("/api/papers/{$paper}")->assertNotFound();
        self::assertSame([], $this->titles());
        $this->as($this->guest)->putJson("/api/papers/{$paper}/shares/".Str::ulid(), ['may' => 'read', 'endsOn' => now()->subDay()->toDateString()])->assertStatus(422)->assertJsonPath('detail', 'The last day is over already. Choose a later one, or none.');
    }

    public function test_who_is_there_and_what_is_new_is_asked_for_cheaply(): void
    {
        $paper = $this->newPaper();
        $source = $this->newSource($paper, self::book());
        $token = $this->shared($paper, 'edit');
        $this->as($this->other)->putJson('/api/me', ['name' => 'Rafi'])->assertOk();
        $this->postJson("/api/shared/{$token}")->assertOk();
        [$mine, $theirs] = [(string) Str::ulid(), (string) Str::ulid()];
        $this->getJson("/api/papers/{$paper}/revision?tab={$theirs}&at={$source}")->assertOk()->assertJsonPath('here', []);
        $first = $this->as($this->guest)->getJson("/api/papers/{$paper}/revision?tab={$mine}")->assertOk();
        $first->assertJsonPath('here', [['guest' => $this->other, 'name' => 'Rafi', 'at' => $source]]);
        $etag = (string) $first->headers->get('ETag');
        $again = $this->getJson("/api/papers/{$paper}/revision?tab={$mine}", ['If-None-Match' => $etag])->assertStatus(304);
        self::assertSame('', $again->getContent());
        $this->as($this->other)->putJson("/api/papers/{$paper}/sources/{$source}", ['version' => 1, 'source' => self::book('Tidepower')])->assertOk();
        $this->as($this->guest)->getJson("/api/papers/{$paper}/revision?tab={$mine}", ['If-None-Match' => $etag])->assertOk();
        $read = $this->getJson("/api/papers/{$paper}")->json();
        self::assertSame([$this->guest, $this->other, 'Rafi'], [$read['sources'][0]['addedBy'], $read['sources'][0]['changedBy'], $read['people'][$this->other]]);
        // What stood before was the owner's own, which the other is told and the owner need not be.
        self::assertSame('', $this->getJson("/api/papers/{$paper}/sources/{$source}/states")->json('0.by'));
        $this->as($this->guest)->putJson('/api/me', ['name' => 'Ada']);
        self::assertSame('Ada', $this->as($this->other)->getJson("/api/papers/{$paper}/sources/{$source}/states")->json('0.by'));
        $this->as($this->other)->postJson("/api/papers/{$paper}/absent", ['tab' => $theirs])->assertStatus(204);
        $this->as($this->guest)->getJson("/api/papers/{$paper}/revision?tab={$mine}")->assertJsonPath('here', []);
    }

    public function test_comments_are_answered_settled_and_taken_back(): void
    {
        $paper = $this->newPaper();
        $source = $this->newSource($paper, self::book());
        $token = $this->shared($paper, 'comment');
        $this->as($this->other)->postJson("/api/shared/{$token}");
        $before = $this->getJson("/api/papers/{$paper}/revision")->json('revision');
        $this->putJson("/api/papers/{$paper}/comments/".($first = (string) Str::ulid()), ['source' => $source, 'field' => 'title.main', 'text' => 'Is there a subtitle?'])->assertStatus(201);
        $this->putJson("/api/papers/{$paper}/comments/{$first}", ['source' => $source, 'field' => 'title.main', 'text' => 'Is there a subtitle?'])->assertOk();
        self::assertGreaterThan($before, $this->getJson("/api/papers/{$paper}/revision")->json('revision'));
        $this->as($this->guest)->putJson("/api/papers/{$paper}/comments/".($answer = (string) Str::ulid()), ['answers' => $first, 'text' => 'No.'])->assertStatus(201)->assertJsonPath('field', 'title.main')->assertJsonPath('source', $source);
        $this->putJson("/api/papers/{$paper}/comments/{$first}", ['text' => 'Something else'])->assertStatus(403);
        $this->postJson("/api/papers/{$paper}/comments/{$first}/resolve")->assertStatus(204);
        self::assertSame([[$first, true], [$answer, false]], array_map(static fn (array $one): array => [$one['id'], $one['isResolved']], (array) $this->getJson("/api/papers/{$paper}/comments")->json()));
        $this->as($this->other)->deleteJson("/api/papers/{$paper}/comments/{$answer}")->assertStatus(403);
        $this->deleteJson("/api/papers/{$paper}/comments/{$first}")->assertStatus(204);
        self::assertCount(1, (array) $this->getJson("/api/papers/{$paper}/comments")->json());
        $this->postJson("/api/papers/{$paper}/comments/{$first}/restore")->assertStatus(204);
        self::assertCount(2, (array) $this->getJson("/api/papers/{$paper}/comments")->json());
        foreach ([['text' => ' '], ['text' => 'x', 'field' => 'nonsense'], ['text' => str_repeat('x', 4001)]] as $bad) {
            $this->putJson("/api/papers/{$paper}/comments/".Str::ulid(), $bad)->assertStatus(422);
        }
        $this->putJson("/api/papers/{$paper}/comments/".Str::ulid(), ['text' => 'x', 'source' => (string) Str::ulid()])->assertNotFound();
    }

    public function test_a_paper_is_copied_with_evidence_and_notes_and_so_are_sources(): void
    {
        $from = $this->newPaper();
        $source = $this->newSource($from, self::book());
        \Bibrel\App\Models\SourceRecord::query()->whereKey($source)->update(['page_copy' => '[{"tag":"p","text":"The sea rose."}]', 'reading' => '{"lead":"x","url":"","findings":[],"issues":[],"dismissed":["a"]}']);
        $this->putJson("/api/papers/{$from}/notes/".Str::ulid(), ['version' => 0, 'note' => ['source' => $source, 'text' => 'Ask.']])->assertStatus(201);
        $copy = (string) Str::ulid();
        foreach ([1, 2] as $once) {
            $this->postJson("/api/papers/{$from}/copy", ['id' => $copy])->assertStatus(201)->assertJsonPath('title', 'Bread from the Moon (copy)');
        }
        $to = $this->newPaper('apa-7');
        $ids = (array) $this->postJson("/api/papers/{$from}/sources/copy", ['ids' => [$source], 'to' => $to])->assertStatus(201)->json('ids');
        foreach ([$copy => null, $to => $ids[0]] as $paper => $id) {
            $read = $this->getJson("/api/papers/{$paper}")->assertOk()->json('sources');
            self::assertCount(1, $read);
            self::assertNotSame($source, $read[0]['id']);
            self::assertSame($id ?? $read[0]['id'], $read[0]['id']);
            self::assertSame(['a'], $read[0]['reading']['dismissed']);
            self::assertSame('The sea rose.', $this->getJson("/api/papers/{$paper}/sources/{$read[0]['id']}/page-copy")->json('blocks.0.text'));
            self::assertSame([$read[0]['id'], 'Ask.'], [$this->getJson("/api/papers/{$paper}/notes")->json('0.note.source'), $this->getJson("/api/papers/{$paper}/notes")->json('0.note.text')]);
        }
        self::assertCount(1, (array) $this->getJson("/api/papers/{$from}")->json('sources'));
        $this->as($this->other)->postJson("/api/papers/{$from}/copy", ['id' => (string) Str::ulid()])->assertNotFound();
        $this->as($this->guest)->postJson("/api/papers/{$from}/sources/copy", ['ids' => [$source], 'to' => (string) Str::ulid()])->assertNotFound();
    }

    public function test_moving_a_source_takes_its_notes_along(): void
    {
        [$from, $to] = [$this->newPaper(), $this->newPaper()];
        $source = $this->newSource($from, self::book());
        $this->putJson("/api/papers/{$from}/notes/".Str::ulid(), ['version' => 0, 'note' => ['source' => $source, 'text' => 'Ask.']]);
        $this->postJson("/api/papers/{$from}/sources/move", ['ids' => [$source], 'to' => $to])->assertStatus(204);
        self::assertSame([[], ['Ask.']], [(array) $this->getJson("/api/papers/{$from}/notes")->json(), array_column(array_column((array) $this->getJson("/api/papers/{$to}/notes")->json(), 'note'), 'text')]);
    }

    public function test_search_finds_sources_and_notes_in_every_paper_one_has_and_in_no_other(): void
    {
        $mine = $this->newPaper();
        $source = $this->newSource($mine, self::book('The Patient Wheel'));
        $this->putJson("/api/papers/{$mine}/notes/".Str::ulid(), ['version' => 0, 'note' => ['source' => $source, 'text' => 'Wheels need patience.']]);
        $found = fn (string $words): array => array_column((array) $this->getJson('/api/search?for='.rawurlencode($words))->assertOk()->json('sources'), 'name');
        self::assertSame(['The Patient Wheel'], $found('patient wheel'));
        self::assertSame(['The Patient Wheel'], $found('BROOK'));
        self::assertSame(['The Patient Wheel'], $found('quayside 2014'));
        foreach (['heron', 'contributors', 'author', '%', '_', 'patient heron', ''] as $none) {
            self::assertSame([], $found($none), $none);
        }
        self::assertCount(1, (array) $this->getJson('/api/search?for=patience')->json('notes'));
        $this->as($this->other);
        self::assertSame([], $found('patient'));
        $token = $this->as($this->guest)->shared($mine, 'read');
        $this->as($this->other)->postJson("/api/shared/{$token}");
        self::assertSame(['The Patient Wheel'], $found('patient'));
    }

    public function test_the_list_tells_the_mix_what_is_asked_and_the_company(): void
    {
        $paper = $this->newPaper();
        $this->newSource($paper, self::book());
        $this->newSource($paper, self::book('Tidepower'));
        $this->newSource($paper, ['kind' => 'film', 'title' => ['main' => 'High Water']]);
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'Bread', 'style' => 'mla-9', 'className' => 'History 10', 'dueOn' => '2026-12-04', 'asked' => ['atLeast' => 8]])->assertOk();
        $one = (array) $this->getJson('/api/papers')->json('papers.0');
        self::assertSame([3, ['2 books', '1 film'], '3 of at least 8 sources', 'History 10', '2026-12-04', 'own', []], [$one['count'], array_column($one['kinds'], 'words'), $one['asked'][0]['sentence'], $one['className'], $one['dueOn'], $one['may'], $one['with']]);
        $token = $this->shared($paper, 'comment');
        $this->as($this->other)->putJson('/api/me', ['name' => 'Rafi']);
        $this->postJson("/api/shared/{$token}");
        self::assertSame(['comment', 'Somebody'], [$this->getJson('/api/papers')->json('papers.0.may'), $this->getJson('/api/papers')->json('papers.0.owner')]);
        self::assertSame(['Rafi'], $this->as($this->guest)->getJson('/api/papers')->json('papers.0.with'));
        $this->as($this->other)->postJson("/api/papers/{$paper}/leave")->assertStatus(204);
        self::assertSame([], $this->titles());
        $this->postJson("/api/papers/{$paper}/come-back")->assertStatus(204);
        self::assertSame(['Bread'], $this->titles());
        // What is on it is told anew once it changed.
        $this->as($this->guest)->newSource($paper, self::book('Third'));
        self::assertSame(4, $this->getJson('/api/papers')->json('papers.0.count'));
    }

    private function deletePaper(string $paper): void
    {
        $this->as($this->guest)->deleteJson("/api/papers/{$paper}")->assertStatus(204);
    }

    /** @param  array<string, mixed>  $more */
    private function shared(string $paper, string $may, array $more = []): string
    {
        $id = (string) Str::ulid();
        $this->putJson("/api/papers/{$paper}/shares/{$id}", ['may' => $may] + $more)->assertStatus(201);

        return (string) Share::query()->findOrFail($id)->token;
    }

    /** Goes on as somebody who is signed in. */
    private function account(string $email, bool $confirmed): Account
    {
        $this->as((string) Str::ulid());
        $cookie = $this->postJson('/api/account', ['email' => $email, 'password' => 'wheel and water'])->assertStatus(201)->getCookie(SignIns::COOKIE);
        $this->withCookie(SignIns::COOKIE, (string) $cookie?->getValue());

        return Account::query()->where('email', $email)->firstOrFail();
    }

    /** @return list<string> */
    private function titles(): array
    {
        return array_column((array) $this->getJson('/api/papers')->assertOk()->json('papers'), 'title');
    }
}
