<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\DateOf;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\MonthNames;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Text\Vocabulary;

/** Dates a reader can see: time elements, and lines near the headline that say when. */
final class VisibleDate implements EvidenceReader
{
    /** Words that say a date is that of a change. */
    public const CHANGED = '/\b(?:updated|modified|changed|revised|reviewed|edited|last edited)\b/iu';

    public const WHEN_CHANGED = 'The page says it was changed then. That is not when it was published.';

    /** How many blocks under the heading a text that begins with its date may stand. */
    private const NEAR = 16;

    public function read(Document $page): array
    {
        return [...$this->timeElements($page), ...$this->lines($page)];
    }

    /** @return list<Finding> */
    private function timeElements(Document $page): array
    {
        $findings = [];
        // The class "updated" alone only follows the custom of marking posts.
        $hasPublished = $page->withClass(['published', 'dt-published']) !== [];
        foreach ($page->mentions('<time') ? $page->all('//time') : [] as $time) {
            if ($page->isElsewhere($time)) {
                continue;
            }
            $around = $page->text($time->parentNode instanceof \DOMElement ? $time->parentNode : $time);
            $before = mb_substr($around, 0, (int) mb_strpos($around.$page->text($time), $page->text($time)));
            $changed = $time->getAttribute('itemprop') === 'dateModified' || preg_match(self::CHANGED, mb_substr($before, -24)) === 1
                || $hasPublished && preg_match('/(?:^|\s)updated(?:\s|$)/', $time->getAttribute('class')) === 1 && ! str_contains($time->getAttribute('class'), 'published');
            $value = $time->getAttribute('datetime') ?: $page->text($time);
            $found = $changed
                ? Make::date($value, self::WHEN_CHANGED, Confidence::Guess, of: DateOf::Change)
                : Make::date($value, 'From the date shown on the page.', Confidence::Likely);
            foreach ($found as $finding) {
                $findings[] = new Finding($finding->field, $finding->value, new Evidence($finding->evidence->where, $page->text($time), true), $finding->confidence);
            }
        }

        return $findings;
    }

    /** Whether a text is a date and nothing else. */
    public static function isDate(string $text, string $locale = ''): bool
    {
        return preg_match('/^'.self::pattern($locale).'(?:,? (?:at )?\d{1,2}[.:]\d{2}.{0,8})?$/iu', trim($text)) === 1;
    }

    private static function pattern(string $locale): string
    {
        $names = implode('|', array_map(static fn (string|int $name): string => preg_quote((string) $name, '/'), array_keys((new MonthNames($locale))->numbers())));
        $month = $names === '' ? Vocabulary::all()->monthPattern() : '(?:'.$names.'|'.Vocabulary::all()->monthPattern().')\.?';

        return "(?:\d{1,2}(?:st|nd|rd|th|\.)? (?:of |de )?{$month},?(?: de)? \d{4}|{$month} \d{1,2}(?:st|nd|rd|th)?,? \d{4}|\d{4}-\d{2}-\d{2}|\d{4}\. \p{L}{3,12} \d{1,2}\.|\d{4}\.\d{2}\.\d{2}\.?|\d{1,2}\.\d{1,2}\.\d{4}|{$month} \d{4}|(?:spring|summer|autumn|fall|winter) \d{4})";
    }

