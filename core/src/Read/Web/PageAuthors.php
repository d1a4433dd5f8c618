<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Style\Publishers;

/** Who wrote a page, where its data, its byline and its site disagree. */
final class PageAuthors
{
    /**
     * An author who is only the site again stands behind any person the page names; a vaguer line that names the same
     * people more fully does not displace metadata.
     *
     * @param  list<Finding>  $authors
     * @param  list<string>  $siteNames
     * @return list<Finding>
     */
    public static function settled(array $authors, array $siteNames, string $kind): array
    {
        // Nobody signs an entry that anybody may change.
        if ($kind === 'wiki-entry') {
            return [];
        }
        $isSite = static function (Finding $finding) use ($siteNames): bool {
            $people = $finding->people();
            foreach ($siteNames as $name) {
                $own = count($people) === 1 ? (string) preg_replace('/(?:\s+(?:staff|team|editors?|editorial|board|newsroom|desk|guest|opinion|contributors?|columnists?|reporters?|writers?))+$/iu', '', $people[0]->name->direct()) : '';
                if (Publishers::same($own, $name)) {
                    return true;
                }
            }

            return false;
        };
        $people = array_values(array_filter($authors, static fn (Finding $one): bool => ! $isSite($one)));
        $site = array_map(
            static fn (Finding $one): Finding => new Finding(
                $one->field,
                array_map(static fn (Contributor $author): Contributor => new Contributor($author->role, Name::group($author->name->direct())), $one->people()),
                $one->evidence,
                $people === [] ? $one->confidence : Confidence::Guess,
            ),
            array_values(array_filter($authors, $isSite)),
        );

        return [...self::seenFirst($people), ...$site];
    }

    /**
     * Where the data behind a page only likely names an author and its byline names quite another, a reader believes the
     * byline: the other is often who built the site.
     *
     * @param  list<Finding>  $authors
     * @return list<Finding>
     */
    private static function seenFirst(array $authors): array
    {
        $likely = array_filter($authors, static fn (Finding $one): bool => $one->confidence === Confidence::Likely);
        $behind = array_values(array_filter($likely, static fn (Finding $one): bool => ! $one->evidence->visible))[0] ?? null;
        $seen = array_values(array_filter($likely, static fn (Finding $one): bool => $one->evidence->visible))[0] ?? null;
        if ($behind === null || $seen === null || array_intersect(self::families($behind), self::families($seen)) !== []) {
            return $authors;
        }

        return [$seen, ...array_values(array_filter($authors, static fn (Finding $one): bool => $one !== $seen))];
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
                $name = Make::online($one->name);

                return $name->isGroup() || $name->isScreen() ? new Contributor(Role::Uploader, $name) : $one;
            },
            $finding->people(),
        );

        return new Finding($finding->field, $people, $finding->evidence, $finding->confidence, $finding->alternatives);
    }
}
