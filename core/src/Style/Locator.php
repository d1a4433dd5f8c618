<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

/** The place in a source an in-text citation points to. */
final readonly class Locator
{
    public const KINDS = ['page', 'paragraph', 'chapter', 'section', 'part', 'volume', 'line', 'verse', 'act', 'scene', 'time', 'slide', 'figure', 'table'];

    public function __construct(public string $kind = '', public string $value = '')
    {
    }

    public function isNone(): bool
    {
        return $this->value === '';
    }

    /**
     * Reads "page=15", "15" or "time=1:20-1:45".
     *
     * @throws \InvalidArgumentException for a kind of place that is not known
     */
    public static function parse(string $typed): self
    {
        [$kind, $value] = str_contains($typed, '=') ? explode('=', $typed, 2) : ['page', $typed];
        $kind = strtolower(trim($kind));
        if (! in_array($kind, self::KINDS, true)) {
            throw new \InvalidArgumentException("“{$kind}” is not a kind of place. Use one of: ".implode(', ', self::KINDS).'.');
        }

        return new self($kind, trim($value));
    }
}
