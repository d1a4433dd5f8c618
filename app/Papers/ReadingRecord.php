<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Read\Remark;

/** What is kept of a reading beside the source it became. */
final class ReadingRecord
{
    private const LONGEST_COPY = 4000;

    /** @return array{reading: array<string, mixed>, page_copy: list<array{tag: string, text: string}>} */
    public static function of(Reading $reading, string $lead): array
    {
        return [
            'reading' => [
                'lead' => mb_substr($lead, 0, 4000),
                'url' => $reading->url,
                'findings' => array_map(static fn (Finding $finding): array => [...$finding->toArray(), 'filled' => $reading->fills($finding)], $reading->findings),
                'remarks' => array_map(static fn (Remark $remark): array => $remark->toArray(), $reading->remarks),
                'settled' => [],
            ],
            'page_copy' => array_slice($reading->copy, 0, self::LONGEST_COPY),
        ];
    }
}
