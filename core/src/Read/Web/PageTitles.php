<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\SiteTitle;
use Bibrel\Core\Read\TypeWords;
use Bibrel\Core\Source\Text;

/** What a page calls itself, out of what its data, its heading and its tab's name say. */
final class PageTitles
{
    /**
     * Titles without the site's name, and out of capitals where the page nowhere writes them otherwise.
     *
     * @param  list<Finding>  $titles
     * @param  list<string>  $siteNames
     * @param  list<string>  $bylines  as they stand on the page or in its data
     * @return list<Finding>
     */
    public static function resolve(array $titles, array $siteNames, array $bylines): array
    {
        $tidied = [];
        $written = [];
        foreach ($titles as $title) {
            $tidy = SiteTitle::tidy(self::unsigned($title->text(), $titles), [...$siteNames, ...self::sections($title, $titles, $siteNames), ...$bylines]);
            $heading = self::headed($tidy->title, $titles, $siteNames) ?: self::bare($tidy->title, $titles, $bylines);
            $maker = $heading === '' ? '' : trim(str_ireplace($heading, '', $tidy->title), ' ');
            $lowered = SiteTitle::tidy($heading === '' ? $tidy->title : $heading, []);
            $isLowered = $tidy->lowered || $lowered->lowered;
            // Libraries put a space before the colon of a subtitle.
            $headed = (string) preg_replace('/(?<=\S)\s+:\s+(?=\S)/u', ': ', $lowered->title);
            $section = self::section($headed, $titles);
            $where = $title->evidence->where;
            foreach (array_filter([$maker, $section, $tidy->removed]) as $removed) {
                $where .= " “{$removed}” was taken off.";
            }
            $where .= $isLowered ? ' It stands in capitals there; check names and abbreviations.' : '';
            $confidence = $isLowered || ! $title->evidence->visible && ! self::isSeenElsewhere($title, $titles) ? Confidence::Likely : $title->confidence;
            $tidied[] = $one = new Finding($title->field, rtrim(mb_substr($headed, 0, mb_strlen($headed) - mb_strlen($section))), new Evidence($where, $title->evidence->text, $title->evidence->visible), $confidence);
            if (! $isLowered) {
                $written[$one->folded()] ??= $one;
            }
        }
        // The page's name for itself, not for its site.
        $others = array_values(array_filter($tidied, static fn (Finding $one): bool => ! in_array($one->folded(), array_map(Text::folded(...), $siteNames), true) && ($one->evidence->visible || (new TypeWords($one->text()))->kind() === '')));

        $settled = array_map(static fn (Finding $one): Finding => $written[$one->folded()] ?? $one, $others === [] ? $tidied : $others);
        // A text is called what stands over it; its data is often written for a list or a search engine.
        $isHeadline = static fn (Finding $one): bool => self::isHeadline($one) || self::isVariant($one, $settled) && ! self::goesOn($one, $settled);
        usort($settled, static fn (Finding $a, Finding $b): int => (int) $isHeadline($b) <=> (int) $isHeadline($a));
        $settled = array_map(static fn (Finding $one): Finding => $one === $settled[0] && $isHeadline($one) ? $one->withConfidence(Confidence::Stated) : $one, $settled);
        // What only the page's data says stands after what its heading and its tab agree on.
        $isAgreed = static fn (Finding $one): bool => $one->evidence->visible && array_filter($settled, static fn (Finding $other): bool => $other !== $one && ! $other->evidence->visible && str_starts_with($other->folded(), $one->folded())) !== [];
        $agreed = array_filter($settled, $isAgreed);

        return array_filter($settled, static fn (Finding $one): bool => $one->confidence === Confidence::Stated) !== [] ? $settled : [...array_values($agreed), ...array_values(array_filter($settled, static fn (Finding $one): bool => ! in_array($one, $agreed, true)))];
    }

    /**
     * A heading that says in nearly the same words what the page's data says: both mean the same text.
     *
     * @param  list<Finding>  $titles
     */
    private static function isVariant(Finding $title, array $titles): bool
    {
        $words = static fn (Finding $one): array => array_unique(preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($one->text()), -1, PREG_SPLIT_NO_EMPTY) ?: []);
        $own = $words($title);
        foreach ($title->evidence->visible && count($own) > 3 ? $titles : [] as $other) {
            if (! $other->evidence->visible && ! str_contains($title->folded(), $other->folded()) && ! str_contains($other->folded(), $title->folded()) && 2 * count(array_intersect($own, $words($other))) >= count($own)) {
                return true;
            }
        }

