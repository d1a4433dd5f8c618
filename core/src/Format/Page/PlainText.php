<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Page;

use Bibrel\Core\Format\PageFormat;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Page\Page;

/** The heading in the middle, and entries in lines of at most 80 letters, all but the first of each set in. */
final class PlainText implements PageFormat
{
    private const WIDTH = 80;

    private const INDENT = 5;

    public function id(): string
    {
        return 'txt';
    }

    public function label(): string
    {
        return 'Plain text';
    }

    public function mediaType(): string
    {
        return 'text/plain; charset=utf-8';
    }

    public function rank(): int
    {
        return 50;
    }

    public function write(Page $page, PageSetup $setup): string
    {
        $lines = [];
        foreach ($page->entries as $entry) {
            $lines[] = self::hanging($entry->text(), 0, self::INDENT);
            $indent = (int) round(2 * self::INDENT * $page->annotationIndent);
            foreach ($entry->annotation() as $paragraph) {
                $lines[] = self::hanging($paragraph, $indent, $indent);
            }
        }
        $margin = max(0, intdiv(self::WIDTH - mb_strlen($page->heading), 2));

        return str_repeat(' ', $margin).$page->heading."\n\n".implode("\n", $lines)."\n";
    }

    /** One paragraph a line, for the clipboard: whoever pastes it sets the indents there. */
    public function unbroken(Page $page): string
    {
        $lines = [];
        foreach ($page->entries as $entry) {
            array_push($lines, $entry->text(), ...$entry->annotation());
        }

        return $page->heading."\n\n".implode("\n", $lines)."\n";
    }

    /** A word longer than a line, as addresses are, stands in a line of its own. */
    private static function hanging(string $text, int $first, int $others): string
    {
        $lines = [];
        $line = str_repeat(' ', $first);
        $isEmpty = true;
        foreach (explode(' ', $text) as $word) {
            if (! $isEmpty && mb_strlen($line) + 1 + mb_strlen($word) > self::WIDTH) {
                $lines[] = $line;
                $line = str_repeat(' ', $others);
                $isEmpty = true;
            }
            $line .= $isEmpty ? $word : " {$word}";
            $isEmpty = false;
        }

        return implode("\n", [...$lines, $line]);
    }
}
