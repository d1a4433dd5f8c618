<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

use Bibrel\Core\Style\RunningHead;

/** What a document has besides its page: the head of each sheet, and the title of the paper. */
final readonly class PageSetup
{
    public function __construct(public RunningHead $head = new RunningHead, public string $title = '')
    {
    }
}
