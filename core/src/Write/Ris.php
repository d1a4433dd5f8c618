<?php

declare(strict_types=1);

namespace Bibrel\Core\Write;

use Bibrel\Core\Source\Source;
use Bibrel\Core\Text\Markup;
use Bibrel\Core\Text\Vocabulary;

/** Writes RIS records. */
final class Ris
{
    private const TYPES = ['article-journal' => 'JOUR', 'article-magazine' => 'MGZN', 'article-newspaper' => 'NEWS', 'book' => 'BOOK', 'chapter' => 'CHAP', 'entry-encyclopedia' => 'ENCYC', 'entry-dictionary' => 'DICT', 'paper-conference' => 'CPAPER', 'report' => 'RPRT', 'thesis' => 'THES', 'webpage' => 'ELEC', 'post-weblog' => 'BLOG', 'post' => 'ELEC', 'motion_picture' => 'VIDEO', 'broadcast' => 'VIDEO', 'song' => 'SOUND', 'graphic' => 'ART', 'figure' => 'FIGURE', 'map' => 'MAP', 'dataset' => 'DATA', 'software' => 'COMP', 'pamphlet' => 'PAMP', 'manuscript' => 'MANSCPT', 'personal_communication' => 'PCOMM', 'speech' => 'SLIDE', 'review' => 'JOUR'];

    private const TAGS = ['title' => 'TI', 'container-title' => 'T2', 'collection-title' => 'T3', 'collection-number' => 'SV', 'publisher' => 'PB', 'publisher-place' => 'CY', 'volume' => 'VL', 'issue' => 'IS', 'edition' => 'ET', 'DOI' => 'DO', 'URL' => 'UR', 'source' => 'DB', 'language' => 'LA', 'title-short' => 'ST', 'genre' => 'M3', 'ISBN' => 'SN', 'ISSN' => 'SN', 'note' => 'N1', 'annote' => 'RN', 'abstract' => 'AB', 'container-title-short' => 'J2', 'number-of-volumes' => 'NV', 'medium' => 'C1'];

    private const PEOPLE = ['author' => 'AU', 'editor' => 'A2', 'collection-editor' => 'A3', 'translator' => 'A4'];

    /** @param  list<Source>  $sources */
    public static function records(array $sources): string
    {
        return implode("\r\n", array_map(self::record(...), $sources));
    }

    private static function record(Source $source): string
    {
        $item = CslJson::item($source);
        $lines = ['TY  - '.(self::TYPES[$source->kind->csl] ?? 'GEN')];
        if ($source->id !== '') {
            $lines[] = "ID  - {$source->id}";
        }
        foreach (self::PEOPLE as $variable => $tag) {
            foreach (is_array($item[$variable] ?? null) ? $item[$variable] : [] as $name) {
                $lines[] = "{$tag}  - ".(isset($name['literal']) ? $name['literal'] : implode(', ', array_filter([trim(($name['non-dropping-particle'] ?? '').' '.($name['family'] ?? '')), $name['given'] ?? '', $name['suffix'] ?? ''])).(isset($name['given']) ? '' : ','));
            }
        }
        foreach (self::TAGS as $variable => $tag) {
            if (is_string($item[$variable] ?? null)) {
                $lines[] = "{$tag}  - ".str_replace(["\r", "\n"], ' ', Markup::plain($item[$variable]));
            }
        }
        foreach (is_string($item['keyword'] ?? null) ? explode(', ', $item['keyword']) : [] as $word) {
            $lines[] = "KW  - {$word}";
        }
        // Tags of another record that have no name in any other format come back as they were.
        foreach (is_array($item['ris'] ?? null) ? $item['ris'] : [] as $tag => $values) {
            foreach (is_array($values) ? $values : [] as $value) {
                $lines[] = "{$tag}  - ".(is_string($value) ? $value : '');
            }
        }
        foreach (['issued' => 'PY', 'accessed' => 'Y2'] as $variable => $tag) {
            $parts = $item[$variable]['date-parts'][0] ?? null;
            $date = $variable === 'issued' ? $source->date() : $source->accessedOn();
            $words = is_array($parts) ? implode('/', array_map(static fn (int $part): string => sprintf('%02d', $part), $parts)) : ($item[$variable]['literal'] ?? '');
            // What day, month and year cannot say stands behind the third stroke.
            $words .= match (true) {
                ! $date->isDate() => '',
                $date->isSeason() => '///'.Vocabulary::all()->monthName((int) $date->month),
                $date->end !== null, $date->circa => str_repeat('/', 3 - substr_count($words, '/')).$date->edtf(),
                default => '',
            };
            if ($words !== '') {
                $lines[] = "{$tag}  - {$words}";
            }
        }
        [$from, $to] = [...explode('-', str_replace('–', '-', is_string($item['page'] ?? null) ? $item['page'] : ''), 2), ''];
        foreach (['SP' => $from, 'EP' => $to] as $tag => $page) {
            if ($page !== '') {
                $lines[] = "{$tag}  - {$page}";
            }
        }

        return implode("\r\n", [...$lines, 'ER  - ', '']);
    }
}
