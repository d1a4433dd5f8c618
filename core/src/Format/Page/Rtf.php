<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Page;

use Bibrel\Core\Format\PageFormat;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Style\RunningHead;
use Bibrel\Core\Text\AddressBreaks;
use Bibrel\Core\Text\Run;

/** RTF 1.9, with the same paragraph settings as the .docx; lengths in twentieths of a point (1440 to the inch). */
final class Rtf implements PageFormat
{
    private const START = '{\rtf1\ansi\deff0{\fonttbl{\f0\froman Times New Roman;}}'
        .'\paperw12240\paperh15840\margl1440\margr1440\margt1440\margb1440'."\n";

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
        $indent = '\li'.(int) round(1440 * $page->annotationIndent);
        $rtf = self::START.self::header($setup->head);
        $rtf .= self::paragraph(
            '\qc',
            $page->headingIsBold ? '{\b '.self::escaped($page->heading).'}' : self::escaped($page->heading),
        );
        foreach ($page->entries as $entry) {
            $rtf .= self::paragraph('\li720\fi-720', self::line($entry->runs));
            foreach ($entry->annotation() as $paragraph) {
                $rtf .= self::paragraph($indent, self::escaped($paragraph));
            }
        }

        return $rtf.'}';
    }

    /** The page number at the right, with what stands next to it; a title at the left is parted from it by a tab. */
    private static function header(RunningHead $head): string
    {
        $number = '{\field{\*\fldinst PAGE}}';
        $text = $head->text === '' ? '' : self::escaped($head->text).($head->atLeft ? '' : ' ');

        return $head->atLeft
            ? '{\header\pard\plain\f0\fs24\tqr\tx9360 '.$text.'\tab '.$number.'\par}'."\n"
            : '{\header\pard\plain\f0\fs24\qr '.$text.$number.'\par}'."\n";
    }

    private static function paragraph(string $settings, string $text): string
    {
        return "\\pard\\plain\\f0\\fs24\\sl480\\slmult1\\sb0\\sa0{$settings} {$text}\\par\n";
    }

    /** @param  list<Run>  $runs */
    private static function line(array $runs): string
    {
        return implode('', array_map(
            static fn (Run $run): string => $run->italic
                ? '{\i '.self::escaped($run->text).'}'
                : implode('\zwbo ', array_map(
                    self::escaped(...),
                    explode(AddressBreaks::MARK, $run->breakable()),
                )),
            $runs,
        ));
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
