<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\App\Models\Account;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

/** An address and a password for a new account. */
final class OpenAccount extends FormRequest
{
    /** What is wrong with an address or a password, wherever one is given. */
    public const SENTENCES = [
        'email.required' => 'Write your e-mail address.',
        'email.email' => 'This is no e-mail address. It looks like name@school.example.',
        'email.max' => 'This address is longer than 190 characters.',
        'email.unique' => 'There is an account with this address. Sign in, or ask for a new password.',
        'password.required' => 'Choose a password.',
        'password.min' => 'Choose a password of at least 10 characters: three words will do.',
        'password.max' => 'The password is longer than 200 characters.',
    ];

    public function authorize(): bool
    {
        return true;
    }

    protected function prepareForValidation(): void
    {
        $this->merge(['email' => Account::spelled((string) $this->input('email'))]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'email', 'max:190', 'unique:accounts,email'],
            'password' => ['required', 'string', self::password(), 'max:200'],
            'name' => ['nullable', 'string', 'max:80'],
            'lasting' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return self::SENTENCES;
    }

    public static function password(): Password
    {
        return Password::min(10);
    }

    public function email(): string
    {
        return (string) $this->input('email');
    }

    public function chosen(): string
    {
        return (string) $this->input('password');
    }

    /** The guest whose papers go along: this browser's. */
    public function browser(): string
    {
        return (string) $this->attributes->get('browser');
    }
}
