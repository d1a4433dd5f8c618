<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;

/** A post on a social site: its metadata names the account as a title and the post's own words as a description. */
final class SocialPost implements Clues
{
    private const WHERE = 'Stated in the page’s metadata.';

    public function in(Document $page): array
    {
        $title = $page->meta('og:title', 'twitter:title');
        // The account stands in the title, or in the address of the post.
        $isPost = preg_match('~^/(?|@([\w.-]+)|([\w.-]+)/(?:status|statuses|posts?))/\d{6,}~', (string) parse_url($page->url, PHP_URL_PATH), $account) === 1;
        if (preg_match('/^(.{1,80}?)\s*\((@[\w.-]+(?:@[\w.-]+)?)\)/u', $title, $m) !== 1 && ! ($isPost && preg_match('/^(.{1,80}?) on \p{Lu}\w+$/u', $title, $m) === 1)) {
            return [];
        }
        $shown = $m[1];
        $handle = $m[2] ?? '@'.($account[1] ?? '');
        $real = Name::looksLikeGroup($shown) ? Name::screen($handle, group: $shown) : null;
        $person = Name::parse($shown);

        return [
            ...Make::text('kind', 'social-post', self::WHERE, Confidence::Stated),
            ...Make::text('title.main', trim($page->meta('og:description', 'description'), '“”"'), 'The words of the post, from the page’s metadata.', Confidence::Stated),
            ...Make::people([new Contributor(Role::Author, $real ?? Name::screen($handle, $person->given, $person->surname()))], self::WHERE, Confidence::Stated, $m[0]),
        ];
    }
}
