<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

/** The labels a page prints before its values: "Artist: …", a table of two columns, a list of terms. The first of a name counts. */
final readonly class Labels
{
    /** Longer values are text. */
    private const LONGEST = 200;

    /** Labels that stand before their value in two elements of a line; elsewhere two elements are seldom a label and its value. */
    private const IN_LINES = '(?:medium|materials|medium and support|report number|report no\.|publication number|doi|collection|publisher|isbn|(?:accession|object|inventory) number)';

    /** @param  array<string, array{label: string, value: string}>  $found  by the label in small letters */
    private function __construct(public array $found)
    {
    }

    public static function of(Document $page): self
    {
        $found = [];
        foreach (self::pairs($page) as [$label, $value]) {
            if ($label !== '' && $value !== '' && mb_strlen($value) <= self::LONGEST) {
                $found[mb_strtolower(trim($label, " :\u{00A0}"))] ??= ['label' => trim($label, ' :'), 'value' => $value];
            }
        }

        return new self($found);
    }

    public function has(string ...$names): bool
    {
        return array_intersect_key(array_flip($names), $this->found) !== [];
    }

    /** The value of the first of these labels the page has; '' where it has none. */
    public function value(string ...$names): string
    {
        foreach ($names as $name) {
            if (isset($this->found[$name])) {
                return $this->found[$name]['value'];
            }
        }

        return '';
    }

    /** Where a value was found, in words. */
    public static function where(string $label): string
    {
        return "From the line “{$label}” on the page.";
    }

    /** @return list<array{string, string}> label and value */
    private static function pairs(Document $page): array
    {
        return [...self::lists($page), ...self::rows($page), ...self::lines($page), ...self::blocks($page)];
    }

    /** @return list<array{string, string}> */
    private static function lists(Document $page): array
    {
        $pairs = [];
        foreach ($page->mentions('<dt') ? $page->all('//dl/dt') : [] as $term) {
            $pairs[] = [$page->text($term), $page->text($page->all('following-sibling::*[1][self::dd]', $term)[0] ?? null)];
        }

        return $pairs;
    }

    /** @return list<array{string, string}> */
    private static function rows(Document $page): array
    {
        $pairs = [];
        foreach ($page->mentions('<tr') ? $page->all('//tr[count(*)=2]') : [] as $row) {
            $cells = $page->all('./*', $row);
            $pairs[] = [$page->text($cells[0]), $page->text($cells[1] ?? null)];
        }

        return $pairs;
    }

    /** @return list<array{string, string}> */
    private static function lines(Document $page): array
    {
        $pairs = [];
        foreach ($page->matches('~>\s*'.self::IN_LINES.'\s*:?\s*</~i') ? $page->all('//*[(self::li or self::div or self::p) and count(*)=2 and not(*[1]/*)]') : [] as $line) {
            $parts = $page->all('./*', $line);
            if (preg_match('/^'.self::IN_LINES.'\s*:?$/i', $page->text($parts[0])) === 1) {
                $pairs[] = [$page->text($parts[0]), $page->text($parts[1])];
            }
        }

        return $pairs;
    }

    /** @return list<array{string, string}> */
    private static function blocks(Document $page): array
    {
        $pairs = [];
        foreach ($page->blocks() as $i => $block) {
            // Below the copyright line a site says who keeps its machines.
            if ($i > 20 && preg_match('/^[*\s]*(?:©|copyright\b)/iu', $block['text']) === 1) {
                break;
            }
            if (strlen($block['text']) > 300 || strpbrk($block['text'][0], 'ABCDEFGHIJKLMNOPQRSTUVWXYZ') === false) {
                continue;
            }
            if (str_contains($block['text'], ': ') && preg_match('/^(\p{Lu}[\p{L}() .]{2,24}):\s+(\S.*)$/u', $block['text'], $m) === 1) {
                $pairs[] = [$m[1], $m[2]];
            } elseif (strlen($block['text']) < 80 && preg_match('/^(Taken on|Taken|Hosted by|Released|Presented by)\s+(\S[^.]*)/u', $block['text'], $m) === 1) {
                $pairs[] = [$m[1], $m[2]];
            }
        }

        return $pairs;
    }
}
