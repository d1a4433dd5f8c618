<?php

declare(strict_types=1);

namespace Bibrel\Database\Factories;

use Bibrel\App\Models\Guest;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Guest> */
final class GuestFactory extends Factory
{
    protected $model = Guest::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['seen_on' => now()->toDateString()];
    }
}
