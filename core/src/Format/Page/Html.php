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
        $title = htmlspecialchars($page->heading);
        $body = (new RichText($page, breaksAddresses: true))->page();

        return "<!doctype html>\n<html lang=\"en\">\n<head><meta charset=\"utf-8\"><title>{$title}</title></head>\n<body>{$body}</body>\n</html>\n";
    }
}
