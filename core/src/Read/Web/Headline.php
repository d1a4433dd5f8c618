<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\SiteTitle;

/** The heading of the text, the page's title element, and what stands behind or before the bar in it. */
final class Headline implements Clues
{
    private const MARKED = ['entry-title', 'headline', 'article-title', 'post-title'];

    public function in(Document $page): array
    {
        $element = $page->tabName();
        // A file's name is nobody's title, and neither is what an editor of pages puts there by itself.
        $element = preg_match('/^[\w%-]+\.(?:html?|php|aspx?|pdf|docx?)$|^(?:untitled(?: document)?|document|new page(?: \d+)?|index|home ?page)$/i', $element) === 1 ? '' : $element;
        $heading = self::heading($page);
        // A number alone is followed by what it is the number of: "INL-88: Marking of hazards".
        if (preg_match('/^(?=\S*\d)[\p{Lu}\d.-]{2,16}$/u', $heading) === 1 && preg_match('/^'.preg_quote($heading, '/').'\s*[:–—-]\s+\S/u', $element) === 1) {
            return [...Make::text('title.main', $element, 'From the name of the browser tab.', Confidence::Likely)];
        }

        return [
            ...($heading === '' ? [] : Make::text('title.main', $heading, 'The main heading of the page.', Confidence::Likely, true)),
            ...Make::text('title.main', $element, 'From the name of the browser tab.', Confidence::Likely),
            ...self::site($page, $element, $heading),
            ...($heading === '' && $element === '' ? Make::text('title.main', $page->blocks()[0]['text'] ?? '', 'The first line of the page.', Confidence::Guess, true) : []),
        ];
    }

    /** The heading of the text; the one over the whole site links home or stands in the site's own head. */
    private static function heading(Document $page): string
    {
        $firsts = $page->mentions('<h1') ? $page->all('//h1') : [];
        $candidates = [
            ...array_filter($firsts, static fn (\DOMElement $h1): bool => self::isIn($h1, ['article', 'main'])),
            ...$page->withClass(self::MARKED),
            ...array_filter($firsts, static fn (\DOMElement $h1): bool => (! self::isIn($h1, ['header']) || self::isIn($h1, ['article'])) && $page->all('.//a[@rel="home" or @href="/"]', $h1) === []),
            ...$firsts,
            ...($firsts === [] ? array_slice($page->all('//h2'), 0, 1) : []),
        ];
        foreach ($candidates as $heading) {
            if ($page->text($heading) !== '' && ! $page->isBeside($heading)) {
                return $page->text($heading);
            }
        }

        return '';
    }

    /** @param  list<string>  $names */
    private static function isIn(\DOMElement $element, array $names): bool
    {
        for ($node = $element->parentNode; $node !== null; $node = $node->parentNode) {
            if ($node instanceof \DOMElement && in_array($node->localName, $names, true)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Finding> */
    private static function site(Document $page, string $element, string $heading): array
    {
        $beside = SiteTitle::besides($element, $heading);
        if ($beside !== '') {
            // Of several parts the last is the site, the others its sections.
            $parts = SiteTitle::parts($beside);

            return Make::text('containers.0.title', str_ends_with($element, (string) end($parts)) ? (string) end($parts) : $parts[0], 'Beside the title in the name of the browser tab.', Confidence::Likely);
        }
        foreach (SiteTitle::parts($element) as $part) {
            foreach (array_slice($page->blocks(), 0, 3) as $block) {
                if ($block['text'] === $part && $part !== $heading && mb_strtolower($part) !== mb_strtolower($element)) {
                    return Make::text('containers.0.title', $part, 'From the head of the page and the name of the browser tab.', Confidence::Likely, true);
                }
            }
        }

        $parts = SiteTitle::parts($element);
        $last = (string) end($parts);
        if ($heading !== '' && count($parts) > 1 && stripos($last, $heading) === false && stripos($heading, $last) === false && preg_match('/^by\s/i', $last) !== 1 && stripos($element, $heading) !== false) {
            return Make::text('containers.0.title', $last, 'Behind the title in the name of the browser tab.', Confidence::Likely);
        }

        return $heading === '' ? Make::text('containers.0.title', SiteTitle::suffix($element), 'Perhaps the part behind the bar in the name of the browser tab.', Confidence::Guess) : [];
    }
}
