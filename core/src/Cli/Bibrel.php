<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli;

use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Style\UnknownStyle;

/** The core's command line. Exit status 0, or 2 with one plain line on standard error. */
final class Bibrel
{
    private const COMMANDS = [
        'cite' => Command\Cite::class,
        'intext' => Command\InText::class,
        'page' => Command\Page::class,
        'convert' => Command\Convert::class,
        'check' => Command\Check::class,
        'read' => Command\Read::class,
        'rules' => Command\Rules::class,
        'formats' => Command\Formats::class,
        'schema' => Command\Schema::class,
        'types' => Command\Types::class,
        'bench' => Command\Bench::class,
    ];

    /** @param  list<string>  $words */
    public function run(array $words): int
    {
        try {
            $command = self::COMMANDS[array_shift($words)] ?? throw new UsageError('Use: bibrel '
                .implode('|', array_keys(self::COMMANDS)).' [options] [FILE]. See docs/command-line.md.');
            $output = (new $command)->run($words);
        } catch (UsageError|Unreadable|UnknownStyle|\InvalidArgumentException $problem) {
            fwrite(STDERR, str_replace(["\r", "\n"], ' ', $problem->getMessage())."\n");

            return 2;
        }
        fwrite(STDOUT, $output);

        return 0;
    }
}
