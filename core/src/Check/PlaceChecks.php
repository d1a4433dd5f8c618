<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\Isbn;
use Bibrel\Core\Source\SearchAddress;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\WebAddress;
use Bibrel\Core\Text\PageRange;

/** Where a source is: addresses that find it but are not it, pages the wrong way round, a number that cannot be right. */
final class PlaceChecks implements Checks
{
    private const VISIT = '~(?:\.|//)(?:ez|lib)?-?proxy\d*\.|\.(?:ez|lib)proxy\.|[?&](?:sid|session(?:id)?|jsessionid|phpsessid|ticket|token)=|;jsessionid=~i';

    /** A short host and one short word that mixes letters and figures: an address that only leads on to another. */
    private const SHORTENED = '~^https?://(?:www\.)?[a-z0-9-]{1,6}\.[a-z]{2,7}/(?=[A-Za-z0-9_-]*[A-Z0-9])[A-Za-z0-9_-]{4,9}/?$~';

    public function on(Source $source): array
    {
        $points = [];
        foreach ($source->containers as $i => $container) {
            array_push($points, ...self::address($container, $i), ...self::pages($container, $i));
            if ($container->doi !== '' && WebAddress::doi($container->doi) === '') {
                $points[] = new Point('doi-odd', "containers.{$i}.doi", 'This is not a DOI: one begins with 10. and has a slash in it. No entry prints it as it stands.');
            }
        }
        if ($source->isbn !== '' && Isbn::parse($source->isbn) === null) {
            $points[] = new Point('isbn-wrong', 'isbn', 'This ISBN has a slip in it: its check digit does not fit.');
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
        $search = new SearchAddress($url);

        return match (true) {
            preg_match('~^file:|^[a-z]:\\\\|^/~i', $url) === 1 => [new Point('address-file', $field, 'This is a file on one computer; nobody else can open it. Use the address on the web, or leave it out.')],
            preg_match('~^https?://\S+\.\S+$~i', $url) !== 1 => [new Point('address-odd', $field, 'This does not look like a whole web address. Copy it again from the browser’s address bar.')],
            $search->isPreview() => [new Point('address-preview', $field, 'This is a preview in an image search. It finds the picture; it is not the source. Open the page the picture stands on and copy that address.')],
            $search->maySearch() => [new Point('address-search', $field, 'This is the address of a search. It finds the source; it is not the source. Open the result and copy its own address.')],
            preg_match(self::VISIT, $url) === 1 => [new Point('address-session', $field, 'This address goes through your library’s or your own visit, so it will not work for a reader. Use the stable link the page offers.')],
            preg_match(self::SHORTENED, $url) === 1 => [new Point('address-shortened', $field, 'This looks like a shortened address, which says nothing about the source and may stop working. Open it and copy the address it ends at.', soft: true)],
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
}
