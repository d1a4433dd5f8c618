<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** The version of the book of which one part was used. */
final class MakePart extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:0'],
        ];
    }
}
