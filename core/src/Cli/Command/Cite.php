<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli\Command;

use Bibrel\Core\Cli\Arguments;
use Bibrel\Core\Cli\Command;
use Bibrel\Core\Cli\Input;
use Bibrel\Core\Cli\UsageError;
use Bibrel\Core\Format\Exchange\JsonObjects;
use Bibrel\Core\Format\Inline;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Text\Run;

/** `bibrel cite`: one entry a line in page order. */
final class Cite implements Command
{
    public static function usage(): string
    {
        return '--style S [--from F] [--as text|html|json] [--accessed auto|always|never] [FILE]';
    }

    public function run(array $words): string
    {
        $arguments = Arguments::parse($words, ['style', 'from', 'as', 'accessed']);
        $entries = (new Input($arguments))->page()->entries;

        return match ($arguments->get('as', 'text')) {
            'text' => self::lines($entries, Inline::text(...)),
            'html' => self::lines($entries, Inline::html(...)),
            'json' => JsonObjects::write(array_map(self::json(...), $entries)),
            default => throw new UsageError("“{$arguments->get('as')}” is not a way to print. Use text, html or json."),
        };
    }

    /**
     * @param  list<PageEntry>  $entries
     * @param  callable(list<Run>): string  $line
     */
    private static function lines(array $entries, callable $line): string
    {
        return implode('', array_map(static fn (PageEntry $entry): string => $line($entry->runs)."\n", $entries));
    }

    /** @return array<string, mixed> */
    private static function json(PageEntry $entry): array
    {
        $runs = array_map(static fn (Run $run): array => $run->toArray(), $entry->runs);

        return ['id' => $entry->id, 'runs' => $runs];
    }
}
