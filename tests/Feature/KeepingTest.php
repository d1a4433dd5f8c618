<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use Bibrel\App\Models\EarlierState;
use Bibrel\App\Models\Paper;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** What was typed is kept: repeats, conflicts, bins, earlier states, revisions. */
final class KeepingTest extends AppTestCase
{
    public function test_a_save_whose_answer_got_lost_is_answered_again_as_the_first_time(): void
    {
        [$paper, $source] = $this->paperWithBook();
        $save = (string) Str::ulid();
        $first = $this->save($paper, $source, 1, self::book('Typed once'), ['save' => $save])->assertOk();
        $repeat = $this->save($paper, $source, 1, self::book('Typed once'), ['save' => $save])->assertOk();
        self::assertSame($first->json(), $repeat->json());
        $this->save($paper, $source, 1, self::book('Typed again'), ['save' => (string) Str::ulid()])->assertConflict();
        $this->save($paper, $source, 2, self::book('Typed again'), ['save' => (string) Str::ulid()])->assertOk();

        $save = (string) Str::ulid();
        $settings = ['version' => 1, 'title' => 'Named', 'style' => 'mla-9', 'save' => $save];
        $this->putJson("/api/papers/{$paper}", $settings)->assertOk()->assertJsonPath('version', 2);
        $this->putJson("/api/papers/{$paper}", ['title' => 'Anything'] + $settings)->assertOk()->assertJsonPath('title', 'Named');
    }

    public function test_a_repeat_keeps_what_was_not_chosen_once(): void
    {
        [$paper, $source] = $this->paperWithBook();
        $more = ['save' => (string) Str::ulid(), 'aside' => self::book('Not chosen')];
        $this->save($paper, $source, 1, self::book('Chosen'), $more)->assertOk();
        $this->save($paper, $source, 1, self::book('Chosen'), $more)->assertOk();
        $causes = array_column($this->getJson("/api/papers/{$paper}/sources/{$source}/states")->json(), 'cause');
        self::assertSame(['set-aside', 'typed'], $causes);
    }

