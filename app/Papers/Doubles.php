<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\App\Models\Paper;
use Bibrel\App\Models\SourceRecord;
use Bibrel\Core\Source\Identity;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;

/** Tells which of several new sources are on a paper already, before they are added. */
final readonly class Doubles
{
    /**
     * @param  list<array{id: string, data: array<string, mixed>, reading: array<string, mixed>, page_copy: list<mixed>}>  $prepared
     * @return array<string, string> ids of sources on the paper by those of the new ones
     */
    public function among(Paper $paper, array $prepared): array
    {
        $there = SourceRecord::query()->where('paper_id', $paper->id)->orderBy('id')->get(['id', 'data']);
        $identities = [];
        foreach ($there as $record) {
            $identities[$record->id] = Identity::of($record->source());
        }
        foreach ($prepared as $new) {
            $source = Source::fromArray(['id' => $new['id']] + $new['data'], Kinds::all());
            $identities[$new['id']] = Identity::of($source);
        }
        $known = $there->pluck('id')->flip()->all();

        return array_filter(
            array_diff_key(Identity::doubles($identities), $known),
            static fn (string $first): bool => isset($known[$first]),
        );
    }
}
