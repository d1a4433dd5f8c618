<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\App\Models\Account;
use Bibrel\App\Models\Guest;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Another address, another password, or both, with the present password. */
final class ChangeAccount extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    protected function prepareForValidation(): void
    {
        if ($this->filled('email')) {
            $this->merge(['email' => Account::spelled((string) $this->input('email'))]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var Guest $guest */
        $guest = $this->user();

        return [
            'password' => ['required', 'string', 'max:200'],
            'email' => ['nullable', 'string', 'email', 'max:190', Rule::unique('accounts')->ignore($guest->id)],
            'next' => ['nullable', 'string', OpenAccount::password(), 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...OpenAccount::SENTENCES,
            'password.required' => 'Write your password as it is now, too.',
            'next.min' => OpenAccount::SENTENCES['password.min'],
            'next.max' => OpenAccount::SENTENCES['password.max'],
        ];
    }

    public function newEmail(): ?string
    {
        return $this->filled('email') ? (string) $this->input('email') : null;
    }

    public function newPassword(): ?string
    {
        return $this->filled('next') ? (string) $this->input('next') : null;
    }
}
