<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Fix;
use Bibrel\Core\Source\Isbn;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\SearchAddress;
use Bibrel\Core\Source\Severity;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\WebAddress;
use Bibrel\Core\Text\HeadlineCase;
use Bibrel\Core\Text\PageRange;

/**
 * Where a source is: addresses that find it but are not it, pages the wrong way round, a number that cannot be right.
 */
final class PlaceChecks implements Checks
{
    private const VISIT = '~(?:\.|//)(?:ez|lib)?-?proxy\d*\.|\.(?:ez|lib)proxy\.|[?&](?:sid|session(?:id)?|jsessionid|phpsessid|ticket|token)=|;jsessionid=~i';

    /** A short host and one short word that mixes letters and figures: an address that only leads on to another. */
    private const SHORTENED = '~^https?://(?:www\.)?[a-z0-9-]{1,6}\.[a-z]{2,7}/(?=[A-Za-z0-9_-]*[A-Z0-9])[A-Za-z0-9_-]{4,9}/?$~';

    public function on(Source $source): array
    {
        $issues = [];
        foreach ($source->containers as $i => $container) {
            $issues[] = self::address($container, ContainerField::Url->at($i));
            $issues[] = self::pages($container, ContainerField::Pages->at($i));
            $issues[] = self::small($source, ContainerField::Title->at($i));
            $issues[] = self::small($source, ContainerField::Publisher->at($i));
            if ($container->doi !== '' && (new WebAddress($container->doi))->doi() === '') {
                $issues[] = new Issue('doi-odd', ContainerField::Doi->at($i), 'This is not a DOI: one begins with 10. '
                    .'and has a slash in it. No entry prints it as it stands.');
            }
        }
        if ($source->isbn !== '' && Isbn::parse($source->isbn) === null) {
            $issues[] = new Issue(
                'isbn-wrong',
                FieldPath::isbn(),
                'This ISBN has a slip in it: its check digit does not fit.',
            );
        }

        return array_values(array_filter($issues));
    }

    private static function address(Container $container, FieldPath $field): ?Issue
    {
        $url = $container->url;
        $search = new SearchAddress($url);

        return match (true) {
            $url === '' => null,
            preg_match('~^file:|^[a-z]:\\\\|^/~i', $url) === 1 => new Issue('address-file', $field, 'This is a file on one '
                .'computer; nobody else can open it. Use the address on the web, or leave it out.'),
            preg_match('~^https?://\S+\.\S+$~i', $url) !== 1 => new Issue('address-odd', $field, 'This does not look like '
                .'a whole web address. Copy it again from the browser’s address bar.'),
            $search->isPreview() => new Issue('address-preview', $field, 'This is a preview in an image search. It finds '
                .'the picture; it is not the source. Open the page the picture stands on and copy that address.'),
            $search->maySearch() => new Issue('address-search', $field, 'This is the address of a search. It finds the '
                .'source; it is not the source. Open the result and copy its own address.'),
            preg_match(self::VISIT, $url) === 1 => new Issue('address-session', $field, 'This address goes through your '
                .'library’s or your own visit, so it will not work for a reader. Use the stable link the page offers.'),
            preg_match(self::SHORTENED, $url) === 1 => new Issue('address-shortened', $field, 'This looks like a shortened '
                .'address, which says nothing about the source and may stop working. Open it and copy the address it '
                .'ends at.', Severity::Hint),
            $container->doi !== '' => new Issue('address-beside-doi', $field, 'With a DOI the address is not needed; the '
                .'entry shows the DOI.', Severity::Hint, new Fix('Take the address off', '')),
            default => null,
        };
    }

    /** The name of a journal, a site or a publisher in small letters throughout. */
    private static function small(Source $source, FieldPath $field): ?Issue
    {
        $name = $source->text($field);
        $isSmall = preg_match('/\p{L}{3}/u', $name) === 1 && mb_strtolower($name) === $name
            && preg_match('/^\p{L}.*\s\p{L}/u', $name) === 1;

        return ! $isSmall || ! $source->isEnglish() ? null : new Issue(
            'container-small',
            $field,
            "“{$name}” stands in small letters; names have capitals.",
            Severity::Hint,
            new Fix('Write “'.(new HeadlineCase($name))->text().'”', (new HeadlineCase($name))->text()),
        );
    }

    private static function pages(Container $container, FieldPath $field): ?Issue
    {
        if (preg_match('/^(\d+)\s*[-–]\s*(\d+)$/u', (new PageRange($container->pages))->bare(), $m) !== 1) {
            return null;
        }
        [, $from, $to] = $m;
        $whole = strlen($to) < strlen($from) ? substr($from, 0, strlen($from) - strlen($to)).$to : $to;

        return (int) $whole < (int) $from
            ? new Issue(
                'pages-reversed',
                $field,
                'The last page comes before the first.',
                fix: new Fix('Turn them round', "{$to}-{$from}"),
            )
            : null;
    }
}
