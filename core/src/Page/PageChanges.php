<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

/**
 * A page told to somebody who has an earlier state of it: the entries that are new, and where the others stand in what
 * they have. What has not changed is neither composed nor read.
 */
final readonly class PageChanges
{
    /**
     * @param  list<PageEntry|array{int, int}>  $entries in page order; a pair stands for entries that are known: where
     *         they begin there, and how many they are
     * @param  list<PageEntry>  $leftOut  sources that have no entry; their runs are empty
     * @param  array<string, string>  $doubles  ids of sources that stand on it already, by the ids of the later ones
     */
    public function __construct(
        public string $heading,
        public bool $headingIsBold,
        public array $entries,
        public array $leftOut,
        public float $annotationIndent,
        public array $doubles,
    ) {
    }

    /**
     * @param  list<PageEntry|string>  $entries  those that are new, and the marks of the others
     * @param  list<string>  $known  the marks somebody has, in their order
     * @return list<PageEntry|array{int, int}>
     */
    public static function told(array $entries, array $known): array
    {
        $places = array_flip($known);
        $told = [];
        $from = 0;
        $count = 0;
        foreach ([...$entries, null] as $entry) {
            $place = is_string($entry) ? $places[$entry] : null;
            if ($place !== null && $count > 0 && $from + $count === $place) {
                $count++;

                continue;
            }
            if ($count > 0) {
                $told[] = [$from, $count];
            }
            [$from, $count] = [$place ?? 0, $place === null ? 0 : 1];
            if ($entry instanceof PageEntry) {
                $told[] = $entry;
            }
        }

        return $told;
    }
}
