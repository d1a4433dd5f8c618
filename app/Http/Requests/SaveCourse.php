<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\Core\Mix\Asked;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Styles;
use Illuminate\Validation\Rule;

/** What a teacher asks for. */
final class SaveCourse extends SaveRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->saveRules(),
            'title' => ['required', 'string', 'max:200'],
            'dueOn' => ['nullable', 'date_format:Y-m-d'],
            'note' => ['nullable', 'string', 'max:4000'],
            'style' => ['required', Rule::in(array_keys(Styles::all()))],
            'rules' => [new Structure('set of course rules', depth: 4, bytes: 4000)],
            'asked' => [new Structure('list of what is asked', depth: 5, bytes: 8000)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return parent::messages() + [
            'title.required' => 'Give the course a name, so that students know it is theirs.',
            'title.max' => 'The name of the course is longer than 200 characters. Shorten it.',
            'note.max' => 'The note is longer than 4,000 characters. Shorten it.',
            'dueOn.date_format' => 'The day it is due is no day. Choose one from the calendar.',
            'style.in' => 'There is no such style.',
        ];
    }

    /** @return array<string, mixed> */
    public function wanted(): array
    {
        return [
            'title' => trim((string) $this->input('title')),
            'due_on' => $this->filled('dueOn') ? (string) $this->input('dueOn') : null,
            'note' => trim((string) $this->input('note')),
            'style' => (string) $this->input('style'),
            'rules' => CourseRules::fromArray((array) ($this->input('rules') ?? []))->toArray(),
            'asked' => Asked::fromArray(['style' => ''] + (array) ($this->input('asked') ?? []))->toArray(),
        ];
    }
}
