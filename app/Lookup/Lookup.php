<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Bibrel\Core\Read\Charset;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Remark;
use Bibrel\Core\Read\Web\Reading;
use Bibrel\Core\Read\Web\WebPage;

/** A lead in, a reading out. What fails still gives a reading, with what is known and the reason as a remark. */
final readonly class Lookup
{
    public function __construct(private Fetcher $fetcher)
    {
    }

    /**
     * @param  string  $today  the student's day, as one would write it
     *
     * @throws LookupFailed when the lead is none
     */
    public function page(string $pasted, string $today): Reading
    {
        $lead = Lead::recognise($pasted);
        try {
            $page = $this->fetch($lead);
        } catch (LookupFailed $failure) {
            return self::failed($lead->url, $failure->getMessage());
        }
        $reading = WebPage::read(Charset::toUtf8($page->body, $page->contentType), $page->url);
        $address = new Finding('containers.0.url', $page->url, new Evidence($page->url === $lead->url ? 'The address you pasted.' : 'Where the address you pasted leads to.', $pasted), Confidence::Stated);

        return new Reading($reading->kind, $page->url, [...$reading->findings, 'containers.0.url' => $address, 'accessed' => self::accessed($today)], $reading->remarks, $reading->copy);
    }

    /** @throws LookupFailed */
    private function fetch(Lead $lead): FetchedPage
    {
        try {
            return $this->fetcher->fetch($lead->url);
        } catch (LookupFailed $failure) {
            // Without a scheme https was only assumed.
            if ($lead->schemeGiven || ! str_starts_with($failure->getMessage(), 'Nothing answers')) {
                throw $failure;
            }

            return $this->fetcher->fetch((string) preg_replace('~^https~', 'http', $lead->url));
        }
    }

    private static function accessed(string $today): Finding
    {
        return new Finding('accessed', $today, new Evidence('The day you looked it up here. Change it if you read it on another day.'), Confidence::Stated);
    }

    private static function failed(string $url, string $sentence): Reading
    {
        $address = new Finding('containers.0.url', $url, new Evidence('The address you pasted.', $url), Confidence::Stated);

        return new Reading('web-page', $url, ['containers.0.url' => $address], [new Remark('lookup-failed', 'containers.0.url', $sentence)], []);
    }
}
