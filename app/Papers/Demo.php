<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Read\Web\WebPage;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Source;
use Bibrel\Standins\World;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The demo papers: every new guest of a demo installation finds a copy of each. */
final class Demo
{
    /** Gives the guest a copy of each demo paper. */
    public function giveTo(string $guest): void
    {
        DB::transaction(function () use ($guest): void {
            foreach (self::papers() as $paper) {
                $owner = Paper::query()->create(['id' => (string) Str::ulid(), 'guest_id' => $guest, 'title' => $paper['title'], 'style' => $paper['style'], 'surname' => $paper['surname'], 'course' => [], 'version' => 1]);
                foreach ($paper['sources'] as $source) {
                    SourceRecord::query()->create(['id' => (string) Str::ulid(), 'paper_id' => $owner->id, 'version' => 1, ...self::record($source)]);
                }
            }
        });
    }

    /** Removes every paper of every guest, so that each finds the demo papers anew. */
    public function reset(): void
    {
        Paper::withTrashed()->forceDelete();
    }

    /** @return int how many demo papers can be read */
    public function check(): int
    {
        foreach (self::papers() as $paper) {
            array_map(self::record(...), $paper['sources']);
        }

        return count(self::papers());
    }

    /** @return list<array{title: string, style: string, surname: string, sources: list<array<string, mixed>>}> */
    private static function papers(): array
    {
        $papers = [];
        foreach (glob(database_path('demo/*.json')) ?: [] as $file) {
            /** @var array{title: string, style: string, surname: string, sources: list<array<string, mixed>>} $paper */
            $paper = json_decode((string) file_get_contents($file), true, 32, JSON_THROW_ON_ERROR);
            $papers[] = $paper;
        }

        return $papers;
    }

    /**
     * @param  array<string, mixed>  $source  a source, or {page, accessed}: a page of the stand-in world, read as a look-up reads it
     * @return array<string, mixed>
     */
    private static function record(array $source): array
    {
        if (! isset($source['page'])) {
            return ['data' => Source::fromArray($source, Kinds::all())->toArray()];
        }
        $url = (string) $source['page'];
        $reading = self::read($url);

        return ['data' => $reading->source(accessed: PartialDate::parse((string) $source['accessed'])->words())->toArray(), ...ReadingRecord::of($reading, $url)];
    }

    private static function read(string $url): Reading
    {
        $answer = World::answer((string) parse_url($url, PHP_URL_HOST), (string) parse_url($url, PHP_URL_PATH));

        return WebPage::read($answer->body, $url);
    }
}
