<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli\Command;

use Bibrel\Core\Cli\Arguments;
use Bibrel\Core\Cli\Command;
use Bibrel\Core\Cli\Input;
use Bibrel\Core\Cli\UsageError;
use Bibrel\Core\Format\Formats;

/** `bibrel page --style S --to FORMAT --out FILE`: a finished page as a document. */
final class Page implements Command
{
    public static function usage(): string
    {
        return '--style S --to FORMAT --out FILE [--from F] [--heading TEXT] [--name SURNAME] [--title TEXT]\n'
            .'        [--paper letter|a4] [--first-page N] [--head student|professional] [--links] [FILE]';
    }

    public function run(array $words): string
    {
        $arguments = Arguments::parse($words, [
            'style', 'from', 'to', 'out', 'accessed', 'heading', 'name', 'title', 'paper', 'first-page', 'head',
        ], ['links']);
        $to = $arguments->required('to');
        $out = $arguments->required('out');
        $formats = Formats::pages();
        $format = $formats[$to]
            ?? throw new UsageError(
                "“{$to}” is not a document to write. Use one of: ".implode(', ', array_keys($formats)).'.',
            );
        $input = new Input($arguments);
        $page = $input->page();
        $document = $format->write($page, $input->setup($page));

        return $input->written($document, $out);
    }
}
