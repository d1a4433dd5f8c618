<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Page;

use Bibrel\Core\Format\PageFormat;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Format\RichText;
use Bibrel\Core\Page\Page;

/** A page of the web that any browser shows and any word processor opens, with the paragraph settings of the page. */
final class Html implements PageFormat
{
    public function id(): string
    {
        return 'html';
    }

    public function label(): string
    {
        return 'Web page';
    }

    public function mediaType(): string
    {
        return 'text/html; charset=utf-8';
    }

    public function rank(): int
    {
        return 30;
    }

    public function write(Page $page, PageSetup $setup): string
    {
        $title = htmlspecialchars($setup->title ?: $page->heading);
        $size = $setup->paper->value;
        $body = (new RichText($page, isDocument: true))->page();

        return "<!doctype html>\n<html lang=\"en\">\n<head><meta charset=\"utf-8\"><title>{$title}</title>\n"
            ."<style>@page { size: {$size}; margin: 1in } body { max-width: 6.5in; padding: 1in; margin: auto }\n"
            ."@media print { body { max-width: none; padding: 0 } } p { orphans: 2; widows: 2 }\n"
            ."a { color: inherit; text-decoration: none }</style></head>\n<body>{$body}</body>\n</html>\n";
    }
}
