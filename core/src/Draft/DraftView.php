<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft;

use Bibrel\Core\Draft\Citation\Checked;
use Bibrel\Core\Draft\Citation\CitationIssue;
use Bibrel\Core\Draft\Citation\Cite;
use Bibrel\Core\Draft\Layout\LayoutIssue;

/**
 * A draft as a screen shows it: its paragraphs in pieces, with the citations marked, and what is to be put right, each
 * with a key that stays the same when the draft is given again.
 */
final readonly class DraftView
{
    private const ITALIC = 1;

    public function __construct(private Draft $draft, private DraftReport $report)
    {
    }

    /**
     * @return array{
     *     isText: bool, header: string,
     *     paragraphs: list<array{place: int, note: string, look: string, sheet: int, breaks: bool,
     *         pieces: list<array{string, int, ?int}>}>,
     *     citations: list<array<string, mixed>>,
     *     uncited: list<array{id: string, key: string}>,
     *     layout: list<array<string, mixed>>,
     *     list: ?array{heading: string, place: int, entries: list<string>}
     * } pieces: text, 1 for italics, and the citation it belongs to
     */
    public function toArray(): array
    {
        $list = $this->report->list;
        $seen = [];
        $paragraphs = [];
        foreach ($this->draft->inOrder() as $paragraph) {
            $paragraphs[] = [
                'place' => $paragraph->place,
                'note' => $paragraph->note,
                'look' => $this->look($paragraph),
                'sheet' => $paragraph->sheet,
                'breaks' => $paragraph->look->breaksBefore,
                'pieces' => $this->pieces($paragraph),
            ];
        }

        return [
            'isText' => $this->draft->sheet === null,
            'header' => $this->draft->sheet->header ?? '',
            'paragraphs' => $paragraphs,
            'citations' => array_map(
                static function (Checked $one) use (&$seen): array {
                    return self::citation($one, $seen);
                },
                $this->report->citations,
            ),
            'uncited' => array_map(
                static fn (string $id): array => ['id' => $id, 'key' => "uncited|{$id}"],
                $this->report->uncited,
            ),
            'layout' => array_map(
                static function (LayoutIssue $one) use (&$seen): array {
                    return [...$one->toArray(), 'key' => self::key("layout|{$one->id}", $seen)];
                },
                $this->report->layout,
            ),
            'list' => $list === null ? null : [
                'heading' => trim($this->draft->paragraphs[$list->heading]->text),
                'place' => $list->heading,
                'entries' => $list->texts(),
            ],
        ];
    }

    /**
     * The same fault made again has a key of its own, so that each is settled by itself.
     *
     * @param  array<string, int>  $seen  how often keys came before
     */
    private static function key(string $key, array &$seen): string
    {
        $key = mb_substr($key, 0, 200);
        $times = $seen[$key] = ($seen[$key] ?? 0) + 1;

        return $times === 1 ? $key : "{$key}|{$times}";
    }

    /**
     * @param  array<string, int>  $seen
     * @return array<string, mixed>
     */
    private static function citation(Checked $one, array &$seen): array
    {
        $found = $one->found;

        return [
            'text' => $found->text,
            'who' => array_values(array_map(static fn (Cite $cite): string => $cite->who, $found->cites)),
            'paragraph' => $found->in->place,
            'sheet' => $found->in->sheet,
            'sentence' => trim($found->sentence),
            'sources' => $one->sources,
            'issues' => array_map(static function (CitationIssue $issue) use ($found, &$seen): array {
                return [
                    'id' => $issue->id,
                    'sentence' => $issue->sentence,
                    'key' => self::key("{$issue->id}|{$found->text}", $seen),
                ];
            }, $one->issues),
            'right' => $one->right,
            'alternatives' => $one->alternatives,
        ];
    }

    private function look(Paragraph $paragraph): string
    {
        return match (true) {
            $paragraph->note !== '' => 'note',
            $paragraph->isInTable => 'table',
            $paragraph->look->align === 'center' => 'center',
            $paragraph->look->outline > 0 => 'heading',
            $paragraph->look->first < 0 => 'hanging',
            $paragraph->isBlockQuotation() => 'block',
            $paragraph->look->first > 0 || $this->draft->sheet === null => 'indented',
            default => 'flat',
        };
    }

    /** @return list<array{string, int, ?int}> */
    private function pieces(Paragraph $paragraph): array
    {
        $edges = [0, strlen($paragraph->text)];
        $marks = [];
        foreach ($this->report->citations as $i => $one) {
            if ($one->found->in === $paragraph) {
                $marks[$i] = [$one->found->start, $one->found->start + $one->found->length];
                array_push($edges, ...$marks[$i]);
            }
        }
        foreach ($paragraph->italics as $italic) {
            array_push($edges, ...$italic);
        }
        $edges = array_values(array_unique($edges));
        sort($edges);
        $pieces = [];
        foreach (array_slice($edges, 0, -1) as $n => $from) {
            $text = substr($paragraph->text, $from, $edges[$n + 1] - $from);
            $isItalic = self::holding($paragraph->italics, $from) !== null;
            $mark = self::holding($marks, $from);
            $pieces[] = [mb_scrub($text), $isItalic ? self::ITALIC : 0, $mark];
        }

        return $pieces;
    }

    /** @param  array<int, array{int, int}>  $stretches */
    private static function holding(array $stretches, int $at): ?int
    {
        foreach ($stretches as $i => [$from, $to]) {
            if ($from <= $at && $at < $to) {
                return $i;
            }
        }

        return null;
    }
}
