<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Page;

use Bibrel\Core\Format\PageFormat;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Page\Page;

/** The heading and one entry a line. */
final class PlainText implements PageFormat
{
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

    public function write(Page $page, PageSetup $setup = new PageSetup): string
    {
        $lines = [];
        foreach ($page->entries as $entry) {
            array_push($lines, $entry->text(), ...$entry->annotation());
        }

        return $page->heading."\n\n".implode("\n", $lines)."\n";
    }
}
