<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Page;

use Bibrel\Core\Format\PageFormat;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Text\Run;

/** A heading and a paragraph an entry, with `*` around italics and every mark of the text escaped. */
final class Markdown implements PageFormat
{
    public function id(): string
    {
        return 'md';
    }

    public function label(): string
    {
        return 'Markdown';
    }

    public function mediaType(): string
    {
        return 'text/markdown; charset=utf-8';
    }

    public function rank(): int
    {
        return 40;
    }

    public function write(Page $page, PageSetup $setup): string
    {
        $paragraphs = ['# '.self::escaped($page->heading)];
        foreach ($page->entries as $entry) {
            $paragraphs[] = self::line($entry->runs);
            foreach ($entry->annotation() as $paragraph) {
                $paragraphs[] = '> '.self::escaped($paragraph);
            }
        }

        return implode("\n\n", $paragraphs)."\n";
    }

    /** @param  list<Run>  $runs */
    private static function line(array $runs): string
    {
        $line = '';
        $italic = '';
        foreach ([...$runs, new Run('', '')] as $run) {
            if ($run->italic) {
                $italic .= $run->text;

                continue;
            }
            if ($italic !== '') {
                $line .= '*'.self::escaped($italic).'*';
                $italic = '';
            }
            $line .= self::escaped($run->text);
        }

        // Three hyphens at the start of a line would be a rule.
        return (string) preg_replace('/^---/', '\\-\\-\\-', $line);
    }

    private static function escaped(string $text): string
    {
        return (string) preg_replace('/([\\\\`*_\[\]<>#])/', '\\\\$1', $text);
    }
}
