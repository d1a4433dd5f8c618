<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\SiteTitle;

/** What a page calls itself, out of what its data, its heading and its tab's name say. */
final class PageTitles
{
    /**
     * Titles without the site's name, and out of capitals where the page nowhere writes them otherwise.
     *
     * @param  list<Finding>  $titles
     * @param  list<string>  $siteNames
     * @return list<Finding>
     */
    public static function settled(array $titles, array $siteNames): array
    {
        $tidied = [];
        $written = [];
        foreach ($titles as $title) {
            $tidy = SiteTitle::tidy(self::unsigned($title->text(), $titles), [...$siteNames, ...self::sections($title, $titles)]);
            $where = $title->evidence->where;
            $where .= $tidy->removed === '' ? '' : " “{$tidy->removed}” was taken off.";
            $where .= $tidy->lowered ? ' It stands in capitals there; check names and abbreviations.' : '';
            $confidence = $tidy->lowered || ! self::isSeenElsewhere($title, $titles) ? Confidence::Likely : $title->confidence;
            $tidied[] = $one = new Finding($title->field, $tidy->title, new Evidence($where, $title->evidence->text, $title->evidence->visible), $confidence);
            if (! $tidy->lowered) {
                $written[$one->folded()] ??= $one;
            }
        }
        // The page's name for itself, not for its site.
        $others = array_values(array_filter($tidied, static fn (Finding $one): bool => ! in_array($one->folded(), array_map(static fn (string $name): string => (string) preg_replace('/[^\p{L}\p{N}]+/u', '', mb_strtolower($name)), $siteNames), true)));

        return array_map(static fn (Finding $one): Finding => $written[$one->folded()] ?? $one, $others === [] ? $tidied : $others);
    }

    /**
     * "The Lamp-Trimmer by Eluned Prys" where the heading says "The Lamp-Trimmer": the title ends before its author.
     *
     * @param  list<Finding>  $titles
     */
    private static function unsigned(string $title, array $titles): string
    {
        foreach ($titles as $other) {
            $heading = $other->text();
            if ($other->evidence->visible && $heading !== '' && preg_match('/^'.preg_quote($heading, '/').'\s+(?:[|·•–—-]\s+)?by\s+\p{Lu}/u', $title) === 1) {
                return $heading;
            }
        }

        return $title;
    }

    /**
     * What a title in the page's data has in front of the heading a reader sees: "Opinion - Leave the eels alone".
     *
     * @param  list<Finding>  $titles
     * @return list<string>
     */
    private static function sections(Finding $title, array $titles): array
    {
        $sections = [];
        foreach ($title->evidence->visible ? [] : $titles as $other) {
            if ($other->evidence->visible && preg_match('/^(.{2,40}?)\s+[|·•–—»-]+\s+'.preg_quote($other->text(), '/').'$/iu', $title->text(), $m) === 1) {
                $sections[] = $m[1];
            }
        }

        return $sections;
    }

    /**
     * Whether another place on the page calls it the same; data that stands alone against the rest is not so sure.
     *
     * @param  list<Finding>  $titles
     */
    private static function isSeenElsewhere(Finding $title, array $titles): bool
    {
        $own = $title->folded();
        $others = array_filter($titles, static fn (Finding $one): bool => $one !== $title && $one->folded() !== $own);
        $same = count($titles) - count($others) > 1;
        foreach ($others as $other) {
            $same = $same || ($own !== '' && str_contains($other->folded(), $own)) || ($other->folded() !== '' && str_contains($own, $other->folded()));
        }

        return $same || count($titles) === 1;
    }
}
