<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\SiteTitle;

/** The largest heading, the page's title element and what stands behind the bar in it. */
final class Headline implements Clues
{
    public function in(Document $page): array
    {
        $element = $page->text($page->first('//head/title') ?? $page->first('//title[not(ancestor::svg)]'));
        $headings = array_values(array_filter($page->all('//h1'), fn (\DOMElement $h1): bool => $page->text($h1) !== ''));
        $inArticle = array_values(array_filter($headings, static fn (\DOMElement $h1): bool => $page->all('ancestor::article|ancestor::main', $h1) !== []));
        $heading = $inArticle[0] ?? $headings[count($headings) > 1 && self::isSiteHeader($page, $headings[0]) ? 1 : 0] ?? null;

        return [
            ...($heading === null ? [] : Make::text('title.main', $page->text($heading), 'The main heading of the page.', Confidence::Likely, true)),
            ...Make::text('title.main', $element, 'From the name of the browser tab.', Confidence::Likely),
            ...self::site($element, $page->text($heading)),
            ...($heading === null && $element === '' ? Make::text('title.main', $page->blocks()[0]['text'] ?? '', 'The first line of the page.', Confidence::Guess, true) : []),
        ];
    }

    /** @return list<Finding> */
    private static function site(string $element, string $heading): array
    {
        $beside = SiteTitle::besides($element, $heading);

        return match (true) {
            $beside !== '' => Make::text('containers.0.title', $beside, 'Beside the title in the name of the browser tab.', Confidence::Likely),
            $heading === '' => Make::text('containers.0.title', SiteTitle::suffix($element), 'Perhaps the part behind the bar in the name of the browser tab.', Confidence::Guess),
            default => [],
        };
    }

    private static function isSiteHeader(Document $page, \DOMElement $heading): bool
    {
        return $page->all('ancestor::header[not(ancestor::article)]', $heading) !== [];
    }
}
