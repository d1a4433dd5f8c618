<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Text\PageRange;

/** Where a source is: addresses that find it but are not it, pages the wrong way round, a number that cannot be right. */
final class PlaceChecks implements Checks
{
    private const SEARCH = '~^https?://[^/]+/(?:search|find|results?|imgres|images/search)\b|[?&](?:q|query|search|searchterm|imgurl)=~i';

    public function on(Source $source): array
    {
        $points = [];
        foreach ($source->containers as $i => $container) {
            array_push($points, ...self::address($container, $i), ...self::pages($container, $i));
        }
        if ($source->isbn !== '' && ! self::isIsbn($source->isbn)) {
            $points[] = new Point('isbn-wrong', 'isbn', 'This ISBN has a slip in it: its check digit does not fit.');
        }
        $container = $source->container();
        $journal = $source->kind->id === 'journal-article';
        if ($container->publisher !== '' && isset($source->containers[1]) && preg_match('/\b(?:Publishing|Information Services|Learning|Holdings|Group|LLC|Inc)\.?$/u', $source->containers[1]->title) === 1) {
            $points[] = new Point('vendor', 'containers.1.title', "“{$source->containers[1]->title}” sounds like the company that sells the database. Name the database itself.");
        }
        if ($journal && $container->volume === '' && $container->title === '' && $container->url !== '') {
            $points[] = new Point('kind-odd', 'containers.0.title', 'A journal article needs its journal. Is this a page on a website?');
        }

        return $points;
    }

    /** @return list<Point> */
    private static function address(Container $container, int $i): array
    {
        $url = $container->url;
        $field = "containers.{$i}.url";
        if ($url === '') {
            return [];
        }

        return match (true) {
            preg_match('~^file:|^[a-z]:\\\\|^/~i', $url) === 1 => [new Point('address-file', $field, 'This is a file on one computer; nobody else can open it. Use the address on the web, or leave it out.')],
            preg_match('~^https?://\S+\.\S+$~i', $url) !== 1 => [new Point('address-odd', $field, 'This does not look like a whole web address. Copy it again from the browser’s address bar.')],
            preg_match(self::SEARCH, $url) === 1 => [new Point('address-search', $field, 'This is the address of a search. It finds the source; it is not the source. Open the result and copy its own address.')],
            preg_match('~(?:\.|//)(?:ezproxy|proxy|libproxy)\.|[?&](?:sid|session(?:id)?|jsessionid|phpsessid)=|;jsessionid=~i', $url) === 1 => [new Point('address-session', $field, 'This address goes through your library’s or your own visit, so it will not work for a reader. Use the stable link the page offers.')],
            $container->doi !== '' => [new Point('address-beside-doi', $field, 'With a DOI the address is not needed; the entry shows the DOI.', '', 'Take the address off', '', true)],
            default => [],
        };
    }

    /** @return list<Point> */
    private static function pages(Container $container, int $i): array
    {
        if (preg_match('/^(\d+)\s*[-–]\s*(\d+)$/u', PageRange::bare($container->pages), $m) !== 1) {
            return [];
        }
        $to = strlen($m[2]) < strlen($m[1]) ? substr($m[1], 0, strlen($m[1]) - strlen($m[2])).$m[2] : $m[2];

        return (int) $to < (int) $m[1] ? [new Point('pages-reversed', "containers.{$i}.pages", 'The last page comes before the first.', '', 'Turn them round', "{$m[2]}-{$m[1]}")] : [];
    }

    private static function isIsbn(string $isbn): bool
    {
        $digits = strtoupper((string) preg_replace('/[\s-]+/', '', $isbn));
        if (preg_match('/^\d{13}$/', $digits) === 1) {
            $sum = 0;
            foreach (str_split($digits) as $i => $digit) {
                $sum += (int) $digit * ($i % 2 === 0 ? 1 : 3);
            }

            return $sum % 10 === 0;
        }
        if (preg_match('/^\d{9}[\dX]$/', $digits) !== 1) {
            return false;
        }
        $sum = 0;
        foreach (str_split($digits) as $i => $digit) {
            $sum += ($digit === 'X' ? 10 : (int) $digit) * (10 - $i);
        }

        return $sum % 11 === 0;
    }
}
