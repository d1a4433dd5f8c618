<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Dismissal;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Fix;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Publishers;

/**
 * Reads a web page into findings.
 *
 * The order of trust: what was written for citing (citation and library metadata), then the page's structured data,
 * then its metadata for sharing, then what a reader sees, then what the address lets one guess. Within a field the
 * more confident finding wins, then the earlier in that order; the others become its alternatives.
 */
final class WebPage
{
    /** Kinds of works that pages of catalogues, shops and databases tell of, and the question that leaves open. */
    private const LISTED = ['book' => 'the book. Did you read', 'edited-collection' => 'the book. Did you read', 'graphic-novel' => 'the book. Did you read', 'play' => 'the play. Did you read', 'audiobook' => 'the book. Did you hear', 'album' => 'the album. Did you hear', 'film' => 'the film. Did you watch', 'tv-series' => 'the series. Did you watch', 'video-game' => 'the game. Did you play'];

    /**
     * @param  list<Finding>  $more  what other documents the page points to say of it, after its own data in the order of trust
     */
    public static function read(string $html, string $url, array $more = []): Reading
    {
        $page = Document::parse($html, $url);
        $found = [];
        foreach (self::readers() as $reader) {
            foreach ($reader->read($page) as $finding) {
                $found[$finding->field->key][] = $finding;
            }
        }
        foreach ($more as $finding) {
            $found[$finding->field->key][] = $finding;
        }
        $kinds = self::kinds($found[FieldPath::kind()->key] ?? []) ?? self::datedText($page, $found[ContainerField::Date->at()->key] ?? []);
        $kind = $kinds === null ? 'web-page' : $kinds->text();
        $found = TitleAdditions::removed(PageDates::resolve($found, $kind), $kind);
        $found[ContainerField::Title->at()->key] = PageSite::resolve($found[ContainerField::Title->at()->key] ?? [], $found[ContainerField::Publisher->at()->key] ?? [], $page, $kind);
        $found = PageSite::around($found, $page, $kind);
        $site = self::best($found[ContainerField::Title->at()->key]);
        $siteNames = array_map(static fn (Finding $one): string => $one->text(), $found[ContainerField::Title->at()->key]);
        $found[FieldPath::title()->key] = PageTitles::resolve($found[FieldPath::title()->key] ?? [], [...$siteNames, ...($kind === 'patent' ? array_map(static fn (Finding $one): string => $one->text(), $found[ContainerField::Number->at()->key] ?? []) : [])], array_map(static fn (Finding $one): string => $one->evidence->text, $found[FieldPath::contributors()->key] ?? []));
        if ($kind === 'online-reference') {
            $headings = array_values(array_filter($found[FieldPath::title()->key], static fn (Finding $one): bool => $one->evidence->visible));
            $found[FieldPath::title()->key] = $headings === [] ? $found[FieldPath::title()->key] : $headings;
        }
        $found[FieldPath::contributors()->key] = PageAuthors::resolve($found[FieldPath::contributors()->key] ?? [], [...$siteNames, $page->host()], array_map(static fn (Finding $one): string => $one->text(), $found[ContainerField::Publisher->at()->key] ?? []), $kind);
        unset($found[FieldPath::kind()->key]);
        $findings = $kinds === null ? [] : [FieldPath::kind()->key => $kinds];
        $authors = self::best($found[FieldPath::contributors()->key]);
        $found[ContainerField::Publisher->at()->key] = array_values(array_filter($found[ContainerField::Publisher->at()->key] ?? [], static fn (Finding $one): bool => ! self::addsNothing($one, $site, $authors)));
        foreach ($found as $field => $candidates) {
            $best = self::best($candidates);
            if ($best !== null) {
                $findings[$field] = $best;
            }
        }
        if ($kind === 'online-video' && isset($findings[FieldPath::contributors()->key])) {
            $findings[FieldPath::contributors()->key] = PageAuthors::uploaders($findings[FieldPath::contributors()->key]);
        }

        return new Reading($kind, $url, $findings, self::issues($page, $findings, $kind), $page->blocks());
    }

    /** @return list<EvidenceReader> in the order of trust */
    private static function readers(): array
    {
        return [new CitationMeta, new EprintMeta, new Prism, new Coins, new DatabaseRecord, new SocialPost, new StructuredData, new DublinCore, new Microformats, new ForumThread, new OpenGraph, new PlainMeta, new LabelledLines, new MuseumObject, new NameParts, new MarkedByline, new VisibleByline, new Signature, new VisibleDate, new MarkedDate, new Headline, new CopyrightLine, new AddressClues, new KindClues];
    }

    /**
     * The particular kind before the general one that only says "an article" or "a page".
     *
     * @param  list<Finding>  $kinds
     */
    private static function kinds(array $kinds): ?Finding
    {
        $general = static fn (Finding $one): int => match ($one->text()) {
            'web-page' => 2,
            'online-article' => 1,
            default => 0,
        };
        usort($kinds, static fn (Finding $a, Finding $b): int => [$general($a), $a->confidence->rank()] <=> [$general($b), $b->confidence->rank()]);

        return self::best($kinds, false);
    }

