<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli;

use Bibrel\Core\Check\Check;
use Bibrel\Core\Page\CitationCluster;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Read\Bibtex;
use Bibrel\Core\Read\Citation\FinishedCitation;
use Bibrel\Core\Read\CslJson;
use Bibrel\Core\Read\Json;
use Bibrel\Core\Read\Ris;
use Bibrel\Core\Read\Unreadable;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Inclusion;
use Bibrel\Core\Style\Locator;
use Bibrel\Core\Style\Styles;
use Bibrel\Core\Style\UnknownStyle;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Write\Bibtex as BibtexWriter;
use Bibrel\Core\Write\CslJson as CslWriter;
use Bibrel\Core\Write\Html;
use Bibrel\Core\Write\Losses;
use Bibrel\Core\Write\PlainText;
use Bibrel\Core\Write\Ris as RisWriter;

/** The core's command line. Exit status 0, or 2 with one plain line on standard error. */
final class Bibrel
{
    private const USAGE = 'Use: bibrel cite|intext|page|convert|check|read|rules|bench [options] [FILE]. See docs/command-line.md.';

    /** @param  list<string>  $words */
    public static function run(array $words): int
    {
        try {
            // Written in one piece at the end, so that a failure never leaves half an output.
            $output = match (array_shift($words)) {
                'cite' => self::cite($words),
                'intext' => self::intext($words),
                'page' => PageOut::run($words),
                'convert' => self::convert($words),
                'check' => self::check($words),
                'read' => ReadPage::run($words),
                'rules' => RuleList::run(),
                'bench' => Bench::run(),
                default => throw new UsageError(self::USAGE),
            };
        } catch (UsageError|Unreadable|UnknownStyle|\InvalidArgumentException $problem) {
            fwrite(STDERR, str_replace(["\r", "\n"], ' ', $problem->getMessage())."\n");

            return 2;
        }
        fwrite(STDOUT, $output);

        return 0;
    }

    /** @param  list<string>  $words */
    private static function cite(array $words): string
    {
        $arguments = Arguments::parse($words, ['style', 'from', 'as', 'accessed']);
        $page = self::page($arguments);
        $as = $arguments->get('as', 'text');
        $lines = array_map(static fn (PageEntry $entry): string => match ($as) {
            'text' => PlainText::line($entry->runs)."\n",
            'html' => Html::line($entry->runs)."\n",
            'json' => '',
            default => throw new UsageError("“{$as}” is not a way to print. Use text, html or json."),
        }, $page->entries);

        return $as !== 'json' ? implode('', $lines) : json_encode(array_map(static fn (PageEntry $entry): array => [
            'id' => $entry->source->id,
            'runs' => array_map(static fn (Run $run): array => $run->toArray(), $entry->runs),
        ], $page->entries), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /** @param  list<string>  $words */
    private static function intext(array $words): string
    {
        $arguments = Arguments::parse($words, ['style', 'from', 'locator', 'quoting'], ['narrative', 'later', 'together']);
        $style = Styles::get($arguments->required('style'));
        $page = self::page($arguments);
        $locator = $arguments->has('locator') ? Locator::parse($arguments->get('locator')) : new Locator;

        $mention = CitationContext::of($locator, $arguments->has('narrative'), $arguments->get('quoting'), ! $arguments->has('later'));
        if ($arguments->has('together')) {
            return PlainText::line(CitationCluster::runs($style, $page->entries, $mention))."\n";
        }

        return implode('', array_map(
            static fn (PageEntry $entry): string => PlainText::line($style->citation($entry->source, $mention, $entry->context))."\n",
            [...$page->entries, ...$page->leftOut],
        ));
    }

    /** @param  list<string>  $words */
    private static function convert(array $words): string
    {
        $arguments = Arguments::parse($words, ['from', 'to']);
        $sources = self::sources($arguments);
        $exchange = ['ris' => [RisWriter::records(...), Ris::sources(...)], 'bibtex' => [BibtexWriter::entries(...), Bibtex::sources(...)]][$arguments->required('to')] ?? null;
        if ($exchange !== null) {
            foreach ($sources as $n => $source) {
                $lost = Losses::of($source, ...$exchange);
                if ($lost !== []) {
                    fwrite(STDERR, ($source->id === '' ? 'Source '.($n + 1) : $source->id).": {$arguments->get('to')} has no place for ".implode('; ', $lost).".\n");
                }
            }

            return $exchange[0]($sources);
        }
        $items = match ($arguments->required('to')) {
            'csl-json' => array_map(CslWriter::item(...), $sources),
            'json' => array_map(static fn (Source $source): array => $source->toArray(), $sources),
            default => throw new UsageError("“{$arguments->get('to')}” is not a format to write. Use csl-json, bibtex, ris or json."),
        };

        return json_encode($items, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR)."\n";
    }

    /**
     * One open point a line: the source's id, the point's id, the field, the sentence, parted by tabs.
     *
     * @param  list<string>  $words
     */
    private static function check(array $words): string
    {
        $arguments = Arguments::parse($words, ['style', 'from']);
        $style = Styles::get($arguments->required('style'));
        $sources = self::sources($arguments);
        $doubles = Check::doubles($sources);
        $out = '';
        foreach ($sources as $source) {
            $points = Check::source($source, $style, (int) date('Ymd'));
            foreach (isset($doubles[$source->id]) ? [...$points, $doubles[$source->id]] : $points as $point) {
                $out .= implode("\t", [$source->id, $point->id, $point->field, $point->sentence])."\n";
            }
        }

        return $out;
    }

    private static function page(Arguments $arguments): Page
    {
        $style = Styles::get($arguments->required('style'));
        $accessed = Inclusion::tryFrom($arguments->get('accessed', 'auto')) ?? throw new UsageError('--accessed is auto, always or never.');

        return Page::compose(self::sources($arguments), $style, new CourseRules($accessed));
    }

    /** @return list<Source> */
    public static function sources(Arguments $arguments): array
    {
        return match ($arguments->get('from', 'csl-json')) {
            'csl-json' => CslJson::sources($arguments->input()),
            'json' => array_map(static fn (array $json): Source => Source::fromArray($json, Kinds::all()), Json::objects($arguments->input())),
            'bibtex' => Bibtex::sources($arguments->input()),
            'ris' => Ris::sources($arguments->input()),
            'citation' => array_map(static fn (string $line): Source => FinishedCitation::parse($line)->source(), preg_split('/\R+/u', trim($arguments->input())) ?: []),
            default => throw new UsageError("“{$arguments->get('from')}” is not a format to read. Use csl-json, bibtex, ris, json or citation (one entry a line)."),
        };
    }
}
