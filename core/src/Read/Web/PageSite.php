<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Text;

/** What the site around a page is called, out of what its data, its tab's name and its copyright line say. */
final class PageSite
{
    /** Kinds that are part of a larger work, which sites of others show. */
    private const PARTS = ['podcast-episode', 'tv-episode', 'radio-episode', 'song', 'chapter', 'conference-paper', 'journal-article', 'magazine-article', 'newspaper-article'];

    /** Kinds that a site issues itself: where nobody else is named, the site is their publisher. */
    private const ISSUED = ['report', 'data-set', 'government-document', 'standard'];

    /**
     * A site does not bear the title of one of its pages. Where the page names no site, whoever states that they publish
     * it is the best that is known.
     *
     * @param  list<Finding>  $names
     * @param  list<Finding>  $publishers
     * @return list<Finding>
     */
    public static function resolve(array $names, array $publishers, Document $page, string $kind): array
    {
        $heading = $page->text($page->heading());
        // Over an episode a page often sets the name of its series.
        $isEpisode = in_array($kind, ['tv-episode', 'podcast-episode', 'radio-episode'], true);
        $names = array_values(array_filter($names, static fn (Finding $one): bool => $isEpisode || $heading === '' || $one->text() !== $heading));
        // Some tools cut the name they give to others short: "Low Bridge Local Hist".
        $said = [...array_map(static fn (Finding $one): string => $one->text(), [...$names, ...$publishers])];
        $names = array_map(static function (Finding $one) use ($said): Finding {
            $whole = mb_strlen($one->text()) < 12 ? [] : array_values(array_filter($said, static fn (string $other): bool => preg_match('/^'.preg_quote($one->text(), '/').'\p{L}/u', $other) === 1));

            return $whole === [] ? $one : new Finding($one->field, $whole[0], $one->evidence, $one->confidence);
        }, $names);
        // A name that is only the host's has a better one where somebody of that name publishes there.
        $names = array_map(static function (Finding $one) use ($publishers): Finding {
            $bare = preg_match('/^(?:www\.)?([\w-]+)\.[a-z]{2,10}$/iu', $one->text(), $m) === 1 ? Text::folded($m[1]) : '';
            foreach ($bare === '' ? [] : $publishers as $publisher) {
                if (Text::folded((string) preg_replace('/^the\s+/iu', '', $publisher->text())) === $bare) {
                    return new Finding($one->field, $publisher->text(), $publisher->evidence, $one->confidence);
                }
            }

            return $one;
        }, $names);
        $isNamed = array_filter($names, static fn (Finding $one): bool => $one->confidence !== Confidence::Guess) !== [];
        if ($isNamed || ! in_array(Kinds::all()->get($kind)->containment, [Containment::OnSite, Containment::InPeriodical], true)) {
            return $names;
        }
        $stated = array_filter($publishers, static fn (Finding $one): bool => $one->confidence === Confidence::Stated);

        return [...array_map(static fn (Finding $one): Finding => new Finding(ContainerField::Title->at(), $one->value, $one->evidence, Confidence::Likely), array_values($stated)), ...$names];
    }

    /**
     * Where the source only is shown or listed by a site, the site is no part of it: a book or a film has no larger work
     * around it, and the copyright line is that of the site, not of the series, the album or the newspaper it shows.
     *
     * @param  array<string, list<Finding>>  $found  by field
     * @return array<string, list<Finding>>
     */
    public static function around(array $found, Document $page, string $kind): array
    {
        $names = $found[ContainerField::Title->at()->key] ?? [];
        $isWhole = Kinds::all()->get($kind)->fieldAt(ContainerField::Title->at()) === null;
        $site = Text::folded($page->meta('og:site_name'));
        $isShown = $isWhole || ($found[ContainerField::Title->at(1)->key] ?? []) !== [] || in_array($kind, self::PARTS, true) && $site !== '' && $names !== [] && Text::folded($names[0]->text()) !== $site && $names[0]->confidence === Confidence::Stated;
        if ($isShown) {
            $found[ContainerField::Publisher->at()->key] = array_map(static fn (Finding $one): Finding => $one->evidence->where === CopyrightLine::WHERE ? $one->withConfidence(Confidence::Guess) : $one, $found[ContainerField::Publisher->at()->key] ?? []);
        }
        if ($isWhole) {
            $found[ContainerField::Title->at()->key] = [];
            if (in_array($kind, self::ISSUED, true)) {
                $found[ContainerField::Publisher->at()->key] = [...$found[ContainerField::Publisher->at()->key] ?? [], ...array_map(static fn (Finding $one): Finding => new Finding(ContainerField::Publisher->at(), $one->value, new Evidence('The site it is published on.', $one->evidence->text, $one->evidence->visible), $one->confidence === Confidence::Guess ? Confidence::Guess : Confidence::Likely), $names)];
            }
            foreach (Kinds::all()->get($kind)->fieldAt(ContainerField::Title->at(1)) === null ? [] : $names as $one) {
                $found[ContainerField::Title->at(1)->key][] = new Finding(ContainerField::Title->at(1), $one->value, new Evidence('The site the page stands on. It belongs into the entry if it is where you got at the work itself.', $one->evidence->text, $one->evidence->visible), Confidence::Guess);
            }
        }

        return $found;
    }
}
