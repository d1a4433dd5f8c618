<?php

declare(strict_types=1);

namespace Bibrel\Database\Factories;

use Bibrel\App\Models\Account;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<Account> */
final class AccountFactory extends Factory
{
    protected $model = Account::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'email' => Str::lower(Str::random(8)).'@northmere.example',
            'password' => 'wheel and water',
            'email_verified_at' => now(),
        ];
    }
}
