<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\Word;

use Bibrel\Core\Draft\Format\XmlTree;

/**
 * The settings of paragraphs and letters of an OOXML document, resolved as ECMA-376 (part 1, 17.7.2) says: document
 * defaults, then styles from the one at the root on, numbering, and what is set directly. A setting is the element's
 * attributes by its name: `['spacing' => ['line' => '480']]`.
 */
final class WordStyles
{
    /**
     * @var array<string, array{
     *     based: string, name: string,
     *     p: array<string, array<string, string>>, r: array<string, array<string, string>>
     * }>
     */
    private array $styles = [];

    /** @var array{p: array<string, array<string, string>>, r: array<string, array<string, string>>} */
    private array $defaults = ['p' => [], 'r' => []];

    private string $normal = '';

    /** @var array<string, array<string, array<string, string>>> settings of paragraphs by number and level: "3.0" */
    private array $levels = [];

    /** @var array<string, string> faces of the theme */
    private array $theme = [];

    /** @var array<string, array{p: array<string, array<string, string>>, r: array<string, array<string, string>>}> */
    private array $resolved = [];

    public function __construct(?\DOMDocument $styles, ?\DOMDocument $numbering, ?\DOMDocument $theme)
    {
        foreach (XmlTree::elements($styles?->documentElement) as $node) {
            if ($node->localName === 'docDefaults') {
                $this->defaults = [
                    'p' => self::settings(XmlTree::child(XmlTree::child($node, 'pPrDefault'), 'pPr')),
                    'r' => self::settings(XmlTree::child(XmlTree::child($node, 'rPrDefault'), 'rPr')),
                ];
            } elseif ($node->localName === 'style') {
                $this->addStyle($node);
            }
        }
        $this->readNumbering($numbering);
        $this->readTheme($theme);
    }

    /**
     * @param  array<string, array<string, string>>  $direct
     * @return array<string, array<string, string>>
     */
    public function paragraph(string $style, array $direct): array
    {
        $number = $direct['numPr'] ?? $this->ofStyle($style)['p']['numPr'] ?? null;
        $level = $number === null ? [] : $this->levels[($number['numId'] ?? '').'.'.($number['ilvl'] ?? '0')] ?? [];

        return self::over(self::over($this->ofStyle($style)['p'], $level), $direct);
    }

    /**
     * @param  array<string, array<string, string>>  $direct
     * @return array<string, array<string, string>>
     */
    public function run(string $paragraphStyle, string $runStyle, array $direct): array
    {
        $settings = $this->ofStyle($paragraphStyle)['r'];
        if ($runStyle !== '' && isset($this->styles[$runStyle])) {
            $settings = self::over($settings, $this->chain($runStyle)['r']);
        }

        return self::over($settings, $direct);
    }

    /** The name of a style as people see it. */
    public function nameOf(string $style): string
    {
        return $this->styles[$style]['name'] ?? $this->styles[$this->normal]['name'] ?? '';
    }

    /** @param  array<string, array<string, string>>  $settings  of letters */
    public function face(array $settings): string
    {
        $fonts = $settings['rFonts'] ?? [];

        return $this->theme[$fonts['asciiTheme'] ?? ''] ?? $fonts['ascii'] ?? $fonts['hAnsi'] ?? '';
    }

    /**
     * The settings below a `pPr` or `rPr`.
     *
     * @return array<string, array<string, string>>
     */
    public static function settings(?\DOMElement $properties): array
    {
        $settings = [];
        foreach (XmlTree::elements($properties) as $node) {
            $name = (string) $node->localName;
            $settings[$name] = self::attributes($node);
            foreach ($name === 'numPr' ? XmlTree::elements($node) : [] as $part) {
                $settings[$name][(string) $part->localName] = self::attributes($part)['val'] ?? '';
            }
        }

        return $settings;
    }

    /** @param  array<string, array<string, string>>  $settings */
    public static function isOn(array $settings, string $name): bool
    {
        return isset($settings[$name])
            && ! in_array($settings[$name]['val'] ?? '1', ['0', 'false', 'off', 'none'], true);
    }

    /** @return array<string, string> by their local names */
    public static function attributes(\DOMElement $node): array
    {
        $attributes = [];
        foreach ($node->attributes as $attribute) {
            $attributes[(string) $attribute->localName] = (string) $attribute->nodeValue;
        }

        return $attributes;
    }

