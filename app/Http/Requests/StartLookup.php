<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\Core\Source\PartialDate;
use Illuminate\Foundation\Http\FormRequest;

/** A lead, or several on lines of their own, to be looked up. */
final class StartLookup extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'ulid'],
            'lead' => ['present', 'nullable', 'string', 'max:1000000'],
            'today' => ['required', 'date_format:Y-m-d'],
            'take' => ['nullable', 'in:citation,whole,part'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'lead.max' => 'That is too long to be looked up. Paste one lead a line, or a smaller file.',
            'lead.string' => 'Paste the lead as text.',
        ];
    }

    public function lead(): string
    {
        return (string) ($this->input('lead') ?? '');
    }

    /** The student's day, as one would write it. */
    public function today(): string
    {
        return PartialDate::parse((string) $this->input('today'))->words();
    }
}
