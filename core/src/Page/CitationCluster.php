<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Text\RunBuilder;

/**
 * Several sources in one pair of parentheses, in the order of the page, parted by semicolons. In APA a second work by
 * the same authors gives its year alone.
 *
 * Source: MLA Handbook, 9th ed., 6.30; APA Publication Manual, 7th ed., 8.12.
 */
final readonly class CitationCluster
{
    /** @param  list<PageEntry>  $entries  in the order of the page */
    public function __construct(private Style $style, private array $entries)
    {
    }

    /** @return list<Run> */
    public function runs(CitationContext $citation = new CitationContext): array
    {
        if ($this->entries === []) {
            return [];
        }
        $parentheses = $this->rule('cite.parentheses');
        $line = (new RunBuilder)->add('(', $parentheses);
        $before = '';
        foreach ($this->entries as $i => $entry) {
            $runs = self::without($this->style->citation($entry->source(), $citation, $entry->context), $parentheses);
            $author = $this->author($runs);
            if ($author !== '' && $author === $before && $citation->locator->isNone()) {
                $line->add(', ', $this->rule('comma'))
                    ->addAll(self::without($runs, $this->rule('cite.author'), $this->rule('comma')));
            } else {
                $line->add($i > 0 ? '; ' : '', $parentheses)->addAll($runs);
            }
            $before = $author;
        }

        return $line->add(')', $parentheses)->runs();
    }

    private function rule(string $id): string
    {
        return "{$this->style->family()}.{$id}";
    }

    /**
     * @param  list<Run>  $runs
     * @return string the authors, where another work of theirs gives its year alone; else ''
     */
    private function author(array $runs): string
    {
        $rule = $this->rule('cite.author');
        $authors = array_filter($runs, static fn (Run $run): bool => $run->rule === $rule);

        return $this->style->joinsYears()
            ? implode('', array_map(static fn (Run $run): string => $run->text, $authors))
            : '';
    }

    /**
     * @param  list<Run>  $runs
     * @return list<Run>
     */
    private static function without(array $runs, string ...$rules): array
    {
        return array_values(array_filter($runs, static fn (Run $run): bool => ! in_array($run->rule, $rules, true)));
    }
}
