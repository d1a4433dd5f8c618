<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\NameShape;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Publishers;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Text\PressNames;

/** Who wrote a page, where its data, its byline and its site disagree. */
final class PageAuthors
{
    /**
     * An author who is only the site again stands after any person the page names; a vaguer line that names the same
     * people more fully does not displace metadata.
     *
     * @param  list<Finding>  $authors
     * @param  list<string>  $sites  what the site is called, and its host
     * @param  list<string>  $publishers
     * @return list<Finding>
     */
    public static function resolve(array $authors, array $sites, array $publishers, string $kind): array
    {
        $siteNames = [...$sites, ...$publishers];
        // Nobody signs an entry that anybody may change.
        if ($kind === 'wiki-entry') {
            return [];
        }
        $isSite = static fn (Finding $one): bool => self::isSite($one, $siteNames);
        $people = array_values(array_filter($authors, static fn (Finding $one): bool => ! $isSite($one)));
        $isEpisode = in_array($kind, ['podcast-episode', 'tv-episode', 'radio-episode'], true);
        $site = array_map(
            static fn (Finding $one): Finding => new Finding(
                $one->field,
                array_map(static fn (Contributor $author): Contributor => self::isPersonal($author->name, $one, $sites) ? $author : new Contributor($author->role, Name::group($author->name->direct())), $one->people()),
                $one->evidence,
                $people === [] && ! self::isHost($one) && ! $isEpisode ? $one->confidence : Confidence::Guess,
            ),
            array_values(array_filter($authors, $isSite)),
        );
        $people = array_map(static fn (Finding $one): Finding => self::withoutSite($one, $siteNames), $people);

        $settled = [...self::stuckLast(self::seenFirst($people)), ...$site];

        return $kind === 'press-release' ? array_map(self::issuers(...), $settled) : $settled;
    }

    /**
     * Whether what is called like the site or its publisher is a person all the same: somebody publishes alone, and is
     * said to have written it.
     *
     * @param  list<string>  $sites
     */
    private static function isPersonal(Name $name, Finding $said, array $sites): bool
    {
        $isSite = array_filter($sites, static fn (string $site): bool => Publishers::same($name->direct(), $site)) !== [];

        return ! (new PressNames($name->direct()))->isPress() && NameShape::isPersonal($name, ! $isSite && ($said->evidence->visible || $said->confidence === Confidence::Stated));
    }

    /** Releases are issued by houses: a name of one word is no person's. */
    private static function issuers(Finding $finding): Finding
    {
        $people = array_map(static fn (Contributor $one): Contributor => $one->name->given === '' && ! $one->name->isScreen() && ! $one->name->isGroup() ? new Contributor($one->role, Name::group($one->name->direct())) : $one, $finding->people());

        return new Finding($finding->field, $people, $finding->evidence, $finding->confidence, $finding->alternatives);
    }

    /**
     * Whether an author is only the site or its publisher again, as its staff or by its host.
     *
     * @param  list<string>  $siteNames
     */
    private static function isSite(Finding $authors, array $siteNames): bool
    {
        if (count($authors->people()) !== 1) {
            return false;
        }
        $name = $authors->people()[0]->name->direct();
        if (self::isHost($authors)) {
            return true;
        }
        $own = (string) preg_replace('/(?:\s+(?:staff|team|editors?|editorial|board|newsroom|desk|guest|opinion|contributors?|columnists?|reporters?|writers?))+$/iu', '', $name);

        return array_filter($siteNames, static fn (string $site): bool => Publishers::same($own, $site) || $site !== '' && preg_match('/^\p{L}{4,10} '.preg_quote($site, '/').'$/iu', $own) === 1) !== [];
    }

    /** Whether the only author is the name of a host, which writes nothing. */
    private static function isHost(Finding $authors): bool
    {
        return count($authors->people()) === 1 && preg_match('/^[\w-]+(?:\.[\w-]+)*\.[a-z]{2,7}$/i', $authors->people()[0]->name->direct()) === 1;
    }

