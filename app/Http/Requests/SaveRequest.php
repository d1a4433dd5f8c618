<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\App\Models\Guest;
use Bibrel\App\Papers\Save;
use Illuminate\Foundation\Http\FormRequest;

/** A change under an id the browser made. */
abstract class SaveRequest extends FormRequest
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
    protected function saveRules(): array
    {
        return [
            'id' => ['required', 'ulid'],
            'version' => ['required', 'integer', 'min:0'],
            'save' => ['nullable', 'ulid'],
            'tab' => ['nullable', 'ulid'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['id.ulid' => 'The id in the address is not a ULID.'];
    }

    public function save(): Save
    {
        /** @var Guest $guest */
        $guest = $this->user();

        return new Save($this->integer('version'), $guest->id, $this->input('save'), $this->input('tab'));
    }
}
