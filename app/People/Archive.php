<?php

declare(strict_types=1);

namespace Bibrel\App\People;

use Bibrel\App\Models\Course;
use Bibrel\App\Models\DraftRecord;
use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Note;
use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\App\Notes\NotesText;
use Bibrel\Core\Format\Formats;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Source\Source;
use Illuminate\Support\Str;

/**
 * Everything somebody has in one ZIP file: a folder a paper with the page, the sources and the notes in open formats, for
 * any program, and files of ours, one a paper, from which all of it can be taken in again.
 */
final class Archive
{
    /** Says that it is an archive of ours, and holds what belongs to no paper. */
    public const FILE = 'bibrel.json';

    /** Where each paper is, by its number. */
    public const PAPER = 'bibrel/%04d.json';

    public const VERSION = 1;

    /** @return string where the file is; whoever asked for it removes it */
    public function made(Guest $guest): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'bibrel-archive');
        $zip = new \ZipArchive;
        $zip->open($path, \ZipArchive::OVERWRITE);
        $papers = 0;
        foreach ($guest->papers()->with('courseOf')->orderBy('created_at')->get() as $i => $paper) {
            $all = SourceRecord::query()->where('paper_id', $paper->id)->orderBy('id')->get();
            $zip->addFromString(sprintf(self::PAPER, ++$papers), self::json(self::kept($paper, $all->all())));
            $paper->setRelation('sources', $all);
            $folder = sprintf('%02d-%s', $i + 1, Str::slug($paper->title) ?: 'paper');
            foreach (self::open($paper) as $name => $bytes) {
                $zip->addFromString("{$folder}/{$name}", $bytes);
            }
        }
        $courses = $guest->courses()->get()->map(static fn (Course $one): array => $one->only(
            ['title', 'due_on', 'note', 'style', 'rules', 'asked'],
        ))->all();
        $zip->addFromString(self::FILE, self::json([
            'archive' => 'bibrel', 'version' => self::VERSION, 'papers' => $papers, 'courses' => $courses,
        ]));
        $zip->close();

        return $path;
    }

    /** @param  array<string, mixed>  $said */
    private static function json(array $said): string
    {
        return json_encode($said, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
    }

    /** @return array<string, string> the paper in open formats, by the names of the files */
    private static function open(Paper $paper): array
    {
        $course = $paper->courseRules();
        $setup = new PageSetup($paper->runningHead(), $paper->title, $course->paper, $course->firstPage);
        $sources = array_values($paper->sources->map(static fn (SourceRecord $one): Source => $one->source())->all());
        $page = $paper->page();
        $files = [
            'page.docx' => Formats::pages()['docx']->write($page, $setup),
            'page.html' => Formats::pages()['html']->write($page, $setup),
            'sources.json' => Formats::writing()['csl-json']->write($sources),
            'notes.md' => (new NotesText($paper))->markdown(),
        ];
        $draft = DraftRecord::query()->find($paper->id);
        if ($draft !== null) {
            $files['draft-'.(preg_replace('/[^A-Za-z0-9._-]+/', '-', $draft->name) ?: 'text.txt')] = $draft->bytes;
        }

        return $files;
    }

    /**
     * @param  array<SourceRecord>  $sources
     * @return array<string, mixed>
     */
    private static function kept(Paper $paper, array $sources): array
    {
        return [
            'settings' => $paper->state(),
            'sources' => array_map(static fn (SourceRecord $one): array => [
                'id' => $one->id, 'data' => $one->data, 'reading' => $one->reading, 'page_copy' => $one->page_copy,
            ], $sources),
            'notes' => $paper->notes()->orderBy('place')->orderBy('id')->get()->map(static fn (Note $one): array => [
                'source' => $one->source_id, 'note' => $one->data,
            ])->all(),
        ];
    }
}
