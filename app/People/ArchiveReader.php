<?php

declare(strict_types=1);

namespace Bibrel\App\People;

use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Note;
use Bibrel\App\Papers\MemberIds;
use Bibrel\App\Papers\PaperChanges;
use Bibrel\App\Papers\Save;
use Bibrel\App\Papers\SourceChanges;
use Bibrel\App\Sharing\LinkToken;
use Bibrel\Core\Mix\Asked;
use Bibrel\Core\Note\Note as Noted;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Styles;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Takes an archive in again: its papers are added to those that are there, and nothing that is there is changed. */
final readonly class ArchiveReader
{
    /** As much as one of our files may hold once it is unpacked. */
    private const BYTES = 16 * 1024 * 1024;

    private const DEPTH = 40;

    private const PAPERS = 1000;

    public function __construct(private PaperChanges $papers, private SourceChanges $sources)
    {
    }

    /**
     * @return int how many papers came in
     *
     * @throws NoArchive where the file is none
     */
    public function take(string $path, Guest $guest): int
    {
        $zip = new \ZipArchive;
        if ($zip->open($path, \ZipArchive::RDONLY) !== true) {
            throw new NoArchive('This file is no archive. Choose the .zip that “Get everything” gave you.');
        }
        $index = self::index($zip);
        $guest->arrive();

        // All of it or nothing, one paper in memory at a time.
        return DB::transaction(function () use ($zip, $index, $guest): int {
            for ($i = 1; $i <= $index['papers']; $i++) {
                $this->paper(self::file($zip, sprintf(Archive::PAPER, $i)), $guest);
            }
            foreach (self::lists($index, 'courses') as $course) {
                self::course($course, $guest);
            }

            return $index['papers'];
        });
    }

    /**
     * @return array{papers: int<0, max>, courses?: mixed}
     *
     * @throws NoArchive
     */
    private static function index(\ZipArchive $zip): array
    {
        if ($zip->locateName(Archive::FILE) === false) {
            throw new NoArchive('This .zip was not made by Bibrel: “'.Archive::FILE.'” is not in it.');
        }
        $json = self::file($zip, Archive::FILE);
        if (($json['archive'] ?? null) !== 'bibrel' || ! is_int($json['papers'] ?? null)) {
            throw new NoArchive('This archive is damaged: what is in “'.Archive::FILE.'” cannot be read.');
        }
        if (($json['version'] ?? 0) > Archive::VERSION) {
            throw new NoArchive('This archive was made by a newer Bibrel than this one.');
        }
        if ($json['papers'] > self::PAPERS) {
            throw new NoArchive('This archive holds more papers than one can be given at once.');
        }

        return ['papers' => max(0, $json['papers'])] + $json;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws NoArchive
     */
    private static function file(\ZipArchive $zip, string $name): array
    {
        $stat = $zip->statName($name);
        if ($stat !== false && $stat['size'] > self::BYTES) {
            throw new NoArchive("A paper in this archive is larger than can be taken in: “{$name}”.");
        }
        $json = $stat === false ? null : json_decode((string) $zip->getFromName($name, self::BYTES), true, self::DEPTH);

        return is_array($json) ? $json : throw new NoArchive("This archive is damaged: “{$name}” cannot be read.");
    }

    /** @param  array<string, mixed>  $kept */
    private function paper(array $kept, Guest $guest): void
    {
        $settings = is_array($kept['settings'] ?? null) ? $kept['settings'] : [];
        $paper = $this->papers->save((string) Str::ulid(), new Save(0, $guest->id), self::settings($settings));
        $new = [];
        $prepared = [];
        foreach (self::lists($kept, 'sources') as $one) {
            $id = (string) Str::ulid();
            $new[is_string($one['id'] ?? null) ? $one['id'] : ''] = $id;
            $data = Source::fromArray(is_array($one['data'] ?? null) ? $one['data'] : [], Kinds::all())->toArray();
            unset($data['id']);
            $prepared[] = [
                'id' => $id,
                'data' => MemberIds::given($data),
                'reading' => self::reading($one['reading'] ?? null),
                'page_copy' => self::copy($one['page_copy'] ?? null),
            ];
        }
        if ($prepared !== []) {
            $this->sources->add($paper, $prepared, $guest->id);
        }
        foreach (self::lists($kept, 'notes') as $place => $one) {
            Note::query()->create([
                'paper_id' => $paper->id,
                'source_id' => $new[is_string($one['source'] ?? null) ? $one['source'] : '-'] ?? null,
                'data' => Noted::fromArray(is_array($one['note'] ?? null) ? $one['note'] : [])->toArray(),
                'place' => $place + 1,
                'version' => 1,
                'changed_by' => $guest->id,
            ]);
        }
    }

    /**
     * @param  array<string, mixed>  $said
     * @return array<string, mixed>
     */
    private static function settings(array $said): array
    {
        $text = static fn (string $key, int $most): string => is_string($said[$key] ?? null)
            ? mb_substr(mb_scrub($said[$key]), 0, $most)
            : '';
        $list = static fn (string $key): array => is_array($said[$key] ?? null) ? $said[$key] : [];
        $due = $text('due_on', 10);

        return [
            'title' => $text('title', 300),
            'class_name' => $text('class_name', 120),
            'due_on' => strtotime($due) !== false && preg_match('/^\d{4}-\d\d-\d\d$/', $due) === 1 ? $due : null,
            'question' => $text('question', 600),
            'style' => isset(Styles::all()[$text('style', 20)]) ? $text('style', 20) : array_key_first(Styles::all()),
            'surname' => $text('surname', 120),
            'course' => CourseRules::fromArray($list('course'))->toArray(),
            'asked' => Asked::fromArray($list('asked'))->toArray(),
        ];
    }

    /** @param  array<string, mixed>  $said */
    private static function course(array $said, Guest $guest): void
    {
        $style = is_string($said['style'] ?? null) ? $said['style'] : '';
        $due = is_string($said['due_on'] ?? null) ? substr($said['due_on'], 0, 10) : '';
        $guest->courses()->create([
            'title' => is_string($said['title'] ?? null) ? mb_substr($said['title'], 0, 200) : '',
            'due_on' => strtotime($due) !== false ? $due : null,
            'note' => is_string($said['note'] ?? null) ? mb_substr($said['note'], 0, 4000) : '',
            'style' => isset(Styles::all()[$style]) ? $style : array_key_first(Styles::all()),
            'rules' => CourseRules::fromArray(is_array($said['rules'] ?? null) ? $said['rules'] : [])->toArray(),
            'asked' => Asked::fromArray(is_array($said['asked'] ?? null) ? $said['asked'] : [])->toArray(),
            'token' => LinkToken::make(),
            'version' => 1,
        ]);
    }

    /** @return ?array<string, mixed> */
    private static function reading(mixed $said): ?array
    {
        return is_array($said) && is_array($said['findings'] ?? null) ? $said : null;
    }

    /** @return ?list<array{tag: string, text: string}> */
    private static function copy(mixed $said): ?array
    {
        $blocks = array_filter(is_array($said) ? $said : [], static fn (mixed $one): bool => is_array($one)
            && is_string($one['tag'] ?? null) && is_string($one['text'] ?? null));

        return $blocks === [] ? null : array_values(array_map(
            static fn (array $one): array => ['tag' => $one['tag'], 'text' => $one['text']],
            $blocks,
        ));
    }

    /**
     * @param  array<string, mixed>  $json
     * @return list<array<string, mixed>>
     */
    private static function lists(array $json, string $key): array
    {
        return array_values(array_filter(is_array($json[$key] ?? null) ? $json[$key] : [], is_array(...)));
    }
}
