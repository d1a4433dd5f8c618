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
final class CitationCluster
{
    /**
     * @param  list<PageEntry>  $entries
     * @return list<Run>
     */
    public static function runs(Style $style, array $entries, CitationContext $citation = new CitationContext): array
    {
        if ($entries === []) {
            return [];
        }
        $family = $style->family();
        $line = (new RunBuilder)->add('(', "{$family}.cite.parentheses");
        $before = '';
        foreach ($entries as $i => $entry) {
            $runs = self::without($style->citation($entry->source, $citation, $entry->context), "{$family}.cite.parentheses");
            $author = implode('', array_map(static fn (Run $run): string => $run->rule === 'apa.cite.author' ? $run->text : '', $runs));
            if ($author !== '' && $author === $before && $citation->locator->isNone()) {
                $line->add(', ', 'apa.comma')->addAll(self::without($runs, 'apa.cite.author', 'apa.comma'));
            } else {
                $line->add($i > 0 ? '; ' : '', "{$family}.cite.parentheses")->addAll($runs);
            }
            $before = $author;
        }

        return $line->add(')', "{$family}.cite.parentheses")->runs();
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