    /**
     * Several paragraphs under a date of their own, at an address that tells of news or of a day, or with the hour of
     * their publication, are an article.
     *
     * @param  list<Finding>  $dates
     */
    private static function datedText(Document $page, array $dates): ?Finding
    {
        $dated = array_values(array_filter($dates, static fn (Finding $one): bool => $one->confidence !== Confidence::Guess));
        if ($dated === []) {
            return null;
        }
        $hasHour = array_filter(array_slice($page->blocks(), $page->headingBlock() + 1, 6), static fn (array $block): bool => str_contains($block['text'], $dated[0]->evidence->text) && preg_match('/\d{1,2}[:.]\d{2}(?!\d)/', str_replace($dated[0]->evidence->text, '', $block['text'])) === 1) !== [];
        if (! $hasHour && preg_match('~[/_-](?:news|stor(?:y|ies)|magazine|opinion|features?)(?:[/_-]|$)|/(?:19|20)\d\d[/-]?(?:0?[1-9]|1[0-2])(?:\D|[0-3]\d)~i', (string) parse_url($page->url, PHP_URL_PATH)) !== 1) {
            return null;
        }
        $paragraphs = array_filter($page->blocks(), static fn (array $block): bool => $block['tag'] === 'p' && strlen($block['text']) > 100);

        return count($paragraphs) < 3 ? null : new Finding(FieldPath::kind(), 'online-article', new Evidence('It is a text with a date of its own.', $dated[0]->evidence->text), Confidence::Likely);
    }

    /** A publisher that is the site again, or one person who is the author. */
    private static function addsNothing(Finding $publisher, ?Finding $site, ?Finding $authors): bool
    {
        $name = $publisher->text();
        if ($site !== null && Publishers::same($name, $site->text())) {
            return true;
        }
        foreach ($authors?->people() ?? [] as $one) {
            if (! $one->name->isGroup() && Publishers::same($name, $one->name->direct())) {
                return true;
            }
        }

        return $publisher->confidence !== Confidence::Stated && preg_match('/^\p{Lu}\p{Ll}+ \p{Lu}\p{Ll}+$/u', $name) === 1 && ! Name::looksLikeGroup($name) && preg_match('/\b(?:media|press|books|magazines?|newspapers?|times|post|news)\b/iu', $name) !== 1;
    }

    /** @param  list<Finding>  $candidates in the order of trust */
    private static function best(array $candidates, bool $bySureness = true): ?Finding
    {
        if ($candidates === []) {
            return null;
        }
        $order = array_keys($candidates);
        if ($bySureness) {
            usort($order, static fn (int $a, int $b): int => [$candidates[$a]->confidence->rank(), $a] <=> [$candidates[$b]->confidence->rank(), $b]);
        }
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
     * @param  array<string, Finding>  $findings
     * @return list<Issue>
     */
    private static function issues(Document $page, array $findings, string $kind): array
    {
        $issues = [];
        $open = self::LISTED[$kind] ?? '';
        if ($open !== '') {
            $issues[] = new Issue(Reading::LISTED_ONLY, ContainerField::Url->at(), "This page only tells of {$open} it here? "
                .'Then the entry gets this address.', fix: new Fix('Yes, here', $page->url, reached: AccessMethod::Web),
                dismissal: Dismissal::Elsewhere);
        }
        $date = $findings[ContainerField::Date->at()->key] ?? null;
        $year = CopyrightLine::year($page);
        if ($date === null && $year !== '') {
            $issues[] = new Issue('copyright-year', ContainerField::Date->at(), "The copyright line says {$year}, but that is "
                .'the whole site’s. Is this page dated?', fix: new Fix('Use it anyway', $year),
                about: $year, dismissal: Dismissal::HasNone);
        } elseif ($date !== null && $date->confidence === Confidence::Guess) {
            $issues[] = new Issue('date-guess', ContainerField::Date->at(), $date->evidence->where.' Does the page give a date of its '
                .'own?', about: $date->text(), dismissal: Dismissal::HasNone);
        }
        $author = $findings[FieldPath::contributors()->key] ?? null;
        if ($author === null) {
            $issues[] = new Issue('author-missing', FieldPath::contributors(), match ($kind) {
                'artwork' => 'No artist was found. A museum names one next to the work; of many objects none is known.',
                'photograph', 'illustration' => 'Nobody was found who made the picture. Look at the caption and the line of credits.',
                'data-set', 'report' => 'No author was found. Look at the cover and at who published it: an office or a group may be the author.',
                default => 'No author was found. Look under the headline and at the very end of the text.',
            }, dismissal: Dismissal::HasNone);
        } elseif ($author->confidence === Confidence::Guess) {
            $issues[] = new Issue('author-guess', FieldPath::contributors(), 'The author is only a guess: '
                .lcfirst($author->evidence->where), dismissal: Dismissal::HasNone);
        }

        return $issues;
    }
}
