<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** Where and when a republished work first appeared. */
final readonly class Original
{
    public function __construct(public string $title = '', public string $date = '', public string $publisher = '')
    {
    }

    public function date(): PartialDate
    {
        return PartialDate::parse($this->date);
    }

    /** @param  array<string, mixed>  $json */
    public static function fromArray(array $json): self
    {
        return new self(Text::of($json, 'title'), Text::of($json, 'date'), Text::of($json, 'publisher'));
    }

    /** @return array<string, string> only what is filled */
    public function toArray(): array
    {
        return array_filter(
            ['title' => $this->title, 'date' => $this->date, 'publisher' => $this->publisher],
            static fn (string $value): bool => $value !== '',
        );
    }
}
