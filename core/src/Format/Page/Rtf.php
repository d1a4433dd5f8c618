<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Page;

use Bibrel\Core\Format\PageFormat;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Format\Stretch;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Text\AddressBreaks;

/** RTF 1.9, with the same paragraph settings as the .docx; lengths in twentieths of a point (1440 to the inch). */
final class Rtf implements PageFormat
{
    private const START = '{\rtf1\ansi\deff0\deflang1033{\fonttbl{\f0\froman Times New Roman;}}'."\n";

    /** Face, size, double spacing, nothing between paragraphs, no single line alone. */
    private const DOUBLE = '\widctlpar\sb0\sa0\sl480\slmult1';

    private const FACE = '\f0\fs24\lang1033';

    /** Numbers of languages as RTF counts them. */
    private const LANGUAGES = [
        'fr' => 1036, 'es' => 3082, 'de' => 1031, 'it' => 1040, 'pt' => 2070, 'nl' => 1043, 'sv' => 1053, 'da' => 1030,
        'nb' => 1044, 'no' => 1044, 'pl' => 1045, 'ru' => 1049, 'ca' => 1027, 'el' => 1032, 'zh' => 2052, 'ja' => 1041,
        'ko' => 1042, 'ar' => 1025, 'he' => 1037, 'tr' => 1055, 'hu' => 1038, 'cs' => 1029, 'fi' => 1035, 'la' => 1142,
    ];

    public function id(): string
    {
        return 'rtf';
    }

    public function label(): string
    {
        return 'Rich text';
    }

    public function mediaType(): string
    {
        return 'application/rtf';
    }

    public function rank(): int
    {
        return 20;
    }

    public function write(Page $page, PageSetup $setup): string
    {
        $styles = [
            '\keepn\qc'.($page->headingIsBold ? '\b' : ''),
            '\li720\fi-720',
            '\li'.(int) round(1440 * $page->annotationIndent),
        ];
        $rtf = self::START.self::styleSheet($styles).self::information($setup->title ?: $page->heading)
            .self::sheet($setup).self::header($setup);
        $rtf .= self::paragraph(1, $styles, self::escaped($page->heading));
        foreach ($page->entries as $entry) {
            $rtf .= self::paragraph(2, $styles, self::line(Stretch::ofEntry($page, $entry)));
            foreach ($entry->annotation() as $paragraph) {
                $rtf .= self::paragraph(3, $styles, self::escaped($paragraph));
            }
        }

        return $rtf.'}';
    }

    /** @param  list<string>  $styles */
    private static function styleSheet(array $styles): string
    {
        $sheet = '{\s0'.self::DOUBLE.self::FACE.' Normal;}';
        foreach (['heading 1', 'Bibliography', 'Annotation'] as $i => $name) {
            $sheet .= '{\s'.($i + 1).'\sbasedon0'.self::DOUBLE.$styles[$i].self::FACE." {$name};}";
        }

        return "{\\stylesheet{$sheet}}\n";
    }

    private static function information(string $title): string
    {
        return '{\info{\title '.self::escaped($title)."}}\n";
    }

    private static function sheet(PageSetup $setup): string
    {
        return "\\paperw{$setup->paper->width()}\\paperh{$setup->paper->height()}"
            .'\margl1440\margr1440\margt1440\margb1440\headery720'
            .($setup->firstPage === 1 ? '' : "\\pgnstart{$setup->firstPage}").'\\widowctrl\\sectd'
            .($setup->firstPage === 1 ? '' : "\\pgnrestart\\pgnstarts{$setup->firstPage}")."\n";
    }

    /** The page number at the right, with what stands next to it; a title at the left is parted from it by a tab. */
    private static function header(PageSetup $setup): string
    {
        $head = $setup->head;
        $number = "{\\field{\\*\\fldinst PAGE}{\\fldrslt {$setup->firstPage}}}";
        $text = $head->text === '' ? '' : self::escaped($head->text).($head->atLeft ? '' : ' ');

        return $head->atLeft
            ? '{\header\pard\plain\f0\fs24\tqr\tx'.$setup->paper->textWidth()." {$text}\\tab {$number}\\par}\n"
            : "{\\header\\pard\\plain\\f0\\fs24\\qr {$text}{$number}\\par}\n";
    }

    /** @param  list<string>  $styles */
    private static function paragraph(int $style, array $styles, string $text): string
    {
        return "\\pard\\plain\\s{$style}".self::DOUBLE.$styles[$style - 1].self::FACE." {$text}\\par\n";
    }

    /** @param  list<Stretch>  $stretches */
    private static function line(array $stretches): string
    {
        return implode('', array_map(static function (Stretch $stretch): string {
            $text = implode('\zwbo ', array_map(self::escaped(...), explode(AddressBreaks::MARK, $stretch->text)));
            $language = self::LANGUAGES[substr($stretch->language, 0, 2)] ?? 0;
            $settings = ($stretch->italic ? '\i' : '').($language === 0 ? '' : "\\lang{$language}");
            $text = $settings === '' ? $text : "{{$settings} {$text}}";

            return $stretch->link === ''
                ? $text
                : '{\field{\*\fldinst HYPERLINK "'.self::escaped($stretch->link)."\"}{\\fldrslt {$text}}}";
        }, $stretches));
    }

    /** ASCII as it is, everything else as UTF-16 code units. */
    private static function escaped(string $text): string
    {
        $text = (string) preg_replace('/[\x00-\x1F]/', ' ', strtr($text, ['\\' => '\\\\', '{' => '\{', '}' => '\}']));

        return (string) preg_replace_callback('/[^\x00-\x7F]/u', static function (array $m): string {
            $units = unpack('n*', (string) mb_convert_encoding($m[0], 'UTF-16BE', 'UTF-8')) ?: [];

            return implode(
                '',
                array_map(static fn (int $unit): string => '\u'.($unit > 32767 ? $unit - 65536 : $unit).'?', $units),
            );
        }, $text);
    }
}
