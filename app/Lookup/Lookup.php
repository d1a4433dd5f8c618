<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Bibrel\Core\Read\Bibtex;
use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Catalogue\CatalogueRecord;
use Bibrel\Core\Read\Catalogue\RegistryRecord;
use Bibrel\Core\Read\Charset;
use Bibrel\Core\Read\Citation\FinishedCitation;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\CslJson;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Image\ImageFile;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Read\Remark;
use Bibrel\Core\Read\Ris;
use Bibrel\Core\Read\Unreadable;
use Bibrel\Core\Read\Web\Feed;
use Bibrel\Core\Read\Web\LinkedDocuments;
use Bibrel\Core\Read\Web\Oembed;
use Bibrel\Core\Read\Web\WebPage;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\SearchAddress;
use Bibrel\Core\Source\Source;

/** A lead in, an outcome out. What fails still gives a reading, with what is known and the reason as a remark. */
final readonly class Lookup
{
    public function __construct(private Fetcher $fetcher, private Catalogue $catalogue, private DoiRegistry $registry)
    {
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

        return match ($lead->kind) {
            LeadKind::Address => Outcome::reading($this->page($lead, $today, $again)),
            LeadKind::Doi => Outcome::reading($this->doi($lead)),
            LeadKind::Isbn => $this->isbn($lead),
            LeadKind::CatalogueRecord => Outcome::reading($this->record($lead->value)),
            LeadKind::Title => $this->title($lead),
            LeadKind::Citation => Outcome::citation(self::citation($lead->value)),
            LeadKind::Records => Outcome::reading(...self::records($lead->value)),
        };
    }

    /** @throws LookupFailed for the address of a search */
    private function page(Lead $lead, string $today, bool $again): Reading
    {
        $lead = self::traced($lead);
        try {
            $page = $this->fetch($lead, $again);
        } catch (LookupFailed $failure) {
            return self::failed(['containers' => [['url' => $lead->url()]], 'kind' => 'web-page', 'reached' => 'web'], $lead->url(), $failure->getMessage());
        }
        $reading = str_starts_with(strtolower($page->contentType), 'image/')
            ? ImageFile::read($page->body, $page->url)
            : $this->document(Charset::toUtf8($page->body, $page->contentType), $page->url, $again);
        $address = new Finding('containers.0.url', $page->url, new Evidence($page->url === $lead->url() ? 'The address you pasted.' : 'Where the address you pasted leads to.', $lead->pasted), Confidence::Stated);

        $reached = $reading->isListedOnly() ? [] : ['containers.0.url' => $address, 'accessed' => self::accessed($today)];

        return new Reading($reading->kind, $page->url, [...$reading->findings, ...$reached], $reading->remarks, $reading->copy);
    }

    /** A page with what the documents it points to say more. */
    private function document(string $html, string $url, bool $again): Reading
    {
        $links = LinkedDocuments::of($html, $url);
        $more = [
            ...($links['oembed'] === '' ? [] : Oembed::findings($this->beside($links['oembed'], 'application/json', '~json~i', $again))),
            ...($links['feed'] === '' ? [] : Feed::findings($this->beside($links['feed'], 'application/rss+xml, application/atom+xml, application/xml;q=0.9', '~xml|rss|atom~i', $again), $url)),
            ...($links['ris'] === '' ? [] : self::exported($this->beside($links['ris'], 'application/x-research-info-systems', '~research-info|text/plain~i', $again))),
        ];

        return WebPage::read($html, $url, $more);
    }

    /** A document beside a page: welcome where it is to be had, missed by nobody where it is not. */
    private function beside(string $url, string $accept, string $wanted, bool $again): string
    {
        try {
            return $this->fetcher->fetch($url, $accept, $wanted, $again)->body;
        } catch (LookupFailed) {
            return '';
        }
    }

    /** @return list<Finding> */
    private static function exported(string $ris): array
    {
        try {
            $sources = Ris::sources($ris);
        } catch (Unreadable) {
            return [];
        }
        $reading = count($sources) === 1 ? Reading::of($sources[0], 'From the record the page exports (RIS).', Confidence::Likely) : null;

        return $reading === null ? [] : array_values(array_filter($reading->findings, static fn (Finding $one): bool => ! in_array($one->field, ['containers.0.url', 'containers.1.url', 'reached'], true)));
    }

    /** @throws LookupFailed */
    private function fetch(Lead $lead, bool $again): FetchedPage
    {
        $wanted = '~html|xml|text/plain|^image/~i';
        try {
            return $this->fetcher->fetch($lead->url(), Fetcher::PAGE, $wanted, $again);
        } catch (LookupFailed $failure) {
            // Without a scheme https was only assumed.
            if ($lead->schemeGiven || ! str_starts_with($failure->getMessage(), 'Nothing answers')) {
                throw $failure;
            }

            return $this->fetcher->fetch((string) preg_replace('~^https~', 'http', $lead->url()), Fetcher::PAGE, $wanted, $again);
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
            throw new LookupFailed('This is a preview in an image search, and it does not say which page the picture stands on. Open that page and paste its address: a search engine is never the source of a picture.');
        }
        if ($address->isSearch()) {
            throw new LookupFailed('This is the address of a search. It finds the source; it is not the source. Open the result and paste its own address.');
        }

        return $lead;
    }

    private function doi(Lead $lead): Reading
    {
        try {
            return $this->registry->find($lead->value)->reading();
        } catch (LookupFailed $failure) {
            return self::failed(['kind' => 'journal-article', 'containers' => [['doi' => $lead->value]]], '', $failure->getMessage());
        }
    }

    private function isbn(Lead $lead): Outcome
    {
        try {
            $records = $this->catalogue->byIsbn($lead->value);
        } catch (LookupFailed $failure) {
            return Outcome::reading(self::failed(['kind' => 'book', 'isbn' => $lead->value], '', $failure->getMessage()));
        }

        return match (count($records)) {
            0 => Outcome::reading(self::failed(['kind' => 'book', 'isbn' => $lead->value], '', 'The library catalogue has no book with this ISBN. Fill in the fields from the title page and the back of it.')),
            1 => Outcome::reading(self::whole($records[0]->reading())),
            default => Outcome::choice(array_map(static fn (CatalogueRecord $record): Candidate => Candidate::book($record, ''), $records)),
        };
    }

    /** @throws LookupFailed */
    private function record(string $id): Reading
    {
        $record = $this->catalogue->byId($id)[0] ?? throw new LookupFailed('The library catalogue no longer has this record. Search for the title again.');

        return self::whole($record->reading());
    }

    /** A book's reading asks whether the whole of it was used. */
    private static function whole(Reading $reading): Reading
    {
        $isBook = in_array(Kinds::all()->get($reading->kind)->id, ['book', 'edited-collection', 'ebook', 'audiobook'], true);
        $asks = new Remark('whole-or-part', 'title.main', 'Did you use the whole book, or one part of it: a chapter, an essay, a story, a poem?');

        return $isBook ? new Reading($reading->kind, $reading->url, $reading->findings, [...$reading->remarks, $asks], $reading->copy, $reading->base) : $reading;
    }

    /** Candidates, nearest first; where nothing is found, a form with the words in it. */
    private function title(Lead $lead): Outcome
    {
        $words = trim(strip_tags($lead->value)) ?: $lead->value;
        $asked = trim("{$words} {$lead->author}");
        $places = [
            'books' => fn (): array => array_map(static fn (CatalogueRecord $record): Candidate => Candidate::book($record, $asked), $this->catalogue->byTitle($words, $lead->author)),
            'articles' => fn (): array => array_map(static fn (RegistryRecord $record): Candidate => Candidate::article($record, $asked), $this->registry->search($words, $lead->author)),
        ];
        $candidates = [];
        $silent = [];
        foreach ($places as $name => $ask) {
            try {
                $candidates = [...$candidates, ...$ask()];
            } catch (LookupFailed $failure) {
                $silent[$name] = $failure->getMessage();
            }
        }
        if ($candidates === []) {
            $known = ['kind' => 'other', 'title' => ['main' => $lead->value], 'contributors' => array_map(static fn (Contributor $one): array => $one->toArray(), Bylines::contributors($lead->author))];
            $searched = implode(' and ', array_keys(array_diff_key($places, $silent)));

            return Outcome::reading(self::failed($known, '', match (count($silent)) {
                0 => "Nothing called “{$words}” was found, neither among books nor among articles. Look for it in other words, paste the address of its page, or say here what kind of source it is and fill in its fields.",
                1 => "Nothing called “{$words}” was found among {$searched}. ".implode(' ', $silent),
                default => 'Titles cannot be looked up just now. '.implode(' ', array_unique($silent)),
            }));
        }
        usort($candidates, static fn (Candidate $a, Candidate $b): int => $b->nearness <=> $a->nearness);

        return Outcome::choice(array_slice($candidates, 0, 15));
    }

    /** @throws LookupFailed */
    private static function citation(string $text): Reading
    {
        try {
            return FinishedCitation::parse($text);
        } catch (Unreadable $problem) {
            throw new LookupFailed($problem->getMessage());
        }
    }

    /**
     * @return list<Reading>
     *
     * @throws LookupFailed
     */
    private static function records(string $text): array
    {
        [$format, $read] = match (true) {
            preg_match('/^\s*TY\s/i', $text) === 1 => ['RIS', Ris::sources(...)],
            preg_match('/^\s*@/', $text) === 1 => ['BibTeX', Bibtex::sources(...)],
            default => ['CSL-JSON', CslJson::sources(...)],
        };
        try {
            return array_map(static fn (Source $source): Reading => Reading::of($source, "From the record you pasted ({$format}).", remarks: self::cutShort($source)), $read($text));
        } catch (Unreadable $problem) {
            throw new LookupFailed($problem->getMessage());
        }
    }

    /** @return list<Remark> */
    private static function cutShort(Source $source): array
    {
        return isset($source->custom['csl']['bibtex'][Bibtex::CUT_SHORT])
            ? [new Remark('names-cut-short', 'contributors', 'The record ends its names in “and others” and does not say who they are. Add them from the source: how many there are decides how the entry begins.')]
            : [];
    }

    private static function accessed(string $today): Finding
    {
        return new Finding('accessed', $today, new Evidence('The day you looked it up here. Change it if you read it on another day.'), Confidence::Stated);
    }

    /** @param  array<string, mixed>  $known  the source as far as the lead itself tells it */
    private static function failed(array $known, string $url, string $sentence): Reading
    {
        $reading = Reading::of(Source::fromArray($known, Kinds::all()), 'What you pasted.');

        return new Reading($reading->kind, $url, $reading->findings, [new Remark('lookup-failed', $url !== '' ? 'containers.0.url' : 'title.main', $sentence)], [], $reading->base);
    }
}
