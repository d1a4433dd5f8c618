<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A line with names in it. */
final class ReadByline extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:4000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.max' => 'That is more than a byline. Paste only the line with the names.'];
    }
}
