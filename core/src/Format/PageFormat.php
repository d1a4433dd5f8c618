<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

use Bibrel\Core\Page\Page;

/**
 * A way to hand in a page. A class in core/src/Format/Page that implements this is a page format: the command line, the
 * routes and the menu find it there.
 */
interface PageFormat
{
    /** By which the command line and addresses name it, and how its files end: "docx". */
    public function id(): string;

    /** What the menu calls it. */
    public function label(): string;

    public function mediaType(): string;

    /** Where it stands among the others: the lowest first. */
    public function rank(): int;

    /** @return string the bytes of the file */
    public function write(Page $page, PageSetup $setup): string;
}
