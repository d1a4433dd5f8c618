<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use Bibrel\App\Models\LookupRecord;
use Bibrel\App\Models\Share;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Every route there is, as everybody who may come: what each may do is written down here, and not taken from the routes. */
final class RightsTest extends AppTestCase
{
    /** What anybody may ask for; it tells of nobody but whoever asks. */
    private const OPEN = [
        'api/reference/{release?}', 'api/kinds', 'api/tidied', 'api/bylines', 'api/compose', 'api/me', 'api/sign-in',
        'api/sign-ins', 'api/sign-ins/{signIn}', 'api/account', 'api/account/stay', 'api/account/confirm', 'api/password',
        'api/password/forgotten', 'api/archive', 'api/shared/{token}', 'api/course/{token}', 'api/courses', 'api/papers',
        'api/bin', 'api/search', 'api/papers/{id}/come-back', 'api/{any}', 'up', 'mailbox', 'account/archive.zip',
        'account/confirm/{account}/{hash}', '{any?}',
    ];

    /** The least somebody must be to get at it. */
    private const LEAST = [
        'reader' => [
            'GET api/papers/{paper}', 'GET api/papers/{paper}/revision', 'POST api/papers/{paper}/copy',
            'POST api/papers/{paper}/absent', 'POST api/papers/{paper}/leave', 'GET api/papers/{paper}/clipboard',
            'POST api/papers/{paper}/clipboard', 'GET api/papers/{paper}/bin', 'GET api/papers/{paper}/states',
            'GET api/papers/{paper}/lookups', 'GET api/papers/{paper}/mix',
            'GET api/papers/{paper}/notes', 'GET api/papers/{paper}/notes/{note}/clipboard',
            'GET api/papers/{paper}/comments', 'GET api/papers/{paper}/sources/{source}',
            'GET api/papers/{paper}/sources/{source}/page-copy', 'GET api/papers/{paper}/sources/{source}/states',
            'POST api/papers/{paper}/sources/copy', 'GET papers/{paper}/page.{format}',
            'GET papers/{paper}/notes.md', 'GET papers/{paper}/sources.{format}', 'POST papers/{paper}/sources.{format}',
        ],
        'commenter' => [
            'PUT api/papers/{paper}/comments/{id}', 'POST api/papers/{paper}/comments/{comment}/resolve',
            'POST api/papers/{paper}/comments/{comment}/reopen',
        ],
        'editor' => [
            'PUT api/papers/{id}', 'POST api/papers/{paper}/states/{state}/restore', 'POST api/papers/{paper}/sources/remove',
            'POST api/papers/{paper}/sources/bring-back', 'POST api/papers/{paper}/sources/move',
            'PUT api/papers/{paper}/sources/{id}', 'DELETE api/papers/{paper}/sources/{source}',
            'POST api/papers/{paper}/sources/{source}/part', 'POST api/papers/{paper}/sources/{source}/states/{state}/restore',
            'POST api/papers/{paper}/sources/{source}/restore', 'DELETE api/papers/{paper}/lookups',
            'DELETE api/papers/{paper}/lookups/{lookup}', 'POST api/papers/{paper}/lookups',
            'POST api/papers/{paper}/lookups/{lookup}/retry', 'POST api/papers/{paper}/lookups/{lookup}/choose',
            'POST api/papers/{paper}/sources/{source}/lookup', 'POST api/papers/{paper}/notes/arrange',
            'PUT api/papers/{paper}/notes/{id}', 'DELETE api/papers/{paper}/notes/{note}',
            'POST api/papers/{paper}/notes/{note}/restore', 'POST api/papers/{paper}/draft',
            'PUT api/papers/{paper}/draft/answers', 'DELETE api/papers/{paper}/draft', 'GET api/papers/{paper}/draft', 'GET papers/{paper}/draft.file',
            'POST api/papers/{paper}/draft/restore',
        ],
        'owner' => [
            'DELETE api/papers/{paper}', 'POST api/papers/{paper}/restore', 'GET api/papers/{paper}/shares',
            'PUT api/papers/{paper}/shares/{id}', 'DELETE api/papers/{paper}/shares/{share}',
            'POST api/papers/{paper}/shares/{share}/restore', 'POST api/papers/{paper}/course',
            'DELETE api/papers/{paper}/course', 'GET api/papers/{paper}/hand-ins', 'POST api/papers/{paper}/hand-ins',
            // A comment is taken back by whoever said it, and by whose paper it is; this one is the owner's.
            'DELETE api/papers/{paper}/comments/{comment}', 'POST api/papers/{paper}/comments/{comment}/restore',
        ],
        'teacher' => [
            'PUT api/courses/{id}', 'GET api/courses/{course}', 'DELETE api/courses/{course}',
            'POST api/courses/{course}/restore', 'GET api/courses/{course}/hand-ins/{handIn}',
            'PUT api/courses/{course}/hand-ins/{handIn}/comments/{id}',
            'DELETE api/courses/{course}/hand-ins/{handIn}/comments/{id}',
        ],
    ];

