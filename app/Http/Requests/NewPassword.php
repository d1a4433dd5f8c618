<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\App\Models\Account;
use Illuminate\Foundation\Http\FormRequest;

/** A new password, by the link in a mail. */
final class NewPassword extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:190'],
            'token' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', OpenAccount::password(), 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return OpenAccount::SENTENCES;
    }

    /** @return array{email: string, token: string, password: string} */
    public function credentials(): array
    {
        return [
            'email' => Account::spelled((string) $this->input('email')),
            'token' => (string) $this->input('token'),
            'password' => (string) $this->input('password'),
        ];
    }
}
