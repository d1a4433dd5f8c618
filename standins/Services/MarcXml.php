<?php

declare(strict_types=1);

namespace Bibrel\Standins\Services;

/** Writes a made-up record as cataloguers would: punctuation between subfields, dates of several sorts, terms in brackets. */
final class MarcXml
{
    /** @param  array<string, mixed>  $record as Catalogue makes it */
    public static function record(array $record): string
    {
        [$type, $extent, $carrier] = match ($record['form']) {
            'film' => ['g', '1 videodisc (94 min.) : sound, color ; 12 cm', 'videodisc'],
            'map' => ['e', '1 map : color ; 60 x 80 cm', 'sheet'],
            'score' => ['c', '1 score (24 pages) ; 30 cm', 'volume'],
            'recording' => ['j', '1 audio disc : digital ; 12 cm', 'audio disc'],
            'audiobook' => ['i', '8 audio discs (9 hr.) : digital', 'audio disc'],
            'ebook' => ['a', '1 online resource (xii, 288 pages)', 'online resource'],
            default => ['a', 'xii, 288 pages : illustrations ; 24 cm', 'volume'],
        };
        $year = (string) $record['year'];
        $published = $record['copyrightOnly'] ? self::field('264', ' ', '1', ['a' => "[{$record['place']}] :", 'b' => "{$record['house']},", 'c' => '[date of publication not identified]']).self::field('264', ' ', '4', ['c' => "©{$year}"]) : self::field('264', ' ', '1', ['a' => "{$record['place']} :", 'b' => "{$record['house']},", 'c' => $record['number'] % 5 === 0 ? "[{$year}]" : "{$year}."]);
        $coded = '261125'.($record['original'] ? 'r' : 's').$year.($record['original'] ?: '    ').'xx            000 0 '.$record['language'].' d';
        $people = $record['people'];
        $main = $record['edited'] || $record['form'] === 'film' ? null : array_shift($people);
        $fields = $main === null ? '' : self::field('100', '1', ' ', ['a' => "{$main['family']}, {$main['given']},", 'e' => 'author.']);
        $said = $record['subtitle'] === '' ? ['a' => "{$record['title']} /"] : ['a' => "{$record['title']} :", 'b' => "{$record['subtitle']} /"];
        $names = implode(' and ', array_map(static fn (array $one): string => "{$one['given']} {$one['family']}", $record['people']));
        $fields .= self::field('245', $main === null ? '0' : '1', '0', [...$said, 'c' => ($record['edited'] ? 'edited by ' : 'by ').$names.'.']);
        $fields .= $record['edition'] === '' ? '' : self::field('250', ' ', ' ', ['a' => $record['edition']]);
        $fields .= $published.self::field('300', ' ', ' ', ['a' => $extent]).self::field('338', ' ', ' ', ['a' => $carrier]);
        $fields .= $record['series'] === '' ? '' : self::field('490', '1', ' ', ['a' => "{$record['series']} ;", 'v' => "no. {$record['number']}"]);
        foreach ($people as $one) {
            $fields .= self::field('700', '1', ' ', ['a' => "{$one['family']}, {$one['given']},", 'e' => $record['form'] === 'film' ? 'film director.' : ($record['edited'] ? 'editor.' : 'author.')]);
        }
        if (is_array($record['translator'])) {
            $fields .= self::field('700', '1', ' ', ['a' => "{$record['translator']['family']}, {$record['translator']['given']},", 'e' => 'translator.']);
        }
        if ($record['form'] === 'audiobook') {
            $fields .= self::field('700', '1', ' ', ['a' => 'Larkin, Juno,', 'e' => 'narrator.']);
        }
        $isbn = in_array($record['form'], ['map', 'score', 'film', 'recording'], true) ? '' : self::field('020', ' ', ' ', ['a' => $record['isbn'].($record['form'] === 'ebook' ? ' (electronic book)' : ' (hardback)')]);

        return '<record xmlns="http://www.loc.gov/MARC21/slim"><leader>00000n'.$type.'m a2200000 i 4500</leader><controlfield tag="001">'.$record['id'].'</controlfield><controlfield tag="008">'.$coded.'</controlfield>'.$isbn.$fields.'</record>';
    }

    /** @param  array<string, string>  $subfields */
    private static function field(string $tag, string $first, string $second, array $subfields): string
    {
        $xml = '';
        foreach ($subfields as $code => $value) {
            $xml .= "<subfield code=\"{$code}\">".htmlspecialchars($value, ENT_XML1).'</subfield>';
        }

        return "<datafield tag=\"{$tag}\" ind1=\"{$first}\" ind2=\"{$second}\">{$xml}</datafield>";
    }
}
