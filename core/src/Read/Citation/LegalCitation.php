<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

/**
 * Cases and statutes as APA takes them over from lawyers: "Brook v. Harbour Board, 12 N.R. 344 (Northmere Supreme Court
 * 1984)", "Tide Mills Act, 42 N.S.C. § 1201 (2009)" (Publication Manual, 7th ed., ch. 11).
 */
final readonly class LegalCitation
{
    public function __construct(private string $text)
    {
    }

    /** @return ?CitationParts null for what is none */
    public function parts(): ?CitationParts
    {
        $text = $this->text;
        [$text, , $url] = CitationParts::address($text);
        $text = rtrim($text, '. ');
        if (preg_match('/^(.+? v\. .+?), (\d+) ([\p{L}. ]+?) (\d+) \((.+?) (\d{4})\)$/u', $text, $m) === 1) {
            return new CitationParts([
                'kind' => 'court-case', 'title' => ['main' => $m[1]], 'contributors' => [['role' => 'author', 'name' => ['group' => $m[5]]]],
                'containers' => [array_filter(['title' => $m[3], 'volume' => $m[2], 'pages' => $m[4], 'date' => $m[6], 'url' => $url])],
            ]);
        }
        if (preg_match('/^(.+?), (\d+) ([\p{L}. ]+?) §§? ?([\w.–-]+) \((\d{4})\)$/u', $text, $m) === 1) {
            return new CitationParts([
                'kind' => 'statute', 'title' => ['main' => $m[1]], 'contributors' => [],
                'containers' => [array_filter(['title' => $m[3], 'volume' => $m[2], 'section' => $m[4], 'date' => $m[5], 'url' => $url])],
            ]);
        }

        return null;
    }
}
