<?php

declare(strict_types=1);

namespace Bibrel\Database\Factories;

use Bibrel\App\Models\Paper;
use Bibrel\Core\Style\CourseRules;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Paper> */
final class PaperFactory extends Factory
{
    protected $model = Paper::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'guest_id' => GuestFactory::new(),
            'title' => 'Bread from the Moon',
            'style' => 'mla-9',
            'surname' => 'Adeyemi',
            'course' => (new CourseRules)->toArray(),
            'version' => 1,
            'revision' => 1,
        ];
    }
}