    public function test_a_conflict_shows_the_whole_state_there_is(): void
    {
        [$paper, $source] = $this->paperWithBook();
        $this->save($paper, $source, 1, self::book('There'))->assertOk();
        $conflict = $this->save($paper, $source, 1, self::book('Here'))->assertConflict();
        self::assertSame(['There', 2], [$conflict->json('theirs.source.title.main'), $conflict->json('theirs.version')]);
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'There', 'style' => 'apa-7'])->assertOk();
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'Here', 'style' => 'mla-9'])
            ->assertConflict()->assertJsonPath('theirs.style', 'apa-7')->assertJsonPath('theirs.title', 'There');
    }

    public function test_members_of_lists_keep_the_ids_they_were_given(): void
    {
        [$paper, $source] = $this->paperWithBook();
        $people = fn (): array => $this->getJson("/api/papers/{$paper}/sources/{$source}")->json('source.contributors');
        [$brook] = $people();
        self::assertNotSame('', $brook['id']);
        // Somebody who knows of no ids puts another person first.
        $two = ['contributors' => [['role' => 'author', 'name' => ['family' => 'Zell']], array_diff_key($brook, ['id' => 1])]] + self::book();
        $this->save($paper, $source, 1, $two)->assertOk();
        self::assertSame($brook['id'], $people()[1]['id']);
        self::assertNotContains($people()[0]['id'], ['', $brook['id']]);
        // Two members never share an id.
        $twins = ['contributors' => [$brook, $brook]] + self::book();
        $this->save($paper, $source, 2, $twins)->assertOk();
        self::assertCount(2, array_unique(array_column($people(), 'id')));
    }

    public function test_a_save_to_something_removed_says_so_and_can_bring_it_back(): void
    {
        [$paper, $source] = $this->paperWithBook();
        $this->deleteJson("/api/papers/{$paper}/sources/{$source}")->assertNoContent();
        $gone = $this->save($paper, $source, 1, self::book('Typed too late'))->assertStatus(410);
        self::assertSame(['source', 'Moonpower', 1], [$gone->json('removed.what'), $gone->json('removed.name'), $gone->json('theirs.version')]);
        $this->getJson("/api/papers/{$paper}/sources/{$source}/page-copy")->assertStatus(410);
        $this->postJson("/api/papers/{$paper}/sources/{$source}/restore")->assertOk();
        $this->save($paper, $source, 1, self::book('Typed too late'))->assertOk();

        $this->deleteJson("/api/papers/{$paper}")->assertNoContent();
        $this->save($paper, $source, 2, self::book('Later still'))->assertStatus(410)->assertJsonPath('removed.what', 'paper');
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'x', 'style' => 'mla-9'])->assertStatus(410);
        $this->getJson("/api/papers/{$paper}")->assertStatus(410);
        $this->postJson("/api/papers/{$paper}/restore")->assertOk();
        $this->save($paper, $source, 2, self::book('Later still'))->assertOk();
        self::assertSame(['Brook, Halima. Later Still. Quayside Press, 2014.'], $this->lines($paper));
    }

    public function test_the_bins_list_what_was_removed(): void
    {
        [$paper, $source] = $this->paperWithBook();
        $other = $this->newSource($paper, self::book('Kept'));
        $this->deleteJson("/api/papers/{$paper}/sources/{$source}")->assertNoContent();
        $bin = $this->getJson("/api/papers/{$paper}/bin")->assertOk()->json();
        self::assertSame([[$source, 'Moonpower', 'Book']], array_map(static fn (array $one): array => [$one['id'], $one['name'], $one['kind']], $bin));
        $this->deleteJson("/api/papers/{$paper}")->assertNoContent();
        self::assertSame([$paper], array_column($this->getJson('/api/bin')->json(), 'id'));
        $this->as((string) Str::ulid());
        self::assertSame([], $this->getJson('/api/bin')->json());
        self::assertNotSame($source, $other);
    }

    public function test_every_change_keeps_how_it_stood_and_one_press_goes_back(): void
    {
        [$paper, $source] = $this->paperWithBook();
        $this->save($paper, $source, 1, self::book('Second'))->assertOk();
        $this->postJson("/api/papers/{$paper}/sources/{$source}/part", ['version' => 2])->assertOk();
        $states = fn (): array => $this->getJson("/api/papers/{$paper}/sources/{$source}/states")->assertOk()->json();
        self::assertSame(
            [['made-part', 'Brook, Halima. Second. Quayside Press, 2014.'], ['typed', 'Brook, Halima. Moonpower. '
                .'Quayside Press, 2014.']],
            array_map(static fn (array $one): array => [$one['cause'], $one['shown']], $states()),
        );
        $first = $states()[1]['id'];
        $this->postJson("/api/papers/{$paper}/sources/{$source}/states/{$first}/restore")->assertOk()->assertJsonPath('version', 4);
        self::assertSame(['Brook, Halima. Moonpower. Quayside Press, 2014.'], $this->lines($paper));
        self::assertSame(['went-back', 'made-part', 'typed'], array_column($states(), 'cause'), 'Going back can be gone back on.');
    }

    public function test_the_typing_of_one_tab_is_one_state_and_another_hand_makes_another(): void
    {
        [$paper, $source] = $this->paperWithBook();
        [$one, $other] = [(string) Str::ulid(), (string) Str::ulid()];
        foreach (['M', 'Mo', 'Moo'] as $i => $typed) {
            $this->save($paper, $source, 1 + $i, self::book($typed), ['tab' => $one])->assertOk();
        }
        $this->save($paper, $source, 4, self::book('From elsewhere'), ['tab' => $other])->assertOk();
        $shown = array_column($this->getJson("/api/papers/{$paper}/sources/{$source}/states")->json(), 'shown');
        self::assertSame(['Brook, Halima. Moo. Quayside Press, 2014.', 'Brook, Halima. Moonpower. Quayside Press, '
            .'2014.'], $shown);
        $this->travel(5)->minutes();
        $this->save($paper, $source, 5, self::book('After a pause'), ['tab' => $other])->assertOk();
        self::assertCount(3, $this->getJson("/api/papers/{$paper}/sources/{$source}/states")->json());
    }

    public function test_what_was_not_chosen_can_be_brought_back(): void
    {
        [$paper, $source] = $this->paperWithBook();
        $this->save($paper, $source, 1, self::book('There'))->assertOk();
        $this->save($paper, $source, 2, self::book('There and settled'), ['aside' => self::book('Mine, not chosen')])->assertOk();
        $states = $this->getJson("/api/papers/{$paper}/sources/{$source}/states")->json();
        self::assertContains(['set-aside', 'Brook, Halima. Mine, Not Chosen. Quayside Press, 2014.'], array_map(static fn (array $one): array => [$one['cause'], $one['shown']], $states));

        $this->save($paper, $source, 3, self::book('There and settled'), ['aside' => self::book('Typed and let go')])->assertOk()->assertJsonPath('version', 3);
        self::assertSame('Brook, Halima. Typed and Let Go. Quayside Press, 2014.', $this->getJson("/api/papers/{$paper}/sources/{$source}/states")->json('0.shown'), 'Though nothing else changed.');

        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'There', 'style' => 'mla-9', 'aside' => ['title' => 'Mine, not chosen']])->assertOk();
        $settings = $this->getJson("/api/papers/{$paper}/states")->json();
        self::assertSame('set-aside', $settings[0]['cause']);
        self::assertStringStartsWith('Mine, not chosen', $settings[0]['shown']);
        $this->postJson("/api/papers/{$paper}/states/{$settings[1]['id']}/restore")->assertOk()->assertJsonPath('title', 'Bread from the Moon');
    }

    public function test_going_back_past_a_second_look_up_brings_the_page_copy_back_too(): void
    {
        $paper = $this->newPaper();
        $started = $this->postJson("/api/papers/{$paper}/lookups", ['id' => (string) Str::ulid(), 'lead' => 'https://www.slackwater.example/grain-by-moonlight', 'today' => '2026-11-24']);
        $source = $started->json('lookups.0.source');
        $copy = fn (): array => $this->getJson("/api/papers/{$paper}/sources/{$source}/page-copy")->json('blocks');
        $before = $copy();
        self::assertNotSame([], $before);
        $this->postJson("/api/papers/{$paper}/sources/{$source}/lookup", ['today' => '2026-11-25'])->assertJsonPath('lookups.0.state', 'added');
        \Bibrel\App\Models\SourceRecord::query()->whereKey($source)->update(['page_copy' => '[]']);
        $state = $this->getJson("/api/papers/{$paper}/sources/{$source}/states")->json('0.id');
        $this->postJson("/api/papers/{$paper}/sources/{$source}/states/{$state}/restore")->assertOk();
        self::assertSame($before, $copy());
    }

    public function test_the_revision_rises_with_every_change_of_anything_on_the_paper(): void
    {
        $paper = $this->newPaper();
        $revision = fn (): int => $this->getJson("/api/papers/{$paper}/revision")->assertOk()->json('revision');
        $seen = [$revision()];
        $source = $this->newSource($paper, self::book());
        $seen[] = $revision();
        $this->save($paper, $source, 1, self::book('Changed'))->assertOk();
        $seen[] = $revision();
        $this->postJson("/api/papers/{$paper}/sources/{$source}/part", ['version' => 2])->assertOk();
        $seen[] = $revision();
        $this->deleteJson("/api/papers/{$paper}/sources/{$source}")->assertNoContent();
        $seen[] = $revision();
        $this->postJson("/api/papers/{$paper}/sources/{$source}/restore")->assertOk();
        $seen[] = $revision();
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'x', 'style' => 'mla-9'])->assertOk();
        $seen[] = $revision();
        $this->deleteJson("/api/papers/{$paper}")->assertNoContent();
        $this->postJson("/api/papers/{$paper}/restore")->assertOk();
        $seen[] = $revision();
        $ordered = $seen;
        sort($ordered);
        self::assertSame($ordered, $seen);
        self::assertCount(8, array_unique($seen));
        $this->putJson("/api/papers/{$paper}", ['version' => 2, 'title' => 'x', 'style' => 'mla-9'])->assertOk();
        self::assertSame(end($seen), $revision(), 'Saying the same again is no change.');
    }

    public function test_what_a_guest_finds_first_is_given_once(): void
    {
        $guest = \Bibrel\App\Models\Guest::known((string) Str::ulid());
        self::assertSame([true, false, false], [$guest->arrive(), $guest->arrive(), $guest->arrive()]);
    }

    public function test_a_removed_state_belongs_to_its_own_source_alone(): void
    {
        [$paper, $source] = $this->paperWithBook();
        $this->save($paper, $source, 1, self::book('Second'))->assertOk();
        $other = $this->newSource($paper, self::book('Other'));
        $state = EarlierState::query()->where('subject_id', $source)->firstOrFail()->id;
        $this->postJson("/api/papers/{$paper}/sources/{$other}/states/{$state}/restore")->assertNotFound();
        $this->postJson("/api/papers/{$paper}/states/{$state}/restore")->assertNotFound();
        self::assertSame(1, Paper::query()->findOrFail($paper)->version);
    }

    /** @return array{string, string} */
    private function paperWithBook(): array
    {
        $paper = $this->newPaper();

        return [$paper, $this->newSource($paper, self::book())];
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  array<string, mixed>  $more
     */
    private function save(string $paper, string $source, int $version, array $data, array $more = []): TestResponse
    {
        return $this->putJson("/api/papers/{$paper}/sources/{$source}", ['version' => $version, 'source' => $data, ...$more]);
    }
}
