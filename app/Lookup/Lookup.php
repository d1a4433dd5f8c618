<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Catalogue\CatalogueRecord;
use Bibrel\Core\Read\Catalogue\RegistryRecord;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Dismissal;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\SearchAddress;
use Bibrel\Core\Source\Source;

/** A lead in, an outcome out. What fails still gives a reading, with what is known and the reason as a remark. */
final readonly class Lookup
{
    public function __construct(
        private Fetcher $fetcher,
        private Catalogue $catalogue,
        private DoiRegistry $registry,
        private ReadingProcess $reader,
    ) {
    }

    /**
     * Whether it is worth looking up at all.
     *
     * @throws LookupFailed for the address of a search, with what can be done instead
     */
    public static function check(Lead $lead): void
    {
        if ($lead->kind === LeadKind::Address) {
            self::traced($lead);
        }
    }

    /**
     * @param  string  $today  the student's day, as one would write it
     * @param  bool  $again  past what is remembered from a while ago
     *
     * @throws LookupFailed when the lead is none, or nothing is found by it
     */
    public function of(string $pasted, string $today, bool $again = false): Outcome
    {
        $lead = Lead::recognise($pasted);
        $deadline = Deadline::in((int) config('bibrel.lookup.seconds'));

        return match ($lead->kind) {
            LeadKind::Address => $this->page($lead, $today, $again, $deadline),
            LeadKind::Doi => $this->doi($lead, $deadline),
            LeadKind::Isbn => $this->isbn($lead, $deadline),
            LeadKind::CatalogueRecord => Outcome::reading($this->record($lead->value, $deadline)),
            LeadKind::Title => $this->title($lead, $deadline),
            LeadKind::Citation => Outcome::citation($this->reader->citation($lead->value)),
            LeadKind::SavedPage => Outcome::reading($this->saved($lead->value)),
            LeadKind::Records => Outcome::reading(...$this->reader->records($lead->value, (int) config('bibrel.limits.records'))),
        };
    }

    /** @throws LookupFailed for the address of a search */
    private function page(Lead $lead, string $today, bool $again, Deadline $deadline): Outcome
    {
        $lead = self::traced($lead);
        try {
            $page = $this->fetch($lead, $again, $deadline);
            $reading = str_starts_with(strtolower($page->contentType), 'image/')
                ? $this->reader->picture($page)
                : $this->document($page, $again, $deadline);
        } catch (LookupFailed $failure) {
            $known = ['containers' => [['url' => $lead->url()]], 'kind' => 'web-page', 'reached' => 'web'];

            return self::failed($known, $lead->url(), $failure->getMessage(), $failure->reason);
        }
        $where = $page->url === $lead->url() ? 'The address you pasted.' : 'Where the address you pasted leads to.';
        $address = new Finding(
            ContainerField::Url->at(),
            $page->url,
            new Evidence($where, $lead->pasted),
            Confidence::Stated,
        );
        $reached = $reading->isListedOnly() ? [] : [
            ContainerField::Url->at()->key => $address,
            FieldPath::accessed()->key => self::accessed($today),
        ];

        $findings = [...$reading->findings, ...$reached];

        return Outcome::reading(new Reading($reading->kind, $page->url, $findings, $reading->issues, $reading->copy));
    }

    /**
     * A page somebody saved: it says itself where it is from, and not on which day it was read.
     *
     * @throws LookupFailed
     */
    private function saved(string $html): Reading
    {
        $head = substr($html, 0, 60_000);
        $said = '~saved from url=\(\d+\)(https?://[^\s>]+)|<link[^>]+rel=["\']?canonical["\']?[^>]*href=["\'](https?://[^"\']+)'
            .'|<meta[^>]+property=["\']og:url["\'][^>]*content=["\'](https?://[^"\']+)~i';
        $url = preg_match($said, $head, $m) === 1 ? html_entity_decode((string) end($m)) : '';
        $reading = $this->reader->page(new FetchedPage($url, 'text/html; charset=utf-8', $html), []);
        $address = $url === '' ? [] : [ContainerField::Url->at()->key => new Finding(
            ContainerField::Url->at(),
            $url,
            new Evidence('The saved page says that it is from there.', $url),
            Confidence::Likely,
        )];

        return new Reading($reading->kind, $url, [...$reading->findings, ...$address], $reading->issues, $reading->copy);
    }

    /**
     * A page with what the documents it points to say more: welcome where they are to be had, missed by nobody where
     * not.
     *
     * @throws LookupFailed
     */
    private function document(FetchedPage $page, bool $again, Deadline $deadline): Reading
    {
        $links = array_filter($this->reader->links($page), static fn (string $url): bool => $url !== '');
        $wanted = array_map(static fn (string $what, string $url): Wanted => match ($what) {
            'oembed' => Wanted::json($url, again: $again),
            'feed' => Wanted::feed($url, $again),
            default => Wanted::ris($url, $again),
        }, array_keys($links), $links);
        $soon = $deadline->butAtMost((int) config('bibrel.lookup.linked_seconds'));
        $linked = $wanted === []
            ? []
            : $this->fetcher->fetchOptional(array_combine(array_keys($links), $wanted), $soon);
        $found = array_filter($linked, static fn (FetchedPage|LookupFailed $one): bool => $one instanceof FetchedPage);

        return $this->reader->page($page, array_map(static fn (FetchedPage $one): string => $one->body, $found));
    }

    /** @throws LookupFailed */
    private function fetch(Lead $lead, bool $again, Deadline $deadline): FetchedPage
    {
        try {
            return $this->fetcher->fetch(Wanted::page($lead->url(), $again), $deadline);
        } catch (LookupFailed $failure) {
            // Without a scheme https was only assumed.
            if ($lead->schemeGiven || $failure->reason !== Reason::NoAnswer) {
                throw $failure;
            }
            $plain = (string) preg_replace('~^https~', 'http', $lead->url());

            return $this->fetcher->fetch(Wanted::page($plain, $again), $deadline);
        }
    }

    /**
     * An image search's preview is traced to the page the picture stands on; a search itself is no source.
     *
     * @throws LookupFailed
     */
    private static function traced(Lead $lead): Lead
    {
        $address = new SearchAddress($lead->url());
        if ($address->pageBehind() !== '') {
            return Lead::recognise($address->pageBehind());
        }
        if ($address->isPreview()) {
            throw LookupFailed::because(Reason::SearchPage, 'This is a preview in an image search, and it does not '
                .'say which page the picture stands on. Open that page and paste its address: a search engine is '
                .'never the source of a picture.');
        }
        if ($address->isSearch()) {
            throw LookupFailed::because(Reason::SearchPage, 'This is the address of a search. It finds the source; '
                .'it is not the source. Open the result and paste its own address.');
        }

        return $lead;
    }

    private function doi(Lead $lead, Deadline $deadline): Outcome
    {
        try {
            return Outcome::reading($this->registry->find($lead->value, $deadline)->reading());
        } catch (LookupFailed $failure) {
            $known = ['kind' => 'journal-article', 'containers' => [['doi' => $lead->value]]];

            return self::failed($known, '', $failure->getMessage(), $failure->reason);
        }
    }

    private function isbn(Lead $lead, Deadline $deadline): Outcome
    {
        try {
            $records = $this->catalogue->byIsbn($lead->value, $deadline);
        } catch (LookupFailed $failure) {
            $known = ['kind' => 'book', 'isbn' => $lead->value];

            return self::failed($known, '', $failure->getMessage(), $failure->reason);
        }

        return match (count($records)) {
            0 => self::failed(
                ['kind' => 'book', 'isbn' => $lead->value],
                '',
                'The library catalogue has no book with this ISBN. Fill in the fields from the title page and the back '
                    .'of it.',
                Reason::NoMatch,
            ),
            1 => Outcome::reading(self::whole($records[0]->reading())),
            default => Outcome::choice(
                array_map(static fn (CatalogueRecord $record): Candidate => Candidate::book($record, ''), $records),
            ),
        };
    }

    /** @throws LookupFailed */
    private function record(string $id, Deadline $deadline): Reading
    {
        $record = $this->catalogue->byId($id, $deadline)[0]
            ?? throw LookupFailed::because(
                Reason::NoMatch,
                'The library catalogue no longer has this record. Search for the title again.',
            );

        return self::whole($record->reading());
    }

    /** A book's reading asks whether the whole of it was used. */
    private static function whole(Reading $reading): Reading
    {
        $asks = new Issue('whole-or-part', FieldPath::title(), 'Did you use the whole book, or one part of it: a chapter, '
            .'an essay, a story, a poem?', dismissal: Dismissal::Whole);

        return Kinds::all()->get($reading->kind)->hasParts ? $reading->withIssue($asks) : $reading;
    }

    /** Candidates, nearest first; where nothing is found, a form with the words in it. */
    private function title(Lead $lead, Deadline $deadline): Outcome
    {
        $words = trim(strip_tags($lead->value)) ?: $lead->value;
        $asked = trim("{$words} {$lead->author}");
        // One that keeps silent leaves time for the other.
        $half = $deadline->butAtMost(intdiv($deadline->seconds, 2));
        $places = [
            'books' => fn (): array => array_map(
                static fn (CatalogueRecord $record): Candidate => Candidate::book($record, $asked),
                $this->catalogue->byTitle($words, $lead->author, $half),
            ),
            'articles' => fn (): array => array_map(
                static fn (RegistryRecord $record): Candidate => Candidate::article($record, $asked),
                $this->registry->search($words, $lead->author, $deadline),
            ),
        ];
        $candidates = [];
        $silent = [];
        foreach ($places as $name => $ask) {
            try {
                $candidates = [...$candidates, ...$ask()];
            } catch (LookupFailed $failure) {
                $silent[$name] = $failure;
            }
        }
        if ($candidates === []) {
            $known = [
                'kind' => 'other',
                'title' => ['main' => $lead->value],
                'contributors' => array_map(
                    static fn (Contributor $one): array => $one->toArray(),
                    Bylines::contributors($lead->author),
                ),
            ];
            $searched = implode(' and ', array_keys(array_diff_key($places, $silent)));
            $why = array_map(static fn (LookupFailed $one): string => $one->getMessage(), $silent);
            $reason = count($silent) === count($places) ? reset($silent)->reason : Reason::NoMatch;

            return self::failed($known, '', match (count($silent)) {
                0 => "Nothing called “{$words}” was found, neither among books nor among articles. Look for it in "
                    .'other words, paste the address of its page, or say here what kind of source it is and fill in '
                    .'its fields.',
                1 => "Nothing called “{$words}” was found among {$searched}. ".implode(' ', $why),
                default => 'Titles cannot be looked up just now. '.implode(' ', array_unique($why)),
            }, $reason);
        }
        usort($candidates, static fn (Candidate $a, Candidate $b): int => $b->nearness <=> $a->nearness);

        return Outcome::choice(array_slice($candidates, 0, 15));
    }

    private static function accessed(string $today): Finding
    {
        return new Finding(FieldPath::accessed(), $today, new Evidence('The day you looked it up here. Change it if you read it '
            .'on another day.'), Confidence::Stated);
    }

    /** @param  array<string, mixed>  $known  the source as far as the lead itself tells it */
    private static function failed(array $known, string $url, string $sentence, Reason $reason): Outcome
    {
        $reading = Reading::of(Source::fromArray($known, Kinds::all()), 'What you pasted.');

        $field = $url !== '' ? ContainerField::Url->at() : FieldPath::title();
        $issue = new Issue('lookup-failed', $field, $sentence, dismissal: Dismissal::Noted);
        $told = new Reading($reading->kind, $url, $reading->findings, [$issue], [], $reading->base);

        return Outcome::failed($told, $reason);
    }
}
