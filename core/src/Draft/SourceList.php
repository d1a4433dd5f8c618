<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft;

/**
 * A list of sources that stands in a draft already: its heading, and the entries up to the end or to what follows it.
 * It is known by its heading and by what comes after it: a heading alone is a section that talks about sources.
 */
final readonly class SourceList
{
    /** How many paragraphs of a list must look like entries, of ten. */
    private const MOST = 5;

    /**
     * @param  int  $heading  the place of its heading
     * @param  int  $end  the place after its last paragraph
     * @param  list<Paragraph>  $entries
     */
    private function __construct(public int $heading, public int $end, public array $entries)
    {
    }

    public static function find(Draft $draft): ?self
    {
        $words = DraftWords::all();
        $found = null;
        foreach ($draft->paragraphs as $place => $paragraph) {
            $text = trim($paragraph->text, " \t\n\r\0\x0B:.");
            if ($text !== '' && mb_strlen($text) < 40 && $words->has('list headings', $text)) {
                $found = self::from($draft, $place) ?? $found;
            }
        }

        return $found;
    }

    public function holds(int $place): bool
    {
        return $place >= $this->heading && $place < $this->end;
    }

    /** @return list<string> its entries, each in one line, however its lines were set in */
    public function texts(): array
    {
        $texts = [];
        foreach ($this->entries as $entry) {
            $text = trim((string) preg_replace('/\s+/u', ' ', $entry->text));
            // A line set in by hand goes on with the entry before.
            if ($texts !== [] && preg_match('/^(?:\t| {3,}|\x{A0}{2,})/u', $entry->text) === 1) {
                $text = array_pop($texts)." {$text}";
            }
            $texts[] = $text;
        }

        return $texts;
    }

    private static function from(Draft $draft, int $heading): ?self
    {
        $entries = [];
        $end = count($draft->paragraphs);
        for ($place = $heading + 1; $place < $end; $place++) {
            $paragraph = $draft->paragraphs[$place];
            if ($paragraph->isEmpty()) {
                continue;
            }
            if (self::isNextPart($paragraph, $entries !== [])) {
                $end = $place;

                break;
            }
            $entries[] = $paragraph;
        }
        $likely = array_filter($entries, static fn (Paragraph $one): bool => self::isLikelyEntry($one->text));
        // Empty paragraphs before what follows belong to it only where they break the sheet.
        while ($end > $heading + 1 && $end < count($draft->paragraphs) && $draft->paragraphs[$end - 1]->isEmpty()) {
            $end--;
        }

        return count($likely) * 10 >= count($entries) * self::MOST
            && ($entries !== [] || $end === count($draft->paragraphs))
            ? new self($heading, $end, $entries)
            : null;
    }

    private static function isNextPart(Paragraph $paragraph, bool $hasEntries): bool
    {
        $text = trim($paragraph->text, " \t\n\r\0\x0B:.");
        $after = '/^'.DraftWords::all()->pattern('after the list').'(?:[:.–— ].{0,60})?$/iu';

        return mb_strlen($text) < 80 && (preg_match($after, $text) === 1
            || $hasEntries && $paragraph->look->outline > 0 && ! self::isLikelyEntry($text));
    }

    /** A date, an address, pages or a publisher's comma, and the length of an entry. */
    private static function isLikelyEntry(string $text): bool
    {
        return mb_strlen(trim($text)) > 18
            && preg_match('~\b(?:1[5-9]|20)\d\d\b|https?://|www\.|doi|\bpp?\.|n\.d\.|\bvol\.|[“”"].+\.~u', $text) === 1;
    }
}
