<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

use Bibrel\Core\Text\PageRange;

/**
 * The place in a source an in-text citation points to. Which kinds there are, and their words, is in
 * core/data/locators.php.
 */
final readonly class Locator
{
    public function __construct(public string $kind = '', public string $value = '')
    {
    }

    /** @return list<string> */
    public static function kinds(): array
    {
        return array_keys(self::all());
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
        if (! in_array($kind, self::kinds(), true)) {
            throw new \InvalidArgumentException(
                "“{$kind}” is not a kind of place. Use one of: ".implode(', ', self::kinds()).'.',
            );
        }

        if (trim($value) === '') {
            throw new \InvalidArgumentException("The place has no value. Write {$kind}=15.");
        }

        return new self($kind, trim($value));
    }

    public function isNone(): bool
    {
        return $this->value === '';
    }

    /** A point in time, or a stretch of it, has a dash and no range of pages. */
    public function isTime(): bool
    {
        return $this->kind === 'time';
    }

    public function time(): string
    {
        return str_replace('-', '–', $this->value);
    }

    /** Act, scene and line of a play in one: "3.1.45". */
    public function isInPlay(string ...$kinds): bool
    {
        return in_array($this->kind, $kinds, true) && preg_match('/^\d+\.\d/', $this->value) === 1;
    }

    /** A style's word for it; '' where the number stands alone. */
    public function word(string $style): string
    {
        return self::all()[$this->kind][$style][(new PageRange($this->value))->isSeveral() ? 1 : 0] ?? '';
    }

    /** The place with its word, which stands before it unless the word says where: "Boots section". */
    public function worded(string $word, string $value): string
    {
        return str_contains($word, '%s') ? sprintf($word, $value) : trim("{$word} {$value}");
    }

    /** @return array{label: string, example: string} what the form calls such a place, and an example of one */
    public static function words(string $kind): array
    {
        [$label, $example] = self::all()[$kind]['form'] ?? [ucfirst($kind), '2'];

        return ['label' => $label, 'example' => $example];
    }

    /** @return array<string, array<string, array{string, string}>> */
    private static function all(): array
    {
        static $words = null;

        return $words ??= require dirname(__DIR__, 2).'/data/locators.php';
    }
}
