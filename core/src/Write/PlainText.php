<?php

declare(strict_types=1);

namespace Bibrel\Core\Write;

use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Text\Run;

final class PlainText
{
    /** @param  list<Run>  $runs */
    public static function line(array $runs): string
    {
        return implode('', array_map(static fn (Run $run): string => $run->text, $runs));
    }

    /** The heading and one entry a line. */
    public static function page(Page $page): string
    {
        return $page->heading."\n\n".implode("\n", array_map(static fn (PageEntry $entry): string => implode("\n", [$entry->text(), ...$entry->annotation()]), $page->entries))."\n";
    }
}