    /**
     * The people without the house some of them are said to write for.
     *
     * @param  list<string>  $siteNames
     */
    private static function withoutSite(Finding $authors, array $siteNames): Finding
    {
        $people = array_values(array_filter($authors->people(), static fn (Contributor $one): bool => array_filter($siteNames, static fn (string $site): bool => Publishers::same($one->name->direct(), $site)) === []));

        return $people === [] || count($people) === count($authors->people()) ? $authors : new Finding($authors->field, $people, $authors->evidence, $authors->confidence, $authors->alternatives);
    }

    /**
     * Where the data after a page only likely names an author, or an agency by its letters, and its byline names quite
     * another, a reader believes the byline: the other is often who built the site, or who sold the text to it.
     *
     * @param  list<Finding>  $authors
     * @return list<Finding>
     */
    private static function seenFirst(array $authors): array
    {
        $likely = array_filter($authors, static fn (Finding $one): bool => $one->confidence === Confidence::Likely);
        $after = array_values(array_filter($likely, static fn (Finding $one): bool => ! $one->evidence->visible))[0] ?? null;
        $seen = array_values(array_filter($likely, static fn (Finding $one): bool => $one->evidence->visible && $one->evidence->where !== VisibleByline::AT_END))[0] ?? null;
        // Data that lists more people than the byline lists helpers too, as who took the pictures.
        if ($after !== null && $seen !== null && self::isPart($seen, $after)) {
            return [$seen, ...array_values(array_filter($authors, static fn (Finding $one): bool => $one !== $seen))];
        }
        // What stands stuck to the name on the page is no other name.
        if ($after === null || $seen === null || self::isStuck($seen, $after) || array_intersect(self::families($after), self::families($seen)) !== []) {
            return $authors;
        }

        return [$seen, ...array_values(array_filter($authors, static fn (Finding $one): bool => $one !== $seen))];
    }

    /** Whether one list of people is the beginning of another that ends in pictures' makers, firms or half sentences. */
    private static function isPart(Finding $seen, Finding $after): bool
    {
        $rest = implode(' ', array_slice(array_map(static fn (Contributor $one): string => $one->name->direct(), $after->people()), count($seen->people())));

        return $rest !== '' && str_starts_with($after->folded(), $seen->folded().'|') && preg_match('/\||\s(?:at|for|using|from)\s|\b(?:images|photos?|pictures)\b/iu', $rest.' '.$after->evidence->text) === 1;
    }

    /**
     * Names with something stuck to them stand after the same names without it.
     *
     * @param  list<Finding>  $authors
     * @return list<Finding>
     */
    private static function stuckLast(array $authors): array
    {
        $isStuck = static fn (Finding $one): bool => array_filter($authors, static fn (Finding $other): bool => $one->confidence === $other->confidence && self::isStuck($one, $other)) !== [];

        return [...array_values(array_filter($authors, static fn (Finding $one): bool => ! $isStuck($one))), ...array_values(array_filter($authors, $isStuck))];
    }

    /** Whether a name goes on without a space where another place ends it: "Oona Pell5 minute read". A longer name has one. */
    private static function isStuck(Finding $one, Finding $other): bool
    {
        [$long, $short] = [$one->people(), $other->people()];

        return count($long) === 1 && count($short) === 1 && preg_match('/^'.preg_quote($short[0]->name->direct(), '/').'(?:[^\s.’\'-]|\s+[\d@])/iu', $long[0]->name->direct()) === 1;
    }

    /** @return list<string> the last words of the names, in small letters */
    private static function families(Finding $authors): array
    {
        return array_map(static fn (Contributor $one): string => mb_strtolower((string) preg_replace('/^.*\s/u', '', $one->name->direct())), $authors->people());
    }

    /** A channel that stands as a video's author only put it there, as far as anyone can tell. */
    public static function uploaders(Finding $finding): Finding
    {
        $people = array_map(
            static function (Contributor $one): Contributor {
                // Sites type every channel as a person.
                $name = Name::looksLikeGroup($one->name->direct()) ? Name::group($one->name->direct()) : Make::online($one->name);

                return $name->isGroup() || $name->isScreen() ? new Contributor(Role::Uploader, $name) : $one;
            },
            $finding->people(),
        );

        return new Finding($finding->field, $people, $finding->evidence, $finding->confidence, $finding->alternatives);
    }
}
