<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Models\Paper;
use Bibrel\Core\Write\Docx;
use Bibrel\Core\Write\PlainText;
use Bibrel\Core\Write\RichText;
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
            return new JsonResponse(['html' => RichText::page($page), 'text' => PlainText::page($page)]);
        }
        foreach ($page->entries as $entry) {
            if (strcasecmp($entry->source->id, $only) === 0) {
                return new JsonResponse(['html' => RichText::entry($entry->runs), 'text' => $entry->text()]);
            }
        }
        abort(404);
    }

    public function docx(Paper $paper): Response
    {
        $name = Str::slug($paper->title) ?: 'page';

        return new Response(Docx::page($paper->load('sources')->page(), $paper->runningHead(), $paper->title), 200, [
            'Content-Type' => 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
            'Content-Disposition' => "attachment; filename=\"{$name}.docx\"",
            'Cache-Control' => 'private, no-store',
        ]);
    }
}