    /** Everybody, and whether they have the paper on their list. */
    private const SHARED = ['reader' => 'read', 'commenter' => 'comment', 'editor' => 'edit'];

    private const RANKS = ['nobody' => 0, 'reader' => 1, 'commenter' => 2, 'editor' => 3, 'owner' => 4];

    /** @var array<string, string> ids by the names of parameters */
    private array $ids = [];

    /** @var array<string, ?string> guests by what they are; null has no cookie */
    private array $guests = [];

    public function test_everybody_gets_at_what_they_may_and_at_nothing_else(): void
    {
        $this->people();
        $tried = 0;
        foreach ($this->routes() as $signature => $route) {
            foreach ($this->guests as $who => $guest) {
                $status = $this->asked($signature, $route, $guest);
                $this->assertRight($signature, $who, $status);
                $tried++;
            }
        }
        self::assertGreaterThan(450, $tried);
    }

    public function test_after_a_share_is_taken_back_or_over_nobody_gets_at_anything(): void
    {
        $this->people();
        foreach (['revoked_at' => now(), 'ends_at' => now()->subMinute()] as $column => $at) {
            Share::query()->update(['revoked_at' => null, 'ends_at' => null]);
            Share::query()->update([$column => $at]);
            foreach ($this->routes() as $signature => $route) {
                foreach (array_keys(self::SHARED) as $who) {
                    $status = $this->asked($signature, $route, $this->guests[$who]);
                    self::assertSame(404, $status, "{$signature} as {$who}, {$column}");
                }
            }
            foreach (self::SHARED as $may) {
                $this->as($this->guests['guest'] ?? '')->postJson('/api/shared/'.$this->ids["token-{$may}"])->assertNotFound();
            }
        }
    }

    public function test_every_route_is_written_down(): void
    {
        $known = array_merge(...array_values(self::LEAST));
        $routes = array_keys($this->routes());
        sort($known);
        sort($routes);
        self::assertSame($known, $routes);
    }

    private function assertRight(string $signature, string $who, int $status): void
    {
        $least = array_key_first(array_filter(self::LEAST, static fn (array $all): bool => in_array($signature, $all, true)));
        $told = "{$signature} as {$who}: {$status}";
        if ($least === 'teacher') {
            $who === 'teacher' ? self::assertNotContains($status, [401, 403, 404], $told) : self::assertSame(404, $status, $told);

            return;
        }
        $rank = self::RANKS[$who] ?? 0;
        match (true) {
            $rank === 0 => self::assertSame(404, $status, $told),
            $rank < self::RANKS[$least] => self::assertSame(403, $status, $told),
            default => self::assertNotContains($status, [401, 403, 404], $told),
        };
    }

    /** What one gets, after which everything is as it was. */
    private function asked(string $signature, Route $route, ?string $guest): int
    {
        $this->defaultCookies = [];
        if ($guest !== null) {
            $this->as($guest);
        }
        [$method] = explode(' ', $signature);
        DB::beginTransaction();
        try {
            return $this->answer($method, $route)->baseResponse->getStatusCode();
        } finally {
            DB::rollBack();
        }
    }

    private function answer(string $method, Route $route): TestResponse
    {
        $uri = $route->uri();
        // What is made under an id of its own stands in the address itself.
        $id = match (true) {
            $uri === 'api/papers/{id}' => $this->ids['paper'],
            $uri === 'api/courses/{id}' => $this->ids['course'],
            str_contains($uri, 'hand-ins/{handIn}/comments') => $this->ids['remark'],
            str_contains($uri, 'comments/{id}') => (string) Str::ulid(),
            str_contains($uri, 'notes/{id}') => $this->ids['note'],
            str_contains($uri, 'shares/{id}') => $this->ids['share'],
            default => $this->ids['source'],
        };
        $names = array_map(static fn (string $name): string => "{{$name}}", array_keys($this->ids));
        $state = ['{format}' => str_contains($uri, 'page.') ? 'txt' : 'ris']
            + (str_contains($uri, 'sources/{source}/states') ? ['{state}' => $this->ids['sourceState']] : []);
        $address = '/'.strtr($uri, ['{id}' => $id] + $state + array_combine($names, array_values($this->ids)));
        $isOwn = str_contains($uri, 'sources/move') || str_contains($uri, 'sources/copy');
        $guest = $this->defaultCookies[\Bibrel\App\Http\Middleware\Guest::COOKIE] ?? '';

        return $this->json($method, $address, [
            'version' => 1, 'title' => 'Bread from the Moon', 'style' => 'mla-9', 'surname' => 'Adeyemi', 'take' => 'whole',
            'source' => $uri === 'api/papers/{paper}/comments/{id}' || str_contains($uri, 'hand-ins') ? $this->ids['source'] : self::book('Second'),
            'id' => (string) Str::ulid(), 'lead' => '10.5555/jch.2016.0123', 'today' => '2026-11-24', 'name' => 'Somebody',
            'text' => 'The sea rose.', 'may' => 'read', 'tab' => (string) Str::ulid(), 'token' => $this->ids['courseToken'],
            'note' => str_contains($uri, 'courses') ? 'Hello' : ['kind' => 'thought', 'text' => 'A thought'],
            'ids' => [$this->ids['source']], 'settled' => [], 'meant' => [],
            ...($isOwn ? ['to' => $this->ids["own-{$guest}"] ?? $this->ids['paper']] : []),
        ]);
    }

