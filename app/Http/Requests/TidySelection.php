<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Words selected on a page, and the field they are to go into. */
final class TidySelection extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'field' => ['required', 'string', 'max:60'],
            'text' => ['required', 'string', 'max:2000'],
            'site' => ['nullable', 'string', 'max:300'],
        ];
    }
}