    private function addStyle(\DOMElement $node): void
    {
        $said = self::attributes($node);
        $id = $said['styleId'] ?? '';
        $this->styles[$id] = [
            'based' => self::valueOf($node, 'basedOn'),
            'name' => self::valueOf($node, 'name') ?: $id,
            'p' => self::settings(XmlTree::child($node, 'pPr')),
            'r' => self::settings(XmlTree::child($node, 'rPr')),
        ];
        $isDefault = in_array($said['default'] ?? '', ['1', 'true', 'on'], true);
        if ($isDefault && ($said['type'] ?? 'paragraph') === 'paragraph') {
            $this->normal = $id;
        }
    }

    private static function valueOf(\DOMElement $of, string $name): string
    {
        $node = XmlTree::child($of, $name);

        return $node === null ? '' : self::attributes($node)['val'] ?? '';
    }

    private function readNumbering(?\DOMDocument $numbering): void
    {
        $levels = [];
        foreach (XmlTree::elements($numbering?->documentElement) as $node) {
            $said = self::attributes($node);
            if ($node->localName === 'abstractNum') {
                $levels[$said['abstractNumId'] ?? ''] = self::levelsOf($node);
            } elseif ($node->localName === 'num') {
                foreach ($levels[self::valueOf($node, 'abstractNumId')] ?? [] as $level => $settings) {
                    $this->levels[($said['numId'] ?? '').".{$level}"] = $settings;
                }
            }
        }
    }

    /** @return array<string, array<string, array<string, string>>> settings of paragraphs by level */
    private static function levelsOf(\DOMElement $numbering): array
    {
        $levels = [];
        foreach (XmlTree::elements($numbering) as $level) {
            if ($level->localName === 'lvl') {
                $levels[self::attributes($level)['ilvl'] ?? '0'] = self::settings(XmlTree::child($level, 'pPr'));
            }
        }

        return $levels;
    }

    private function readTheme(?\DOMDocument $theme): void
    {
        foreach (['major', 'minor'] as $part) {
            $font = $theme?->getElementsByTagNameNS('*', "{$part}Font")->item(0);
            $latin = $font instanceof \DOMElement ? XmlTree::child($font, 'latin') : null;
            if ($latin !== null) {
                $this->theme["{$part}HAnsi"] = $this->theme["{$part}Ascii"] = $latin->getAttribute('typeface');
            }
        }
    }

    /** @return array{p: array<string, array<string, string>>, r: array<string, array<string, string>>} */
    private function ofStyle(string $style): array
    {
        $style = isset($this->styles[$style]) ? $style : $this->normal;

        return $this->resolved[$style] ??= (function () use ($style): array {
            $chain = $this->chain($style);

            return [
                'p' => self::over($this->defaults['p'], $chain['p']),
                'r' => self::over($this->defaults['r'], $chain['r']),
            ];
        })();
    }

    /** @return array{p: array<string, array<string, string>>, r: array<string, array<string, string>>} */
    private function chain(string $style): array
    {
        $chain = [];
        for ($i = 0; $i < 20 && isset($this->styles[$style]); $i++) {
            array_unshift($chain, $this->styles[$style]);
            $style = $this->styles[$style]['based'];
        }
        $resolved = ['p' => [], 'r' => []];
        foreach ($chain as $one) {
            $resolved = ['p' => self::over($resolved['p'], $one['p']), 'r' => self::over($resolved['r'], $one['r'])];
        }

        return $resolved;
    }

    /**
     * @param  array<string, array<string, string>>  $below
     * @param  array<string, array<string, string>>  $above  whose attributes win, one by one
     * @return array<string, array<string, string>>
     */
    private static function over(array $below, array $above): array
    {
        foreach ($above as $name => $attributes) {
            // A face said by name takes the place of one of the theme.
            $kept = $below[$name] ?? [];
            if ($name === 'rFonts' && isset($attributes['ascii'])) {
                unset($kept['asciiTheme']);
            }
            if ($name === 'ind' && (isset($attributes['firstLine']) || isset($attributes['hanging']))) {
                unset($kept['firstLine'], $kept['hanging']);
            }
            $below[$name] = [...$kept, ...$attributes];
        }

        return $below;
    }
}
