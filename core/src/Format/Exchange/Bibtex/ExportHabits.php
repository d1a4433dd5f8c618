<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\Bibtex;

use Bibrel\Core\Text\Words;

/** What databases and reference managers add to the titles of the records they export, and nobody prints. */
final readonly class ExportHabits
{
    private const PROTECTED = '/^<span class="nocase">([^<]+)<\/span>$/u';

    public function __construct(private string $title)
    {
    }

    /**
     * A title without a full stop or the edition after it ("[METRO Edition]"), and without a protection of all its
     * capitals where they are those of an English headline: some programs put every title into a second pair of braces.
     */
    public function undone(): string
    {
        $title = (string) preg_replace(['/:\s*\[[^\]]*\bEdition\]$/iu', '/(?<=\p{Ll}{3})\.$/u'], '', $this->title);
        if (preg_match(self::PROTECTED, $title, $m) !== 1) {
            return $title;
        }
        $words = preg_split('/\s+/u', $m[1]) ?: [];
        $capitals = array_filter(
            array_slice($words, 1),
            static fn (string $word): bool => preg_match('/^\p{Lu}\p{Ll}{3,}$/u', $word) === 1
                && Words::isCommon(mb_strtolower($word)),
        );

        return $capitals === [] ? $title : $m[1];
    }
}
