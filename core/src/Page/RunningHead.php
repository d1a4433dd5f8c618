<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

use Bibrel\Core\Style\CourseRules;

/**
 * What stands beside the page number at the head of each sheet: the family name (MLA), nothing (a student's paper in
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

    public static function of(string $family, CourseRules $course, string $surname, string $title): self
    {
        if ($family === 'mla') {
            return new self($surname);
        }

        return $course->forJournal ? new self(self::shortened(mb_strtoupper($title)), true) : new self;
    }

    /** Cut at a word, never inside one. */
    private static function shortened(string $title): string
    {
        return mb_strlen($title) <= self::LONGEST ? $title : (string) preg_replace('/[\s,:;–—-]+\S*$/u', '', mb_substr($title, 0, self::LONGEST + 1));
    }
}
