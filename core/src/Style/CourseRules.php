<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

/**
 * What the teacher asks for where the style leaves a choice. `forJournal`: APA's form for a journal, not a student's;
 * `links`: addresses can be pressed in the file; `firstPage`: the number of the page's first sheet.
 */
final readonly class CourseRules
{
    public function __construct(
        public Inclusion $accessed = Inclusion::Auto,
        public Addresses $addresses = Addresses::Auto,
        public bool $threeHyphens = true,
        public string $heading = '',
        public Inclusion $medium = Inclusion::Auto,
        public bool $forJournal = false,
        public bool $links = false,
        public PaperSize $paper = PaperSize::Letter,
        public int $firstPage = 1,
    ) {
    }

    /** @param  array<string, mixed>  $json unknown values read as the style's own */
    public static function fromArray(array $json): self
    {
        $text = static fn (string $key): string => is_string($json[$key] ?? null) ? trim($json[$key]) : '';
        $is = static fn (string $key, bool $usual = false): bool => (bool) ($json[$key] ?? $usual);

        return new self(
            Inclusion::tryFrom($text('accessed')) ?? Inclusion::Auto,
            Addresses::tryFrom($text('addresses')) ?? Addresses::Auto,
            $is('threeHyphens', true),
            mb_substr($text('heading'), 0, 120),
            Inclusion::tryFrom($text('medium')) ?? Inclusion::Auto,
            $is('forJournal'),
            $is('links'),
            PaperSize::tryFrom($text('paper')) ?? PaperSize::Letter,
            self::number($json['firstPage'] ?? null),
        );
    }

    private static function number(mixed $said): int
    {
        return min(9999, max(1, is_numeric($said) ? (int) $said : 1));
    }

    /** @return array<string, string|bool|int> */
    public function toArray(): array
    {
        return [
            'accessed' => $this->accessed->value,
            'addresses' => $this->addresses->value,
            'threeHyphens' => $this->threeHyphens,
            'heading' => $this->heading,
            'medium' => $this->medium->value,
            'forJournal' => $this->forJournal,
            'links' => $this->links,
            'paper' => $this->paper->value,
            'firstPage' => $this->firstPage,
        ];
    }
}
