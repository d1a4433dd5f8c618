<?php

declare(strict_types=1);

namespace Bibrel\Core\Write;

use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Text\Run;

/** A page as Markdown: a heading and a paragraph an entry, with `*` around italics and every mark of the text escaped. */
final class Markdown
{
    public static function page(Page $page): string
    {
        return '# '.self::text($page->heading)."\n\n".implode("\n\n", array_map(static fn (PageEntry $entry): string => implode("\n\n", [self::line($entry->runs), ...array_map(static fn (string $paragraph): string => '> '.self::text($paragraph), $entry->annotation())]), $page->entries))."\n";
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
                $line .= '*'.self::text($italic).'*';
                $italic = '';
            }
            $line .= self::text($run->text);
        }

        // Three hyphens at the start of a line would be a rule.
        return (string) preg_replace('/^---/', '\\-\\-\\-', $line);
    }

    private static function text(string $text): string
    {
        return (string) preg_replace('/([\\\\`*_\[\]<>#])/', '\\\\$1', $text);
    }
}
