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

    /**
     * @param  bool  $isDocument  whether it stands on its own, with a heading, links, languages and marks where long
     *                            addresses may go on in the next line
     */
    public function __construct(private Page $page, private bool $isDocument = false)
    {
    }

    public function page(): string
    {
        $heading = htmlspecialchars($this->page->heading, ENT_NOQUOTES);
        $weight = $this->page->headingIsBold ? 'bold' : 'normal';
        $heading = $this->isDocument
            ? '<h1 style="'.self::FACE.";text-align:center;font-weight:{$weight}\">{$heading}</h1>"
            : self::paragraph('text-align:center', $this->page->headingIsBold ? "<b>{$heading}</b>" : $heading);

        return $heading.implode('', array_map($this->annotated(...), $this->page->entries));
    }

    /** @param  list<Run>  $runs */
    public static function entry(array $runs): string
    {
        return self::hanging(Inline::html($runs));
    }

    private static function hanging(string $html): string
    {
        return self::paragraph('margin-left:0.5in;text-indent:-0.5in', $html);
    }

    private function annotated(PageEntry $entry): string
    {
        $html = $this->isDocument
            ? self::hanging(implode('', array_map(self::stretch(...), Stretch::ofEntry($this->page, $entry))))
            : self::entry($entry->runs);
        foreach ($entry->annotation() as $paragraph) {
            $html .= self::paragraph(
                "margin-left:{$this->page->annotationIndent}in",
                htmlspecialchars($paragraph, ENT_NOQUOTES),
            );
        }

        return $html;
    }

    private static function stretch(Stretch $stretch): string
    {
        $html = htmlspecialchars($stretch->text, ENT_NOQUOTES | ENT_SUBSTITUTE, 'UTF-8');
        $html = str_replace(AddressBreaks::MARK, '<wbr>', $html);
        $html = $stretch->italic ? "<i>{$html}</i>" : $html;
        $html = $stretch->language === '' ? $html : "<span lang=\"{$stretch->language}\">{$html}</span>";

        return $stretch->link === ''
            ? $html
            : '<a href="'.htmlspecialchars($stretch->link, ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8')."\">{$html}</a>";
    }

    private static function paragraph(string $style, string $html): string
    {
        return '<p style="'.self::FACE.";{$style}\">{$html}</p>";
    }
}
