<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Text\AddressBreaks;
use Bibrel\Core\Text\Run;

/**
 * HTML for the clipboard: paragraph settings a word processor takes over (hanging indent, double spacing), italics, and
 * nothing else: no background, no underline, no links, no colour.
 */
final readonly class RichText
{
    private const FACE = "font-family:'Times New Roman',Times,serif;font-size:12pt;line-height:200%;margin-top:0;margin-bottom:0";

    /** @param  bool  $breaksAddresses  whether addresses are told where they may go on in the next line */
    public function __construct(private Page $page, private bool $breaksAddresses = false)
    {
    }

    public function page(): string
    {
        $heading = htmlspecialchars($this->page->heading, ENT_NOQUOTES);
        $heading = $this->page->headingIsBold ? "<b>{$heading}</b>" : $heading;

        return self::paragraph('text-align:center', $heading)
            .implode('', array_map($this->annotated(...), $this->page->entries));
    }

    /** @param  list<Run>  $runs */
    public static function entry(array $runs): string
    {
        return self::paragraph('margin-left:0.5in;text-indent:-0.5in', Inline::html($runs));
    }

    private function annotated(PageEntry $entry): string
    {
        $html = self::entry($this->breaksAddresses ? array_map(
            static fn (Run $run): Run => $run->withText($run->breakable()),
            $entry->runs,
        ) : $entry->runs);
        $html = str_replace(AddressBreaks::MARK, '<wbr>', $html);
        foreach ($entry->annotation() as $paragraph) {
            $html .= self::paragraph(
                "margin-left:{$this->page->annotationIndent}in",
                htmlspecialchars($paragraph, ENT_NOQUOTES),
            );
        }

        return $html;
    }

    private static function paragraph(string $style, string $html): string
    {
        return '<p style="'.self::FACE.";{$style}\">{$html}</p>";
    }
}
