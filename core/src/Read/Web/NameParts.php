<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;

/** Names whose parts a page marks one by one, as journals do: a given name, and a surname in an element after it. */
final class NameParts implements EvidenceReader
{
    private const FAMILY = '/(?:^|[_-])(?:surname|family[_-]?names?|last[_-]?name)$/i';

    private const GIVEN = '/(?:^|[\s_-])(?:given[_-]?names?|first[_-]?name|forenames?)(?:\s|$)/i';

    public function read(Document $page): array
    {
        $classes = $page->mentions('name') ? $page->classesLike(self::FAMILY) : [];
        $heading = $page->heading() ?? $page->first('//h1');
        $people = [];
        foreach ($heading === null || $classes === [] ? [] : $page->withClass($classes) as $family) {
            $given = $family->previousElementSibling;
            // The names between the title and the next heading; further down others are cited.
            $above = $page->all('preceding::*[self::h1 or self::h2 or self::h3][1]', $family);
            if ($given !== null && preg_match(self::GIVEN, $given->getAttribute('class')) === 1 && ($above[0] ?? null) === $heading && ! $page->isBeside($family)) {
                $people[] = Bylines::contributor($page->text($family).', '.$page->text($given), false);
            }
        }

        return Make::people($people, 'From the names under the title of the page.', Confidence::Likely, visible: true);
    }
}
