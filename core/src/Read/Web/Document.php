<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Source\Text;

/** A parsed web page: its metadata, its structured data, and its visible text as a list of blocks. */
final class Document
{
    private const ATTRIBUTE = '[\s/]++[^\s=>/]++(?:\s*+=\s*+(?:"[^"]*+"|\'[^\']*+\'|[^\s>"\']++))?+';

    /** No tag anybody wrote is longer and has more attributes. */
    private const LONG_TAG = 10_000;

    private const MOST_ATTRIBUTES = 500;

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

    private ?Labels $labels = null;

    private ?int $heading = null;

    /** @var ?array{?\DOMElement} */
    private ?array $own = null;

    private ?Surroundings $surroundings = null;

    private function __construct(public readonly \DOMDocument $dom, public readonly string $url, private readonly string $html)
    {
        $this->xpath = new \DOMXPath($dom);
        foreach ($this->all('//meta[@content]') as $meta) {
            $name = strtolower($meta->getAttribute('name') ?: $meta->getAttribute('property') ?: $meta->getAttribute('itemprop'));
            // Some houses put a prefix of their own before the names for citing.
            $name = (string) preg_replace('/^[a-z]+_(?=citation_)/', '', $name);
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
        $html = self::withoutEndlessTags($html);
        $html = (string) preg_replace('/(<meta[^>]+charset\s*=\s*["\']?)[\w-]+/i', '$1utf-8', $html);
        $dom->loadHTML('<?xml encoding="UTF-8">'.(trim($html) === '' ? '<html></html>' : $html), LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING | LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($before);

        return new self($dom, $url, $html);
    }

    /** Cuts what comes after a tag's first 500 attributes: libxml's time grows with the square of their number. */
    private static function withoutEndlessTags(string $html): string
    {
        $cut = static function (array $tag): string {
            if (strlen($tag[0]) < self::LONG_TAG) {
                return $tag[0];
            }
            preg_match_all('~'.self::ATTRIBUTE.'~', $tag[0], $attributes, PREG_OFFSET_CAPTURE);

            return substr($tag[0], 0, $attributes[0][self::MOST_ATTRIBUTES][1] ?? strlen($tag[0]));
        };
        $before = ini_set('pcre.backtrack_limit', '100000000');
        $bounded = preg_replace_callback('~<[a-z][^\s/>]*+(?:'.self::ATTRIBUTE.')*+~i', $cut, $html);
        ini_set('pcre.backtrack_limit', (string) $before);

        return $bounded ?? $html;
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

    /**
     * The contents of all meta elements whose name meets a pattern, as sites and their tools name the same thing each
     * in their own way: "pubdate", "publish_date", "article.published".
     *
     * @return list<string>
     */
    public function metaLike(string $pattern): array
    {
        return array_merge(...array_values(array_filter($this->meta, static fn (string|int $name): bool => preg_match($pattern, (string) $name) === 1, ARRAY_FILTER_USE_KEY)) ?: [[]]);
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

    /** @return list<string> what the first group of a pattern matches in the page's markup, wherever it is met */
    public function every(string $pattern): array
    {
        return preg_match_all($pattern, $this->html, $m) > 0 ? $m[1] : [];
    }

    /**
     * Elements with any of these classes, or that meet another condition, in no particular order but that of the page
     * for each class.
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
                if (! in_array($element, $found, true) && ($from === null || Surroundings::isInside($element, $from))) {
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
                $names = trim($element->getAttribute('class'));
                foreach (ctype_alnum($names) ? [$names] : (preg_split('/\s+/', $names) ?: []) as $class) {
                    $this->byClass[$class][] = $element;
                }
            }
        }

        return $this->byClass;
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

    /** @return list<Schema> the page's schema.org objects as JSON-LD, microdata and RDFa Lite */
    public function schemas(): array
    {
        return array_values(array_filter(
            $this->schemas ??= [
                new Schema(JsonLd::objects($this)),
                new Schema(MarkedItems::microdata($this)),
                new Schema(MarkedItems::rdfaLite($this)),
            ],
            static fn (Schema $schema): bool => $schema->objects !== [],
        ));
    }

    public function labels(): Labels
    {
        return $this->labels ??= Labels::of($this);
    }

    /** The language the page says it is in, as a short code; '' for English and where it does not say. */
    public function language(): string
    {
        $code = strtolower(substr($this->dom->documentElement?->getAttribute('lang') ?: str_replace('_', '-', $this->meta('og:locale')), 0, 2));

        return preg_match('/^[a-z]{2}$/', $code) === 1 && $code !== 'en' ? $code : '';
    }

    /** The language with its region, as far as the page says: "en-US", "fr"; '' where it does not. */
    public function locale(): string
    {
        return str_replace('_', '-', $this->dom->documentElement?->getAttribute('lang') ?: $this->meta('og:locale'));
    }

    /** The heading the page says again in its metadata or its tab's name; null where there is none. */
    public function heading(): ?\DOMElement
    {
        return ($this->own ??= [MainHeading::of($this)])[0];
    }

    /**
     * The place of the heading among the blocks: the page's own, else the last first-rank heading, or the first one of
     * any rank.
     */
    public function headingBlock(): int
    {
        return $this->heading ??= $this->findHeading();
    }

    private function findHeading(): int
    {
        $own = $this->text($this->heading());
        foreach ($own === '' ? [] : $this->blocks() as $i => $block) {
            if (preg_match('/^h\d$/', $block['tag']) === 1 && $block['text'] === $own) {
                return $i;
            }
        }
        $any = null;
        $main = null;
        foreach ($this->blocks() as $i => $block) {
            $main = $block['tag'] === 'h1' ? $i : $main;
            $any ??= preg_match('/^h[2-6]$/', $block['tag']) === 1 ? $i : null;
        }

        return $main ?? $any ?? 0;
    }

    /**
     * How many blocks under the heading a text stands; just above it counts double, and further up is further away than
     * anything after it.
     */
    public function distance(string $text): int
    {
        $heading = $this->headingBlock();
        $best = PHP_INT_MAX;
        foreach ($this->blocks() as $i => $block) {
            if (str_contains($block['text'], $text) || strlen($block['text']) > 6 && str_contains($text, $block['text'])) {
                $best = min($best, match (true) {
                    $i >= $heading => $i - $heading,
                    $heading - $i <= 6 => 2 * ($heading - $i),
                    default => 10_000 + $heading - $i,
                });
            }
        }

        return $best;
    }

    /** Whether an element stands in a part of the page that belongs to another text. */
    public function isBeside(\DOMElement $element): bool
    {
        return ($this->surroundings ??= Surroundings::of($this))->hold($element);
    }

    /** Next to the text, unless in a column of its own article, level with the heading: newspapers put bylines there. */
    public function isElsewhere(\DOMElement $element): bool
    {
        return $this->isBeside($element) && (! Surroundings::isColumn($element) || $this->distance($this->text($element)) > 6);
    }

    /** @return list<array{tag: string, text: string}> the visible text, one block after the other */
    public function blocks(): array
    {
        return $this->blocks ??= VisibleText::blocks($this->dom->getElementsByTagName('body')->item(0) ?? $this->dom, $this->text($this->heading()));
    }

    /** What the browser's tab shows; a drawing's own title is not it. */
    public function tabName(): string
    {
        return $this->text($this->first('//head/title') ?? $this->first('//title[not(ancestor::svg)]'));
    }
}
