<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format;

use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Draft\Paragraph;

/**
 * A draft as plain text: a line is a paragraph, and so is a block of lines that a writer's screen has broken. Empty
 * lines are no paragraphs.
 */
final readonly class PlainDraft
{
    /** Lines of a block that was broken on purpose have about this many letters. */
    private const SHORTEST = 50;

    private const LONGEST = 100;

    public function __construct(private string $text)
    {
    }

    public function draft(): Draft
    {
        $paragraphs = [];
        foreach (preg_split('/\R\s*\R/u', str_replace("\f", "\n\n", mb_scrub($this->text))) ?: [] as $block) {
            $lines = array_values(array_filter(
                preg_split('/\R/u', $block) ?: [],
                static fn (string $line): bool => trim($line) !== '',
            ));
            foreach (self::isBroken($lines) ? [implode(' ', array_map(trim(...), $lines))] : $lines as $line) {
                $paragraphs[] = new Paragraph(count($paragraphs), trim($line));
            }
        }

        return new Draft($paragraphs);
    }

    /** @param  list<string>  $lines */
    private static function isBroken(array $lines): bool
    {
        foreach (array_slice($lines, 0, -1) as $line) {
            $length = mb_strlen(trim($line));
            if ($length < self::SHORTEST || $length > self::LONGEST) {
                return false;
            }
        }

        return count($lines) > 1;
    }
}
