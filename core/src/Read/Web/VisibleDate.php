<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;

/** Dates a reader can see: time elements, and lines near the headline that say when. */
final class VisibleDate implements Clues
{
    private const MONTHS = '(?:jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\.?';

    private const CHANGED = '/\b(?:updated|modified|changed|revised|reviewed|edited)\b/iu';

    public function in(Document $page): array
    {
        return [...$this->timeElements($page), ...$this->lines($page)];
    }

    /** @return list<Finding> */
    private function timeElements(Document $page): array
    {
        $findings = [];
        foreach ($page->all('//time') as $time) {
            if ($page->all('ancestor::aside|ancestor::nav|ancestor::footer|ancestor::*[contains(@class,"comment") or contains(@class,"related")]', $time) !== []) {
                continue;
            }
            $around = $page->text($time->parentNode instanceof \DOMElement ? $time->parentNode : $time);
            $before = mb_substr($around, 0, (int) mb_strpos($around.$page->text($time), $page->text($time)));
            $changed = $time->getAttribute('itemprop') === 'dateModified' || preg_match(self::CHANGED, mb_substr($before, -24).' '.$time->getAttribute('class')) === 1;
            $value = $time->getAttribute('datetime') ?: $page->text($time);
            $found = $changed
                ? Make::date($value, 'The page says it was changed then. That is not when it was published.', Confidence::Guess)
                : Make::date($value, 'From the date shown on the page.', Confidence::Likely);
            foreach ($found as $finding) {
                $findings[] = new Finding($finding->field, $finding->value, new Evidence($finding->evidence->where, $page->text($time), true), $finding->confidence);
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function lines(Document $page): array
    {
        $date = '(\d{1,2}(?:st|nd|rd|th)? (?:of )?'.self::MONTHS.',? \d{4}|'.self::MONTHS.' \d{1,2}(?:st|nd|rd|th)?,? \d{4}|\d{4}-\d{2}-\d{2}|'.self::MONTHS.' \d{4})';
        $blocks = $page->blocks();
        $heading = 0;
        foreach ($blocks as $i => $block) {
            $heading = $block['tag'] === 'h1' ? $i : $heading;
        }
        $findings = [];
        foreach ($blocks as $i => $block) {
            if (mb_strlen($block['text']) > 160 || preg_match_all("/(?:\\b(published|posted|first published|released|date|updated|last updated|modified|last modified|changed|last changed|revised|reviewed)\\b[^\\d]{0,14}?)?{$date}/iu", $block['text'], $matches, PREG_SET_ORDER) < 1) {
                continue;
            }
            $near = $i > $heading && $i - $heading <= 5;
            foreach ($matches as $m) {
                $changed = preg_match(self::CHANGED, $m[1]) === 1;
                if ($m[1] === '' && (! $near || mb_strlen($block['text']) > 90)) {
                    continue;
                }
                $findings = [...$findings, ...($changed
                    ? Make::date($m[2], 'The page says it was changed then. That is not when it was published.', Confidence::Guess, true)
                    : Make::date($m[2], $near ? 'From the line under the headline.' : 'From a line on the page that says so.', Confidence::Likely, true))];
            }
        }

        return $findings;
    }
}
