<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

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
    public function clipboard(Request $request, string $paper): JsonResponse
    {
        $page = Papers::find($request, $paper)->page();
        $only = $request->query('source');
        if (is_string($only)) {
            foreach ($page->entries as $entry) {
                if ($entry->source->id === strtoupper($only)) {
                    return new JsonResponse(['html' => RichText::entry($entry->runs), 'text' => $entry->text()]);
                }
            }
            abort(404);
        }

        return new JsonResponse(['html' => RichText::page($page), 'text' => PlainText::page($page)]);
    }

    public function docx(Request $request, string $paper): Response
    {
        $found = Papers::find($request, $paper);
        $name = Str::slug($found->title) ?: 'page';

        return new Response(Docx::page($found->page(), $found->runningHead(), $found->title), 200, [
            'Content-Type' => 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
            'Content-Disposition' => "attachment; filename=\"{$name}.docx\"",
            'Cache-Control' => 'private, no-store',
        ]);
    }
}
