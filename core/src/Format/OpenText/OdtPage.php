<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\OpenText;

use Bibrel\Core\Format\Package;
use Bibrel\Core\Format\Stretch;
use Bibrel\Core\Page\Page;

/**
 * A page as paragraphs of an open text document (ODF 1.3, part 3), with the styles they are set in. A link has a style
 * of its own without colour or underline, which word processors would give it otherwise.
 */
final class OdtPage
{
    public const NAMESPACES = 'xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0"'
        .' xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0"'
        .' xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0"'
        .' xmlns:fo="urn:oasis:names:tc:opendocument:xmlns:xsl-fo-compatible:1.0"'
        .' xmlns:svg="urn:oasis:names:tc:opendocument:xmlns:svg-compatible:1.0"'
        .' xmlns:xlink="http://www.w3.org/1999/xlink" xmlns:dc="http://purl.org/dc/elements/1.1/"';

    /** @var array<string, true> languages besides English */
    private array $languages = [];

    /**
     * @param  string  $prefix  what the styles' names begin with
     * @param  float  $size  of its letters, in points
     */
    public function __construct(
        private readonly Page $page,
        private readonly string $prefix = '',
        private readonly string $face = 'Times New Roman',
        private readonly float $size = 12,
    ) {
    }

    public function paragraphs(): string
    {
        $heading = Package::escaped($this->page->heading);
        $body = "<text:h text:style-name=\"{$this->prefix}Page_20_heading\" "
            ."text:outline-level=\"1\">{$heading}</text:h>";
        foreach ($this->page->entries as $entry) {
            $spans = implode('', array_map($this->span(...), Stretch::ofEntry($this->page, $entry)));
            $body .= "<text:p text:style-name=\"{$this->prefix}Bibliography\">{$spans}</text:p>";
            foreach ($entry->annotation() as $paragraph) {
                $text = self::spaced($paragraph);
                $body .= "<text:p text:style-name=\"{$this->prefix}Annotation\">{$text}</text:p>";
            }
        }

        return $body;
    }

    /**
     * The named styles of the paragraphs and of what stands in them.
     *
     * @param  string  $parent  the attribute that names what they are based on
     * @param  string  $master  the attribute by which the heading begins a sheet of its kind
     * @param  string  $start  the attribute that says that sheet's number
     */
    public function styles(string $parent = '', string $master = '', string $start = ''): string
    {
        $annotation = sprintf('%.2Fin', $this->page->annotationIndent);
        $weight = $this->page->headingIsBold ? 'bold' : 'normal';
        $bold = "fo:font-weight=\"{$weight}\" style:font-weight-complex=\"{$weight}\"";

        return $this->paragraphStyle(
            'Page_20_heading',
            'Page heading',
            "{$parent}{$master}",
            "fo:text-align=\"center\" fo:keep-with-next=\"always\"{$start}",
            $bold,
        )
            .$this->paragraphStyle(
                'Bibliography',
                'Bibliography',
                $parent,
                'fo:text-align="start" fo:margin-left="0.5in" fo:text-indent="-0.5in"',
            )
            .$this->paragraphStyle(
                'Annotation',
                'Annotation',
                $parent,
                "fo:text-align=\"start\" fo:margin-left=\"{$annotation}\" fo:text-indent=\"0in\"",
            )
            .$this->textStyle(
                'Title_20_in_20_entry',
                'Title in entry',
                'fo:font-style="italic" style:font-style-complex="italic"',
            )
            .$this->textStyle(
                'Address_20_in_20_entry',
                'Address in entry',
                'fo:color="#000000" style:text-underline-style="none"',
            );
    }

    /** Styles of one document's own for words in other languages. */
    public function languageStyles(): string
    {
        $xml = '';
        foreach (array_keys($this->languages) as $code) {
            [$language, $country] = [...explode('-', (string) $code), 'none'];
            foreach ([
                '' => '',
                'Italic' => ' fo:font-style="italic" style:font-style-complex="italic"',
            ] as $name => $italic) {
                $xml .= "<style:style style:name=\"{$this->prefix}L{$code}{$name}\" style:family=\"text\">"
                    ."<style:text-properties{$italic} fo:language=\"{$language}\" "
                    ."fo:country=\"{$country}\"/></style:style>";
            }
        }

        return $xml;
    }

    private function paragraphStyle(
        string $id,
        string $name,
        string $more,
        string $paragraph,
        string $text = '',
    ): string {
        $face = Package::escaped($this->face);
        $letters = "fo:font-family=\"'{$face}'\" fo:font-size=\"{$this->size}pt\" "
            ."style:font-size-asian=\"{$this->size}pt\""
            ." style:font-size-complex=\"{$this->size}pt\"";
        $display = str_replace('_20_', ' ', $this->prefix).$name;

        return "<style:style style:name=\"{$this->prefix}{$id}\" style:display-name=\"{$display}\""
            ." style:family=\"paragraph\"{$more} style:class=\"text\"><style:paragraph-properties"
            .' fo:margin-top="0in" fo:margin-bottom="0in" fo:margin-right="0in" fo:line-height="200%"'
            ." fo:orphans=\"2\" fo:widows=\"2\" {$paragraph}/><style:text-properties {$letters} "
            ."{$text}/></style:style>";
    }

    private function textStyle(string $id, string $name, string $text): string
    {
        $display = str_replace('_20_', ' ', $this->prefix).$name;

        return "<style:style style:name=\"{$this->prefix}{$id}\" style:display-name=\"{$display}\""
            ." style:family=\"text\"><style:text-properties {$text}/></style:style>";
    }

    private function span(Stretch $stretch): string
    {
        $text = self::spaced($stretch->text);
        $style = $stretch->italic ? 'Title_20_in_20_entry' : '';
        if ($stretch->language !== '') {
            $this->languages[$stretch->language] = true;
            $style = "L{$stretch->language}".($stretch->italic ? 'Italic' : '');
        }
        if ($stretch->link !== '') {
            $address = Package::escaped($stretch->link);
            $look = "{$this->prefix}Address_20_in_20_entry";

            return "<text:a xlink:type=\"simple\" xlink:href=\"{$address}\" text:style-name=\"{$look}\""
                ." text:visited-style-name=\"{$look}\">{$text}</text:a>";
        }

        return $style === '' ? $text : "<text:span text:style-name=\"{$this->prefix}{$style}\">{$text}</text:span>";
    }

    /** Spaces at the edges and next to each other, which the format would run together. */
    private static function spaced(string $text): string
    {
        return (string) preg_replace('/^ | $|(?<= ) /', '<text:s/>', Package::escaped($text));
    }
}