    /** @return list<Finding> */
    private function lines(Document $page): array
    {
        $locale = $page->locale();
        $date = '('.self::pattern($locale).')';
        $blocks = $page->blocks();
        $heading = $page->headingBlock();
        $findings = [];
        // Several lines with nothing but a date are a list of other texts.
        $bare = array_filter(array_slice($blocks, $heading + 1), static fn (array $block): bool => strlen($block['text']) < 40 && $block['tag'] !== 'aside' && strpbrk($block['text'], '0123456789') !== false && self::isDate($block['text'], $locale));
        foreach (array_slice($blocks, $heading + 1, self::NEAR) as $block) {
            if (preg_match("/^(?:\\p{Lu}[\\p{L}., ]{1,40},\\s+)?{$date}\\s*(?:--|—|–)\\s*\\S/iu", $block['text'], $m) === 1) {
                $findings = [...$findings, ...Make::date($m[1], 'The text begins with its date.', Confidence::Likely, true, locale: $locale)];
                break;
            }
        }
        $end = array_slice($blocks, -2);
        foreach ($end as $block) {
            if (preg_match('/^\p{Lu}[\p{L}.’-]*(?: \p{Lu}[\p{L}.’-]*){1,3}, ((?:19|20)\d\d)$/u', $block['text'], $m) === 1) {
                $findings = Make::date($m[1], 'After the signature at the end of the text.', Confidence::Likely, true, locale: $locale);
            }
        }
        foreach (array_slice($blocks, max(0, $heading - 3), 6) as $block) {
            if (preg_match('/^(?:vol(?:ume)?\.? \d+,? )?(?:issue|no\.?|number) (\d+),? ((?:spring|summer|autumn|fall|winter|'.Vocabulary::all()->monthPattern().') \d{4})$/iu', $block['text'], $m) === 1) {
                $findings = [...$findings, ...Make::date($m[2], 'From the line that names the issue.', Confidence::Likely, true, locale: $locale), ...Make::text(ContainerField::Issue->at(), $m[1], 'From the line that names the issue.', Confidence::Likely, true)];
            }
        }
        foreach ($blocks as $i => $block) {
            if ($block['tag'] === 'aside' || strlen($block['text']) > 480 || preg_match('/(?<!\d)(?:1[4-9]|20)\d\d(?!\d)/', $block['text']) !== 1 || mb_strlen($block['text']) > 160 || preg_match_all("/(?:\\b(published|posted|first published|publié|released|created|uploaded|date|updated|last updated|modified|last modified|changed|last changed|revised|reviewed|last edited|edited)\\b[^\\d]{0,16}?)?{$date}/iu", $block['text'], $matches, PREG_SET_ORDER) < 1) {
                continue;
            }
            $near = $i > $heading && $i - $heading <= 5;
            foreach ($matches as $m) {
                $changed = preg_match(self::CHANGED, $m[1]) === 1;
                // Between dots or bars, each piece of a line speaks for itself.
                $pieces = array_filter(preg_split('/\s+[·•|]\s+/u', $block['text']) ?: [], static fn (string $piece): bool => str_contains($piece, $m[2]));
                $around = trim(str_replace($m[2], '', (string) (reset($pieces) ?: $block['text'])));
                // A date in a sentence is what the text is about.
                $isSentence = preg_match_all('/\p{L}{2,}/u', $around) > 8 || preg_match('/[\p{L}]{3,}\.$/u', $around) === 1;
                $isLast = $i > $heading && $i >= count($blocks) - 4 && preg_match('/,\s*'.preg_quote($m[2], '/').'$/u', $block['text']) === 1 && preg_match_all('/\p{L}{2,}/u', $around) <= 7;
                $isAlone = $i > $heading && $i >= count($blocks) - 4 && $around === '' && count($bare) === 1;
                if ($m[1] === '' && ! $isLast && ! $isAlone && (! $near || $isSentence || mb_strlen($block['text']) > 90)) {
                    continue;
                }
                $findings = [...$findings, ...match (true) {
                    $changed => Make::date($m[2], self::WHEN_CHANGED, Confidence::Guess, true, DateOf::Change, $locale),
                    $m[1] === '' && ! $near => Make::date($m[2], 'From the end of the text.', Confidence::Likely, true, locale: $locale),
                    default => Make::date($m[2], $near ? 'From the line under the headline.' : 'From a line on the page that says so.', Confidence::Likely, true, locale: $locale),
                }];
            }
        }

        return $findings;
    }
}
