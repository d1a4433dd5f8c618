<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\Core\Format\Formats;
use Bibrel\Core\Format\Page\PlainText;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Format\RichText;
use Bibrel\Core\Source\Source;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** The ways out of a paper. */
final class PageController
{
    /** The page, or one entry of it, as rich and as plain text. */
    public function clipboard(Request $request, Paper $paper): JsonResponse
    {
        $page = $paper->load('sources')->page();
        $only = $request->query('source');
        if (! is_string($only)) {
            return new JsonResponse(['html' => (new RichText($page))->page(), 'text' => (new PlainText)->write($page)]);
        }
        foreach ($page->entries as $entry) {
            if (strcasecmp($entry->id, $only) === 0) {
                return new JsonResponse(['html' => RichText::entry($entry->runs), 'text' => $entry->text()]);
            }
        }
        abort(404);
    }

    /** The page as a document in one of the formats there are. */
    public function document(Paper $paper, string $format): Response
    {
        $document = Formats::pages()[$format] ?? abort(404);
        $setup = new PageSetup($paper->runningHead(), $paper->title);

        return self::file(
            $document->write($paper->load('sources')->page(), $setup),
            $paper,
            $format,
            $document->mediaType(),
        );
    }

    /** The sources for another program, in one of the formats there are. */
    public function sources(Paper $paper, string $format): Response
    {
        $exchange = Formats::writing()[$format] ?? abort(404);
        $sources = array_values(
            $paper->load('sources')->sources->map(static fn (SourceRecord $one): Source => $one->source())->all(),
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
