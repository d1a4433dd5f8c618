<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

use Bibrel\Core\Source\Title;
use Bibrel\Core\Text\Line;
use Bibrel\Core\Text\Markup;
use Bibrel\Core\Text\Quotes;
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
    public static function set(Line $line, Title $title, Dress $dress, string $case, string $rule, string $within): void
    {
        $keep = TitleCase::isSentenceCase($title->full());
        $cased = static fn (string $text): string => match ($case) {
            'headline' => TitleCase::headline($text, $keep),
            'sentence' => TitleCase::sentence($text, $keep),
            'kept' => $text,
        };
        if ($dress === Dress::Quoted) {
            $line->add('“', $rule, 'title.main');
        }
        self::spans($line, $cased($title->main), 'title.main', $dress, $rule, $within);
        if ($title->subtitle !== '') {
            $line->add(preg_match('/[?!:—]$/u', $title->main) === 1 ? ' ' : ': ', $rule, 'title.subtitle', $dress === Dress::Italic);
            self::spans($line, $cased($title->subtitle), 'title.subtitle', $dress, $rule, $within);
        }
        if ($dress === Dress::Quoted) {
            $line->add('”', $rule, $title->subtitle === '' ? 'title.main' : 'title.subtitle');
        }
    }

    /** Sets one title that has one field: a container's. */
    public static function setText(Line $line, string $text, string $field, Dress $dress, string $rule, string $within): void
    {
        if ($dress === Dress::Quoted) {
            $line->add('“', $rule, $field);
        }
        self::spans($line, $text, $field, $dress, $rule, $within);
        if ($dress === Dress::Quoted) {
            $line->add('”', $rule, $field);
        }
    }

    private static function spans(Line $line, string $text, string $field, Dress $dress, string $rule, string $within): void
    {
        foreach (Markup::spans(Quotes::curly(Markup::withoutCase($text))) as [$words, $inner]) {
            if ($dress === Dress::Quoted) {
                $words = Quotes::nested($words);
            }
            $line->add($words, $inner ? $within : $rule, $field, ($dress === Dress::Italic) !== $inner);
        }
    }
}
