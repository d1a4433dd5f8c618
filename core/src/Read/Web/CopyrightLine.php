<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;

/** The copyright line: whose site it is, and a year that belongs to the whole site and never dates the page. */
final class CopyrightLine implements Clues
{
    private const LINE = '/(?:©|\(c\)|copyright)\s*(?:©|\(c\))?\s*((?:\d{4}\s*[-–]\s*)?\d{4})?[,.]?\s*(?:by\s+)?([^.|·•\d©]{3,80}?)?(?:\s*(?:,|\||·|•|\.|all rights|$|(\d{4})))/iu';

    public function in(Document $page): array
    {
        $publisher = self::owner($page);

        return Make::text('containers.0.publisher', $publisher, 'From the copyright line.', Confidence::Likely, true);
    }

    public static function owner(Document $page): string
    {
        $owner = trim(self::parts($page)[2] ?? '', " ,-–\t");

        return preg_match('/^(?:all rights|reserved|notice|policy|credit)|:/iu', $owner) === 1 ? '' : $owner;
    }

    /** The last year of the line; an empty string where there is none. */
    public static function year(Document $page): string
    {
        $parts = self::parts($page);
        $years = ($parts[1] ?? '') !== '' ? $parts[1] : ($parts[3] ?? '');

        return preg_match('/(\d{4})\D*$/', $years, $m) === 1 ? $m[1] : '';
    }

    /** @return array<int, string> */
    private static function parts(Document $page): array
    {
        foreach (array_reverse($page->blocks()) as $block) {
            if (mb_strlen($block['text']) < 300 && preg_match(self::LINE, $block['text'], $m) === 1) {
                return $m;
            }
        }

        return [];
    }
}
