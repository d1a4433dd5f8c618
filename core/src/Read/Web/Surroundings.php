<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

/** What stands around a page's own text: menus, sidebars, comments, and what a site shows of its other texts. */
final readonly class Surroundings
{
    /** Parts of a page that belong to other texts: related stories, comments, sidebars. */
    private const BESIDE = '/(?:^|[\s_-])(?<!has[_-])(?<!with[_-])(?<!no[_-])(?:comments?(?![_-](?:date|count|num|link))|respond|related|reviews?|sidebar|widget|recommend\w*|promo|newsletter|share|social|breadcrumbs?|menu|reply|rail)(?:[\s_-]|$)/i';

    /** A box with buttons for sharing that also names the author or the date is the text's own. */
    private const SIGNED = '/(?=.*(?:author|byline))(?=.*share)(?!.*comment)/i';

    /** Lines over what a site shows of its other texts. */
    private const OTHERS = '/^(?:(?:read |see )?more (?!(?:from|by) (?:this|the) author)(?:in|from|on|by|stories|episodes|articles|news|posts|like this)\b.*|related(?: \w+)?|(?:read|see|watch|listen) (?:next|also)|(?:keep|continue) reading|read on|what to read next|editors?’ picks|popular now|explore more|(?:next|previous) (?:article|story|post)|(?:customer |top |visitor )?reviews|ratings(?: and reviews)?|testimonials|up next|most (?:read|popular|viewed)|you (?:may|might) (?:also )?(?:like|enjoy).*|recommended(?: \w+){0,3}|similar \w+|latest (?:\w+ )?(?:stories|news|posts|episodes)|trending(?: now)?|also in .*|à lire aussi|\d+ comments?|comments?|leave a (?:comment|reply))$/iu';

    /** @param  ?\DOMElement  $main  the part of the page its heading stands in */
    private function __construct(private ?\DOMElement $main, private ?\DOMElement $article)
    {
    }

    /** Around the page's own heading, or its last main one; a page without one has only the names of its parts to go by. */
    public static function of(Document $page): self
    {
        $headings = $page->mentions('<h1') ? array_filter($page->all('//h1'), static fn (\DOMElement $h1): bool => ! self::holdByName($h1)) : [];
        $heading = $page->heading() ?? end($headings);
        $article = $heading === false ? null : self::closest($heading, ['article']);

        return new self($heading === false ? null : (self::closest($heading, ['main']) ?? $article), $article);
    }

    /** Whether an element stands in a part of the page that belongs to another text. */
    public function hold(\DOMElement $element): bool
    {
        if (self::holdByName($element) || $this->main !== null && ! self::isInside($element, $this->main)) {
            return true;
        }
        $own = self::closest($element, ['article']);

        return $this->article !== null && $own !== null && $own !== $this->article && ! self::isInside($this->article, $own);
    }

    /** @param  list<string>  $names  of elements; "main" is also what has that role */
    public static function closest(\DOMElement $element, array $names): ?\DOMElement
    {
        for ($node = $element->parentNode; $node instanceof \DOMElement; $node = $node->parentNode) {
            if (in_array($node->localName, $names, true) || in_array($node->getAttribute('role'), $names, true)) {
                return $node;
            }
        }

        return null;
    }

    /** Whether an element or one around it is named as a part that belongs to another text. */
    public static function holdByName(\DOMElement $element): bool
    {
        for ($node = $element; $node instanceof \DOMElement && $node->localName !== 'body'; $node = $node->parentNode) {
            // The foot of an article is its own.
            if (in_array($node->localName, ['aside', 'nav'], true) || $node->localName === 'footer' && self::closest($node, ['article']) === null || self::isNamed($node)) {
                return true;
            }
        }

        return false;
    }

    /** Whether an element stands in a column within an article, rather than among comments, menus or other texts. */
    public static function isColumn(\DOMElement $element): bool
    {
        $column = self::closest($element, ['aside']);

        return $column !== null && self::closest($column, ['article']) !== null && preg_match('/comment|related|recommend|promo|popular/i', $column->getAttribute('class').' '.$column->getAttribute('id')) !== 1;
    }

    /** Whether an element's own name says that it holds other texts. */
    public static function isNamed(\DOMElement $element): bool
    {
        $names = $element->getAttribute('class').' '.$element->getAttribute('id');

        // A box that holds the page's main heading is not next to it, whatever it is called; nor is the heading.
        return $element->localName !== 'h1' && preg_match(self::SIGNED, $names) !== 1 && $names !== ' ' && preg_match(self::BESIDE, $names) === 1 && $element->getElementsByTagName('h1')->length === 0;
    }

    /**
     * What follows a line such as "More in Craft" belongs to other texts, until its heading or a whole paragraph goes
     * on with this one.
     *
     * @param  list<array{tag: string, text: string}>  $blocks
     * @param  string  $heading  the page's own, where it is known
     * @return list<array{tag: string, text: string}>
     */
    public static function marked(array $blocks, string $heading): array
    {
        $others = false;
        foreach ($blocks as $i => $block) {
            $length = strlen($block['text']);
            if ($length < 60 && $block['tag'] !== 'li' && preg_match(self::OTHERS, $block['text']) === 1) {
                $others = true;
            } elseif ($length > 240 || $block['tag'] === 'h1' || $block['text'] === $heading) {
                $others = false;
            }
            if ($others && $block['tag'] !== 'footer') {
                $blocks[$i]['tag'] = 'aside';
            }
        }

        return $blocks;
    }

    public static function isInside(\DOMElement $element, \DOMElement $outer): bool
    {
        for ($node = $element->parentNode; $node !== null; $node = $node->parentNode) {
            if ($node === $outer) {
                return true;
            }
        }

        return false;
    }
}
