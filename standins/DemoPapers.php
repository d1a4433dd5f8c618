<?php

declare(strict_types=1);

namespace Bibrel\Standins;

use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\App\Papers\FirstPapers;
use Bibrel\App\Papers\MemberIds;
use Bibrel\App\Papers\ReadingRecord;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Read\Web\WebPage;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Source;

/** The demo papers, of which every new guest of a trial installation finds a copy. */
final class DemoPapers extends FirstPapers
{
    public function giveTo(Guest $guest): void
    {
        foreach (self::papers() as $paper) {
            $settings = ['title' => $paper['title'], 'style' => $paper['style'], 'surname' => $paper['surname'], 'course' => []];
            $given = Paper::query()->create(['guest_id' => $guest->id, ...$settings, 'version' => 1, 'revision' => 1]);
            foreach ($paper['sources'] as $source) {
                SourceRecord::query()->create(['paper_id' => $given->id, 'version' => 1, ...self::record($source)]);
            }
        }
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
            return ['data' => MemberIds::given(Source::fromArray($source, Kinds::all())->toArray())];
        }
        $url = (string) $source['page'];
        $reading = self::read($url);
        $accessed = PartialDate::parse((string) $source['accessed'])->words();
        $data = MemberIds::given($reading->source(accessed: $accessed)->toArray());

        return ['data' => $data, ...ReadingRecord::of($reading, $url)];
    }

    private static function read(string $url): Reading
    {
        $answer = World::answer((string) parse_url($url, PHP_URL_HOST), (string) parse_url($url, PHP_URL_PATH));

        return WebPage::read($answer->body, $url);
    }
}
