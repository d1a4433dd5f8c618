<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format;

use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Draft\Layout\Mend;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Page\Page;

/** A draft in the file it was given in: it can be read, and be given back with the page. */
interface DraftDocument
{
    /** How files of its kind end: "docx". */
    public function extension(): string;

    public function mediaType(): string;

    /** @throws Unreadable */
    public function draft(): Draft;

    /**
     * The same file with the page at its end after a page break, or in place of the list of sources that stands there.
     * Nothing else in it is changed.
     *
     * @param  list<Mend>  $mends  what is put right in the copy
     * @return string its bytes
     *
     * @throws Unreadable
     */
    public function withPage(Page $page, bool $replaces, array $mends = []): string;
}
