<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli\Command;

use Bibrel\Core\Cli\Arguments;
use Bibrel\Core\Cli\Command;
use Bibrel\Core\Cli\Input;
use Bibrel\Core\Page\CitationCluster;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\Locator;

/** `bibrel intext`: one in-text citation a line in page order, or all of them in one pair of parentheses. */
final class InText implements Command
{
    public static function usage(): string
    {
        return '--style S [--from F] [--as text|html] [--locator page=15] [--narrative] [--quoting WHO] [--later] [--together] [FILE]';
    }

    public function run(array $words): string
    {
        $arguments = Arguments::parse(
            $words,
            ['style', 'from', 'locator', 'quoting', 'as'],
            ['narrative', 'later', 'together'],
        );
        $input = new Input($arguments);
        $style = $input->style();
        $page = $input->page();
        $locator = $arguments->has('locator') ? Locator::parse($arguments->get('locator')) : new Locator;
        $citation = CitationContext::of(
            $locator,
            $arguments->has('narrative'),
            $arguments->get('quoting'),
            ! $arguments->has('later'),
        );
        if ($arguments->has('together')) {
            return $input->shown((new CitationCluster($style, $page->entries))->runs($citation))."\n";
        }
        $lines = '';
        foreach ([...$page->entries, ...$page->leftOut] as $entry) {
            $lines .= $input->shown($style->citation($entry->source(), $citation, $entry->context))."\n";
        }

        return $lines;
    }
}
