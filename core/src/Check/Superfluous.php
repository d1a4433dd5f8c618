<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

/**
 * Why words of a finished citation have no place in ours: what older editions printed, and what belongs to another
 * style.
 */
final readonly class Superfluous
{
    /** By what the words look like: for which family of styles, and one plain sentence. */
    private const WORDS = [
        '/^(?:Print|Web|DVD|Film)\.?$/iu' => ['mla', 'MLA has not named the medium since its 8th edition.'],
        '/^(?:Retrieved|Available) (?:from|at):?(?:\s+(?:https?:|www\.|doi:)\S+)?$/iu' => ['apa', 'APA puts no words before an address, unless the page is made to change.'],
        '/^(?:Accessed|Retrieved)(?: on)?:? [^\/:]*(?:19|20)\d\d[.,]?(?: from)?$/iu' => [
            '',
            'The day you looked at it is left out where the source has a date of its own; your teacher may want it all the same.',
        ],
        '/^(?:pp?|pgs?|pages?)\.?$/iu' => ['apa', 'Before the pages of a periodical APA puts no “pp.”.'],
        '/^(?:vol|no|issue)\.?$/iu' => ['apa', 'APA writes volume and issue as numbers alone: 7(1).'],
        '/^\p{Lu}[\p{L}. ]*(?:, \p{Lu}{2})?:$/u' => ['', 'The place of publication is no longer printed.'],
        '/^(?:n\.\s?p\.|n\.\s?d\.|n\. pag\.),?$/iu' => ['mla', 'What a source does not have is passed over in silence since MLA’s 8th edition.'],
        '/\bet al\.?,?$/iu' => ['', '“et al.” comes back of itself once the people it stands for are added.'],
        '/^\[?(?:Online|Internet|E-?book|Electronic resource)\]?\.?,?$/iu' => ['', 'That it is online is told by its address.'],
    ];

    public function __construct(private string $words)
    {
    }

    /** @return list<string> a plain sentence for each piece of the words something is known about */
    public function why(string $family): array
    {
        $found = [];
        foreach ([$this->words, ...(preg_split('/(?<=\.)\s+(?=\p{Lu}|https?:)/u', $this->words) ?: [])] as $piece) {
            foreach (self::WORDS as $pattern => [$of, $sentence]) {
                if (($of === '' || $of === $family) && preg_match($pattern, trim($piece)) === 1) {
                    $found[] = $sentence;
                }
            }
        }

        return array_values(array_unique($found));
    }
}
