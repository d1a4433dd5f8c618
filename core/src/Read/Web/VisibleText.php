<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Source\Text;

/** What a reader sees of a page or of one element, a block after the other. */
final class VisibleText
{
    private const BLOCKS = ['address' => true, 'article' => true, 'aside' => true, 'blockquote' => true, 'body' => true, 'br' => true, 'dd' => true, 'div' => true, 'dl' => true, 'dt' => true, 'figcaption' => true, 'figure' => true, 'footer' => true, 'form' => true, 'h1' => true, 'h2' => true, 'h3' => true, 'h4' => true, 'h5' => true, 'h6' => true, 'header' => true, 'hr' => true, 'li' => true, 'main' => true, 'nav' => true, 'ol' => true, 'p' => true, 'pre' => true, 'section' => true, 'table' => true, 'td' => true, 'th' => true, 'tr' => true, 'ul' => true];

    private const SILENT = ['script' => true, 'style' => true, 'noscript' => true, 'template' => true, 'svg' => true, 'iframe' => true, 'object' => true, 'head' => true, 'select' => true, 'button' => true, 'textarea' => true];

    /** Elements whose name a block keeps: it tells what the text is. */
    private const KEPT = ['h1' => true, 'h2' => true, 'h3' => true, 'h4' => true, 'h5' => true, 'h6' => true, 'footer' => true, 'li' => true, 'figcaption' => true];

    /** @var list<array{tag: string, text: string}> */
    private array $found = [];

    private function __construct()
    {
    }

    /**
     * @param  string  $heading  the page's own, where it is known
     * @return list<array{tag: string, text: string}> blocks of other texts have the tag "aside"
     */
    public static function blocks(\DOMNode $body, string $heading = ''): array
    {
        $text = new self;
        $open = ['tag' => 'p', 'text' => ''];
        $text->walk($body, 'p', $open);
        $text->push($open);

        return Surroundings::marked($text->found, $heading);
    }

    /** @return list<string> the lines of an element, one for each block in it */
    public static function lines(\DOMElement $element): array
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
            $hasMarks = $child->hasAttributes();
            if (isset(self::SILENT[$name]) || $hasMarks && $child->hasAttribute('hidden')) {
                continue;
            }
            if (! isset(self::BLOCKS[$name])) {
                $this->walk($child, $tag, $open);

                continue;
            }
            $this->push($open);
            $inner = match (true) {
                $tag === 'footer' || $tag === 'aside' => $tag,
                $name === 'aside', $name === 'nav', $hasMarks && Surroundings::isNamed($child) => 'aside',
                isset(self::KEPT[$name]) => $name,
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
