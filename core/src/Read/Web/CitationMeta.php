<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;

/** The citation_* meta elements that scholarly sites carry. */
final class CitationMeta implements EvidenceReader
{
    private const WHERE = 'From the page’s citation metadata.';

    public function read(Document $page): array
    {
        $text = static fn (FieldPath $field, string ...$names): array => Make::text($field, $page->meta(...$names), self::WHERE, Confidence::Stated);
        $authors = $page->metaAll('citation_author') ?: (preg_split('/\s*;\s*/', $page->meta('citation_authors'), -1, PREG_SPLIT_NO_EMPTY) ?: []);

        return [
            ...Make::text(FieldPath::kind(), self::kind($page), self::WHERE, Confidence::Stated),
            ...$text(FieldPath::title(), 'citation_title'),
            ...Make::people(array_map(static fn (string $name) => Bylines::contributor(self::turned($name)), $authors), self::WHERE, Confidence::Stated, implode('; ', $authors)),
            ...Make::date(self::date($page), self::WHERE, Confidence::Stated),
            ...$text(ContainerField::Title->at(), 'citation_journal_title', 'citation_inbook_title', 'citation_book_title', 'citation_conference_title'),
            ...Make::publisher(self::publisher($page), self::WHERE, Confidence::Stated),
            ...$text(ContainerField::Volume->at(), 'citation_volume'),
            ...$text(ContainerField::Issue->at(), 'citation_issue'),
            ...Make::text(ContainerField::Pages->at(), self::pages($page), self::WHERE, Confidence::Stated),
            ...$text(ContainerField::Doi->at(), 'citation_doi'),
            ...Make::text(ContainerField::Number->at(), str_replace(':', '', $page->meta('citation_technical_report_number', 'citation_patent_number')), self::WHERE, Confidence::Stated),
            ...$text(FieldPath::isbn(), 'citation_isbn'),
            ...self::database($page),
        ];
    }

    /** "Amari DL", as indexes write it, is "Amari, D. L." */
    private static function turned(string $name): string
    {
        $turn = static fn (array $m): string => "{$m[1]}, ".implode(' ', array_map(static fn (string $letter): string => "{$letter}.", mb_str_split($m[2])));

        return (string) preg_replace_callback('/^(\p{Lu}[\p{L}’\'-]+(?: \p{Lu}[\p{L}’\'-]+)*) (\p{Lu}{1,3})$/u', $turn, trim($name));
    }

    /** "2022/06" and "06/2022" as "2022-06", which nobody can take for a range of years. */
    public static function dashed(string $date): string
    {
        // Indexes write "2018/10/00" where the day is not known.
        $date = (string) preg_replace('~(?:/00)+$~', '', trim($date));

        return (string) preg_replace(['~^(\d{4})/(\d{1,2})$~', '~^(\d{1,2})/(\d{4})$~'], ['$1-$2', '$2-$1'], $date);
    }

    /**
     * The first of January stands for a year of which the day was not noted down; another date of that year is better.
     */
    private static function date(Document $page): string
    {
        $said = self::dashed($page->meta('citation_publication_date', 'citation_date', 'citation_cover_date', 'citation_online_date', 'citation_year'));
        if (preg_match('~^(\d{4})[/-]0?1[/-]0?1$~', $said, $m) !== 1) {
            return $said;
        }
        foreach (['citation_online_date', 'dc.date', 'dcterms.issued', 'article:published_time'] as $name) {
            if (str_starts_with($page->meta($name), $m[1])) {
                return self::dashed($page->meta($name));
            }
        }

        return $said;
    }

    private static function kind(Document $page): string
    {
        return match (true) {
            $page->meta('citation_patent_number') !== '' => 'patent',
            self::isPreprint($page) => 'preprint',
            $page->meta('citation_journal_title') !== '' => 'journal-article',
            $page->meta('citation_inbook_title', 'citation_book_title') !== '' => 'chapter',
            $page->meta('citation_conference_title') !== '' => 'conference-paper',
            $page->meta('citation_dissertation_institution', 'citation_dissertation_name') !== '' => 'thesis',
            $page->meta('citation_technical_report_institution') !== '' => 'report',
            default => '',
        };
    }

    /** Some indexes write the journal's abbreviation there. */
    private static function publisher(Document $page): string
    {
        $publisher = $page->meta('citation_publisher', 'citation_dissertation_institution', 'citation_technical_report_institution');
        $short = preg_split('/[\s.]+/u', mb_strtolower($publisher), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $words = array_values(array_diff(preg_split('/\s+/u', mb_strtolower($page->meta('citation_journal_title'))) ?: [], ['the', 'of', 'and', 'in', 'for', 'on', '&']));
        $isShort = count($short) > 1 && count($short) === count($words) && array_filter($short, static fn (string $word, int $i): bool => ! str_starts_with($words[$i], $word), ARRAY_FILTER_USE_BOTH) === [];

        return $isShort ? '' : $publisher;
    }

    /** Preprint servers give themselves as the journal; their pages say that nobody has reviewed the text yet. */
    private static function isPreprint(Document $page): bool
    {
        foreach ($page->meta('citation_title') !== '' && ($page->mentions('preprint') || $page->mentions('submitted on')) ? $page->blocks() : [] as $block) {
            if (preg_match('/^\W?submitted on .*\(v\d+\)|\b(?:is|as) a preprint\b|\bpreprint (?:server|repository|archive)\b|\bnot (?:yet )?(?:been )?(?:certified by )?peer[ -]review/iu', $block['text']) === 1) {
                return true;
            }
        }

        return false;
    }

    /** The number of an article may stand where its first page does; a preprint's is not printed. */
    private static function pages(Document $page): string
    {
        $first = $page->meta('citation_firstpage');
        $last = $page->meta('citation_lastpage');

        return match (true) {
            preg_match('/\d[.\/]\d.*[.\/]/', $first) === 1 => '',
            $first !== '' && $last !== '' && $first !== $last => "{$first}-{$last}",
            default => $first,
        };
    }

    /**
     * The database a journal's article is read in: as the page says, or the site where it offers a stable link of its own.
     *
     * @return list<Finding>
     */
    private static function database(Document $page): array
    {
        $journal = $page->meta('citation_journal_title');
        if ($journal === '') {
            return [];
        }
        $named = $page->meta('citation_dbname', 'citation_database');
        if ($named !== '') {
            return Make::text(ContainerField::Title->at(1), $named, self::WHERE, Confidence::Stated);
        }
        $site = $page->meta('og:site_name');
        foreach ($page->blocks() as $block) {
            if ($site !== '' && $site !== $journal && $site !== $page->meta('citation_publisher') && preg_match('/\b(?:stable (?:link|url)|permalink|accession number|document id)\b/i', $block['text']) === 1) {
                return Make::text(ContainerField::Title->at(1), $site, 'The site’s name; the page offers a lasting link of its own, as databases do.', Confidence::Likely);
            }
        }

        return [];
    }
}
