<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Source\Text;

/** A parsed web page: its metadata, its structured data, and its visible text as a list of blocks. */
final class Document
{
    private const BLOCKS = ['address' => true, 'article' => true, 'aside' => true, 'blockquote' => true, 'body' => true, 'br' => true, 'dd' => true, 'div' => true, 'dl' => true, 'dt' => true, 'figcaption' => true, 'figure' => true, 'footer' => true, 'form' => true, 'h1' => true, 'h2' => true, 'h3' => true, 'h4' => true, 'h5' => true, 'h6' => true, 'header' => true, 'hr' => true, 'li' => true, 'main' => true, 'nav' => true, 'ol' => true, 'p' => true, 'pre' => true, 'section' => true, 'table' => true, 'td' => true, 'th' => true, 'tr' => true, 'ul' => true];

    /** Parts of a page that belong to other texts: related stories, comments, sidebars. */
    private const BESIDE = '/(?:^|[\s_-])(?:comments?|respond|related|reviews?|sidebar|widget|recommend\w*|promo|newsletter|share|social|breadcrumbs?|menu|reply)(?:[\s_-]|$)/i';

    /** Lines over what a site shows of its other texts. */
    private const OTHERS = '/^(?:(?:read |see )?more (?:in|from|on|by|stories|episodes|articles|news|posts|like this)\b.*|related(?: \w+)?|(?:read|see|watch|listen) (?:next|also)|(?:keep|continue) reading|read on|what to read next|editors?’ picks|popular now|explore more|(?:next|previous) (?:article|story|post)|(?:customer |top |visitor )?reviews|ratings(?: and reviews)?|testimonials|up next|most (?:read|popular|viewed)|you (?:may|might) (?:also )?(?:like|enjoy).*|recommended(?: \w+){0,3}|similar \w+|latest (?:\w+ )?(?:stories|news|posts|episodes)|trending(?: now)?|also in .*|à lire aussi|\d+ comments?|comments?|leave a (?:comment|reply))$/iu';

    private const SILENT = ['script' => true, 'style' => true, 'noscript' => true, 'template' => true, 'svg' => true, 'iframe' => true, 'object' => true, 'head' => true, 'select' => true, 'button' => true, 'textarea' => true];

    public readonly \DOMXPath $xpath;

    /** @var array<string, list<string>> meta name or property, in lower case => contents */
    private array $meta = [];

    private ?string $lowered = null;

    /** @var array<string, list<\DOMElement>> what was found in the whole page, by XPath */
    private array $asked = [];

    /** @var ?list<array{tag: string, text: string}> */
    private ?array $blocks = null;

    /** @var ?list<Schema> */
    private ?array $schemas = null;

    /** @var ?array<string, list<\DOMElement>> */
    private ?array $byClass = null;

    private ?int $heading = null;

    /** @var array{?\DOMElement, ?\DOMElement}|null the part of the page the heading stands in, and the article */
    private ?array $around = null;

    /** @var list<array{tag: string, text: string}> */
    private array $found = [];

    private function __construct(public readonly \DOMDocument $dom, public readonly string $url, private readonly string $html)
    {
        $this->xpath = new \DOMXPath($dom);
        foreach ($this->all('//meta[@content]') as $meta) {
            $name = strtolower($meta->getAttribute('name') ?: $meta->getAttribute('property') ?: $meta->getAttribute('itemprop'));
            $content = Text::line($meta->getAttribute('content'));
            if ($name !== '' && $content !== '') {
                $this->meta[$name][] = $content;
            }
        }
    }

