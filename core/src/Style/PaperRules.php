<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

/**
 * How a style wants a paper set, besides what all of them want: double spacing, margins of an inch, paragraphs set in
 * by half an inch.
 *
 * Source: MLA Handbook, 9th ed., 1.1 to 1.6 and 6.40; APA Publication Manual, 7th ed., 2.1 to 2.24 and 8.27.
 */
final readonly class PaperRules
{
    /**
     * @param  bool  $hasTitlePage  whether the title stands on a sheet of its own, and not below a heading block
     * @param  bool  $headsName  whether the family name stands at the head of each sheet with its number
     * @param  int  $blockWords  from how many words on a quotation is set as a block
     * @param  list<string>  $headings  what the list of sources may be called
     */
    public function __construct(
        public string $style,
        public bool $hasTitlePage,
        public bool $headsName,
        public int $blockWords,
        public array $headings,
        public bool $headingIsBold,
    ) {
    }
}
