<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/**
 * What a source is called. `names` are words of it as running text has them, "Mercury; reading", where somebody decided
 * whether they are names. `described` says that the words are somebody's description of a source that has no title.
 *
 * `main` and `subtitle` may carry `<i>` around a title inside the title and `<span class="nocase">` around words whose
 * letter case is never touched (both are CSL-JSON's conventions); any other markup is text.
 */
final readonly class Title
{
    public function __construct(
        public string $main = '',
        public string $subtitle = '',
        public string $translated = '',
        public bool $described = false,
        public string $short = '',
        public string $names = '',
    ) {
    }

    public function isEmpty(): bool
    {
        return $this->main === '' && $this->subtitle === '';
    }

    /** @return array<string, string> how words are written in running text, by their small letters */
    public function settled(): array
    {
        $settled = [];
        foreach ($this->names === '' ? [] : explode(';', $this->names) as $word) {
            $settled[mb_strtolower(trim($word))] = trim($word);
        }

        return $settled;
    }

    /** What `names` says once a word is written so, whatever was decided about it before. */
    public function namesWith(string $word): string
    {
        return implode('; ', [...array_diff_key($this->settled(), [mb_strtolower($word) => true]), $word]);
    }

    /** Title and subtitle in one string, parted by a colon unless the title closes with its own mark. */
    public function full(): string
    {
        if ($this->subtitle === '') {
            return $this->main;
        }

        return $this->main.(preg_match('/[?!:—]$/u', $this->main) === 1 ? ' ' : ': ').$this->subtitle;
    }

    /** @param  array<string, mixed>|string  $json */
    public static function fromArray(array|string $json): self
    {
        if (is_string($json)) {
            return new self(Text::line($json));
        }

        return new self(
            Text::of($json, 'main'),
            Text::of($json, 'subtitle'),
            Text::of($json, 'translated'),
            (bool) ($json['described'] ?? false),
            Text::of($json, 'short'),
            Text::of($json, 'names'),
        );
    }

    /** @return array<string, string|bool> only what is filled */
    public function toArray(): array
    {
        return array_filter([
            'main' => $this->main,
            'subtitle' => $this->subtitle,
            'translated' => $this->translated,
            'described' => $this->described,
            'short' => $this->short,
            'names' => $this->names,
        ], static fn (string|bool $value): bool => $value !== '' && $value !== false);
    }
}
