<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\App\Models\Paper;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Figure;
use Bibrel\Core\Style\Locator;
use Bibrel\Core\Style\Styles;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** One unsaved source, and a paper or a style to compose it in. */
final class ComposeSource extends FormRequest
{
    private ?Paper $found = null;

    public function authorize(): bool
    {
        $id = $this->input('paper');
        if (! is_string($id)) {
            return true;
        }
        $this->found = Paper::query()->findOrFail($id);
        $this->user()?->can('view', $this->found) ?: abort(404);

        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'paper' => ['nullable', 'ulid'],
            'style' => ['required_without:paper', Rule::in(array_keys(Styles::all()))],
            'course' => [new Structure('set of course rules', depth: 4, bytes: 4000)],
            'source' => [new Structure('source', required: true), new SourceLimits],
            'dismissed' => ['nullable', 'array', 'max:'.config('bibrel.limits.source.dismissed')],
            'dismissed.*' => ['string', 'max:60'],
            // Marks of twelve letters each, one after the other.
            'known' => ['nullable', 'string', 'max:200000'],
            'mention' => [new Structure('place in the source', depth: 3, bytes: 2000)],
            'mention.kind' => ['nullable', Rule::in(Locator::kinds())],
            'mention.place' => ['nullable', 'string', 'max:80'],
            'mention.quoting' => ['nullable', 'string', 'max:200'],
            'mention.later' => ['nullable', 'boolean'],
            'mention.figure' => ['nullable', 'array'],
            'mention.figure.number' => ['nullable', 'string', 'max:12'],
            'mention.figure.words' => ['nullable', 'string', 'max:300'],
            'mention.figure.rights' => ['nullable', 'string', 'max:300'],
            'mention.figure.adapted' => ['nullable', 'boolean'],
        ];
    }

    public function paper(): ?Paper
    {
        return $this->found;
    }

    public function source(): Source
    {
        return Source::fromArray((array) $this->input('source'), Kinds::all());
    }

    /** @return ?list<string> ids of issues that were put aside; null for what is kept */
    public function dismissed(): ?array
    {
        return is_array($this->input('dismissed')) ? array_values($this->input('dismissed')) : null;
    }

    /** @return list<string> the marks of the entries the browser has, in its order */
    public function known(): array
    {
        $marks = (string) ($this->input('known') ?? '');

        return $marks === '' ? [] : str_split($marks, PageEntry::MARK);
    }

    public function course(): CourseRules
    {
        return CourseRules::fromArray((array) ($this->input('course') ?? []));
    }

    public function figure(): Figure
    {
        return new Figure(
            (string) ($this->input('mention.figure.number') ?? '1'),
            (string) $this->input('mention.figure.words'),
            $this->boolean('mention.figure.adapted'),
            (string) $this->input('mention.figure.rights'),
        );
    }

    public function mention(): CitationContext
    {
        $place = new Locator((string) ($this->input('mention.kind') ?? 'page'), (string) $this->input('mention.place'));

        return CitationContext::of(
            $place,
            false,
            (string) $this->input('mention.quoting'),
            ! $this->boolean('mention.later'),
        );
    }
}
