<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

/** What an entry must know of its neighbours on the page. */
final readonly class EntryContext
{
    /**
     * @param  bool  $repeatsAuthor  the entry before has the same authors
     * @param  string  $yearLetter  "a", "b", ... among works by the same authors in one year
     * @param  bool  $sharesAuthor  another entry has the same authors
     * @param  bool  $sharesSurname  another first author has the same surname and is somebody else
     * @param  bool  $sharesInitial  that one has the same initial too
     * @param  int  $namesNeeded  how many authors an APA citation names before "et al." to tell it from another one
     */
    public function __construct(
        public bool $repeatsAuthor = false,
        public string $yearLetter = '',
        public bool $sharesAuthor = false,
        public bool $sharesSurname = false,
        public int $namesNeeded = 1,
        public bool $sharesInitial = false,
    ) {
    }

    /** The same for two contexts that say the same. */
    public function key(): string
    {
        return implode(
            '.',
            [
                (int) $this->repeatsAuthor,
                $this->yearLetter,
                (int) $this->sharesAuthor,
                (int) $this->sharesSurname,
                $this->namesNeeded,
                (int) $this->sharesInitial,
            ],
        );
    }
}
