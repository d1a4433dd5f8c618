<?php

declare(strict_types=1);

namespace Bibrel\Database\Factories;

use Bibrel\App\Models\SourceRecord;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<SourceRecord> */
final class SourceRecordFactory extends Factory
{
    protected $model = SourceRecord::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'paper_id' => PaperFactory::new(),
            'data' => [
                'kind' => 'book',
                'title' => ['main' => 'Moonpower'],
                'contributors' => [
                    ['id' => 'brook', 'role' => 'author', 'name' => ['given' => 'Halima', 'family' => 'Brook']],
                ],
                'containers' => [['publisher' => 'Quayside Press', 'date' => '2014']],
            ],
            'version' => 1,
        ];
    }
}
