<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\Core\Source\FieldPath;
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
            'field' => ['required', 'string', 'max:60', self::isField(...)],
            'text' => ['required', 'string', 'max:2000'],
            'site' => ['nullable', 'string', 'max:300'],
        ];
    }

    public function field(): FieldPath
    {
        return FieldPath::parse((string) $this->input('field'));
    }

    /** @param  callable(string): mixed  $fail */
    private static function isField(string $attribute, mixed $value, callable $fail): void
    {
        if (! is_string($value) || FieldPath::tryParse($value) === null) {
            $fail('No source has such a field. Reload the page.');
        }
    }
}
