<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Models\Paper;
use Bibrel\App\Papers\Weighing;
use Bibrel\Core\Mix\Answer;
use Bibrel\Core\Mix\Measure;
use Bibrel\Core\Mix\Mix;
use Bibrel\Core\Mix\ScholarlyFinding;
use Bibrel\Core\Mix\Share;
use Bibrel\Core\Source\Source;
use Illuminate\Http\JsonResponse;

/** What the sources of a paper are, counted, and how they stand to what is asked. */
final class MixController
{
    public function show(Paper $paper): JsonResponse
    {
        $weighing = Weighing::of($paper);
        $mix = $weighing->mix;

        return new JsonResponse([
            'count' => $mix->count(),
            'measures' => array_map(static fn (Measure $measure): array => [
                'id' => $measure->id(),
                'label' => $measure->label(),
                'shares' => array_map(static fn (Share $one): array => $one->toArray(), $mix->by($measure)),
            ], Mix::measures(Weighing::thisYear())),
            'answers' => array_map(
                static fn (Answer $one): array => $one->toArray(),
                $weighing->answers($paper->asked()),
            ),
            'sources' => array_map(self::source(...), $mix->sources()),
        ]);
    }

    /** @return array<string, mixed> what is said of one source, and why */
    private static function source(Source $source): array
    {
        $finding = ScholarlyFinding::of($source);

        return [
            'id' => $source->id,
            'name' => strip_tags($source->title->main) ?: $source->kind->label,
            'primacy' => $source->primacy,
            'scholarly' => $finding->answer,
            'confidence' => $finding->confidence->value,
            'evidence' => $finding->evidence,
        ];
    }
}
