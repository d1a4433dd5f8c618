<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

use Bibrel\Core\Style\PaperSize;
use Bibrel\Core\Style\RunningHead;

/**
 * What a document has besides its page: the head of each sheet, the title of the paper, the paper it stands on, and the
 * number of its first sheet.
 */
final readonly class PageSetup
{
    public function __construct(
        public RunningHead $head = new RunningHead,
        public string $title = '',
        public PaperSize $paper = PaperSize::Letter,
        public int $firstPage = 1,
    ) {
    }
}
