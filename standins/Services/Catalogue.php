<?php

declare(strict_types=1);

namespace Bibrel\Standins\Services;

use Bibrel\Standins\Answer;

/** A library's catalogue of 2,200 made-up records, searched over SRU 1.2 and answered in MARCXML. */
final class Catalogue
{
    private const SIZE = 2200;

    private const DEFAULT = 10;

    /** @param  array<string, string>  $query the parameters of the request */
    public static function answer(array $query): Answer
    {
        if (($query['operation'] ?? 'searchRetrieve') === 'explain' || ! isset($query['query'])) {
            return self::wrap('<explain xmlns="http://explain.z3950.org/dc/2.0/"><indexInfo><index><title>dc.title</title></index><index><title>dc.creator</title></index><index><title>bath.isbn</title></index><index><title>rec.id</title></index></indexInfo></explain>', 0);
        }
        $clauses = self::clauses($query['query']);
        if ($clauses === null) {
            return self::diagnostic(10, 'Query syntax error');
        }
        $found = [];
        foreach (self::records() as $record) {
            foreach ($clauses as [$index, $words]) {
                $has = match ($index) {
                    'dc.title' => self::all($words, $record['title'].' '.$record['subtitle']),
                    'dc.creator' => self::all($words, implode(' ', array_map(static fn (array $one): string => "{$one['given']} {$one['family']}", $record['people']))),
                    'bath.isbn' => $words === [$record['isbn']],
                    'rec.id' => $words === [mb_strtolower($record['id'])],
                    'cql.anywhere', 'cql.serverchoice' => self::all($words, $record['title'].' '.$record['subtitle'].' '.implode(' ', array_map(static fn (array $one): string => "{$one['given']} {$one['family']}", $record['people']))),
                    default => null,
                };
                if ($has === null) {
                    return self::diagnostic(16, "Unsupported index: {$index}");
                }
                if (! $has) {
                    continue 2;
                }
            }
            $found[] = $record;
        }
        $from = max(1, (int) ($query['startRecord'] ?? 1));
        $most = min(50, max(1, (int) ($query['maximumRecords'] ?? self::DEFAULT)));
        if ($found !== [] && $from > count($found)) {
            return self::diagnostic(61, 'First record position out of range');
        }
        $xml = '';
        foreach (array_slice($found, $from - 1, $most) as $i => $record) {
            $xml .= '<record><recordSchema>info:srw/schema/1/marcxml-v1.1</recordSchema><recordPacking>xml</recordPacking><recordData>'.MarcXml::record($record).'</recordData><recordPosition>'.($from + $i).'</recordPosition></record>';
        }
        $next = $from + $most <= count($found) ? '<nextRecordPosition>'.($from + $most).'</nextRecordPosition>' : '';

        return self::wrap("<records>{$xml}</records>{$next}", count($found));
    }

    /** @return list<array<string, mixed>> made anew for each request, always the same */
    public static function records(): array
    {
        $of = new Invented(20_261_125);
        $records = [];
        for ($n = 1; count($records) < self::SIZE; $n++) {
            [$title, $subtitle] = $of->title();
            $people = $of->people(3);
            $year = 1950 + $of->below(75);
            $form = $of->below(20);
            $work = [
                'title' => $title, 'subtitle' => $subtitle, 'people' => $people, 'house' => $of->house(), 'place' => $of->place(), 'year' => $year,
                'form' => match (true) {
                    $form === 0 => 'film',
                    $form === 1 => 'map',
                    $form === 2 => 'score',
                    $form === 3 => 'recording',
                    default => 'book',
                },
                'edited' => $form === 4, 'translator' => $form === 5 ? $of->person() : null, 'edition' => '', 'series' => $of->below(6) === 0 ? 'Northmere Coastal Papers' : '', 'number' => $of->below(40) + 1, 'copyrightOnly' => $of->below(9) === 0, 'original' => 0, 'language' => 'eng',
            ];
            // A work that sold has more than one edition, and one of them is not on paper.
            $editions = $work['form'] === 'book' && $of->below(4) === 0 ? [['', $year, 'book'], ['2nd ed.', $year + 6, 'book'], ['2nd ed.', $year + 8, 'ebook'], ['', $year + 9, 'audiobook']] : [['', $year, $work['form']]];
            foreach ($editions as $e => [$edition, $when, $kind]) {
                if ($when > 2026) {
                    continue;
                }
                $records[] = [...$work, 'id' => sprintf('nm%05d%s', $n, chr(97 + $e)), 'edition' => $edition, 'year' => $when, 'form' => $kind, 'isbn' => Invented::isbn($n * 10 + $e), 'original' => $kind === 'audiobook' ? $year : 0];
            }
        }

        return array_merge(self::known(), array_slice($records, 0, self::SIZE));
    }

