<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

/**
 * What stands next to the page number at the head of each sheet: the family name (MLA), nothing (a student's paper in
 * APA), or the paper's title in capitals, at most 50 characters, at the left (APA as for a journal).
 *
 * Source: MLA Handbook, 9th ed., 1.4; APA Publication Manual, 7th ed., 2.8 and 2.18.
 */
final readonly class RunningHead
{
    private const LONGEST = 50;

    public function __construct(public string $text = '', public bool $atLeft = false)
    {
    }

    public static function title(string $title): self
    {
        return new self(self::shortened(mb_strtoupper($title)), true);
    }

    /** Cut at a word, never inside one. */
    private static function shortened(string $title): string
    {
        return mb_strlen($title) <= self::LONGEST
            ? $title
            : (string) preg_replace('/[\s,:;–—-]+\S*$/u', '', mb_substr($title, 0, self::LONGEST + 1));
    }
}
