<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\App\Models\Account;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\ThrottleRequestsException;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;

/** An address and a password, tried at most a few times a minute. */
final class TrySignIn extends FormRequest
{
    private const TRIES = 6;

    /** The hash of a password nobody has. */
    private const NOBODY = '$2y$12$DBOzjbsEqcNXqUawUcUPY.ALHtrQV/2psQ1Np0AuydG6xM4W9uRBu';

    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:190'],
            'password' => ['required', 'string', 'max:200'],
            'lasting' => ['boolean'],
            'take' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password.required' => 'Write your password.'] + OpenAccount::SENTENCES;
    }

    /**
     * @throws ValidationException where the two do not belong together
     * @throws ThrottleRequestsException where somebody guesses
     */
    public function account(): Account
    {
        $email = Account::spelled((string) $this->input('email'));
        $key = 'sign-in:'.hash('sha256', $email).'|'.$this->ip();
        if (RateLimiter::tooManyAttempts($key, self::TRIES)) {
            throw new ThrottleRequestsException('', null, ['Retry-After' => RateLimiter::availableIn($key)]);
        }
        $account = Account::query()->where('email', $email)->first();
        // An address nobody has takes as long to refuse as a wrong password.
        $isRight = Hash::check((string) $this->input('password'), $account->password ?? self::NOBODY);
        if ($account === null || ! $isRight) {
            RateLimiter::hit($key);
            throw ValidationException::withMessages([
                'password' => 'Address and password do not belong together. Try again, or ask for a new password.',
            ]);
        }
        RateLimiter::clear($key);

        return $account;
    }
}
