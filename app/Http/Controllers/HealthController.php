<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Lookup\Workers;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Says which of the services after Bibrel answer: 200 where all do, 503 where one does not. */
final class HealthController
{
    public function __invoke(Workers $workers): JsonResponse
    {
        $answers = [
            'database' => self::holds(static fn (): bool => DB::select('select 1 as one')[0]->one === 1),
            'queue' => self::holds($workers->areThere(...)),
            'cache' => self::holds(self::cacheKeeps(...)),
        ];
        $all = ! in_array(false, $answers, true);
        $words = array_map(static fn (bool $answers): string => $answers ? 'answers' : 'does not answer', $answers);

        return new JsonResponse(
            $words,
            $all ? 200 : 503,
            ['Cache-Control' => 'no-store', ...($all ? [] : ['Retry-After' => '5'])],
        );
    }

    private static function cacheKeeps(): bool
    {
        $key = 'up:'.Str::random(8);
        Cache::put($key, 'kept', 10);

        return Cache::pull($key) === 'kept';
    }

    /** @param  \Closure(): bool  $check */
    private static function holds(\Closure $check): bool
    {
        try {
            return $check();
        } catch (\Throwable) {
            return false;
        }
    }
}
