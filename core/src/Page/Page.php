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
        public bool $linksAddresses = false,
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
        $composer = new Composer($style, $course, $memory);
        [$listed, $leftOut] = $composer->ordered(self::toCompose($sources), $withBare);
        $entries = $composer->entries($listed);

        return new self(
            $course->heading ?: $style->heading(count($entries)),
            $style->headingIsBold(),
            $entries,
            self::aside($leftOut),
            $style->annotationIndent(),
            self::doubles([...$listed, ...$leftOut]),
            $style->linksAddresses($course),
        );
    }

    /**
     * The same page, told to somebody who has an earlier state of it.
     *
     * @param  list<Source|PageSource>  $sources in any order
     * @param  list<string>  $known  the marks of the entries they have, in their order
     * @param  string  $wanted  the id of a source whose entry is wanted whole
     */
    public static function changes(
        array $sources,
        Style $style,
        CourseRules $course,
        Memory $memory,
        array $known,
        string $wanted = '',
    ): PageChanges {
        $composer = new Composer($style, $course, $memory);
        [$listed, $leftOut] = $composer->ordered(self::toCompose($sources), false);

        return new PageChanges(
            $course->heading ?: $style->heading(count($listed)),
            $style->headingIsBold(),
            PageChanges::told($composer->changed($listed, array_flip($known), $wanted), $known),
            self::aside($leftOut),
            $style->annotationIndent(),
            self::doubles([...$listed, ...$leftOut]),
        );
    }

    /**
     * @param  list<Source|PageSource>  $sources
     * @return list<PageSource>
     */
    private static function toCompose(array $sources): array
    {
        return array_map(
            static fn (Source|PageSource $one): PageSource => $one instanceof Source ? PageSource::of($one) : $one,
            $sources,
        );
    }

    /**
     * @param  list<Placed>  $leftOut
     * @return list<PageEntry>
     */
    private static function aside(array $leftOut): array
    {
        return array_map(
            static fn (Placed $one): PageEntry => new PageEntry($one->source, new EntryContext, [], []),
            $leftOut,
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
