<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Word;

use Bibrel\Core\Format\Appendix;
use Bibrel\Core\Format\Package;
use Bibrel\Core\Format\Stretch;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Text\Run;

/**
 * A page as paragraphs of OOXML (ECMA-376, part 1, 17.3), with the styles they are set in. The elements of a
 * paragraph's and a run's settings stand in the order the schema prescribes.
 */
final class WordPage
{
    /** Double, nothing between paragraphs, no single line alone at a sheet's foot or head. */
    public const DOUBLE = '<w:widowControl/><w:spacing w:before="0" w:after="0" w:line="480" w:lineRule="auto"/>';

    /** @var array<string, string> what the links lead to, by the ids of their relationships */
    private array $links = [];

    /**
     * @param  string  $heading  the id of the heading's style
     * @param  string  $entry  of the entries' style
     * @param  string  $annotation  of the annotations' style
     * @param  string  $link  what the ids of links begin with
     */
    public function __construct(
        private readonly Page $page,
        private readonly string $heading = 'Heading1',
        private readonly string $entry = 'Bibliography',
        private readonly string $annotation = 'Annotation',
        private readonly string $link = 'rIdLink',
    ) {
    }

    /** @param  string  $beforeHeading  settings of the heading's paragraph besides its style: a page break */
    public function paragraphs(string $beforeHeading = ''): string
    {
        $body = self::paragraph($this->heading, self::run(new Stretch($this->page->heading)), $beforeHeading);
        foreach ($this->page->entries as $entry) {
            $runs = array_map($this->linked(...), Stretch::ofEntry($this->page, $entry));
            $body .= self::paragraph($this->entry, implode('', $runs));
            foreach ($entry->annotation() as $paragraph) {
                $body .= self::paragraph($this->annotation, self::run(new Stretch($paragraph)));
            }
        }

        return $body;
    }

    /** What stands after the page, beginning on a sheet of its own. */
    public static function appendix(Appendix $appendix): string
    {
        $body = self::paragraph('Heading1', self::run(new Stretch($appendix->heading)), '<w:pageBreakBefore/>');
        foreach ($appendix->sections as $section) {
            $body .= self::paragraph('Heading2', self::run(new Stretch($section['heading'])));
            foreach ($section['paragraphs'] as $runs) {
                $stretches = array_map(static fn (Run $run): Stretch => new Stretch($run->text, $run->italic), $runs);
                $body .= self::paragraph('Note', implode('', array_map(self::run(...), $stretches)));
            }
        }

        return $body;
    }

    /** @return array<string, string> what the links of the paragraphs lead to, by the ids of their relationships */
    public function links(): array
    {
        return $this->links;
    }

    /** Settings of the heading's paragraph. */
    public static function headingParagraph(): string
    {
        return '<w:keepNext/>'.self::DOUBLE.'<w:jc w:val="center"/><w:outlineLvl w:val="0"/>';
    }

    public static function entryParagraph(): string
    {
        return self::DOUBLE.'<w:ind w:left="720" w:hanging="720"/>';
    }

    public function annotationParagraph(): string
    {
        return self::DOUBLE.'<w:ind w:left="'.(int) round(1440 * $this->page->annotationIndent).'"/>';
    }

    /** Settings of the heading's letters: bold or not, whatever the document's own headings are. */
    public function headingRun(): string
    {
        return $this->page->headingIsBold ? '<w:b/><w:bCs/>' : '<w:b w:val="0"/><w:bCs w:val="0"/>';
    }

    private function linked(Stretch $stretch): string
    {
        $run = self::run($stretch);
        if ($stretch->link === '') {
            return $run;
        }
        $id = array_search($stretch->link, $this->links, true) ?: $this->link.(count($this->links) + 1);
        $this->links[$id] = $stretch->link;

        return "<w:hyperlink r:id=\"{$id}\" w:history=\"1\">{$run}</w:hyperlink>";
    }

    private static function paragraph(string $style, string $runs, string $settings = ''): string
    {
        return "<w:p><w:pPr><w:pStyle w:val=\"{$style}\"/>{$settings}</w:pPr>{$runs}</w:p>";
    }

    private static function run(Stretch $stretch): string
    {
        $settings = ($stretch->italic ? '<w:i/><w:iCs/>' : '')
            .($stretch->language === '' ? '' : "<w:lang w:val=\"{$stretch->language}\"/>");

        return '<w:r>'.($settings === '' ? '' : "<w:rPr>{$settings}</w:rPr>")
            .'<w:t xml:space="preserve">'.Package::escaped($stretch->text).'</w:t></w:r>';
    }
}