    /**
     * The books of the demo papers, so that a student who looks for one finds it.
     *
     * @return list<array<string, mixed>>
     */
    private static function known(): array
    {
        $book = /** @param  list<array{given: string, family: string}>  $people @param  array<string, mixed>  $more */ static fn (string $id, string $title, string $subtitle, array $people, string $house, int $year, string $isbn, array $more = []): array => ['id' => $id, 'title' => $title, 'subtitle' => $subtitle, 'people' => $people, 'house' => $house, 'place' => 'Gullhaven', 'year' => $year, 'form' => 'book', 'edited' => false, 'translator' => null, 'edition' => '', 'series' => '', 'number' => 0, 'copyrightOnly' => false, 'original' => 0, 'language' => 'eng', 'isbn' => $isbn, ...$more];
        $brook = [['given' => 'Halima', 'family' => 'Brook']];

        return [
            $book('nm00000a', 'Moonpower', 'mills of the tidal coast', $brook, 'Quayside Press', 2014, '9781402894626'),
            $book('nm00000b', 'Moonpower', 'mills of the tidal coast', $brook, 'Quayside Press', 2021, Invented::isbn(2), ['edition' => 'Second edition, revised.']),
            $book('nm00000c', 'Moonpower', 'mills of the tidal coast', $brook, 'Quayside Press', 2021, Invented::isbn(3), ['form' => 'ebook', 'edition' => 'Second edition, revised.']),
            $book('nm00000d', 'Moonpower', 'mills of the tidal coast', $brook, 'Quayside Audio', 2022, Invented::isbn(4), ['form' => 'audiobook']),
            $book('nm00001a', 'The patient wheel', '', $brook, 'Northmere University Press', 2019, Invented::isbn(5), ['edition' => '2nd ed.']),
            $book('nm00002a', 'Salt roads', 'essays on a working coast', [['given' => 'Noor', 'family' => 'Castellan']], 'Northmere University Press', 2011, Invented::isbn(6), ['edited' => true]),
            $book('nm00003a', 'El molino de la marea', '', [['given' => 'Ana', 'family' => 'Ruiz']], 'Casa del Puerto', 2001, Invented::isbn(7), ['language' => 'spa']),
        ];
    }

    /** @return ?list<array{string, list<string>}> index and words; null for what is no query */
    private static function clauses(string $cql): ?array
    {
        $clauses = [];
        foreach (preg_split('/\s+and\s+(?=[\w.]+\s*(?:=|all|any|exact))/i', trim($cql)) ?: [] as $clause) {
            if (preg_match('/^(?:([\w.]+)\s*(?:=|all|any|exact|==)\s*)?(?:"((?:[^"\\\\]|\\\\.)*)"|([^\s"]+))$/i', trim($clause), $m) !== 1) {
                return null;
            }
            $words = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower(stripslashes(($m[2] ?? '') !== '' ? $m[2] : ($m[3] ?? ''))), -1, PREG_SPLIT_NO_EMPTY) ?: [];
            $index = mb_strtolower(($m[1] ?? '') !== '' ? $m[1] : 'cql.anywhere');
            $clauses[] = [$index, $index === 'bath.isbn' ? [implode('', $words)] : $words];
        }

        return $clauses;
    }

    /** @param  list<string>  $words */
    private static function all(array $words, string $in): bool
    {
        $there = array_flip(preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($in), -1, PREG_SPLIT_NO_EMPTY) ?: []);
        foreach ($words as $word) {
            if (! isset($there[$word])) {
                return false;
            }
        }

        return $words !== [];
    }

    private static function diagnostic(int $code, string $message): Answer
    {
        return self::wrap('<diagnostics><diagnostic xmlns="http://www.loc.gov/zing/srw/diagnostic/"><uri>info:srw/diagnostic/1/'.$code.'</uri><message>'.htmlspecialchars($message).'</message></diagnostic></diagnostics>', 0);
    }

    private static function wrap(string $inside, int $count): Answer
    {
        return new Answer(200, 'application/xml; charset=utf-8', '<?xml version="1.0" encoding="UTF-8"?><searchRetrieveResponse xmlns="http://www.loc.gov/zing/srw/"><version>1.2</version><numberOfRecords>'.$count.'</numberOfRecords>'.$inside.'</searchRetrieveResponse>');
    }
}
