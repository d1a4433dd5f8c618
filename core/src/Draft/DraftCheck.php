<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft;

use Bibrel\Core\Draft\Citation\CitationCheck;
use Bibrel\Core\Draft\Citation\CitationFinder;
use Bibrel\Core\Draft\Citation\KnownSource;
use Bibrel\Core\Draft\Citation\Plain;
use Bibrel\Core\Draft\Citation\SourceIndex;
use Bibrel\Core\Draft\Layout\LayoutCheck;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Style\Style;

/** Holds a draft against the page of its sources: every citation, what is never cited, and how the paper is set. */
final readonly class DraftCheck
{
    /** @param  array<string, string>  $meant  ids of sources by what citations say, where somebody said which it is */
    public function __construct(private Page $page, private Style $style, private array $meant = [])
    {
    }

    public function report(Draft $draft): DraftReport
    {
        $index = new SourceIndex($this->page, $this->style, $this->meant);
        $list = SourceList::find($draft);
        $prose = $draft->prose($list);
        $found = (new CitationFinder($index, $prose, $this->style->citesYear()))->all();
        $check = new CitationCheck($index, $this->style);
        $citations = [];
        $cited = [];
        foreach ($found as $one) {
            $checked = $check->check($one);
            $citations[] = $checked;
            $cited += array_fill_keys($checked->sources, true);
        }
        $cited += $this->style->citesYear() ? self::dated($prose, $index) : self::mentioned($prose, $index);
        $uncited = array_keys(array_diff_key($index->sources, $cited));

        $layout = (new LayoutCheck($this->style->paper()))->issues($draft, $list);

        return new DraftReport($citations, array_map(strval(...), $uncited), $layout, $list);
    }

    /**
     * Where a style names years, a source is cited too where a paragraph says both: "In 2014, Brook counted …".
     *
     * @param  list<Paragraph>  $prose
     * @return array<string, true> ids of the sources
     */
    private static function dated(array $prose, SourceIndex $index): array
    {
        $texts = array_map(self::outsideParentheses(...), $prose);
        $dated = array_filter($index->sources, static fn (KnownSource $one): bool => array_filter(
            $one->surnames === [] || $one->published() === '' ? [] : $texts,
            static fn (string $text): bool => str_contains($text, " {$one->surnames[0]} ")
                && str_contains($text, " {$one->published()} "),
        ) !== []);

        return array_map(static fn (): bool => true, $dated);
    }

    /** What a paragraph says, as it is compared, without what stands in parentheses. */
    private static function outsideParentheses(Paragraph $paragraph): string
    {
        return ' '.(new Plain($paragraph->outsideParentheses()))->words().' ';
    }

    /**
     * Where a style names no year, the author's name in the text is a citation: whether a page is wanted beside it,
     * only a quotation tells.
     *
     * @param  list<Paragraph>  $prose
     * @return array<string, true> ids of the sources
     */
    private static function mentioned(array $prose, SourceIndex $index): array
    {
        $text = implode('', array_map(self::outsideParentheses(...), $prose));
        $mentioned = array_filter($index->sources, static function (KnownSource $one) use ($text): bool {
            foreach ([...array_slice($one->surnames, 0, 1), ...$one->groups] as $name) {
                if ($name !== '' && str_contains($text, " {$name} ")) {
                    return ! $one->sharesAuthor() || str_contains($text, " {$one->title} ");
                }
            }

            return substr_count($one->title, ' ') > 0 && str_contains($text, " {$one->title} ");
        });

        return array_map(static fn (): bool => true, $mentioned);
    }
}
