<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\App\Notes\NotesText;
use Bibrel\Core\Format\Formats;
use Bibrel\Core\Format\Page\Markdown;
use Bibrel\Core\Format\Page\PlainText;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Format\RichText;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Source\Source;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** The ways out of a paper. */
final class PageController
{
    /** The page, or some entries of it, as rich text, as plain text and as Markdown. */
    public function clipboard(Request $request, Paper $paper): JsonResponse
    {
        $page = $paper->load('sources')->page();
        $only = self::only($request);
        if ($only === []) {
            return new JsonResponse([
                'html' => (new RichText($page))->page(),
                'text' => (new PlainText)->unbroken($page),
                'markdown' => (new Markdown)->write($page, new PageSetup),
            ]);
        }
        $entries = array_filter($page->entries, static fn (PageEntry $one): bool => isset($only[strtoupper($one->id)]));
        $html = array_map(static fn (PageEntry $one): string => RichText::entry($one->runs), $entries);
        $text = array_map(static fn (PageEntry $one): string => $one->text(), $entries);

        return $entries === [] ? abort(404) : new JsonResponse([
            'html' => implode('', $html), 'text' => implode("\n", $text),
            'markdown' => (new Markdown)->entries($page, $entries),
        ]);
    }

    /** @return array<string, true> ids of the sources that are asked for; none for all */
    private static function only(Request $request): array
    {
        $only = $request->input('only');

        return is_string($only) && $only !== '' ? array_fill_keys(explode(',', strtoupper($only)), true) : [];
    }

    /** The page as a document in one of the formats there are. */
    public function document(Request $request, Paper $paper, string $format): Response
    {
        $document = Formats::pages()[$format] ?? abort(404);
        $course = $paper->courseRules();
        $notes = $request->boolean('notes') ? (new NotesText($paper->load('sources')))->appendix() : null;
        $setup = new PageSetup($paper->runningHead(), $paper->title, $course->paper, $course->firstPage, $notes);

        return self::file(
            $document->write($paper->load('sources')->page(), $setup),
            $paper,
            $format,
            $document->mediaType(),
        );
    }

    /** The notes as text, each with its citation. */
    public function notes(Paper $paper): Response
    {
        return self::file((new NotesText($paper->load('sources')))->markdown(), $paper, 'notes.md', 'text/markdown; charset=utf-8');
    }

    /** The sources, or some of them, for another program, in one of the formats there are. */
    public function sources(Request $request, Paper $paper, string $format): Response
    {
        $only = self::only($request);
        $exchange = Formats::writing()[$format] ?? abort(404);
        $sources = array_values(
            $paper->load('sources')->sources
                ->filter(
                    static fn (SourceRecord $one): bool => $only === [] || isset($only[strtoupper($one->id)]),
                )->map(static fn (SourceRecord $one): Source => $one->source())->all(),
        );

        return self::file($exchange->write($sources), $paper, $exchange->extension(), $exchange->mediaType());
    }

    private static function file(string $bytes, Paper $paper, string $extension, string $mediaType): Response
    {
        $name = Str::slug($paper->title) ?: 'page';

        return new Response($bytes, 200, [
            'Content-Type' => $mediaType,
            'Content-Disposition' => "attachment; filename=\"{$name}.{$extension}\"",
            'Cache-Control' => 'private, no-store',
        ]);
    }
}
