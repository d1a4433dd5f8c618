<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Title;
use Bibrel\Core\Source\TitleFormat;
use Bibrel\Core\Text\LetterCase;
use Bibrel\Core\Text\Markup;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\RunBuilder;

/**
 * Sets titles into a line, with titles inside them set off the other way: roman within italics, italics within
 * quotation marks, single quotation marks within double ones.
 *
 * Source: MLA Handbook, 9th ed., 2.106–2.110.
 */
final readonly class TitleSetter
{
    /** @param  string  $within  the rule for a title inside a title */
    public function __construct(private RunBuilder $line, private string $within)
    {
    }

    public function title(Title $title, TitleFormat $format, LetterCase $case, string $rule): void
    {
        [$full, $settled] = [$title->full(), $title->settled()];
        $last = $title->subtitle === '' ? FieldPath::title() : FieldPath::subtitle();
        $this->quotationMark('“', $format, FieldPath::title(), $rule);
        $this->spans($case->set($title->main, $full, $settled), FieldPath::title(), $format, $rule);
        if ($title->subtitle !== '') {
            $between = preg_match('/[?!:—]$/u', $title->main) === 1 ? ' ' : ': ';
            $this->line->add($between, $rule, FieldPath::subtitle(), $format === TitleFormat::Italic);
            $this->spans($case->set($title->subtitle, $full, $settled), FieldPath::subtitle(), $format, $rule);
        }
        $this->quotationMark('”', $format, $last, $rule);
    }

    /** A title that has one field: a container's. */
    public function text(string $text, FieldPath $field, TitleFormat $format, string $rule): void
    {
        $this->quotationMark('“', $format, $field, $rule);
        $this->spans($text, $field, $format, $rule);
        $this->quotationMark('”', $format, $field, $rule);
    }

    private function quotationMark(string $mark, TitleFormat $format, FieldPath $field, string $rule): void
    {
        if ($format === TitleFormat::Quoted) {
            $this->line->add($mark, $rule, $field);
        }
    }

    private function spans(string $text, FieldPath $field, TitleFormat $format, string $rule): void
    {
        $text = Quotes::curly((new Markup($text))->withoutSpans());
        foreach ((new Markup($text))->spans() as [$words, $inner]) {
            $words = $format === TitleFormat::Quoted ? Quotes::nested($words) : $words;
            $this->line->add(
                $words,
                $inner ? $this->within : $rule,
                $field,
                ($format === TitleFormat::Italic) !== $inner,
            );
        }
    }
}
