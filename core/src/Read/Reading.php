<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;

/**
 * What reading a page or a record came to: a kind, one finding a field, issues, and the visible text. `base` holds
 * what a record says and no field shows, such as unknown fields that are kept.
 */
final readonly class Reading
{
    /** The issue that a page only tells of a work: its address is no part of the source until somebody says so. */
    public const LISTED_ONLY = 'listed-only';

    /**
     * @param  array<string, Finding>  $findings  by the spelling of their field
     * @param  list<Issue>  $issues
     * @param  list<array{tag: string, text: string}>  $copy
     */
    public function __construct(
        public string $kind,
        public string $url,
        public array $findings,
        public array $issues,
        public array $copy,
        public ?Source $base = null,
    ) {
    }

    /**
     * The reading as it travels from the process that read to the one that asked.
     *
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return [
            'kind' => $this->kind,
            'url' => $this->url,
            'findings' => array_map(static fn (Finding $one): array => $one->toArray(), $this->findings),
            'issues' => array_map(static fn (Issue $one): array => $one->toArray(), $this->issues),
            'copy' => $this->copy,
            'base' => $this->base?->toArray(),
        ];
    }

    /** @param  array<string, mixed>  $json  as toArray gives it */
    public static function fromArray(array $json): self
    {
        return new self(
            (string) $json['kind'],
            (string) $json['url'],
            array_map(Finding::fromArray(...), $json['findings']),
            array_values(array_map(Issue::fromArray(...), $json['issues'])),
            $json['copy'],
            is_array($json['base']) ? Source::fromArray($json['base'], Kinds::all()) : null,
        );
    }

    /** Why nothing could be looked up, in a sentence; '' where something was. */
    public function failure(): string
    {
        foreach ($this->issues as $issue) {
            if ($issue->id === 'lookup-failed') {
                return $issue->sentence;
            }
        }

        return '';
    }

    /** Whether the page only tells of a work, which somebody may have had in hand elsewhere. */
    public function isListedOnly(): bool
    {
        return array_filter($this->issues, static fn (Issue $one): bool => $one->id === self::LISTED_ONLY) !== [];
    }

    /** The source with every finding that is more than a guess filled in. */
    public function source(string $id = '', string $accessed = ''): Source
    {
        $json = $this->base !== null
            ? [...$this->base->toArray(), 'id' => $id, ...($accessed === '' ? [] : ['accessed' => $accessed])]
            : ['id' => $id, 'kind' => $this->kind, ...($this->isListedOnly()
                ? ['reached' => Kinds::all()->get($this->kind)->accessMethods[0]->value ?? '']
                : ['accessed' => $accessed, 'reached' => 'web', 'containers' => [['url' => $this->url]]])];
        $source = Source::fromArray($json, Kinds::all());
        foreach ($this->findings as $finding) {
            if ($finding->field !== FieldPath::kind() && $this->fills($finding)) {
                $source = $source->with($finding->field, $finding->value);
            }
        }

        return $this->base === null && $source->has(ContainerField::Title->at(1)) ? self::inDatabase($source) : $source;
    }

    /** In a database the lasting address is the database's. */
    private static function inDatabase(Source $source): Source
    {
        $source = $source->with(FieldPath::reached(), AccessMethod::Database->value);
        if (! $source->has(ContainerField::Url->at(1))) {
            $source = $source->with(ContainerField::Url->at(1), $source->text(ContainerField::Url->at()));
        }

        return $source->with(ContainerField::Url->at(), '');
    }

    /**
     * A reading of a source that was handed over whole: each filled field is a finding with the same evidence.
     *
     * @param  list<Issue>  $issues
     */
    public static function of(
        Source $source,
        string $where,
        Confidence $confidence = Confidence::Stated,
        array $issues = [],
    ): self {
        $own = [FieldPath::kind(), FieldPath::reached(), FieldPath::accessed(), FieldPath::isDescribed()];
        $findings = [];
        foreach (FieldPath::all() as $field) {
            $value = $field->isPeople() ? $source->people($field) : $source->text($field);
            if ($value !== '' && $value !== [] && ! in_array($field, $own, true)) {
                $findings[$field->key] = new Finding(
                    $field,
                    $value,
                    new Evidence($where, $source->text($field)),
                    $confidence,
                );
            }
        }

        return new self($source->kind->id, $source->container()->url, $findings, $issues, [], $source);
    }

    public function withIssue(Issue $issue): self
    {
        return new self($this->kind, $this->url, $this->findings, [...$this->issues, $issue], $this->copy, $this->base);
    }

    /** A guess is shown next to the field, not in it. */
    public function fills(Finding $finding): bool
    {
        return $finding->confidence !== Confidence::Guess;
    }
}
