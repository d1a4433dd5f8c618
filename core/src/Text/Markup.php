<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** Reads the two pieces of markup a title may carry; everything else in it is text. */
final class Markup
{
    /** @return list<array{string, bool}> stretches of text and whether each is set off by <i> */
    public static function spans(string $text): array
    {
        if (! str_contains($text, '<')) {
            return $text === '' ? [] : [[$text, false]];
        }
        $text = self::withoutCase($text);
        $spans = [];
        foreach (preg_split(
            '~(<i>.*?</i>)~us',
            $text,
            -1,
            PREG_SPLIT_DELIM_CAPTURE | PREG_SPLIT_NO_EMPTY,
        ) ?: [] as $part) {
            $inner = preg_match('~^<i>(.*)</i>$~us', $part, $m) === 1;
            if (! $inner || $m[1] !== '') {
                $spans[] = [$inner ? $m[1] : $part, $inner];
            }
        }

        return $spans;
    }

    /** Without the marks around words whose letter case is kept; the words stay. */
    public static function withoutCase(string $text): string
    {
        return str_contains($text, '<span')
            ? (string) preg_replace('~<span class="nocase">(.*?)</span>~us', '$1', $text)
            : $text;
    }

    public static function plain(string $text): string
    {
        return implode('', array_column(self::spans($text), 0));
    }
}
