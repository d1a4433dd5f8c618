<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\Bibtex;

use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Text\Charset;

/**
 * Reads BibTeX and BibLaTeX entries: nested braces, quoted and joined values, string macros, crossref and xdata,
 * missing
 * commas. What the fields say is read by EntryItem.
 */
final class EntryReader
{
    /** How long one value may get; no abstract is longer. */
    private const LONGEST = 200_000;

    /** What may stand between fields: commas, missing or doubled, and remarks to the end of the line. */
    private const BETWEEN = '(?:[\s,]|%[^\n]*)*+';

    private readonly string $text;

    private int $at = 0;

    /** @var array<string, string> */
    private array $macros = [];

    public function __construct(string $text)
    {
        $this->text = (new Charset($text))->toUtf8();
    }

    /**
     * @return list<array<string, mixed>> CSL-JSON items
     *
     * @throws Unreadable
     */
    public function items(): array
    {
        $entries = $this->entries();
        if ($entries === []) {
            throw new Unreadable('There is no BibTeX entry in this text. Each one begins with something like '
                .'“@book{…”.');
        }
        $inheritance = new Inheritance($entries);
        $items = [];
        foreach ($entries as $entry) {
            // What only lends its fields to others, or lists other entries, is no source.
            if ($entry['type'] !== 'xdata' && $entry['type'] !== 'set') {
                $items[] = (new EntryItem($entry['type'], $inheritance->fields($entry)))->item();
            }
        }

        return $items;
    }

    /** @return list<array{type: string, key: string, fields: array<string, string>}> */
    private function entries(): array
    {
        $entries = [];
        while (preg_match('/@\s*([A-Za-z]+)\s*[{(]/', $this->text, $m, PREG_OFFSET_CAPTURE, $this->at) === 1) {
            $type = strtolower($m[1][0]);
            $this->at = $m[0][1] + strlen($m[0][0]);
            if ($type === 'comment' || $type === 'preamble') {
                $this->braced();

                continue;
            }
            if ($type === 'string') {
                $this->macros = [...$this->macros, ...$this->fields()];

                continue;
            }
            preg_match('/\G\s*([^,\s={}"]*)\s*,?/', $this->text, $key, 0, $this->at);
            $this->at += strlen($key[0] ?? '');
            $id = $key[1] ?? '';
            $entries[] = ['type' => $type, 'key' => strtolower($id), 'fields' => ['_id' => $id, ...$this->fields()]];
        }

        return $entries;
    }

    /** @return array<string, string> up to the brace that closes the entry, or to what begins the next one */
    private function fields(): array
    {
        $fields = [];
        while (preg_match('/\G'.self::BETWEEN.'([A-Za-z][\w:.+-]*)\s*=\s*/', $this->text, $m, 0, $this->at) === 1) {
            $this->at += strlen($m[0]);
            $fields[strtolower($m[1])] = $this->value();
        }
        if (preg_match('/\G'.self::BETWEEN.'[})]/', $this->text, $m, 0, $this->at) === 1) {
            $this->at += strlen($m[0]);
        }

        return $fields;
    }

    /**
     * One value, or several joined with #.
     *
     * @throws Unreadable for strings that double one another without end
     */
    private function value(): string
    {
        $value = '';
        do {
            $next = $this->text[$this->at] ?? '';
            if ($next === '{') {
                $this->at++;
                $value .= $this->braced();
            } elseif ($next === '"') {
                $this->at++;
                $value .= $this->quoted();
            } else {
                preg_match('/\G[^\s,#{}"=]*/', $this->text, $m, 0, $this->at);
                $word = $m[0] ?? '';
                $this->at += strlen($word);
                $value .= $this->macros[strtolower($word)] ?? $word;
            }
            if (strlen($value) > self::LONGEST) {
                throw new Unreadable('A value in this text is made of so many pieces that it is longer than '.self::LONGEST
                    .' characters. Take the @string that repeats itself out, and paste it again.');
            }
            $joined = preg_match('/\G\s*#\s*/', $this->text, $m, 0, $this->at) === 1;
            $this->at += $joined ? strlen($m[0]) : 0;
        } while ($joined);

        return $value;
    }

    private function braced(): string
    {
        return $this->until('}');
    }

    private function quoted(): string
    {
        return $this->until('"');
    }

    /** The text up to the mark that closes it, outside any inner braces; to the end where nothing closes it. */
    private function until(string $mark): string
    {
        $depth = 0;
        $start = $this->at;
        $length = strlen($this->text);
        while ($this->at < $length) {
            $letter = $this->text[$this->at++];
            if ($letter === '\\') {
                $this->at++;
            } elseif ($depth === 0 && $letter === $mark) {
                return substr($this->text, $start, $this->at - $start - 1);
            } elseif ($letter === '{') {
                $depth++;
            } elseif ($letter === '}') {
                $depth--;
            }
        }

        return substr($this->text, $start);
    }
}