    /** @param  string  $html in UTF-8, however broken */
    public static function parse(string $html, string $url): self
    {
        $dom = new \DOMDocument;
        $before = libxml_use_internal_errors(true);
        // libxml stops at a NUL byte, and takes the encoding from a declaration in front unless the page names another.
        $html = str_replace("\0", '', $html);
        $html = (string) preg_replace('/(<meta[^>]+charset\s*=\s*["\']?)[\w-]+/i', '$1utf-8', $html);
        $dom->loadHTML('<?xml encoding="UTF-8">'.(trim($html) === '' ? '<html></html>' : $html), LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING | LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($before);

        return new self($dom, $url, $html);
    }

    public function host(): string
    {
        return strtolower((string) preg_replace('/^www\./i', '', (string) parse_url($this->url, PHP_URL_HOST)));
    }

    /** @return list<string> */
    public function metaAll(string $name): array
    {
        return $this->meta[$name] ?? [];
    }

    public function meta(string ...$names): string
    {
        foreach ($names as $name) {
            if (isset($this->meta[$name])) {
                return $this->meta[$name][0];
            }
        }

        return '';
    }

    /** Whether a word stands anywhere in the page's markup: far cheaper than looking for it among the elements. */
    public function mentions(string $word): bool
    {
        return str_contains($this->lowered ??= strtolower($this->html), strtolower($word));
    }

    /** Whether a pattern is met anywhere in the page's markup. */
    public function matches(string $pattern): bool
    {
        return preg_match($pattern, $this->html) === 1;
    }

    /**
     * Elements with any of these classes, or that meet another condition, in no particular order but that of the page for
     * each class.
     *
     * @param  list<string>  $classes
     * @param  string  $more  a condition as XPath
     * @return list<\DOMElement>
     */
    public function withClass(array $classes, ?\DOMElement $from = null, string $more = ''): array
    {
        $found = $more === '' ? [] : $this->all(($from === null ? '//*[' : './/*[').$more.']', $from);
        foreach ($classes as $class) {
            foreach ($this->mentions($class) ? ($this->byClass()[$class] ?? []) : [] as $element) {
                if (! in_array($element, $found, true) && ($from === null || self::isInside($element, $from))) {
                    $found[] = $element;
                }
            }
        }

        return $found;
    }

    /**
     * Classes on the page that meet a pattern.
     *
     * @return list<string>
     */
    public function classesLike(string $pattern): array
    {
        return array_values(array_filter(array_map(strval(...), array_keys($this->byClass())), static fn (string $class): bool => preg_match($pattern, $class) === 1));
    }

    /** @return array<string, list<\DOMElement>> every class on the page, looked through once */
    private function byClass(): array
    {
        if ($this->byClass === null) {
            $this->byClass = [];
            foreach ($this->all('//*[@class]') as $element) {
                foreach (preg_split('/\s+/', trim($element->getAttribute('class'))) ?: [] as $class) {
                    $this->byClass[$class][] = $element;
                }
            }
        }

        return $this->byClass;
    }

    private static function isInside(\DOMElement $element, \DOMElement $outer): bool
    {
        for ($node = $element->parentNode; $node !== null; $node = $node->parentNode) {
            if ($node === $outer) {
                return true;
            }
        }

        return false;
    }

    /** @return list<\DOMElement> */
    public function all(string $xpath, ?\DOMNode $from = null): array
    {
        if ($from === null && isset($this->asked[$xpath])) {
            return $this->asked[$xpath];
        }
        $nodes = $this->xpath->query($xpath, $from);
        $elements = $nodes === false ? [] : array_values(array_filter(iterator_to_array($nodes), static fn (mixed $node): bool => $node instanceof \DOMElement));
        if ($from === null) {
            $this->asked[$xpath] = $elements;
        }

        return $elements;
    }

    public function first(string $xpath): ?\DOMElement
    {
        return $this->all($xpath)[0] ?? null;
    }

    public function text(?\DOMNode $node): string
    {
        return $node === null ? '' : Text::line($node->textContent);
    }

    /** @return list<string> the lines of an element, one for each block in it */
    public function lines(\DOMElement $element): array
    {
        $lines = [];
        $open = '';
        $walk = static function (\DOMNode $node) use (&$walk, &$lines, &$open): void {
            foreach ($node->childNodes as $child) {
                $breaks = $child instanceof \DOMElement && isset(self::BLOCKS[(string) $child->localName]);
                if ($breaks) {
                    $lines[] = $open;
                    $open = '';
                }
                $child instanceof \DOMText ? $open .= $child->data : $walk($child);
                if ($breaks) {
                    $lines[] = $open;
                    $open = '';
                }
            }
        };
        $walk($element);

        return array_values(array_filter(array_map(Text::line(...), [...$lines, $open]), static fn (string $line): bool => $line !== ''));
    }

    /** @return list<Schema> the page's schema.org objects as JSON-LD, microdata and RDFa Lite */
    public function schemas(): array
    {
        return array_values(array_filter(
            $this->schemas ??= [
                new Schema($this->mentions('ld+json') ? $this->structured() : []),
                new Schema(MarkedItems::microdata($this)),
                new Schema(MarkedItems::rdfaLite($this)),
            ],
            static fn (Schema $schema): bool => $schema->objects !== [],
        ));
    }

    /** The language the page says it is in, as a short code; '' for English and where it does not say. */
    public function language(): string
    {
        $code = strtolower(substr($this->dom->documentElement?->getAttribute('lang') ?: str_replace('_', '-', $this->meta('og:locale')), 0, 2));

        return preg_match('/^[a-z]{2}$/', $code) === 1 && $code !== 'en' ? $code : '';
    }

    /** The place of the heading among the blocks: the last first-rank heading, or the first one of any rank. */
    public function headingBlock(): int
    {
        return $this->heading ??= $this->findHeading();
    }

    private function findHeading(): int
    {
        $any = null;
        $main = null;
        foreach ($this->blocks() as $i => $block) {
            $main = $block['tag'] === 'h1' ? $i : $main;
            $any ??= preg_match('/^h[2-6]$/', $block['tag']) === 1 ? $i : null;
        }

        return $main ?? $any ?? 0;
    }

    /** Whether an element stands in a part of the page that belongs to another text. */
    public function isBeside(\DOMElement $element): bool
    {
        if (self::isMarkedBeside($element)) {
            return true;
        }
        [$main, $article] = $this->around ??= $this->aroundHeading();
        if ($main !== null && ! self::isInside($element, $main)) {
            return true;
        }
        $own = self::closest($element, ['article']);

        return $article !== null && $own !== null && $own !== $article && ! self::isInside($article, $own);
    }

    /** @return array{?\DOMElement, ?\DOMElement} */
    private function aroundHeading(): array
    {
        $headings = $this->mentions('<h1') ? array_filter($this->all('//h1'), static fn (\DOMElement $h1): bool => ! self::isMarkedBeside($h1)) : [];
        $heading = end($headings);
        if ($heading === false) {
            return [null, null];
        }
        $article = self::closest($heading, ['article']);

        return [self::closest($heading, ['main']) ?? $article, $article];
    }

    /** @param  list<string>  $names  of elements; "main" is also what has that role */
    private static function closest(\DOMElement $element, array $names): ?\DOMElement
    {
        for ($node = $element->parentNode; $node instanceof \DOMElement; $node = $node->parentNode) {
            if (in_array($node->localName, $names, true) || in_array($node->getAttribute('role'), $names, true)) {
                return $node;
            }
        }

        return null;
    }

    private static function isMarkedBeside(\DOMElement $element): bool
    {
        for ($node = $element; $node instanceof \DOMElement && $node->localName !== 'body'; $node = $node->parentNode) {
            if (in_array($node->localName, ['aside', 'nav', 'footer'], true) || self::marksBeside($node)) {
                return true;
            }
        }

        return false;
    }

    private static function marksBeside(\DOMElement $element): bool
    {
        $names = $element->getAttribute('class').' '.$element->getAttribute('id');

        // A box that holds the page's main heading is not beside it, whatever it is called.
        return $names !== ' ' && preg_match(self::BESIDE, $names) === 1 && $element->getElementsByTagName('h1')->length === 0;
    }

    /** @return list<array<string, mixed>> every object of the page's JSON-LD, those in @graph too */
    private function structured(): array
    {
        $objects = [];
        foreach ($this->all('//script[contains(translate(@type,"LDJSON","ldjson"),"ld+json")]') as $script) {
            $text = (string) preg_replace('~^\s*(?:<!--|/\*<!\[CDATA\[\*/|//<!\[CDATA\[)|(?:-->|/\*\]\]>\*/|//\]\]>)\s*$~', '', $script->textContent);
            $json = json_decode($text, true, 64);
            if (is_array($json)) {
                self::collect($json, $objects);
            }
        }

        return $objects;
    }

    /** @return list<array{tag: string, text: string}> the visible text, one block after the other */
    public function blocks(): array
    {
        if ($this->blocks === null) {
            $body = $this->dom->getElementsByTagName('body')->item(0) ?? $this->dom->documentElement;
            $open = ['tag' => 'p', 'text' => ''];
            if ($body !== null) {
                $this->walk($body, 'p', $open);
            }
            $this->push($open);
            $this->blocks = self::withoutOthers($this->found);
        }

        return $this->blocks;
    }

    /**
     * What follows a line such as "More in Craft" belongs to other texts, until a whole paragraph goes on with this one.
     *
     * @param  list<array{tag: string, text: string}>  $blocks
     * @return list<array{tag: string, text: string}>
     */
    private static function withoutOthers(array $blocks): array
    {
        $others = false;
        foreach ($blocks as $i => $block) {
            $length = strlen($block['text']);
            if ($length < 60 && preg_match(self::OTHERS, $block['text']) === 1) {
                $others = true;
            } elseif ($length > 240 || $block['tag'] === 'h1') {
                $others = false;
            }
            if ($others && $block['tag'] !== 'footer') {
                $blocks[$i]['tag'] = 'aside';
            }
        }

        return $blocks;
    }

    /**
     * @param  array<mixed>  $json
     * @param  list<array<string, mixed>>  $objects
     */
    private static function collect(array $json, array &$objects): void
    {
        if (array_is_list($json)) {
            foreach ($json as $one) {
                if (is_array($one)) {
                    self::collect($one, $objects);
                }
            }

            return;
        }
        if (isset($json['@graph']) && is_array($json['@graph'])) {
            self::collect($json['@graph'], $objects);
        }
        foreach (['mainEntity', 'mainEntityOfPage'] as $property) {
            // The questions of a page of answers are its parts, not what it is.
            if (is_array($json[$property] ?? null) && ($json['@type'] ?? '') !== 'FAQPage') {
                self::collect($json[$property], $objects);
            }
        }
        /** @var array<string, mixed> $json */
        $objects[] = $json;
    }

    /** @param  array{tag: string, text: string}  $open */
    private function walk(\DOMNode $node, string $tag, array &$open): void
    {
        foreach ($node->childNodes as $child) {
            if ($child instanceof \DOMText) {
                $open['text'] .= $child->data;

                continue;
            }
            if (! $child instanceof \DOMElement) {
                continue;
            }
            $name = (string) $child->localName;
            if (isset(self::SILENT[$name]) || $child->hasAttribute('hidden')) {
                continue;
            }
            if (! isset(self::BLOCKS[$name])) {
                $this->walk($child, $tag, $open);

                continue;
            }
            $this->push($open);
            $inner = match (true) {
                $tag === 'footer' || $tag === 'aside' => $tag,
                in_array($name, ['aside', 'nav'], true) || self::marksBeside($child) => 'aside',
                preg_match('/^h[1-6]$|^footer$|^li$|^figcaption$/', $name) === 1 => $name,
                default => 'p',
            };
            $open = ['tag' => $inner, 'text' => ''];
            $this->walk($child, $inner, $open);
            $this->push($open);
            $open = ['tag' => $tag, 'text' => ''];
        }
    }

    /** @param  array{tag: string, text: string}  $block */
    private function push(array $block): void
    {
        $block['text'] = Text::line($block['text']);
        if ($block['text'] !== '') {
            $this->found[] = $block;
        }
    }
}
