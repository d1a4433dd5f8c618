<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** Something on a source that wants a human look, with a fix where one is safe. */
final readonly class Issue
{
    /**
     * @param  string  $about  what it is about: a word on the page, the other source
     * @param  string  $without  what the style does without the field, where it is the field that is open
     * @param  ?Fix  $otherFix  where there are two answers, the other one
     * @param  ?Dismissal  $dismissal  the answer that puts it aside; null where only a change of the source does
     */
    public function __construct(
        public string $id,
        public FieldPath $field,
        public string $sentence,
        public Severity $severity = Severity::Open,
        public ?Fix $fix = null,
        public string $about = '',
        public string $without = '',
        public ?Dismissal $dismissal = null,
        public ?Fix $otherFix = null,
    ) {
    }

    /** @param  array<string, mixed>  $json  as toArray gives it */
    public static function fromArray(array $json): self
    {
        return new self(
            Text::of($json, 'id'),
            FieldPath::parse(Text::of($json, 'field')),
            Text::of($json, 'sentence'),
            Severity::tryFrom(Text::of($json, 'severity')) ?? Severity::Open,
            is_array($json['fix'] ?? null) ? Fix::fromArray($json['fix']) : null,
            Text::of($json, 'about'),
            Text::of($json, 'without'),
            Dismissal::tryFrom(Text::of($json, 'dismissal')),
            is_array($json['otherFix'] ?? null) ? Fix::fromArray($json['otherFix']) : null,
        );
    }

    /**
     * @return array{
     *     id: string, field: string, sentence: string, severity: string,
     *     fix: ?array{label: string, value: string|list<array<string, mixed>>, field?: string, reached?: string},
     *     about: string, without: string,
     *     dismissal: ?string, answer: string, waits: bool,
     *     otherFix: ?array{label: string, value: string|list<array<string, mixed>>, field?: string, reached?: string}
     * } `answer` is the label of the dismissal, `waits` whether it stays though the field is filled in
     */
    public function toArray(): array
    {
        return [
            'id' => $this->id,
            'field' => $this->field->key,
            'sentence' => $this->sentence,
            'severity' => $this->severity->value,
            'fix' => $this->fix?->toArray(),
            'about' => $this->about,
            'without' => $this->without,
            'dismissal' => $this->dismissal?->value,
            'answer' => $this->dismissal?->label() ?? '',
            'waits' => $this->dismissal?->waits() ?? false,
            'otherFix' => $this->otherFix?->toArray(),
        ];
    }
}
