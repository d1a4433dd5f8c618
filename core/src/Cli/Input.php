<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli;

use Bibrel\Core\Format\ExchangeFormat;
use Bibrel\Core\Format\Formats;
use Bibrel\Core\Format\Inline;
use Bibrel\Core\Format\PageSetup;
use Bibrel\Core\Format\ReadsSources;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Read\Catalogue\MarcXml;
use Bibrel\Core\Read\Citation\CitationLines;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Inclusion;
use Bibrel\Core\Style\PaperSize;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Style\Styles;
use Bibrel\Core\Text\Run;

/** What most commands begin with: sources in one of the formats, a style, and the page they make. */
final class Input
{
    /** @var ?list<Source> */
    private ?array $sources = null;

    public function __construct(private readonly Arguments $arguments)
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

        return $this->sources ??= $format->read($this->arguments->input());
    }

    public function style(): Style
    {
        return Styles::get($this->arguments->required('style'));
    }

    /** @throws UsageError */
    public function page(): Page
    {
        return Page::compose($this->sources(), $this->style(), $this->course());
    }

    /**
     * What the teacher asks for, as far as options say it.
     *
     * @throws UsageError
     */
    public function course(): CourseRules
    {
        $head = $this->arguments->get('head', 'student');
        $first = $this->arguments->get('first-page', '1');

        return new CourseRules(
            accessed: Inclusion::tryFrom($this->arguments->get('accessed', 'auto'))
                ?? throw new UsageError('--accessed is auto, always or never.'),
            heading: $this->arguments->get('heading'),
            forJournal: in_array($head, ['student', 'professional'], true)
                ? $head === 'professional'
                : throw new UsageError('--head is student or professional.'),
            links: $this->arguments->has('links'),
            paper: PaperSize::tryFrom($this->arguments->get('paper', 'letter'))
                ?? throw new UsageError('--paper is letter or a4.'),
            firstPage: preg_match('/^[1-9]\d{0,3}$/', $first) === 1
                ? (int) $first
                : throw new UsageError('--first-page is a number from 1 to 9999.'),
        );
    }

    /** @throws UsageError */
    public function setup(Page $page): PageSetup
    {
        $course = $this->course();
        $title = $this->arguments->get('title');

        return new PageSetup(
            $this->style()->runningHead($course, $this->arguments->get('name'), $title),
            $title ?: $page->heading,
            $course->paper,
            $course->firstPage,
        );
    }

    /**
     * Puts a document where it was wanted: a file, or standard output for "-".
     *
     * @return string what is printed
     *
     * @throws UsageError
     */
    public function written(string $document, string $out): string
    {
        if ($out === '-') {
            return $document;
        }
        // A full disk takes a part of it only.
        if (@file_put_contents($out, $document) !== strlen($document)) {
            throw new UsageError("The file “{$out}” cannot be written.");
        }

        return '';
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
