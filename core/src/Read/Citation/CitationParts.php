<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Source\Dismissal;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Fix;
use Bibrel\Core\Source\Issue;

/** What an entry was taken apart into: a source in its JSON shape, and where it could be read in another way. */
final readonly class CitationParts
{
    /**
     * @param  array<string, mixed>  $source
     * @param  list<Issue>  $doubts  where the entry leaves something open
     */
    public function __construct(public array $source, public array $doubts = [])
    {
    }

    /** What an entry leaves open. With another reading it can be taken over. */
    public static function doubt(FieldPath $field, string $sentence, string $otherReading = ''): Issue
    {
        $fix = $otherReading === '' ? null : new Fix('Read it that way', $otherReading);

        return new Issue(
            'citation-doubt',
            $field,
            $sentence,
            fix: $fix,
            about: $otherReading,
            dismissal: Dismissal::IsRight,
        );
    }

    /** People an entry leaves out. */
    public static function cutShort(string $sentence): Issue
    {
        return new Issue('names-cut-short', FieldPath::contributors(), $sentence, dismissal: Dismissal::AllThere);
    }

    /**
     * The address or DOI at the end of an entry, and the entry without it.
     *
     * @return array{string, string, string} rest, doi, url
     */
    public static function address(string $text): array
    {
        if (preg_match(

            '~^(.*?)[\s.,]*(?:Retrieved (?:[^.]*? )?from\s+|Available (?:at|from):?\s+)?<?(?:https?://(?:dx\.)?doi\.org/|doi:\s?)(10\.\d{4,9}/[^\s>]+?)>?[.,]?(\s+Accessed .*)?$~u',
            $text,
            $m,
        ) === 1) {
            return [trim($m[1]).'.'.($m[3] ?? ''), $m[2], ''];
        }
        if (preg_match(

            '~^(.*?)[\s.,]*(?:Retrieved (?:[^.]*? )?from\s+|Available (?:at|from):?\s+)?<?((?:https?://|www\.)[^\s>]+?|(?<=[\s,])(?:[a-z0-9-]+\.)+[a-z]{2,}(?:/[^\s>]*?)?)>?[.,]?(\s+Accessed .*)?$~u',
            $text,
            $m,
        ) === 1) {
            $url = preg_match('~^https?://~', $m[2]) === 1 ? $m[2] : "https://{$m[2]}";

            return [trim($m[1]).'.'.($m[3] ?? ''), '', $url];
        }

        return [$text, '', ''];
    }
}
