<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Page;

use Bibrel\Core\Format\PageFormat;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Format\Stretch;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;

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
        return '# '.self::escaped($page->heading)."\n\n".$this->entries($page, $page->entries)."\n";
    }

    /**
     * Some of a page's entries, for the clipboard.
     *
     * @param  array<array-key, PageEntry>  $entries
     */
    public function entries(Page $page, array $entries): string
    {
        $paragraphs = [];
        foreach ($entries as $entry) {
            $paragraphs[] = self::line(Stretch::ofEntry($page, $entry));
            foreach ($entry->annotation() as $paragraph) {
                $paragraphs[] = '> '.self::escaped($paragraph);
            }
        }

        return implode("\n\n", $paragraphs);
    }

    /** @param  list<Stretch>  $stretches */
    private static function line(array $stretches): string
    {
        $line = '';
        $italic = '';
        foreach ([...$stretches, new Stretch('')] as $stretch) {
            if ($stretch->italic) {
                $italic .= $stretch->plain();

                continue;
            }
            if ($italic !== '') {
                $line .= '*'.self::escaped($italic).'*';
                $italic = '';
            }
            $line .= self::linked($stretch);
        }

        // Three hyphens at the start of a line would be a rule.
        return (string) preg_replace('/^---/', '\\-\\-\\-', $line);
    }

    /** A link as the address itself in angle brackets, or with the text that stands for it. */
    private static function linked(Stretch $stretch): string
    {
        $text = $stretch->plain();

        return match (true) {
            $stretch->link === '' => self::escaped($text),
            $stretch->link === $text && preg_match('/[\s<>]/', $text) !== 1 => "<{$text}>",
            default => '['.self::escaped($text).'](<'.strtr($stretch->link, ['<' => '%3C', '>' => '%3E']).'>)',
        };
    }

    private static function escaped(string $text): string
    {
        return (string) preg_replace('/([\\\\`*_\[\]<>#])/', '\\\\$1', $text);
    }
}
