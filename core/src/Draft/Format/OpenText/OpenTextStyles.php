<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\OpenText;

/**
 * The settings of paragraphs and letters of an open text document: the default of the family, then the parents of a
 * style from the root on, then the style itself (ODF 1.3, part 3, 16.2).
 */
final class OpenTextStyles
{
    /** @var array<string, \DOMElement> by family and name: "paragraph|P1" */
    private array $styles = [];

    /** @var array<string, array<string, string>> settings of the defaults by family */
    private array $defaults = [];

    /** @var array<string, string> families of faces by their names */
    private array $faces = [];

    /** @var array<string, array<string, string>> */
    private array $resolved = [];

    /** @var array<string, \DOMElement> */
    private array $sheets = [];

    /** @var array<string, \DOMElement> */
    private array $masters = [];

    public function __construct(?\DOMDocument ...$documents)
    {
        foreach (array_filter($documents) as $document) {
            foreach ($document->getElementsByTagNameNS('*', '*') as $node) {
                $name = $node->getAttributeNS($node->namespaceURI ?? '', 'name');
                match ($node->localName) {
                    'style' => $this->styles[self::attribute($node, 'family')."|{$name}"] = $node,
                    'default-style' => $this->defaults[self::attribute($node, 'family')] = self::settings($node),
                    'font-face' => $this->faces[$name] = trim(self::attribute($node, 'font-family'), "'\""),
                    'page-layout' => $this->sheets[$name] = $node,
                    'master-page' => $this->masters[$name] = $node,
                    default => null,
                };
            }
        }
    }

    /** @return array<string, string> settings by their local names: "line-height", "margin-left" */
    public function of(string $of, string $name): array
    {
        return $this->resolved["{$of}|{$name}"] ??= [
            ...$this->defaults[$of] ?? [],
            ...$this->own($of, $name),
        ];
    }

    /** @return array<string, string> without the default of the family */
    public function own(string $of, string $name): array
    {
        $settings = [];
        for ($i = 0; $i < 20 && isset($this->styles["{$of}|{$name}"]); $i++) {
            $style = $this->styles["{$of}|{$name}"];
            $settings = [...self::settings($style), ...$settings];
            $name = self::attribute($style, 'parent-style-name');
        }

        return $settings;
    }

    public function style(string $of, string $name): ?\DOMElement
    {
        return $this->styles["{$of}|{$name}"] ?? null;
    }

    /** The sheet a style begins with its first paragraph; '' for one that begins none. */
    public function masterOf(string $name): string
    {
        $style = $this->style('paragraph', $name);

        return $style === null ? '' : self::attribute($style, 'master-page-name');
    }

    /** The style a style is based on; '' for one that is based on none. */
    public function parentOf(string $name): string
    {
        $style = $this->style('paragraph', $name);

        return $style === null ? '' : self::attribute($style, 'parent-style-name');
    }

    /** @param  array<string, string>  $settings */
    public function face(array $settings): string
    {
        $named = $settings['font-name'] ?? '';

        return $this->faces[$named] ?? (trim($settings['font-family'] ?? '', "'\"") ?: $named);
    }

    public function master(string $name): ?\DOMElement
    {
        return $this->masters[$name] ?? $this->masters['Standard'] ?? (array_values($this->masters)[0] ?? null);
    }

    /** @return array<string, string> */
    public function sheet(string $name): array
    {
        $layout = $this->sheets[$name] ?? null;

        return $layout === null ? [] : self::settings($layout);
    }

    /** A length in twentieths of a point; null for what is none. */
    public static function twips(string $length): ?int
    {
        if (preg_match('/^(-?[\d.]+)(in|cm|mm|pt|pc|px)$/', $length, $m) !== 1) {
            return null;
        }
        $points = ['in' => 72.0, 'cm' => 72 / 2.54, 'mm' => 72 / 25.4, 'pt' => 1.0, 'pc' => 12.0, 'px' => 0.75];

        return (int) round((float) $m[1] * $points[$m[2]] * 20);
    }

    /** An attribute by its local name, whatever its namespace. */
    public static function attribute(\DOMElement $node, string $name): string
    {
        foreach ($node->attributes as $attribute) {
            if ($attribute->localName === $name) {
                return (string) $attribute->nodeValue;
            }
        }

        return '';
    }

    /** @return array<string, string> */
    private static function settings(\DOMElement $style): array
    {
        $settings = [];
        foreach ($style->childNodes as $node) {
            if (! $node instanceof \DOMElement || ! str_ends_with((string) $node->localName, '-properties')) {
                continue;
            }
            // A page layout says the same of its header, which is not meant here.
            if (in_array($node->localName, ['header-footer-properties'], true)) {
                continue;
            }
            foreach ($node->attributes as $attribute) {
                $settings[(string) $attribute->localName] = (string) $attribute->nodeValue;
            }
        }

        return $settings;
    }
}
