<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

use Bibrel\Core\Source\Identity;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Style;

/** A finished page: its heading and its entries in order. */
final readonly class Page
{
    /**
     * @param  list<PageEntry>  $entries
     * @param  list<PageEntry>  $leftOut  sources that have no entry; their runs are empty
     * @param  array<string, string>  $doubles  ids of sources that stand on it already, by the ids of the later ones
     * @param  float  $annotationIndent  how far annotations are set in from the margin, in inches
     */
    public function __construct(
        public string $heading,
        public bool $headingIsBold,
        public array $entries,
        public array $leftOut,
        public float $annotationIndent,
        public array $doubles = [],
    ) {
    }

    /**
     * @param  list<Source|PageSource>  $sources in any order
     * @param  bool  $withBare  whether a source of which nothing is known but where it is has an entry all the same
     */
    public static function compose(
        array $sources,
        Style $style,
        CourseRules $course,
        Memory $memory = new NoMemory,
        bool $withBare = true,
    ): self {
        $sources = array_map(
            static fn (Source|PageSource $one): PageSource => $one instanceof Source ? PageSource::of($one) : $one,
            $sources,
        );
        $composer = new Composer($style, $course, $memory);
        [$listed, $leftOut] = $composer->ordered($sources, $withBare);
        $entries = $composer->entries($listed);
        $aside = array_map(
            static fn (Placed $one): PageEntry => new PageEntry($one->source, new EntryContext, [], []),
            $leftOut,
        );

        return new self(
            $course->heading ?: $style->heading(count($entries)),
            $style->headingIsBold(),
            $entries,
            $aside,
            $style->annotationIndent(),
            self::doubles([...$listed, ...$leftOut]),
        );
    }

    /**
     * @param  list<Placed>  $placed
     * @return array<string, string>
     */
    private static function doubles(array $placed): array
    {
        $identities = [];
        foreach ($placed as $one) {
            $identities[$one->source->id] = $one->placement->identity;
        }
        ksort($identities, SORT_STRING);

        return Identity::doubles($identities);
    }
}
