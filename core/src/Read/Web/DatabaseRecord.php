<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\IssueLine;
use Bibrel\Core\Read\NameShape;
use Bibrel\Core\Read\SiteTitle;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Text;
use Bibrel\Core\Text\PressNames;

/**
 * An article's page in a database or an archive, known by what it says of the periodical the article is from: labels
 * ("Source", "Publication title"), or a line near the title ("Annals of the Shore, Vol. 14, No. 3 (Autumn, 1987), pp.
 * 201-224"). The periodical is the first container, and the site the article is read on its database.
 */
final class DatabaseRecord implements EvidenceReader
{
    /** Labels of the line that says which journal, magazine or newspaper an article is from. */
    private const FROM = ['from', 'source', 'published in', 'publication', 'publication title', 'journal', 'journal title', 'source title'];

    private const PERIODICALS = ['journal-article', 'magazine-article', 'newspaper-article'];

    private const PLACES = ['volume' => ContainerField::Volume, 'issue' => ContainerField::Issue, 'pages' => ContainerField::Pages, 'page' => ContainerField::Pages, 'page range' => ContainerField::Pages];

    /** How many blocks before and after the title the line with the issue may stand. */
    private const NEAR = [5, 8];

    public function read(Document $page): array
    {
        $labels = $page->labels();
        $type = KindLabel::of($page);
        [$label, $line, $periodical] = self::labelled($labels) ?? self::near($page) ?? ['', null, ''];
        $isArticle = in_array($type, self::PERIODICALS, true) || $type === '';
        if ($periodical === '' || ! $isArticle || $line === null && $type === '' && ! $labels->has('issn', 'accession number')) {
            return [...self::kind($type), ...self::places($page)];
        }
        $where = $label === '' ? 'From the line near the title that names the issue.' : Labels::where($label);
        $sure = $label === '' ? Confidence::Likely : Confidence::Stated;
        $text = static fn (FieldPath $field, string $value): array => Make::text($field, $value, $where, $sure, true);
        $findings = [
            ...self::kind($type !== '' ? $type : self::guessed($line, $periodical)),
            ...Make::text(FieldPath::title(), self::title($labels), Labels::where('Title'), Confidence::Stated, true),
            ...($label === '' ? self::author($page) : []),
            ...Make::text(ContainerField::Title->at(), $periodical, $where, Confidence::Stated, true),
            ...$text(ContainerField::Volume->at(), $line->volume ?? ''),
            ...$text(ContainerField::Issue->at(), $line->issue ?? ''),
            ...$text(ContainerField::Pages->at(), $line->pages ?? ''),
            ...Make::date($line->date ?? '', $where, $sure, true),
            ...Make::date($labels->value('date', 'publication date', 'publication year'), Labels::where('Date'), Confidence::Likely, true),
            ...Make::publisher($labels->value('published by'), Labels::where('Published by'), Confidence::Stated, true),
            ...self::database($page, $labels, $periodical),
        ];
        foreach (self::PLACES as $name => $field) {
            $findings = [...$findings, ...Make::text($field->at(), $labels->value($name), Labels::where(mb_convert_case($name, MB_CASE_TITLE)), Confidence::Likely, true)];
        }

        return $findings;
    }

    /** Databases put the edition after a title, in square brackets, and a full stop. */
    private static function title(Labels $labels): string
    {
        return rtrim((string) preg_replace('/:?\s*\[[^\]]*\]$/u', '', $labels->value('title')), ' .');
    }

    /**
     * Volume, issue and pages near the title of an article whose metadata names its journal and no volume.
     *
     * @return list<Finding>
     */
    private static function places(Document $page): array
    {
        if ($page->meta('citation_journal_title') === '' || $page->meta('citation_volume') !== '') {
            return [];
        }
        $where = 'From the lines near the title that name the issue.';
        $findings = [];
        foreach (self::around($page) as $text) {
            $line = IssueLine::parse($text);
            $findings = [
                ...$findings,
                ...Make::text(ContainerField::Volume->at(), $line->volume ?? '', $where, Confidence::Likely, true),
                ...Make::text(ContainerField::Issue->at(), $line->issue ?? '', $where, Confidence::Likely, true),
                ...Make::text(ContainerField::Pages->at(), preg_match('/^(?:pp\.|pages?)\s*(\d+\s*[-–]\s*\d+)\b/iu', $text, $m) === 1 ? str_replace('–', '-', $m[1]) : ($line->pages ?? ''), $where, Confidence::Likely, true),
            ];
        }

        return $findings;
    }

