<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli\Command;

use Bibrel\Core\Check\Check as Checker;
use Bibrel\Core\Cli\Arguments;
use Bibrel\Core\Cli\Command;
use Bibrel\Core\Cli\Input;

/** `bibrel check`: one issue a line, its source, id, field and sentence parted by tabs. */
final class Check implements Command
{
    public static function usage(): string
    {
        return '--style S [--from F] [FILE]';
    }

    public function run(array $words): string
    {
        $arguments = Arguments::parse($words, ['style', 'from']);
        $input = new Input($arguments);
        $checker = new Checker($input->style(), (int) date('Ymd'));
        $sources = $input->sources();
        $doubles = Checker::doubles($sources);
        $lines = '';
        foreach ($sources as $source) {
            foreach (array_filter([...$checker->issues($source), $doubles[$source->id] ?? null]) as $issue) {
                $lines .= implode("\t", [$source->id, $issue->id, $issue->field->key, $issue->sentence])."\n";
            }
        }

        return $lines;
    }
}