        return false;
    }

    /**
     * A heading that begins with what the page's data calls the text and goes on, as with a binding or a date.
     *
     * @param  list<Finding>  $titles
     */
    private static function goesOn(Finding $title, array $titles): bool
    {
        return array_filter($titles, static fn (Finding $one): bool => ! $one->evidence->visible && $one->folded() !== $title->folded() && str_starts_with($title->folded(), $one->folded())) !== [];
    }

    /** A marked heading of several words: a single one may be a section's. */
    private static function isHeadline(Finding $title): bool
    {
        return $title->evidence->visible && $title->confidence === Confidence::Stated && str_contains($title->text(), ' ');
    }

    /**
     * A heading that also holds the maker's name, the year or the kind of thing, where another place has the title without
     * them: "Agathe Mourne The Pilot 1911", "Photo, Print The Pilot", "The Pilot, Agathe Mourne, 1911". '' where
     * no place has it so.
     *
     * @param  list<Finding>  $titles
     * @param  list<string>  $bylines
     */
    private static function bare(string $title, array $titles, array $bylines): string
    {
        foreach ($titles as $other) {
            $at = mb_strlen($other->text()) < 4 ? false : mb_stripos($title, $other->text());
            if ($at === false || mb_strlen($title) === mb_strlen($other->text())) {
                continue;
            }
            $rest = mb_substr($title, 0, $at).','.mb_substr($title, $at + mb_strlen($other->text()));
            $rest = preg_split('/\s*,\s*/u', trim(str_ireplace($bylines, '', $rest), ' ,'), -1, PREG_SPLIT_NO_EMPTY) ?: [];
            if (array_filter($rest, static fn (string $part): bool => preg_match('/^(?:1\d|20)\d\d$/', trim($part)) !== 1 && (new TypeWords($part))->kind() === '') === []) {
                return $other->text();
            }
        }

        return '';
    }

    /**
     * Where the heading is one of several parts between bars, it is the title, and the others are the maker, a section and
     * the site: "Isidor Hamm | The Net Menders | Quay Museum". '' where it is none of several parts.
     *
     * @param  list<Finding>  $titles
     * @param  list<string>  $siteNames
     */
    private static function headed(string $title, array $titles, array $siteNames): string
    {
        $parts = SiteTitle::parts($title);
        foreach (count($parts) < 2 ? [] : $titles as $other) {
            if ($other->evidence->visible && str_contains($other->text(), ' ') && in_array($other->folded(), array_map(Text::folded(...), $parts), true) && ! in_array($other->folded(), array_map(Text::folded(...), $siteNames), true)) {
                return $other->text();
            }
        }

        return '';
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
            if ($other->evidence->visible && $heading !== '' && (preg_match('/^'.preg_quote($heading, '/').'\s+(?:[|·•–—-]\s+)?by\s+\p{Lu}/u', $title) === 1 || SiteTitle::on($title, $heading) !== '')) {
                return $heading;
            }
        }

        return $title;
    }

    /**
     * What stands after a bar where the heading ends before it: "| Harbour"; '' where nothing does.
     *
     * @param  list<Finding>  $titles
     */
    private static function section(string $title, array $titles): string
    {
        foreach ($titles as $other) {
            if ($other->evidence->visible && $other->text() !== '' && preg_match('/^'.preg_quote($other->text(), '/').'\s+([|»]\s.+)$/iu', $title, $m) === 1) {
                return $m[1];
            }
        }

        return '';
    }

    /**
     * What a title in the page's data has in front of the heading a reader sees, as "Opinion - Leave the eels alone", or
     * after it from the site's name: "Eels - Oona Pell" on "Oona Pell at Home".
     *
     * @param  list<Finding>  $titles
     * @param  list<string>  $siteNames
     * @return list<string>
     */
    private static function sections(Finding $title, array $titles, array $siteNames): array
    {
        $sections = [];
        foreach ($title->evidence->visible ? [] : $titles as $other) {
            if ($other->evidence->visible && preg_match('/^(.{2,40}?)\s+[|·•–—»-]+\s+'.preg_quote($other->text(), '/').'$/iu', $title->text(), $m) === 1) {
                $sections[] = $m[1];
            }
            if ($other->evidence->visible && preg_match('/^'.preg_quote($other->text(), '/').'\s+[|·•–—»-]+\s+(.{4,40})$/iu', $title->text(), $m) === 1 && array_filter($siteNames, static fn (string $site): bool => str_starts_with(mb_strtolower($site), mb_strtolower($m[1]))) !== []) {
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
