<?php

declare(strict_types=1);

namespace Bibrel\Database\Factories;

use Bibrel\App\Lookup\LookupState;
use Bibrel\App\Models\LookupRecord;
use Bibrel\App\Models\Paper;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<LookupRecord> */
final class LookupRecordFactory extends Factory
{
    protected $model = LookupRecord::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return [
            'paper_id' => PaperFactory::new(),
            'guest_id' => static fn (array $values): string => Paper::query()->findOrFail($values['paper_id'])->guest_id,
            'lead' => 'https://www.slackwater.example/grain-by-moonlight',
            'today' => '24 November 2026',
            'state' => LookupState::Waiting,
        ];
    }
}
