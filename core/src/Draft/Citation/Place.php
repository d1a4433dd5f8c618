<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Draft\DraftWords;
use Bibrel\Core\Style\Locator;

/** A place in a source as a draft writes it: "15", "p. 15", "act 3", "1:20–1:45". */
final readonly class Place
{
    public function __construct(public string $label, public string $value)
    {
    }

    /** @return string as Locator names kinds of places */
    public function kind(): string
    {
        return match (true) {
            $this->label !== '' => DraftWords::all()->place($this->label),
            preg_match('/^\d+:\d\d/', $this->value) === 1 => 'time',
            preg_match('/^\d+\.\d/', $this->value) === 1 => 'act',
            default => 'page',
        };
    }

    public function isSeveral(): bool
    {
        return preg_match('/[,–—-]|&|\band\b/u', $this->value) === 1;
    }

    /** As a style is told of it; null for what is no kind of place it knows. */
    public function locator(): ?Locator
    {
        $kind = $this->kind();
        $value = (string) preg_replace('/\s*[–—]\s*/u', '-', $this->value);

        return in_array($kind, Locator::kinds(), true) ? new Locator($kind, $value) : null;
    }

    /** Whether it is one number that could be a year as well. */
    public function couldBeYear(): bool
    {
        return $this->label === '' && preg_match('/^(?:1[5-9]|20)\d\d[a-z]?$/', $this->value) === 1;
    }
}
