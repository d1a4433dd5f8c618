<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;

/** A thread in a forum: its address tells it, and the first user named is who began it. */
final class ForumThread implements EvidenceReader
{
    private const PATH = '~/(?:showthread|viewtopic|threads?|topic|forums?|questions)\b~i';

    private const USER = '/^(?:[\w-]*[_-])?(?:user-?name|poster|post-?author|nick(?:name)?)$/i';

    public function read(Document $page): array
    {
        $isForum = preg_match(self::PATH, (string) parse_url($page->url, PHP_URL_PATH)) === 1 || preg_match('/^(?:forums?|boards?)\./', $page->host()) === 1;
        if (! $isForum) {
            return [];
        }
        $users = $page->withClass($page->classesLike(self::USER));
        $name = $page->text($users[0] ?? null);

        return [
            ...Make::text(FieldPath::kind(), 'forum-post', 'The address is a forum’s.', Confidence::Likely),
            ...($name === '' || mb_strlen($name) > 40 ? [] : Make::people([new Contributor(Role::Author, Make::online(Name::parse($name)))], 'The first user named in the thread.', Confidence::Likely, $name, true)),
        ];
    }
}
