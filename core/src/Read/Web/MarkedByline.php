<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\NameShape;
use Bibrel\Core\Source\Contributor;

/** Who wrote it, where the page's markup says that an element names the author. */
final class MarkedByline implements EvidenceReader
{
    /** Classes that say an element names the author: "byline", "article--author", "c-byline__name"; not a box about them. */
    private const MARKED = '/^(?!about)(?:[\w-]*[_-])?(?:(?:owner|photographer)[_-]name|byline|author|p-author|contributor|writer|auteur|autor|firma)s?(?:[_-]+(?:name|names|info|line|text|link))?$/i';

    /** Words without which no class is worth looking through. */
    private const WORDS = ['byline', 'author', 'contributor', 'writer', 'owner', 'photographer', 'auteur', 'autor', 'firma'];

    /** Other ways of marking an author, and what a page must hold for it to be worth looking. */
    private const ATTRIBUTED = ['~\brel\s*=\s*["\']?author\b~i' => '@rel="author"', '~\bitemprop\s*=\s*["\']?author\b~i' => 'not(self::meta) and @itemprop="author"'];

    /** The longest text an author's mark may hold, and the small box several such marks may share, in characters. */
    private const LONGEST = 200;

    private const BOX = 400;

    /** How many blocks under the heading a mark still is the page's, where other places are signed by others. */
    private const NEAR = 12;

    public function read(Document $page): array
    {
        $signed = self::signed($page);
        $own = self::nearest($page, $signed);
        $people = [];
        foreach ($own as $one) {
            foreach ($one['people'] as $person) {
                $people[mb_strtolower($person->name->direct())] ??= $person;
            }
        }
        // Parts of a page that are each signed by somebody else, and none of them right under its heading.
        $isOpen = count($own) < count($signed) && $page->distance($own[0]['text']) > self::NEAR;

        return Make::people(array_values($people), 'From the line with the author’s name on the page.', $isOpen ? Confidence::Guess : Confidence::Likely, $own[0]['text'] ?? '', true);
    }

    /** @return list<array{element: \DOMElement, text: string, people: list<Contributor>}> the innermost marked places that name somebody */
    private static function signed(Document $page): array
    {
        $signed = [];
        $ways = array_filter(self::ATTRIBUTED, $page->matches(...), ARRAY_FILTER_USE_KEY);
        $more = $ways === [] ? '' : '('.implode(') or (', $ways).')';
        $classes = array_filter(self::WORDS, $page->mentions(...)) === [] ? [] : $page->classesLike(self::MARKED);
        foreach ($page->withClass($classes, more: $more) as $element) {
            $text = $page->text($element);
            // Comments, related stories and lists of authors elsewhere on the page are not this page's byline.
            if ($text === '' || mb_strlen($text) > self::LONGEST || $page->isElsewhere($element) || $page->withClass($classes, $element, $more) !== []) {
                continue;
            }
            $lines = VisibleText::lines($element);
            // In a box of several lines, those with a name count; the rest are posts and places.
            $names = array_values(array_filter($lines, NameShape::fills(...)));
            $people = array_merge(...array_map(Bylines::contributors(...), count($lines) > 2 || count($lines) > 1 && $names !== [] ? $names : [$text]) ?: [[]]);
            if ($people !== []) {
                $signed[] = ['element' => $element, 'text' => $text, 'people' => $people];
            }
        }

        return $signed;
    }

    /**
     * Of several signed places with different names only the one nearest under the heading signs the page, and what
     * stands in the same small box without a heading of its own.
     *
     * @param  list<array{element: \DOMElement, text: string, people: list<Contributor>}>  $signed
     * @return list<array{element: \DOMElement, text: string, people: list<Contributor>}>
     */
    private static function nearest(Document $page, array $signed): array
    {
        $names = static fn (array $one): string => implode('|', array_map(static fn (Contributor $person): string => mb_strtolower($person->name->direct()), $one['people']));
        if (count(array_unique(array_map($names, $signed))) < 2) {
            return $signed;
        }
        $far = array_map(static fn (array $one): int => $page->distance($one['text']), $signed);
        asort($far);
        $least = (int) reset($far);
        $box = $signed[(int) array_key_first($far)]['element'];
        for ($up = 0; $up < 3 && $box->parentNode instanceof \DOMElement && mb_strlen($page->text($box->parentNode)) < self::BOX && $page->all('.//h1|.//h2|.//h3|.//h4', $box->parentNode) === []; $up++) {
            $box = $box->parentNode;
        }

        return array_values(array_filter($signed, static fn (array $one, int $i): bool => $one['element'] === $box || Surroundings::isInside($one['element'], $box) || $far[$i] - $least <= 4 && $least <= self::NEAR, ARRAY_FILTER_USE_BOTH));
    }
}
