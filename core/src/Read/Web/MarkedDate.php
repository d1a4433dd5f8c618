<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\DateOf;

/** The date in a place the page's markup calls one: the nearest to the heading; those of other texts stand further away. */
final class MarkedDate implements EvidenceReader
{
    /** Classes that say an element shows when: "post-date", "published_date", "time-stamp", "publishedDate". */
    private const MARKED = '/^(?:[\w-]*[_-])?(?:pub(?:lish(?:ed)?)?|post(?:ed)?|entry|article|story)?[_-]?(?:date|date-?time|date-?stamp|date-?line|time-?stamp|published|publish-time|post-?time)(?:[_-](?:display|single|time|line|published|text))*$/i';

    /** Nothing but a date and what goes with one stands in the place: not a sentence. */
    private const WORDS = 12;

    /** How many blocks from the heading a date may stand. */
    private const NEAR = 16;

    /** And how many where the page shows no other: below the text, not in a gallery at the end. */
    private const FAR = 120;

    public function read(Document $page): array
    {
        $best = null;
        $all = [];
        foreach (self::places($page) as $place) {
            $text = $page->text($place);
            // "Jun 11" on the page, and the whole of it after.
            $value = $place->getAttribute('content') ?: (preg_match('/(?<!\d)(?:\d{4}|\d\d[\/.-]\d\d)(?!\d)/', $text) === 1 ? $text : $place->getAttribute('title'));
            if ($text === '' || mb_strlen($text) > 90 || preg_match_all('/\p{L}{2,}/u', $text) > self::WORDS || $page->isElsewhere($place) || self::isToday($page, $place)) {
                continue;
            }
            $changed = preg_match(VisibleDate::CHANGED, $text) === 1 && preg_match('/\b(?:published|posted)\b/iu', $text) !== 1;
            $found = $changed
                ? Make::date($value, VisibleDate::WHEN_CHANGED, Confidence::Guess, true, DateOf::Change, $page->locale())
                : Make::date($value, 'From the date shown on the page.', Confidence::Likely, true, locale: $page->locale());
            $far = $page->distance($text);
            if ($found !== [] && ! $changed && $far <= self::FAR) {
                $all[$found[0]->folded()] = $found;
            }
            if ($found !== [] && $far <= self::NEAR && ($best === null || $far < $best['far'])) {
                $best = ['far' => $far, 'found' => $found];
            }
        }

        // Further away a date is this page's where it shows no other.
        return $best['found'] ?? (count($all) === 1 ? reset($all) : []);
    }

    /** The head of a site shows the day it is read on. */
    private static function isToday(Document $page, \DOMElement $place): bool
    {
        $names = $place->getAttribute('class').' '.$place->getAttribute('id');

        return preg_match('/today|current|weather|masthead/i', $names) === 1 || $page->all('ancestor::header[not(ancestor::article) and not(.//h1)]|ancestor::*[contains(@id, "masthead") or contains(@class, "masthead")]', $place) !== [];
    }

    /** @return list<\DOMElement> */
    private static function places(Document $page): array
    {
        return [
            ...($page->mentions('date') || $page->mentions('time') || $page->mentions('published') ? $page->withClass($page->classesLike(self::MARKED)) : []),
            ...($page->mentions('<abbr') ? $page->all('//abbr[@title]') : []),
            ...($page->mentions('dc:date') || $page->mentions('dcterms:') ? $page->all('//*[@content and (@property="dc:date" or @property="dcterms:date" or @property="dcterms:issued")]') : []),
        ];
    }
}
