<?php

declare(strict_types=1);

namespace Bibrel\Tests\Feature;

use Bibrel\App\Http\Middleware\Guest;
use Bibrel\App\Papers\FirstPapers;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Str;

/** The application over HTTP with the real MariaDB that bin/test started; each test is rolled back. */
abstract class AppTestCase extends TestCase
{
    use DatabaseTransactions;

    protected string $guest;

    public function createApplication(): Application
    {
        $app = require __DIR__.'/../../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        config(['standins.demo' => false, 'queue.default' => 'sync']);
        $this->app->forgetInstance(FirstPapers::class);
        $this->app->bind(FirstPapers::class, static fn (): FirstPapers => new FirstPapers);
        $this->withCredentials();
        $this->guest = (string) Str::ulid();
        $this->as($this->guest);
    }

    /** Goes on as the guest with this id: another browser. */
    protected function as(string $guest): static
    {
        return $this->withCookie(Guest::COOKIE, $guest);
    }

    protected function newPaper(string $style = 'mla-9'): string
    {
        $id = (string) Str::ulid();
        $this->putJson("/api/papers/{$id}", ['version' => 0, 'title' => 'Bread from the Moon', 'style' => $style, 'surname' => 'Adeyemi'])->assertStatus(201);

        return $id;
    }

    /** @param  array<string, mixed>  $source */
    protected function newSource(string $paper, array $source): string
    {
        $id = (string) Str::ulid();
        $this->putJson("/api/papers/{$paper}/sources/{$id}", ['version' => 0, 'source' => $source])->assertStatus(201);

        return $id;
    }

    /** @return array<string, mixed> */
    protected static function book(string $title = 'Moonpower', string $family = 'Brook'): array
    {
        return ['kind' => 'book', 'title' => ['main' => $title], 'contributors' => [['role' => 'author', 'name' => ['given' => 'Halima', 'family' => $family]]], 'containers' => [['publisher' => 'Quayside Press', 'date' => '2014']]];
    }

    /** @return list<string> the lines of the paper's page */
    protected function lines(string $paper): array
    {
        return array_map(
            static fn (array $entry): string => implode('', array_column($entry['runs'], 0)),
            $this->getJson("/api/papers/{$paper}")->assertOk()->json('page.entries'),
        );
    }
}
