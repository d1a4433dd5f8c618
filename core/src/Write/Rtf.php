<?php

declare(strict_types=1);

namespace Bibrel\Core\Write;

use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Text\Run;

/** A page as RTF 1.9, with the same paragraph settings as the .docx; lengths in twentieths of a point. */
final class Rtf
{
    public static function page(Page $page): string
    {
        $double = '\pard\plain\f0\fs24\sl480\slmult1\sb0\sa0';
        $heading = $double.'\qc '.($page->headingIsBold ? '{\b '.self::text($page->heading).'}' : self::text($page->heading)).'\par'."\n";

        return '{\rtf1\ansi\deff0{\fonttbl{\f0\froman Times New Roman;}}\paperw12240\paperh15840\margl1440\margr1440\margt1440\margb1440'."\n"
            .'{\header\pard\plain\f0\fs24\qr {\field{\*\fldinst PAGE}}\par}'."\n"
            .$heading
            .implode('', array_map(static fn (PageEntry $entry): string => $double.'\li720\fi-720 '.self::line($entry->runs).'\par'."\n".implode('', array_map(static fn (string $paragraph): string => $double.($page->family === 'mla' ? '\li1440 ' : '\li720 ').self::text($paragraph).'\par'."\n", $entry->annotation())), $page->entries))
            .'}';
    }

    /** @param  list<Run>  $runs */
    private static function line(array $runs): string
    {
        return implode('', array_map(static fn (Run $run): string => $run->italic ? '{\i '.self::text($run->text).'}' : self::text($run->text), $runs));
    }

    /** ASCII as it is, everything else as UTF-16 code units. */
    private static function text(string $text): string
    {
        $text = (string) preg_replace('/[\x00-\x1F]/', ' ', strtr($text, ['\\' => '\\\\', '{' => '\{', '}' => '\}']));

        return (string) preg_replace_callback('/[^\x00-\x7F]/u', static function (array $m): string {
            $units = unpack('n*', (string) mb_convert_encoding($m[0], 'UTF-16BE', 'UTF-8')) ?: [];

            return implode('', array_map(static fn (int $unit): string => '\u'.($unit > 32767 ? $unit - 65536 : $unit).'?', $units));
        }, $text);
    }
}
