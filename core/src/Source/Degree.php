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
        foreach (Vocabulary::all()->in('en', 'theses') as $work => $degree) {
            if (preg_match("/^(?:{$degree})(?:['’]?s)?(?:\\s+(?:degree\\s+)?(?:thesis|dissertation|diss\\.?))?$/iu", trim($this->genre)) === 1) {
                return (string) $work;
            }
        }

        return (new SentenceCase($this->genre))->text();
    }
}
