<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Several sources of a paper, by their ids, and perhaps a paper they go to. */
final class SeveralSources extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ids' => ['required', 'array', 'min:1', 'max:'.config('bibrel.limits.sources')],
            'ids.*' => ['ulid'],
            'to' => ['sometimes', 'ulid'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['ids.required' => 'Choose at least one source.'];
    }

    /** @return list<string> */
    public function ids(): array
    {
        return array_values(array_map(strtoupper(...), (array) $this->input('ids')));
    }
}
