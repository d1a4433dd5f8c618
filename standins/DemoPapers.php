<?php

declare(strict_types=1);

namespace Bibrel\Standins;

use Bibrel\App\Courses\HandIns;
use Bibrel\App\Models\Comment;
use Bibrel\App\Models\Course;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Note;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\App\Papers\FirstPapers;
use Bibrel\App\Papers\MemberIds;
use Bibrel\App\Papers\ReadingRecord;
use Bibrel\App\People\Invitations;
use Bibrel\App\Sharing\LinkToken;
use Bibrel\Core\Mix\Asked;
use Bibrel\Core\Note\Note as Noted;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Read\Web\WebPage;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Illuminate\Support\Str;

/**
 * What every new guest of a trial installation finds a copy of: a course, a paper begun from it, one of their own, and one
 * that somebody else has handed in and shares with them.
 */
final class DemoPapers extends FirstPapers
{
    public function __construct(private readonly HandIns $handIns)
    {
    }

    public function giveTo(Guest $guest): void
    {
        $course = $this->course($guest);
        foreach (self::papers() as $paper) {
            $owner = isset($paper['owner']) ? $this->person((string) $paper['owner']) : $guest;
            $given = $this->paper($paper, $owner, $course);
            if ($owner !== $guest) {
                $this->share($given, $paper, $guest, $owner);
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

    private function course(Guest $guest): Course
    {
        $said = self::read(database_path('demo/course.json'));

        return Course::query()->create([
            ...$said,
            'guest_id' => $guest->id,
            'rules' => CourseRules::fromArray($said['rules'])->toArray(),
            'asked' => Asked::fromArray($said['asked'])->toArray(),
            'token' => LinkToken::make(),
            'version' => 1,
        ]);
    }

    private function person(string $name): Guest
    {
        return Guest::query()->create(['seen_on' => now()->toDateString(), 'name' => $name]);
    }

    /** @param  array<string, mixed>  $paper */
    private function paper(array $paper, Guest $owner, Course $course): Paper
    {
        $isForCourse = (bool) ($paper['isForCourse'] ?? false);
        $given = Paper::query()->create([
            'guest_id' => $owner->id,
            'title' => $paper['title'],
            'style' => $paper['style'],
            'surname' => $paper['surname'],
            'question' => $paper['question'] ?? '',
            'class_name' => $isForCourse ? $course->title : '',
            'due_on' => $isForCourse ? $course->due_on?->toDateString() : null,
            'course' => [],
            'course_id' => $isForCourse ? $course->id : null,
            'is_sample' => true,
            'version' => 1,
            'revision' => 1,
        ]);
        $sources = [];
        foreach ($paper['sources'] as $source) {
            $sources[] = SourceRecord::query()->create([
                'paper_id' => $given->id, 'version' => 1, 'added_by' => $owner->id, 'changed_by' => $owner->id,
                ...self::record($source),
            ])->id;
        }
        foreach ($paper['notes'] ?? [] as $place => $note) {
            Note::query()->create([
                'paper_id' => $given->id, 'source_id' => $sources[$note['source']], 'place' => $place + 1, 'version' => 1,
                'data' => Noted::fromArray($note)->toArray(), 'changed_by' => $owner->id,
            ]);
        }
        if (isset($paper['comment'])) {
            Comment::query()->create([
                'paper_id' => $given->id, 'source_id' => $sources[$paper['comment']['source']], 'guest_id' => $owner->id,
                'text' => $paper['comment']['text'],
            ]);
        }

        return $given;
    }

    /** @param  array<string, mixed>  $paper */
    private function share(Paper $given, array $paper, Guest $guest, Guest $owner): void
    {
        $share = $given->shares()->create(['may' => $paper['may'], 'token' => LinkToken::make()]);
        Invitations::join($share, $guest->id);
        if ((bool) ($paper['isHandedIn'] ?? false)) {
            $this->handIns->give($given, (string) Str::ulid(), $owner->id, $owner->name);
        }
    }

    /** @return list<array<string, mixed>> */
    private static function papers(): array
    {
        return array_map(self::read(...), glob(database_path('demo/papers/*.json')) ?: []);
    }

    /** @return array<string, mixed> */
    private static function read(string $file): array
    {
        return json_decode((string) file_get_contents($file), true, 32, JSON_THROW_ON_ERROR);
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
        $reading = self::looked($url);
        $accessed = PartialDate::parse((string) $source['accessed'])->words();
        $data = MemberIds::given($reading->source(accessed: $accessed)->toArray());

        return ['data' => $data, ...ReadingRecord::of($reading, $url)];
    }

    private static function looked(string $url): Reading
    {
        $answer = World::answer((string) parse_url($url, PHP_URL_HOST), (string) parse_url($url, PHP_URL_PATH));

        return WebPage::read($answer->body, $url);
    }
}
