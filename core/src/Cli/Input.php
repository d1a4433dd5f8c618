<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli;

use Bibrel\Core\Format\ExchangeFormat;
use Bibrel\Core\Format\Formats;
use Bibrel\Core\Format\Inline;
use Bibrel\Core\Format\ReadsSources;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Read\Catalogue\MarcXml;
use Bibrel\Core\Read\Citation\CitationLines;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Inclusion;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Style\Styles;
use Bibrel\Core\Text\Run;

/** What most commands begin with: sources in one of the formats, a style, and the page they make. */
final readonly class Input
{
    public function __construct(private Arguments $arguments)
    {
    }

    /**
     * @return list<Source>
     *
     * @throws UsageError
     * @throws Unreadable
     */
    public function sources(): array
    {
        $id = $this->arguments->get('from', 'csl-json');
        $formats = self::formats();
        $format = $formats[$id]
            ?? throw new UsageError(
                "“{$id}” is not a format to read. Use one of: ".implode(', ', array_keys($formats)).'.',
            );

        return $format->read($this->arguments->input());
    }

    public function style(): Style
    {
        return Styles::get($this->arguments->required('style'));
    }

    public function page(): Page
    {
        $accessed = Inclusion::tryFrom($this->arguments->get('accessed', 'auto'))
            ?? throw new UsageError('--accessed is auto, always or never.');

        return Page::compose(
            $this->sources(),
            $this->style(),
            new CourseRules($accessed, heading: $this->arguments->get('heading')),
        );
    }

    /**
     * A line of runs as it was asked for, text or html.
     *
     * @param  list<Run>  $runs
     *
     * @throws UsageError
     */
    public function shown(array $runs): string
    {
        return match ($this->arguments->get('as', 'text')) {
            'text' => Inline::text($runs),
            'html' => Inline::html($runs),
            default => throw new UsageError("“{$this->arguments->get('as')}” is not a way to print. Use text or html."),
        };
    }

    /**
     * @return array<string, ExchangeFormat&ReadsSources> those of the trade, records of libraries, and citations
     *         somebody
     *         else made, one a line
     */
    private static function formats(): array
    {
        $formats = Formats::reading();
        foreach ([new MarcXml, new CitationLines] as $reader) {
            $formats[$reader->id()] = $reader;
        }

        return $formats;
    }
}
