<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** Turns straight quotation marks and apostrophes into curly ones. */
final class Quotes
{
    public static function curly(string $text): string
    {
        if (strpbrk($text, '"\'') === false) {
            return $text;
        }
        $text = (string) preg_replace('/(?<=^|[\s(\[{—–“‘\/>])"(?=\S)/u', '“', $text);
        $text = str_replace('"', '”', $text);
        // An apostrophe stands for left-out figures or letters at the start of a few words: ’90s, ’tis.
        $text = (string) preg_replace("/(?<=^|[\\s(\\[“])'(?=\\d\\ds?\\b|tis\\b|twas\\b|em\\b|t\\s)/u", '’', $text);
        $text = (string) preg_replace("/(?<=^|[\\s(\\[{—–“\\/>])'(?=\\S)/u", '‘', $text);

        return str_replace("'", '’', $text);
    }

    /** The text inside an outer pair of double quotation marks: its own become single, and its single ones double. */
    public static function nested(string $text): string
    {
        // ’ is also the apostrophe: only a pair ‘…’ at word edges changes.
        $text = (string) preg_replace('/‘([^‘’]*(?:\p{L}’\p{L}[^‘’]*)*)’(?!\p{L})/u', "\u{E000}$1\u{E001}", $text);
        $text = strtr($text, ['“' => '‘', '”' => '’']);

        return strtr($text, ["\u{E000}" => '“', "\u{E001}" => '”']);
    }
}
