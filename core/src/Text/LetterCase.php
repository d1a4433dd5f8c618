<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** What a style does to the letters of a title. */
enum LetterCase
{
    /** Headline case, with all prepositions small (MLA). */
    case Headline;
    /** Headline case, with words of four letters and more in capitals (APA, in the text). */
    case LongWords;
    case Sentence;
    /** As the title stands: in another language, of a post. */
    case Kept;

    /**
     * @param  string  $whole  the whole title, of which the text may be a part
     * @param  array<string, string>  $settled  words somebody decided about, by their small letters
     */
    public function set(string $text, string $whole, array $settled): string
    {
        return match ($this) {
            self::Headline => (new HeadlineCase($text, $whole))->text(),
            self::LongWords => (new HeadlineCase($text, $whole, 3))->text(),
            self::Sentence => (new SentenceCase($text, $whole, $settled))->text(),
            self::Kept => $text,
        };
    }
}
