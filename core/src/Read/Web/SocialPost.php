<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;

/** A post on a social site: its metadata names the account as a title and the post's own words as a description. */
final class SocialPost implements EvidenceReader
{
    private const WHERE = 'Stated in the page’s metadata.';

    public function read(Document $page): array
    {
        $title = $page->meta('og:title', 'twitter:title');
        $quoted = self::quoted($page, $title);
        if ($quoted !== []) {
            return $quoted;
        }
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
            ...Make::text(FieldPath::kind(), 'social-post', self::WHERE, Confidence::Stated),
            ...Make::text(FieldPath::title(), trim($page->meta('og:description', 'description'), '“”"'), 'The words of the post, from the page’s metadata.', Confidence::Stated),
            ...Make::people([new Contributor(Role::Author, $real ?? Name::screen($handle, $person->given, $person->surname()))], self::WHERE, Confidence::Stated, $m[0]),
        ];
    }

    /**
     * Where the title names the account and quotes the post: 'Orla Tennant on Pierogram: "Nine men and a gig."'; the
     * description then has the handle and the day.
     *
     * @return list<Finding>
     */
    private static function quoted(Document $page, string $title): array
    {
        if (preg_match('/^(.{1,80}?) on (\p{Lu}\w+): ["“](.+)["”]$/us', $title, $m) !== 1 || strcasecmp($m[2], $page->meta('og:site_name')) !== 0) {
            return [];
        }
        preg_match('/(?:^|- )@?([\w.]{2,40}) on (\p{Lu}\p{Ll}+ \d{1,2}, \d{4}):/u', $page->meta('og:description', 'description'), $more);
        $person = Name::parse($m[1]);
        $author = match (true) {
            ! isset($more[1]) => Name::looksLikeGroup($m[1]) ? Name::group($m[1]) : $person,
            Name::looksLikeGroup($m[1]) => Name::screen("@{$more[1]}", group: $m[1]),
            default => Name::screen("@{$more[1]}", $person->given, $person->surname()),
        };

        return [
            ...Make::text(FieldPath::kind(), 'social-post', self::WHERE, Confidence::Stated),
            ...Make::text(FieldPath::title(), $m[3], 'The words of the post, from the page’s metadata.', Confidence::Stated),
            ...Make::people([new Contributor(Role::Author, $author)], self::WHERE, Confidence::Stated, $m[1]),
            ...Make::date($more[2] ?? '', self::WHERE, Confidence::Stated),
        ];
    }
}
