<?php

declare(strict_types=1);

namespace Bibrel\Core\Write;

use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Text\Run;

/**
 * HTML for the clipboard: paragraph settings a word processor takes over (hanging indent, double spacing), italics, and
 * nothing else: no background, no underline, no links, no colour.
 */
final class RichText
{
    private const FACE = "font-family:'Times New Roman',Times,serif;font-size:12pt;line-height:200%;margin-top:0;margin-bottom:0";

    /** @param  list<Run>  $runs */
    public static function entry(array $runs): string
    {
        return '<p style="'.self::FACE.';margin-left:0.5in;text-indent:-0.5in">'.Html::line($runs).'</p>';
    }

    public static function page(Page $page): string
    {
        $heading = htmlspecialchars($page->heading, ENT_NOQUOTES);

        return '<p style="'.self::FACE.';text-align:center">'.($page->headingIsBold ? "<b>{$heading}</b>" : $heading).'</p>'
            .implode('', array_map(static fn (PageEntry $entry): string => self::entry($entry->runs).implode('', array_map(static fn (string $paragraph): string => '<p style="'.self::FACE.';margin-left:'.($page->family === 'mla' ? '1in' : '0.5in').'">'.htmlspecialchars($paragraph, ENT_NOQUOTES).'</p>', $entry->annotation())), $page->entries));
    }
}
