<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

/** Turns the LaTeX of a BibTeX field into text: accents, special letters, dashes, quotation marks, commands. */
final class Latex
{
    private const ACCENTS = ['`' => "\u{300}", "'" => "\u{301}", '^' => "\u{302}", '~' => "\u{303}", '=' => "\u{304}", 'u' => "\u{306}", '.' => "\u{307}", '"' => "\u{308}", 'r' => "\u{30A}", 'H' => "\u{30B}", 'v' => "\u{30C}", 'd' => "\u{323}", 'c' => "\u{327}", 'k' => "\u{328}", 'b' => "\u{331}"];

    private const LETTERS = ['ss' => 'ß', 'ae' => 'æ', 'AE' => 'Æ', 'oe' => 'œ', 'OE' => 'Œ', 'aa' => 'å', 'AA' => 'Å', 'o' => 'ø', 'O' => 'Ø', 'l' => 'ł', 'L' => 'Ł', 'i' => 'ı', 'j' => 'ȷ', 'dh' => 'ð', 'th' => 'þ', 'textendash' => '–', 'textemdash' => '—', 'ldots' => '…', 'dots' => '…', 'textquoteright' => '’', 'textquoteleft' => '‘', 'textquotedblleft' => '“', 'textquotedblright' => '”', 'copyright' => '©', 'S' => '§', 'TeX' => 'TeX', 'LaTeX' => 'LaTeX'];

    /** @param  bool  $title  braces around capitals keep them (`nocase`), `\emph` becomes `<i>` */
    public static function text(string $latex, bool $title = false): string
    {
        $text = (string) preg_replace('/\\\\url\s*\{([^{}]*)\}/', '$1', $latex);
        $text = (string) preg_replace_callback('/\\\\([`\'^~=."])\s*(?:\{\s*\\\\?([A-Za-z])\s*\}|\\\\?([A-Za-z]))|\\\\([uvHrcdbk])\s*(?:\{\s*\\\\?([A-Za-z])\s*\}|\s\\\\?([A-Za-z]))/', self::accented(...), $text);
        $text = (string) preg_replace_callback('/\\\\([A-Za-z]+)(?:\{\}|\s+(?=\S)|(?=[^A-Za-z])|$)/', static fn (array $m): string => self::LETTERS[$m[1]] ?? $m[0], $text);
        $text = (string) preg_replace($title ? '/\\\\(?:emph|textit|it)\s*\{([^{}]*)\}/' : '/$^/', '<i>$1</i>', $text);
        $text = (string) preg_replace('/\\\\[A-Za-z]+\*?\s*(?:\[[^\]]*\])?(?=\{)/', '', $text);
        $text = (string) preg_replace('/\\\\([&%$#_{}])/', "\u{E000}$1", $text);
        $text = strtr($text, ['\\,' => ' ', '\\;' => ' ', '\\ ' => ' ', '\\-' => '', '\\/' => '', '---' => '—', '--' => '–', '``' => '“', "''" => '”', '~' => "\u{A0}"]);
        if ($title) {
            // Braces that hold a whole word or more keep its capitals; within a word they only join letters.
            $text = (string) preg_replace('/(?<![\p{L}\p{M}])\{([^{}]*\p{Lu}[^{}]*)\}(?![\p{L}])/u', '<span class="nocase">$1</span>', $text);
        }
        $text = (string) preg_replace('/(?<!\x{E000})[{}]/u', '', $text);
        $text = (string) preg_replace('/\\\\[A-Za-z]+\s?|\\\\(?=[^A-Za-z])/', '', $text);

        return trim((string) preg_replace('/[\s\x{A0}]+/u', ' ', str_replace("\u{E000}", '', $text)));
    }

    /** @param  array<int, string>  $m */
    private static function accented(array $m): string
    {
        $accent = $m[1] !== '' ? $m[1] : $m[4];
        $letter = implode('', array_slice($m, $m[1] !== '' ? 2 : 5, 2));

        return (string) \Normalizer::normalize($letter.self::ACCENTS[$accent], \Normalizer::FORM_C);
    }
}
