<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

use Bibrel\Core\Style\PaperSize;
use Bibrel\Core\Style\RunningHead;

/**
 * What a document has besides its page: the head of each sheet, the title of the paper, the paper it stands on, the
 * number of its first sheet, and what a document that can be written on has after it.
 */
final readonly class PageSetup
{
    public function __construct(
        public RunningHead $head = new RunningHead,
        public string $title = '',
        public PaperSize $paper = PaperSize::Letter,
        public int $firstPage = 1,
        public ?Appendix $appendix = null,
    ) {
    }
}
