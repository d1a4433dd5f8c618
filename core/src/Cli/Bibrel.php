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
        'caption' => Command\Caption::class,
        'page' => Command\Page::class,
        'convert' => Command\Convert::class,
        'draft' => Command\Draft::class,
        'append' => Command\Append::class,
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
            $output = $this->output($words);
        } catch (UsageError|Unreadable|UnknownStyle|\InvalidArgumentException $problem) {
            fwrite(STDERR, str_replace(["\r", "\n"], ' ', $problem->getMessage())."\n");

            return 2;
        }
        if ($output !== '' && (@fwrite(STDOUT, $output) !== strlen($output) || ! @fflush(STDOUT))) {
            fwrite(STDERR, "The output cannot be written: the disk is full, or nobody reads it any more.\n");

            return 2;
        }

        return 0;
    }

    /**
     * @param  list<string>  $words
     *
     * @throws UsageError|Unreadable|UnknownStyle|\InvalidArgumentException
     */
    private function output(array $words): string
    {
        $name = (string) array_shift($words);
        if (in_array($name, ['--help', '-h', 'help'], true)) {
            return self::help();
        }
        if (in_array($name, ['--version', '-V'], true)) {
            return self::version();
        }
        $command = self::COMMANDS[$name] ?? throw new UsageError('Use: bibrel '
            .implode('|', array_keys(self::COMMANDS)).' [options] [FILE]. See bibrel --help.');
        // After "--" nothing is an option.
        $options = array_slice($words, 0, array_search('--', $words, true) ?: count($words));

        return match (true) {
            in_array('--help', $options, true) => trim("Use: bibrel {$name} ".$command::usage())."\n",
            in_array('--version', $options, true) => self::version(),
            default => (new $command)->run($words),
        };
    }

    private static function help(): string
    {
        $help = "Use: bibrel COMMAND [options] [FILE]\n\n";
        foreach (self::COMMANDS as $name => $command) {
            $help .= rtrim("  {$name}  ".$command::usage())."\n";
        }

        return $help
            ."\nS is a style: mla-9, mla-8, mla-7, apa-7, apa-6. F is a format to read, csl-json unless said: see\n"
            ."bibrel formats. Without FILE, or with -, standard input is read.\n";
    }

    private static function version(): string
    {
        $package = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/composer.json'), true);

        return "bibrel {$package['version']}\n";
    }
}
