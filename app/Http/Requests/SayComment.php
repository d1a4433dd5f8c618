<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\Core\Source\FieldPath;
use Illuminate\Foundation\Http\FormRequest;

/** Something said of a paper, an entry or a field. */
final class SayComment extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, mixed> */
    public function validationData(): array
    {
        return ['id' => $this->route('id')] + $this->all();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $isField = static function (string $name, mixed $value, \Closure $fail): void {
            if ($value !== '' && (! is_string($value) || FieldPath::tryParse($value) === null)) {
                $fail('There is no such field. Reload the page.');
            }
        };

        return [
            'id' => ['required', 'ulid'],
            'source' => ['nullable', 'ulid'],
            'field' => ['nullable', $isField],
            'answers' => ['nullable', 'ulid'],
            'text' => ['required', 'string', 'max:4000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'id.ulid' => 'The id in the address is not a ULID.',
            'text.required' => 'Write something first.',
            'text.max' => 'The comment is longer than 4,000 characters. Make two of it.',
        ];
    }

    /** @return array{source_id: ?string, field: string, answers: ?string, text: string} */
    public function said(): array
    {
        $id = fn (string $key): ?string => $this->filled($key) ? strtoupper((string) $this->input($key)) : null;

        return [
            'source_id' => $id('source'),
            'field' => (string) $this->input('field'),
            'answers' => $id('answers'),
            'text' => trim((string) $this->input('text')),
        ];
    }
}