    /** @return array<string, Route> by method and address */
    private function routes(): array
    {
        $routes = [];
        foreach (Routes::getRoutes() as $route) {
            if (! in_array($route->uri(), self::OPEN, true)) {
                foreach (array_diff($route->methods(), ['HEAD', 'OPTIONS']) as $method) {
                    $routes["{$method} {$route->uri()}"] = $route;
                }
            }
        }

        return $routes;
    }

    /** A paper with everything that can be on one, and everybody who can come to it. */
    private function people(): void
    {
        $this->guests = [
            'stranger' => null, 'guest' => (string) Str::ulid(), 'reader' => (string) Str::ulid(),
            'commenter' => (string) Str::ulid(), 'editor' => (string) Str::ulid(), 'owner' => $this->guest,
            'teacher' => (string) Str::ulid(),
        ];
        $course = (string) Str::ulid();
        $this->as((string) $this->guests['teacher'])->putJson("/api/courses/{$course}", ['version' => 0, 'title' => 'History 10', 'style' => 'mla-9'])->assertStatus(201);
        $token = basename((string) $this->getJson("/api/courses/{$course}")->json('course.address'));

        $this->as($this->guest);
        $paper = $this->newPaper();
        $source = $this->newSource($paper, self::book());
        $this->putJson("/api/papers/{$paper}/sources/{$source}", ['version' => 1, 'source' => self::book('Second')])->assertOk();
        $this->putJson("/api/papers/{$paper}", ['version' => 1, 'title' => 'Other', 'style' => 'mla-9'])->assertOk();
        $settings = (string) $this->getJson("/api/papers/{$paper}/states")->json('0.id');
        $state = (string) $this->getJson("/api/papers/{$paper}/sources/{$source}/states")->json('0.id');
        $this->postJson("/api/papers/{$paper}/lookups", ['id' => $lookup = (string) Str::ulid(), 'lead' => '10.5555/no.such', 'today' => '2026-11-24']);
        LookupRecord::query()->whereKey($lookup)->update(['state' => 'failed']);
        $this->putJson("/api/papers/{$paper}/notes/".($note = (string) Str::ulid()), ['version' => 0, 'note' => ['kind' => 'thought', 'text' => 'A thought', 'source' => $source]])->assertStatus(201);
        $this->putJson("/api/papers/{$paper}/comments/".($comment = (string) Str::ulid()), ['source' => $source, 'text' => 'The sea rose.'])->assertStatus(201);
        $this->postJson("/api/papers/{$paper}/draft", ['text' => 'Mills turned (Brook 12).'])->assertOk();
        $this->postJson("/api/papers/{$paper}/course", ['token' => $token])->assertOk();
        $this->postJson("/api/papers/{$paper}/hand-ins", ['id' => $handIn = (string) Str::ulid(), 'name' => 'Ada'])->assertStatus(201);
        $this->ids = [
            'paper' => $paper, 'source' => $source, 'lookup' => $lookup, 'note' => $note, 'comment' => $comment,
            'course' => $course, 'courseToken' => $token, 'handIn' => $handIn, 'state' => $settings,
            'sourceState' => $state,
        ];
        foreach (self::SHARED as $who => $may) {
            $this->as($this->guest)->putJson("/api/papers/{$paper}/shares/".($share = (string) Str::ulid()), ['may' => $may])->assertStatus(201);
            $this->ids['share'] = $share;
            $this->ids["token-{$may}"] = (string) Share::query()->findOrFail($share)->token;
            $this->as((string) $this->guests[$who])->postJson('/api/shared/'.$this->ids["token-{$may}"])->assertOk();
        }
        foreach (['reader', 'commenter', 'editor', 'owner'] as $who) {
            $this->ids['own-'.$this->guests[$who]] = $this->as((string) $this->guests[$who])->newPaper();
        }
        $remark = (string) Str::ulid();
        $this->as((string) $this->guests['teacher'])->putJson("/api/courses/{$course}/hand-ins/{$handIn}/comments/{$remark}", ['source' => $source, 'text' => 'Which edition?'])->assertStatus(201);
        $this->ids['remark'] = $remark;
    }
}
