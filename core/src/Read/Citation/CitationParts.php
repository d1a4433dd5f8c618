<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

/** What an entry was taken apart into: a source in its JSON shape, and where it could be read in another way. */
final readonly class CitationParts
{
    /**
     * @param  array<string, mixed>  $source
     * @param  array<string, array{0: string, 1: string, 2?: string}>  $doubts  field => [the other reading or '' where there is none, one plain sentence, the remark's id where it is not a doubt]
     */
    public function __construct(public array $source, public array $doubts = [])
    {
    }

    /**
     * The address or DOI at the end of an entry, and the entry without it.
     *
     * @return array{string, string, string} rest, doi, url
     */
    public static function address(string $text): array
    {
        if (preg_match('~^(.*?)[\s.,]*(?:Retrieved (?:[^.]*? )?from\s+|Available (?:at|from):?\s+)?<?(?:https?://(?:dx\.)?doi\.org/|doi:\s?)(10\.\d{4,9}/[^\s>]+?)>?[.,]?(\s+Accessed .*)?$~u', $text, $m) === 1) {
            return [trim($m[1]).'.'.($m[3] ?? ''), $m[2], ''];
        }
        if (preg_match('~^(.*?)[\s.,]*(?:Retrieved (?:[^.]*? )?from\s+|Available (?:at|from):?\s+)?<?((?:https?://|www\.)[^\s>]+?|(?<=[\s,])(?:[a-z0-9-]+\.)+[a-z]{2,}/[^\s>]*?)>?[.,]?(\s+Accessed .*)?$~u', $text, $m) === 1) {
            $url = preg_match('~^https?://~', $m[2]) === 1 ? $m[2] : "https://{$m[2]}";

            return [trim($m[1]).'.'.($m[3] ?? ''), '', $url];
        }

        return [$text, '', ''];
    }
}
