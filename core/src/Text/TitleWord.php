<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** Where a word stands in its title. */
final readonly class TitleWord
{
    /**
     * @param  bool  $opens  first of the title or of its subtitle
     * @param  bool  $opensInner  first of a title inside the title
     * @param  bool  $afterHyphen  a later part of a compound
     */
    public function __construct(
        public bool $opens,
        public bool $opensInner,
        public bool $closes,
        public bool $afterHyphen,
        public bool $beforeHyphen,
    ) {
    }

    /**
     * Whether every style gives it a capital: the first and the last word, and the first of a title inside the title.
     */
    public function isEdge(): bool
    {
        return $this->opens || $this->opensInner || $this->closes;
    }
}
