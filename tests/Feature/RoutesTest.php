<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use Bibrel\App\Models\LookupRecord;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Str;

/** Every route there is with ids that do not belong together; who may ask for what is RightsTest's. */
final class RoutesTest extends AppTestCase
{
    private const OPEN = ['api/{any}', 'up', '{any?}'];

    public function test_what_is_on_one_paper_is_not_reached_through_another(): void
    {
        [, $ids] = $this->filledPaper();
        $other = $this->newPaper();
        foreach ($this->guarded() as $route) {
            if (! preg_match('/\{(?:source|lookup|state|note|comment|share)\}/', $route->uri())) {
                continue;
            }
            foreach ($this->methods($route) as $method) {
                $answer = $this->json($method, $this->address($route, ['paper' => $other] + $ids), $this->body($route));
                self::assertSame(404, $answer->status(), "{$method} {$route->uri()}: ".$answer->getContent());
            }
        }
        $this->json('PUT', "/api/papers/{$other}/sources/{$ids['source']}", ['version' => 0, 'source' => self::book('Stolen')])->assertNotFound();
    }

    public function test_foreign_ids_of_any_spelling_are_not_found(): void
    {
        foreach (['x', '0', '../../etc/passwd', str_repeat('Z', 26), '01ARZ3NDEKTSV4RRFFQ69G5FAV', "01ARZ3NDEKTSV4RRFFQ69G5FA'"] as $id) {
            $this->getJson('/api/papers/'.rawurlencode($id))->assertNotFound()->assertHeader('Content-Type', 'application/problem+json');
            $this->deleteJson('/api/papers/'.rawurlencode($id))->assertNotFound();
        }
    }

    public function test_no_route_is_left_over_from_the_framework(): void
    {
        $uris = array_map(static fn (Route $route): string => $route->uri(), iterator_to_array(Routes::getRoutes()));
        self::assertSame([], array_values(array_filter($uris, static fn (string $uri): bool => ! preg_match('~^(?:api/|papers/|account/|mailbox$|up$|\{any\?\}$)~', $uri))));
    }

    /** @return list<Route> */
    private function guarded(): array
    {
        return array_values(array_filter(
            iterator_to_array(Routes::getRoutes()),
            static fn (Route $route): bool => ! in_array($route->uri(), self::OPEN, true),
        ));
    }

    /** @return list<string> */
    private function methods(Route $route): array
    {
        return array_values(array_diff($route->methods(), ['HEAD', 'OPTIONS']));
    }

    /** @param  array<string, string>  $ids */
    private function address(Route $route, array $ids): string
    {
        // A paper is made under its id, a source too: there the foreign one stands in the address itself.
        $id = $route->uri() === 'api/papers/{id}' ? $ids['paper'] : $ids['source'];

        return '/'.strtr($route->uri(), array_combine(
            array_map(static fn (string $name): string => "{{$name}}", array_keys($ids + ['id' => ''])),
            array_values($ids + ['id' => $id]),
        ));
    }

    /** @return array<string, mixed> what the route would take from its own guest */
    private function body(Route $route): array
    {
        return [
            'version' => 1, 'title' => 'x', 'style' => 'mla-9', 'source' => self::book('Stolen'), 'take' => 'whole',
            'id' => (string) Str::ulid(), 'lead' => '10.5555/jch.2016.0123', 'today' => '2026-11-24',
        ];
    }

    /** @return array{string, array<string, string>} a paper, and the ids of everything on it */
    private function filledPaper(): array
    {
        $paper = $this->newPaper();
        $source = $this->newSource($paper, self::book());
        $this->putJson("/api/papers/{$paper}/sources/{$source}", ['version' => 1, 'source' => self::book('Second')])->assertOk();
        $this->postJson("/api/papers/{$paper}/lookups", ['id' => $lookup = (string) Str::ulid(), 'lead' => '10.5555/no.such', 'today' => '2026-11-24']);
        $state = (string) $this->getJson("/api/papers/{$paper}/sources/{$source}/states")->json('0.id');
        LookupRecord::query()->whereKey($lookup)->update(['state' => 'failed']);

        $this->putJson("/api/papers/{$paper}/notes/".($note = (string) Str::ulid()), ['version' => 0, 'note' => ['text' => 'A thought']])->assertStatus(201);
        $this->putJson("/api/papers/{$paper}/comments/".($comment = (string) Str::ulid()), ['text' => 'The sea rose.'])->assertStatus(201);
        $this->putJson("/api/papers/{$paper}/shares/".($share = (string) Str::ulid()), ['may' => 'read'])->assertStatus(201);
        $ids = ['paper' => $paper, 'source' => $source, 'lookup' => $lookup, 'state' => $state];

        return [$paper, $ids + ['note' => $note, 'comment' => $comment, 'share' => $share]];
    }
}
