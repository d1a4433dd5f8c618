<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Requests\ComposeSource;
use Bibrel\App\Http\Requests\ReadByline;
use Bibrel\App\Http\Requests\TidySelection;
use Bibrel\App\Http\Resources\PageResource;
use Bibrel\App\Models\SourceRecord;
use Bibrel\App\Papers\SourcePoints;
use Bibrel\Core\Check\HeldNames;
use Bibrel\Core\Page\NoMemory;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\NameList;
use Bibrel\Core\Read\Selection;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Style\Styles;
use Illuminate\Http\JsonResponse;

final class ComposeController
{
    /** A byline, or a list of names as entries print it, in; the people and organisations it names out. */
    public function bylines(ReadByline $request): JsonResponse
    {
        $text = (string) $request->input('text');

        return new JsonResponse([
            'contributors' => self::people((new NameList($text))->people() ?: Bylines::contributors($text)),
        ]);
    }

    /** Words selected on a page, tidied for the field they are to go into. */
    public function tidied(TidySelection $request): JsonResponse
    {
        $value = Selection::tidied(
            $request->field(),
            (string) $request->input('text'),
            (string) $request->input('site'),
        );

        return new JsonResponse(['value' => is_string($value) ? $value : self::people($value)]);
    }

    /**
     * One unsaved source and a style in, its runs out. With a paper, the source takes the place of the saved one with
     * its id, and what that changes on the page comes back, since order and neighbours may change.
     */
    public function compose(ComposeSource $request): JsonResponse
    {
        $source = $request->source();
        $paper = $request->paper();
        $style = $paper?->styleInUse() ?? Styles::get((string) $request->input('style'));
        $page = $paper?->pageChanges($source, $request->known())
            ?? Page::changes([$source], $style, $request->course(), new NoMemory, []);
        $reading = $paper === null
            ? null
            : SourceRecord::query()->where('paper_id', $paper->id)->whereKey($source->id)->first(['id', 'reading'])?->reading;
        $first = $page->doubles[$source->id] ?? null;
        $double = $first === null || $paper === null ? null : $paper->source($first);
        $dismissed = $request->dismissed() ?? $reading['dismissed'] ?? [];

        return new JsonResponse([
            'page' => new PageResource(
                $page,
                $style,
                $source->id,
                $request->mention(),
                $request->figure(),
            ),
            'issues' => (new SourcePoints($style))->of($source, $reading, $dismissed, $double),
            'names' => (new HeldNames($style))->of($source),
        ]);
    }

    /**
     * @param  array<Contributor>  $people
     * @return list<array<string, mixed>>
     */
    private static function people(array $people): array
    {
        return array_values(array_map(static fn (Contributor $one): array => $one->toArray(), $people));
    }
}
