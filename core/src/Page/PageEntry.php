<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\Run;

/** One entry where it stands on the page. */
final readonly class PageEntry
{
    /** @param  list<Run>  $runs */
    public function __construct(public Source $source, public EntryContext $context, public array $runs)
    {
    }

    /** @return list<string> the paragraphs of the annotation below the entry */
    public function annotation(): array
    {
        return array_values(array_filter(array_map(trim(...), preg_split('/\R+/u', Quotes::curly($this->source->annotation)) ?: []), static fn (string $paragraph): bool => $paragraph !== ''));
    }

    public function text(): string
    {
        return implode('', array_map(static fn (Run $run): string => $run->text, $this->runs));
    }
}
