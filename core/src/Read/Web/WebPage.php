<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Remark;
use Bibrel\Core\Read\SiteTitle;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Style\Publishers;

/**
 * Reads a web page into findings.
 *
 * The order of trust: what was written for citing (citation and library metadata), then the page's structured data,
 * then its metadata for sharing, then what a reader sees, then what the address lets one guess. Within a field the
 * more confident finding wins, then the earlier in that order; the others become its alternatives.
 */
final class WebPage
{
    public static function read(string $html, string $url): Reading
    {
        $page = Document::parse($html, $url);
        $found = [];
        foreach ([new CitationMeta, new StructuredData, new DublinCore, new OpenGraph, new VisibleByline, new VisibleDate, new Headline, new CopyrightLine, new AddressClues] as $clues) {
            foreach ($clues->in($page) as $finding) {
                $found[$finding->field][] = $finding;
            }
        }
        $site = self::best($found['containers.0.title'] ?? []);
        $siteNames = array_map(static fn (Finding $one): string => (string) (is_string($one->value) ? $one->value : ''), $found['containers.0.title'] ?? []);
        $found['title.main'] = self::titles($found['title.main'] ?? [], $siteNames);
        $found['contributors'] = self::authors($found['contributors'] ?? [], $siteNames);
        $findings = [];
        foreach ($found as $field => $candidates) {
            $best = self::best($candidates);
            if ($best !== null) {
                $findings[$field] = $best;
            }
        }
        if ($site !== null && isset($findings['containers.0.publisher']) && Publishers::same(self::string($findings['containers.0.publisher']), self::string($site))) {
            unset($findings['containers.0.publisher']);
        }

        $kind = self::kind($page);
        if ($kind === 'online-video' && isset($findings['contributors'])) {
            $findings['contributors'] = self::uploaders($findings['contributors']);
        }

        return new Reading($kind, $url, $findings, self::remarks($page, $findings), $page->blocks());
    }

    /** A channel that stands as a video's author only put it there, as far as anyone can tell. */
    private static function uploaders(Finding $finding): Finding
    {
        $people = array_map(
            static fn (Contributor $one): Contributor => $one->name->isGroup() || $one->name->isScreen() ? new Contributor(Role::Uploader, $one->name) : $one,
            is_array($finding->value) ? $finding->value : [],
        );

        return new Finding($finding->field, $people, $finding->evidence, $finding->confidence, $finding->alternatives);
    }

    private static function kind(Document $page): string
    {
        return match (true) {
            $page->meta('citation_journal_title') !== '' => 'journal-article',
            StructuredData::kind($page) !== '' => StructuredData::kind($page),
            $page->meta('og:type') === 'article' => 'online-article',
            $page->meta('og:type') === 'video.other' => 'online-video',
            default => 'web-page',
        };
    }

    /** @param  list<Finding>  $candidates in the order of trust */
    private static function best(array $candidates): ?Finding
    {
        if ($candidates === []) {
            return null;
        }
        $order = array_keys($candidates);
        usort($order, static fn (int $a, int $b): int => [$candidates[$a]->confidence->rank(), $a] <=> [$candidates[$b]->confidence->rank(), $b]);
        $best = $candidates[$order[0]];
        $alternatives = [];
        foreach (array_slice($order, 1) as $i) {
            // A guess from the address is only worth offering where nothing else is known.
            if ($candidates[$i]->folded() !== $best->folded() && ! ($candidates[$i]->evidence->isAddress && $best->confidence !== Confidence::Guess)) {
                $alternatives[$candidates[$i]->folded()] ??= $candidates[$i];
            }
        }

        return $best->withAlternatives(array_slice(array_values($alternatives), 0, 4));
    }

    /**
     * Titles without the site's name, and out of capitals where the page nowhere writes them otherwise.
     *
     * @param  list<Finding>  $titles
     * @param  list<string>  $siteNames
     * @return list<Finding>
     */
    private static function titles(array $titles, array $siteNames): array
    {
        $tidied = [];
        $written = [];
        foreach ($titles as $title) {
            $tidy = SiteTitle::tidy(self::string($title), $siteNames);
            $where = $title->evidence->where;
            $where .= $tidy->removed === '' ? '' : " “{$tidy->removed}” was taken off.";
            $where .= $tidy->lowered ? ' It stands in capitals there; check names and abbreviations.' : '';
            $confidence = $tidy->lowered ? Confidence::Likely : $title->confidence;
            $tidied[] = $one = new Finding($title->field, $tidy->title, new Evidence($where, $title->evidence->text, $title->evidence->visible), $confidence);
            if (! $tidy->lowered) {
                $written[$one->folded()] ??= $one;
            }
        }
        // The page's name for itself, not for its site.
        $others = array_values(array_filter($tidied, static fn (Finding $one): bool => ! in_array($one->folded(), array_map(static fn (string $name): string => (string) preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($name)), $siteNames), true)));

        return array_map(static fn (Finding $one): Finding => $written[$one->folded()] ?? $one, $others === [] ? $tidied : $others);
    }

    /**
     * An author who is only the site again stands behind any person the page names; a vaguer line that names the same
     * people more fully does not displace metadata.
     *
     * @param  list<Finding>  $authors
     * @param  list<string>  $siteNames
     * @return list<Finding>
     */
    private static function authors(array $authors, array $siteNames): array
    {
        $isSite = static function (Finding $finding) use ($siteNames): bool {
            $people = is_array($finding->value) ? $finding->value : [];
            foreach ($siteNames as $name) {
                if (count($people) === 1 && Publishers::same($people[0]->name->direct(), $name)) {
                    return true;
                }
            }

            return false;
        };
        $people = array_values(array_filter($authors, static fn (Finding $one): bool => ! $isSite($one)));
        $site = array_map(
            static fn (Finding $one): Finding => new Finding(
                $one->field,
                array_map(static fn (Contributor $author): Contributor => new Contributor($author->role, Name::group($author->name->direct())), is_array($one->value) ? $one->value : []),
                $one->evidence,
                $people === [] ? $one->confidence : Confidence::Guess,
            ),
            array_values(array_filter($authors, $isSite)),
        );

        return [...$people, ...$site];
    }

    /**
     * @param  array<string, Finding>  $findings
     * @return list<Remark>
     */
    private static function remarks(Document $page, array $findings): array
    {
        $remarks = [];
        $date = $findings['containers.0.date'] ?? null;
        $year = CopyrightLine::year($page);
        if ($date === null && $year !== '') {
            $remarks[] = new Remark('copyright-year', 'containers.0.date', "The copyright line says {$year}, but that is the whole site’s. Is this page dated?", $year);
        } elseif ($date !== null && $date->confidence === Confidence::Guess) {
            $remarks[] = new Remark('date-guess', 'containers.0.date', $date->evidence->where.' Does the page give a date of its own?', self::string($date));
        }
        $author = $findings['contributors'] ?? null;
        if ($author === null) {
            $remarks[] = new Remark('author-missing', 'contributors', 'No author was found. Look under the headline and at the very end of the text.');
        } elseif ($author->confidence === Confidence::Guess) {
            $remarks[] = new Remark('author-guess', 'contributors', 'The author is only a guess: '.lcfirst($author->evidence->where));
        }

        return $remarks;
    }

    private static function string(Finding $finding): string
    {
        return is_string($finding->value) ? $finding->value : '';
    }
}
