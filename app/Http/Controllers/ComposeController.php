<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Presenter;
use Bibrel\Core\Cite\Locator;
use Bibrel\Core\Cite\Mention;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Selection;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Styles;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

final class ComposeController
{
    /** A whole byline in, the people and organisations it names out. */
    public function bylines(Request $request): JsonResponse
    {
        $input = $request->validate(['text' => ['required', 'string', 'max:4000']], ['text.max' => 'That is more than a byline. Paste only the line with the names.']);

        return new JsonResponse(['contributors' => array_map(static fn (Contributor $one): array => $one->toArray(), Bylines::contributors($input['text']))]);
    }

    /** Words selected on a page, tidied for the field they are to go into. */
    public function tidied(Request $request): JsonResponse
    {
        $input = $request->validate(['field' => ['required', 'string', 'max:60'], 'text' => ['required', 'string', 'max:2000'], 'site' => ['nullable', 'string', 'max:300']]);
        $value = Selection::tidied($input['field'], $input['text'], (string) ($input['site'] ?? ''));

        return new JsonResponse(['value' => is_string($value) ? $value : array_map(static fn (Contributor $one): array => $one->toArray(), $value)]);
    }

    /**
     * One unsaved source and a style in, its runs out. With a paper, the source takes the place of the saved one with
     * its id, and the whole page comes back, since its order and its neighbours may change.
     */
    public function compose(Request $request): JsonResponse
    {
        $input = $request->validate([
            'paper' => ['nullable', 'ulid'],
            'style' => ['required_without:paper', Rule::in(array_keys(Styles::all()))],
            'course' => ['nullable', 'array'],
            'source' => ['required', 'array'],
            'mention' => ['nullable', 'array'],
            'mention.kind' => ['nullable', Rule::in(Locator::KINDS)],
            'mention.place' => ['nullable', 'string', 'max:80'],
            'mention.quoting' => ['nullable', 'string', 'max:200'],
            'mention.later' => ['nullable', 'boolean'],
        ]);
        $said = $input['mention'] ?? [];
        $mention = Mention::of(new Locator((string) ($said['kind'] ?? 'page'), (string) ($said['place'] ?? '')), false, (string) ($said['quoting'] ?? ''), ! ($said['later'] ?? false));
        $source = Source::fromArray($input['source'], Kinds::all());
        if (isset($input['paper'])) {
            $paper = Papers::find($request, (string) $input['paper']);

            return new JsonResponse(['page' => Presenter::page($paper->page($source), $paper->styleInUse(), $source->id, $mention), 'points' => Presenter::points($source, $paper->styleInUse())]);
        }
        $style = Styles::get((string) $input['style']);
        $page = Page::compose([$source], $style, CourseRules::fromArray($input['course'] ?? []));

        return new JsonResponse(['page' => Presenter::page($page, $style, $source->id, $mention), 'points' => Presenter::points($source, $style)]);
    }
}
