<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\Core\Source\PartialDate;
use Illuminate\Foundation\Http\FormRequest;

/** A source that is to be looked up again, and the student’s day. */
final class LookUpAgain extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['nullable', 'ulid'],
            'today' => ['required', 'date_format:Y-m-d'],
        ];
    }

    /** The student's day, as one would write it. */
    public function today(): string
    {
        return PartialDate::parse((string) $this->input('today'))->words();
    }
}
