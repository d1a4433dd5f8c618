<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What the student chose of what a look-up found. */
final class ChooseOutcome extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'lead' => ['nullable', 'string', 'max:4000'],
            'take' => ['nullable', 'required_without:twice', 'in:citation,whole,part'],
            'twice' => ['nullable', 'boolean'],
        ];
    }
}
