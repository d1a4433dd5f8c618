<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

use Bibrel\Core\Source\Title;
use Bibrel\Core\Text\Markup;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\RunBuilder;
use Bibrel\Core\Text\TitleCase;

/**
 * Sets a title in its dress, with titles inside it set off the other way: roman within italics, italics within
 * quotation marks, single quotation marks within double ones.
 *
 * Source: MLA Handbook, 9th ed., 2.106–2.110.
 */
final class TitleSetter
{
    /**
     * @param  'headline'|'sentence'|'kept'  $case
     */
    public static function set(RunBuilder $line, Title $title, TitleFormat $format, string $case, string $rule, string $within): void
    {
        $keep = TitleCase::isSentenceCase($title->full());
        $cased = static fn (string $text): string => match ($case) {
            'headline' => TitleCase::headline($text, $keep),
            'sentence' => TitleCase::sentence($text, $keep),
            'kept' => $text,
        };
        if ($format === TitleFormat::Quoted) {
            $line->add('“', $rule, 'title.main');
        }
        self::spans($line, $cased($title->main), 'title.main', $format, $rule, $within);
        if ($title->subtitle !== '') {
            $line->add(preg_match('/[?!:—]$/u', $title->main) === 1 ? ' ' : ': ', $rule, 'title.subtitle', $format === TitleFormat::Italic);
            self::spans($line, $cased($title->subtitle), 'title.subtitle', $format, $rule, $within);
        }
        if ($format === TitleFormat::Quoted) {
            $line->add('”', $rule, $title->subtitle === '' ? 'title.main' : 'title.subtitle');
        }
    }

    /** Sets one title that has one field: a container's. */
    public static function setText(RunBuilder $line, string $text, string $field, TitleFormat $format, string $rule, string $within): void
    {
        if ($format === TitleFormat::Quoted) {
            $line->add('“', $rule, $field);
        }
        self::spans($line, $text, $field, $format, $rule, $within);
        if ($format === TitleFormat::Quoted) {
            $line->add('”', $rule, $field);
        }
    }

    private static function spans(RunBuilder $line, string $text, string $field, TitleFormat $format, string $rule, string $within): void
    {
        foreach (Markup::spans(Quotes::curly(Markup::withoutCase($text))) as [$words, $inner]) {
            if ($format === TitleFormat::Quoted) {
                $words = Quotes::nested($words);
            }
            $line->add($words, $inner ? $within : $rule, $field, ($format === TitleFormat::Italic) !== $inner);
        }
    }
}
