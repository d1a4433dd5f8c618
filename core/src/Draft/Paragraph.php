<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft;

/** A paragraph of a draft: what a reader sees of it. */
final readonly class Paragraph
{
    /**
     * @param  int  $place  from 0; of a note, the place of the paragraph it hangs on
     * @param  list<array{int, int}>  $italics  where italics begin and end, in bytes
     * @param  string  $note  "footnote 3"; '' for the text itself
     * @param  int  $sheet  the sheet it begins on, as the file records it; 0 where it does not
     * @param  bool  $isInTable  whether it stands in a table or a box, apart from the run of the text
     * @param  string  $node  where it stands in the file, for what is put right in it
     */
    public function __construct(
        public int $place,
        public string $text,
        public Look $look = new Look,
        public array $italics = [],
        public string $note = '',
        public int $sheet = 0,
        public bool $isInTable = false,
        public string $node = '',
    ) {
    }

    public function isEmpty(): bool
    {
        return trim($this->text) === '';
    }

    /** What it says without what stands in parentheses. */
    public function outsideParentheses(): string
    {
        return (string) preg_replace('/\([^()]*\)/u', ' ', $this->text);
    }

    /** Whether it is set in as long quotations are: half an inch or more, and does not hang. */
    public function isBlockQuotation(): bool
    {
        return $this->look->left >= 700 && $this->look->first >= 0 && ! $this->look->isListed && ! $this->isInTable;
    }
}
