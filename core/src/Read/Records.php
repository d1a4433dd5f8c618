<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\Dismissal;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Source;

/** Reads exported records, in whichever of the formats they are. */
final class Records
{
    /**
     * @param  int  $most  how many are taken at once
     * @return list<array<string, mixed>> a reading of each, as Reading::toArray gives it
     *
     * @throws Unreadable
     */
    public static function read(string $text, int $most = PHP_INT_MAX): array
    {
        [$format, $read] = match (true) {
            preg_match('/^\s*TY\s/i', $text) === 1 => ['RIS', Ris::sources(...)],
            preg_match('/^\s*@/', $text) === 1 => ['BibTeX', Bibtex::sources(...)],
            default => ['CSL-JSON', CslJson::sources(...)],
        };
        $sources = $read($text);
        if (count($sources) > $most) {
            throw new Unreadable('There are '.count($sources)." records in this, more than the {$most} that can be "
                .'taken at once. Export fewer at a time.');
        }

        return array_map(static fn (Source $source): array => Reading::of(
            $source,
            "From the record you pasted ({$format}).",
            issues: self::cutShort($source),
        )->toArray(), $sources);
    }

    /** @return list<Issue> */
    private static function cutShort(Source $source): array
    {
        $cut = $source->custom[CslJson::CUT] ?? [];
        if (is_array($cut) && $cut !== []) {
            return [new Issue(
                'names-cut-short',
                FieldPath::contributors(),
                'The record names '.max($cut).' people. The first '.(CslJson::MOST_NAMES - 1).' and the last are '
                    .'kept, which is more than any style prints.',
                dismissal: Dismissal::AllThere,
            )];
        }

        return isset($source->custom['csl']['bibtex'][Bibtex::CUT_SHORT]) ? [new Issue(
            'names-cut-short',
            FieldPath::contributors(),
            'The record ends its names in “and others” and does not say who they are. Add them from the source: how '
                .'many there are decides how the entry begins.',
            dismissal: Dismissal::AllThere,
        )] : [];
    }
}
