<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format\Word;

use Bibrel\Core\Draft\Format\Archive;
use Bibrel\Core\Format\Unreadable;

/** The parts of an OOXML package as its relationships tie them together. */
final class WordParts
{
    /** The name of the main part: "word/document.xml", as a rule. */
    public readonly string $main;

    /** @var array<string, array{type: string, target: string, external: bool}> of the main part, by id */
    public readonly array $relationships;

    public function __construct(private readonly Archive $archive)
    {
        $this->refuseMacros();
        $main = '';
        foreach ($this->relationshipsOf('_rels/.rels', '') as $one) {
            $main = $one['type'] === 'officeDocument' ? $one['target'] : $main;
        }
        if ($main === '' || ! $archive->has($main)) {
            throw Archive::damaged();
        }
        $this->main = $main;
        $this->relationships = $this->relationshipsOf($this->relationshipsName(), dirname($main));
        if ($this->document()->documentElement?->localName !== 'document') {
            throw new Unreadable(
                'This is no text document. Save your paper as .docx or .odt in your word processor and give that.',
            );
        }
    }

    public function document(): \DOMDocument
    {
        return $this->archive->xml($this->main);
    }

    /** The part the main one names for a purpose: styles, numbering, theme, footnotes. */
    public function related(string $type): ?\DOMDocument
    {
        $name = $this->nameOf($type);

        return $name === '' || ! $this->archive->has($name) ? null : $this->archive->xml($name);
    }

    public function nameOf(string $type): string
    {
        foreach ($this->relationships as $one) {
            if ($one['type'] === $type && ! $one['external']) {
                return $one['target'];
            }
        }

        return '';
    }

    public function part(string $relationship): ?\DOMDocument
    {
        $target = $this->relationships[$relationship]['target'] ?? '';

        return $this->archive->has($target) ? $this->archive->xml($target) : null;
    }

    /** The name of the part that holds the main part's relationships. */
    public function relationshipsName(): string
    {
        return ltrim(dirname($this->main).'/_rels/', './').basename($this->main).'.rels';
    }

    private function refuseMacros(): void
    {
        foreach (array_keys($this->archive->parts) as $name) {
            if (preg_match('/vba(?:Project|Data)/i', (string) $name) === 1) {
                throw $this->hasMacros();
            }
        }
        if (str_contains($this->archive->parts['[Content_Types].xml'], 'macroEnabled')) {
            throw $this->hasMacros();
        }
    }

    private function hasMacros(): Unreadable
    {
        return new Unreadable(
            'The draft carries macros, which are programs. Save it as a document without macros (.docx) and give that.',
        );
    }

    /** @return array<string, array{type: string, target: string, external: bool}> */
    private function relationshipsOf(string $name, string $folder): array
    {
        $relationships = [];
        if (! $this->archive->has($name)) {
            return [];
        }
        foreach ($this->archive->xml($name)->getElementsByTagNameNS('*', 'Relationship') as $one) {
            $target = $one->getAttribute('Target');
            $isExternal = $one->getAttribute('TargetMode') === 'External';
            $relationships[$one->getAttribute('Id')] = [
                'type' => basename($one->getAttribute('Type')),
                'target' => $isExternal ? $target : self::resolved($target, $folder),
                'external' => $isExternal,
            ];
        }

        return $relationships;
    }

    private static function resolved(string $target, string $folder): string
    {
        if (str_starts_with($target, '/')) {
            return ltrim($target, '/');
        }
        $parts = $folder === '' || $folder === '.' ? [] : explode('/', $folder);
        foreach (explode('/', $target) as $part) {
            if ($part === '..') {
                array_pop($parts);
            } elseif ($part !== '.') {
                $parts[] = $part;
            }
        }

        return implode('/', $parts);
    }
}
