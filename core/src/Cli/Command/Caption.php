<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli\Command;

use Bibrel\Core\Cli\Arguments;
use Bibrel\Core\Cli\Command;
use Bibrel\Core\Cli\Input;
use Bibrel\Core\Style\Figure;

/**
 * `bibrel caption`: the caption of each source as a picture, in page order, parted by empty lines; the numbers count on
 * from the one given.
 */
final class Caption implements Command
{
    public static function usage(): string
    {
        return '--style S [--from F] [--as text|html] [--number 1] [--words TEXT] [--adapted] [--rights TEXT] [FILE]';
    }

    public function run(array $words): string
    {
        $arguments = Arguments::parse($words, ['style', 'from', 'number', 'words', 'rights', 'as'], ['adapted']);
        $input = new Input($arguments);
        $style = $input->style();
        $page = $input->page();
        $first = $arguments->get('number', '1');
        $captions = [];
        foreach ([...$page->entries, ...$page->leftOut] as $n => $entry) {
            $number = ctype_digit($first) ? (string) ((int) $first + $n) : $first;
            $figure = new Figure(
                $number,
                $arguments->get('words'),
                $arguments->has('adapted'),
                $arguments->get('rights'),
            );
            $captions[] = $input->shown($style->caption($entry->source(), $figure));
        }

        return implode("\n\n", $captions).($captions === [] ? '' : "\n");
    }
}
