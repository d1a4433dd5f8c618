<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\DateOf;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;

/** Open Graph: what a page says of itself for being shared. */
final class OpenGraph implements EvidenceReader
{
    private const WHERE = 'Stated in the page’s metadata.';

    public function read(Document $page): array
    {
        $said = $page->metaAll('article:author');
        $authors = array_filter($said, static fn (string $author): bool => preg_match('~^https?://~i', $author) !== 1);

        return [
            ...Make::text(FieldPath::title(), $page->meta('og:title'), self::WHERE, Confidence::Stated),
            // An address is no name for a site while the page has another.
            ...Make::text(ContainerField::Title->at(), (string) preg_replace(['~^([\w-]+\.[a-z]{2,10})/.*$~i', '/\s+\|\s+/u'], ['$1', ', '], $page->meta('og:site_name')), self::WHERE, preg_match('~^(?:https?://|www\.|@)~i', $page->meta('og:site_name')) === 1 || strcasecmp($page->meta('og:site_name'), $page->host()) === 0 && substr_count($page->host(), '.') > 1 ? Confidence::Guess : Confidence::Stated),
            ...Make::people(array_merge(...array_map(Bylines::contributors(...), array_values($authors))), self::WHERE, Confidence::Stated, implode('; ', $authors)),
            ...self::linked($page, array_values(array_diff($said, $authors))),
            ...Make::date($page->meta('article:published_time', 'og:published_time'), self::WHERE, Confidence::Stated),
            ...Make::date($page->meta('article:modified_time', 'og:updated_time'), 'When the page was last changed, by its metadata. That is not when it was published.', Confidence::Guess, of: DateOf::Change),
            ...Make::text(ContainerField::Publisher->at(), preg_match('~^https?://~i', $page->meta('article:publisher')) === 1 ? '' : $page->meta('article:publisher'), self::WHERE, Confidence::Likely),
        ];
    }

    /**
     * Authors given as the address of their page: the link to it on this page shows the name.
     *
     * @param  list<string>  $addresses
     * @return list<Finding>
     */
    private static function linked(Document $page, array $addresses): array
    {
        $names = [];
        foreach ($addresses as $address) {
            $path = rtrim((string) parse_url($address, PHP_URL_PATH), '/');
            $isOwn = strtolower((string) preg_replace('/^www\./i', '', (string) parse_url($address, PHP_URL_HOST))) === $page->host();
            foreach ($isOwn && strlen($path) > 1 ? $page->all('//a[@href]') : [] as $link) {
                $name = trim($page->text($link), ' ,;');
                if ($name !== '' && mb_strlen($name) < 60 && rtrim((string) parse_url($link->getAttribute('href'), PHP_URL_PATH), '/') === $path) {
                    $names[] = $name;
                    break;
                }
            }
        }

        return Make::people(Bylines::contributors(implode(', ', $names)), 'The page’s metadata links to this author.', Confidence::Likely, implode('; ', $names), true);
    }
}