    /** @return array<int, string> the lines around the title, by the number of their block; without the title */
    private static function around(Document $page): array
    {
        $heading = $page->headingBlock();
        [$before, $after] = self::NEAR;
        $lines = [];
        foreach (array_slice($page->blocks(), max(0, $heading - $before), min($before, $heading) + $after + 1, true) as $i => $block) {
            if ($i !== $heading && mb_strlen($block['text']) <= 160) {
                $lines[$i] = $block['text'];
            }
        }

        return $lines;
    }

    /** @return list<Finding> */
    private static function kind(string $kind): array
    {
        return Make::text(FieldPath::kind(), $kind, 'From the way the page describes it.', Confidence::Likely);
    }

    /** @return ?array{string, ?IssueLine, string} the label, its line, and the periodical it names */
    private static function labelled(Labels $labels): ?array
    {
        foreach (self::FROM as $name) {
            $value = $labels->value($name);
            $line = IssueLine::parse($value);
            // After a semicolon or in brackets a database says where a paper appears.
            $periodical = $line !== null ? $line->periodical : trim((string) preg_replace('/\s*;.*$|\s*\([^)]*\)\s*$/u', '', $value));
            if ($periodical !== '' && preg_match('/^\p{Lu}/u', $periodical) === 1 && mb_strlen($periodical) <= 90) {
                return [$labels->found[$name]['label'], $line, $periodical];
            }
        }

        return null;
    }

    /** @return ?array{string, IssueLine, string} no label, the line near the title that names the issue, and the periodical */
    private static function near(Document $page): ?array
    {
        $heading = $page->headingBlock();
        foreach (self::around($page) as $i => $text) {
            $line = IssueLine::parse($text);
            if ($line === null || $line->pages === '') {
                continue;
            }
            $above = $page->blocks()[$i - 1]['text'] ?? '';
            $periodical = $line->periodical !== '' ? $line->periodical : ($i - 1 > $heading && mb_strlen($above) <= 90 ? $above : '');
            // With commas it is a whole reference.
            if ($periodical !== '' && ! str_contains($periodical, ',') && preg_match('/^\p{Lu}/u', $periodical) === 1) {
                return ['', $line, $periodical];
            }
        }

        return null;
    }

    /** A volume is a journal's; pages that begin with a letter, and a name that papers bear, are a newspaper's. */
    private static function guessed(?IssueLine $line, string $periodical): string
    {
        return match (true) {
            $line !== null && $line->volume !== '' => 'journal-article',
            $line !== null && preg_match('/^\p{Lu}\d/u', $line->pages) === 1, (new PressNames($periodical))->isNewspaper() => 'newspaper-article',
            default => '',
        };
    }

    /**
     * A name alone right under the title of an article whose issue stands below.
     *
     * @return list<Finding>
     */
    private static function author(Document $page): array
    {
        $line = $page->blocks()[$page->headingBlock() + 1]['text'] ?? '';

        return NameShape::fills($line) && ! Name::looksLikeGroup($line) && ! (new PressNames($line))->isNewspaper() ? Make::byline($line, 'From the line under the headline.', Confidence::Likely, true) : [];
    }

    /** @return list<Finding> */
    private static function database(Document $page, Labels $labels, string $periodical): array
    {
        $named = $labels->value('database');
        if ($named !== '') {
            return Make::text(ContainerField::Title->at(1), $named, Labels::where('Database'), Confidence::Stated, true);
        }
        $heading = $page->text($page->heading() ?? $page->first('//h1'));
        $parts = array_values(array_filter(SiteTitle::parts($page->tabName()), static fn (string $part): bool => $heading === '' || mb_stripos($part, $heading) === false));
        $site = preg_match('~^(?:https?://|www\.|\S+\.[a-z]{2,}$)~i', $page->meta('og:site_name')) === 1 ? '' : $page->meta('og:site_name');
        // The parts go from the article to the site, or the other way round.
        $site = $site ?: (string) (($heading !== '' && preg_match('/'.preg_quote($heading, '/').'$/iu', $page->tabName()) === 1 ? reset($parts) : end($parts)) ?: SiteTitle::on($page->tabName(), $heading));

        // A magazine's own site is no database.
        [$own, $other] = [Text::folded($periodical), Text::folded($site)];

        return $other === '' || str_contains($other, $own) || str_contains($own, $other) ? [] : Make::text(ContainerField::Title->at(1), $site, 'The site’s name; the article itself is from a periodical.', Confidence::Likely);
    }
}
