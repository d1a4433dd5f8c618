<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

use Bibrel\Core\Text\SentenceCase;
use Bibrel\Core\Text\Vocabulary;

/** What somebody calls a thesis, "MA thesis", "PhD diss.": which degree it was for. */
final readonly class Degree
{
    public function __construct(private string $genre)
    {
    }

    /**
     * As APA says it, "Master’s thesis" or "Doctoral dissertation"; other words as they are.
     *
     * Source: APA Publication Manual, 7th ed., 10.6.
     */
    public function work(): string
    {
        $isSaid = stripos($this->genre, 'unpublished') === 0;
        foreach ($isSaid ? [] : Vocabulary::all()->in('en', 'theses') as $work => $degree) {
            if (preg_match("/(?<![\\p{L}.])(?:{$degree})(?:['’]?s)?(?![\\p{L}])/iu", trim($this->genre)) === 1
                && preg_match('/thesis|dissertation|diss\b|^[\p{L}. ]{2,12}$/iu', $this->genre) === 1) {
                return (string) $work;
            }
        }

        return (new SentenceCase($this->genre))->text();
    }
}
