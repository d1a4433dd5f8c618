<?php

declare(strict_types=1);

namespace Bibrel\Tests\Fault\Load;

use GuzzleHttp\Client;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\HandlerStack;
use GuzzleHttp\Promise\Coroutine;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Promise\Utils;
use Illuminate\Support\Str;

/** Many visitors at once, in one process: what they do to an installation, and what it answers. */
final class Crowd
{
    public readonly Figures $figures;

    private readonly Client $client;

    public function __construct(string $url)
    {
        $this->figures = new Figures;
        $this->client = new Client(['base_uri' => $url, 'handler' => HandlerStack::create(new CurlMultiHandler)]);
    }

    /** @return list<Visitor> visitors who are there for the first time */
    public function arrive(int $count): array
    {
        $visitors = array_map(fn (): Visitor => new Visitor($this->client, $this->figures), range(1, $count));
        Utils::all(array_map(static fn (Visitor $one): PromiseInterface => $one->arrive(), $visitors))->wait();

        return $visitors;
    }

    /** Another tab of the same browser. */
    public function tab(Visitor $of): Visitor
    {
        return new Visitor($this->client, $this->figures, $of);
    }

    /** Somebody else after the same address. */
    public function after(Visitor $neighbour): Visitor
    {
        return new Visitor($this->client, $this->figures, address: $neighbour->address);
    }

    /** Begins a paper for a visitor. */
    public function paper(Visitor $visitor): string
    {
        $id = (string) Str::ulid();
        $answer = $visitor->call('PUT', "papers/{$id}", ['version' => 0, 'title' => 'Load', 'style' => 'mla-9'])->wait();

        return $answer->isGood() ? $id : throw new \RuntimeException("A paper could not be begun: {$answer->status}.");
    }

    /** @param  list<PromiseInterface>  $all */
    public function wait(array $all): void
    {
        Utils::all($all)->wait();
    }

    /**
     * Types into a source of one's own, a save at a time, until the time is over.
     *
     * @param  array<string, int>  $acknowledged  the number of the last save that was acknowledged, by source
     * @param  float  $pause  seconds between a save and the next one, on average
     */
    public function type(Visitor $visitor, string $paper, float $until, array &$acknowledged, float $pause = 1.0, string $counted = 'saves'): PromiseInterface
    {
        $source = (string) Str::ulid();
        $acknowledged[$source] = 0;

        return Coroutine::of(static function () use ($visitor, $paper, $source, $until, &$acknowledged, $pause, $counted): \Generator {
            $version = 0;
            for ($n = 1; microtime(true) < $until; $n++) {
                $save = ['version' => $version, 'save' => (string) Str::ulid(), 'source' => self::book("Typed {$n}")];
                do {
                    $wait = $pause * (0.5 + mt_rand() / mt_getrandmax());
                    /** @var Answer $answer */
                    $answer = yield $visitor->call('PUT', "papers/{$paper}/sources/{$source}", $save, $wait, $counted);
                    // As the interface does: a save without an answer is repeated as it was.
                } while (! $answer->isGood() && microtime(true) < $until);
                if ($answer->isGood()) {
                    $version = (int) $answer->json['version'];
                    $acknowledged[$source] = $n;
                }
            }
            yield null;
        });
    }

    /**
     * Adds marks to one source that many change at once: whoever was too slow takes the newer state and tries again.
     *
     * @param  list<string>  $acknowledged  the marks whose save was acknowledged
     */
    public function mark(Visitor $visitor, string $paper, string $source, string $name, float $until, array &$acknowledged): PromiseInterface
    {
        return Coroutine::of(static function () use ($visitor, $paper, $source, $name, $until, &$acknowledged): \Generator {
            $now = (yield $visitor->call('GET', "papers/{$paper}/sources/{$source}"))->json;
            for ($n = 1; microtime(true) < $until; $n++) {
                $mark = "{$name}.{$n}";
                for ($try = 0; $try < 30; $try++) {
                    $changed = ['annotation' => trim(($now['source']['annotation'] ?? '')." {$mark}")] + $now['source'];
                    $save = ['version' => $now['version'], 'save' => (string) Str::ulid(), 'source' => $changed];
                    $wait = ($try === 0 ? 3.0 : 0.4) * (0.5 + mt_rand() / mt_getrandmax());
                    /** @var Answer $answer */
                    $answer = yield $visitor->call('PUT', "papers/{$paper}/sources/{$source}", $save, $wait, 'saves of one source by ten');
                    $now = $answer->status === 409 ? $answer->json['theirs'] : ($answer->isGood() ? $answer->json : $now);
                    if ($answer->isGood()) {
                        $acknowledged[] = $mark;
                        break;
                    }
                }
            }
            yield null;
        });
    }

    /** @return array<string, mixed> */
    public static function book(string $title): array
    {
        return [
            'kind' => 'book',
            'title' => ['main' => $title, 'subtitle' => 'Mills of the Tidal Coast'],
            'contributors' => [['id' => 'brook', 'role' => 'author', 'name' => ['given' => 'Halima', 'family' => 'Brook']]],
            'containers' => [['publisher' => 'Quayside Press', 'date' => '2014']],
        ];
    }
}
