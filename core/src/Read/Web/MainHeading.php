<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\SiteTitle;
use Bibrel\Core\Source\Text;

/**
 * Which of a page's headings is its own title: the one its metadata or its tab's name says again. A site's name over
 * the page, a hidden heading and the headings of other texts are headings too.
 */
final readonly class MainHeading
{
    /** Shorter headings are said again by chance. */
    private const SHORTEST = 6;

    private const LEVELS = ['h1', 'h2', 'h3', 'h4'];

    private string $title;

    private string $tab;

    /** @var list<string> what stands between the bars of the tab's name */
    private array $parts;

    /** @var list<string> what the site is called */
    private array $sites;

    /** Whether the tab's name is a path that leads up to the page: "Site » Archive » Title". */
    private bool $isPath;

    private function __construct(private Document $page)
    {
        $this->title = Text::folded($page->meta('og:title', 'twitter:title'));
        $this->tab = Text::folded($page->tabName());
        $this->parts = array_map(Text::folded(...), SiteTitle::parts($page->tabName()));
        $this->sites = array_values(array_filter([Text::folded($page->meta('og:site_name')), Text::folded((string) preg_replace('/\.[^.]+$/', '', $page->host()))]));
        $this->isPath = str_contains($page->tabName(), '»');
    }

    /** The heading the page says again elsewhere; null where it says none again. */
    public static function of(Document $page): ?\DOMElement
    {
        return (new self($page))->found();
    }

    private function found(): ?\DOMElement
    {
        $hasMain = array_filter($this->headings('h1'), $this->isSaid(...)) !== [];
        $best = null;
        $least = PHP_INT_MAX;
        foreach (self::LEVELS as $level => $name) {
            foreach ($this->headings($name) as $heading) {
                $rank = $this->rank($heading);
                // A lesser heading has to be the title to the letter where the page has a main one.
                if ($rank === null || $rank > 1 && $hasMain && $level > 0 || 10 * $rank + $level >= $least || $this->isElsewhere($heading)) {
                    continue;
                }
                [$best, $least] = [$heading, 10 * $rank + $level];
            }
        }

        return $best;
    }

    /** @return list<\DOMElement> */
    private function headings(string $name): array
    {
        return $this->page->mentions("<{$name}") ? $this->page->all("//{$name}") : [];
    }

    /** How surely a heading is the page's title, best 0; null where nothing says so. */
    private function rank(\DOMElement $heading): ?int
    {
        $text = Text::folded($this->page->text($heading));
        if (mb_strlen($text) < self::SHORTEST || in_array($text, $this->sites, true)) {
            return null;
        }
        // The last part after bars is the site's name, unless the parts lead up to the title.
        $parts = $this->isPath || count($this->parts) < 2 ? $this->parts : array_slice($this->parts, 0, -1);

        return match (true) {
            $text === $this->title => 0,
            in_array($text, $this->parts, true) && $this->page->all('.//a[@rel="bookmark"]', $heading) !== [] => 1,
            in_array($text, $parts, true), mb_strlen($text) > 2 * self::SHORTEST && (str_starts_with($this->tab, $text) || str_contains($this->title, $text)) => 2,
            default => null,
        };
    }

    /** In boxes for sharing and in lists of other texts, which say the title again; an article has its own heading. */
    private function isElsewhere(\DOMElement $heading): bool
    {
        return $this->page->all('ancestor::a|ancestor::li', $heading) !== []
            || $heading->localName !== 'h1' && $this->page->mentions('<article') && $this->page->all('//article//h1') !== [] && $this->page->all('ancestor::article', $heading) === []
            || Surroundings::holdByName($heading);
    }

    /** Whether a heading is at least begun with in what the page, but not its site, calls itself. */
    private function isSaid(\DOMElement $heading): bool
    {
        $text = Text::folded($this->page->text($heading));
        $sites = $this->isPath || count($this->parts) < 2 ? $this->sites : [...$this->sites, $this->parts[array_key_last($this->parts)]];

        return $text !== '' && ! in_array($text, $sites, true) && array_filter([...$this->parts, $this->title], static fn (string $name): bool => $name !== '' && (str_starts_with($text, $name) || str_starts_with($name, $text))) !== [];
    }
}
