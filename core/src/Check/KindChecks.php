<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\Source;

/** A kind that does not fit what is filled in, and things that find a source but are none. */
final class KindChecks implements Checks
{
    public function on(Source $source): array
    {
        $points = [];
        $fit = self::fitting($source);
        if ($fit !== null) {
            [$kind, $sentence, $mend] = $fit;
            $points[] = new Point('kind-odd', 'kind', $sentence, $kind, $mend, $kind);
        }
        foreach ($source->containers as $i => $container) {
            if (preg_match('/\b(?:image|picture|web|video|internet)\s+search\b|\bsearch\s+(?:engine|results?)\b/i', $container->title) === 1) {
                $points[] = new Point('search-engine', "containers.{$i}.title", "“{$container->title}” finds sources; it is not where this one was published. Open the result and name the site or collection it leads to.");
            }
            $sold = '/\b(?:Publishing|Information Services|Learning|Holdings|Group|LLC|Inc|Corp|Company)\.?$/u';
            if ($i > 0 && preg_match($sold, $container->title) === 1) {
                $points[] = new Point('vendor', "containers.{$i}.title", "“{$container->title}” sounds like the company that sells the database. Name the database itself.");
            }
        }

        return $points;
    }

    /** @return ?array{string, string, string} the kind that fits better, why, and what the button says */
    private static function fitting(Source $source): ?array
    {
        $container = $source->container();
        $id = $source->kind->id;
        $onWeb = in_array($id, ['web-page', 'online-article', 'website'], true);

        return match (true) {
            $onWeb && $container->volume !== '' && $container->issue.$container->pages.$container->doi !== '' => ['journal-article', 'It has a volume like a journal article. Is it one?', 'Make it a journal article'],
            $onWeb && preg_match('~\.(?:jpe?g|png|gif|webp|tiff?)(?:[?#].*)?$~i', $container->url) === 1 => ['photograph', 'The address is a picture’s own. A photograph is not the page around it: is the picture what you used?', 'Make it a photograph'],
            $onWeb && preg_match('~^https?://[^/]+/(?:wiki)/~i', $container->url) === 1 => ['wiki-entry', 'The address looks like an entry in a wiki.', 'Make it a wiki entry'],
            $id === 'website' && preg_match('~^https?://[^/]+/[^?#]*[^/?#]~i', $container->url) === 1 && $container->title !== '' => ['web-page', 'The address leads to one page of the site, and the site has a name of its own beside it.', 'Make it a web page'],
            $id === 'journal-article' && $container->volume === '' && $container->title === '' && $container->url !== '' => ['web-page', 'A journal article needs its journal. Is this a page on a website?', 'Make it a web page'],
            in_array($id, ['book', 'ebook'], true) && $container->pages !== '' && $container->title !== '' => ['chapter', 'It has pages and the title of a larger work, as a part of a book has.', 'Make it a part of a book'],
            $id === 'chapter' && $container->volume !== '' && $container->issue !== '' => ['journal-article', 'Volume and issue belong to a periodical, not to a book.', 'Make it a journal article'],
            default => null,
        };
    }
}
