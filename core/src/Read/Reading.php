<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;

/**
 * What reading a page or a record came to: a kind, one finding a field, remarks, and the visible text. `base` holds
 * what a record says and no field shows, such as unknown fields that are kept.
 */
final readonly class Reading
{
    /** The remark that a page only tells of a work: its address is no part of the source until somebody says so. */
    public const LISTED_ONLY = 'listed-only';

    /**
     * @param  array<string, Finding>  $findings  by field
     * @param  list<Remark>  $remarks
     * @param  list<array{tag: string, text: string}>  $copy
     */
    public function __construct(public string $kind, public string $url, public array $findings, public array $remarks, public array $copy, public ?Source $base = null)
    {
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
            'remarks' => array_map(static fn (Remark $one): array => $one->toArray(), $this->remarks),
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
            array_values(array_map(Remark::fromArray(...), $json['remarks'])),
            $json['copy'],
            is_array($json['base']) ? Source::fromArray($json['base'], Kinds::all()) : null,
        );
    }

    /** Why nothing could be looked up, in a sentence; '' where something was. */
    public function failure(): string
    {
        foreach ($this->remarks as $remark) {
            if ($remark->id === 'lookup-failed') {
                return $remark->sentence;
            }
        }

        return '';
    }

    /** Whether the page only tells of a work, which somebody may have had in hand elsewhere. */
    public function isListedOnly(): bool
    {
        return array_filter($this->remarks, static fn (Remark $one): bool => $one->id === self::LISTED_ONLY) !== [];
    }

    /** The source with every finding that is more than a guess filled in. */
    public function source(string $id = '', string $accessed = ''): Source
    {
        $json = $this->base !== null
            ? [...$this->base->toArray(), 'id' => $id, ...($accessed === '' ? [] : ['accessed' => $accessed])]
            : ['id' => $id, 'kind' => $this->kind, ...($this->isListedOnly()
                ? ['reached' => Kinds::all()->get($this->kind)->accessMethods[0]->value ?? '', 'containers' => [[]]]
                : ['accessed' => $accessed, 'reached' => 'web', 'containers' => [['url' => $this->url]]])];
        foreach ($this->findings as $field => $finding) {
            if ($field !== 'kind' && $this->fills($finding)) {
                $json = self::with($json, explode('.', $field), is_string($finding->value) ? $finding->value : array_map(static fn (Contributor $one): array => $one->toArray(), $finding->value));
            }
        }
        // In a database the lasting address is the database's.
        if ($this->base === null && ($json['containers'][1]['title'] ?? '') !== '') {
            $json['reached'] = 'database';
            $json['containers'][1]['url'] ??= $json['containers'][0]['url'];
            unset($json['containers'][0]['url']);
        }

        return Source::fromArray($json, Kinds::all());
    }

    /**
     * @param  array<mixed>  $json
     * @param  list<string>  $keys
     * @return array<mixed>
     */
    private static function with(array $json, array $keys, mixed $value): array
    {
        $key = array_shift($keys);
        $json[$key] = $keys === [] ? $value : self::with(is_array($json[$key] ?? null) ? $json[$key] : [], $keys, $value);

        return $json;
    }

    /**
     * A reading of a source that was handed over whole: each filled field is a finding with the same evidence.
     *
     * @param  list<Remark>  $remarks
     */
    public static function of(Source $source, string $where, Confidence $confidence = Confidence::Stated, array $remarks = []): self
    {
        $findings = [];
        $walk = static function (array $node, string $path) use (&$walk, &$findings, $where, $confidence): void {
            foreach ($node as $key => $value) {
                $field = $path === '' ? (string) $key : "{$path}.{$key}";
                if (in_array($field, ['id', 'kind', 'custom', 'reached', 'accessed'], true)) {
                    continue;
                }
                if ($key === 'contributors') {
                    $findings[$field] = new Finding($field, Source::contributorsFrom($value), new Evidence($where), $confidence);
                } elseif (is_array($value)) {
                    $walk($value, $field);
                } elseif (is_string($value)) {
                    $findings[$field] = new Finding($field, $value, new Evidence($where, $value), $confidence);
                }
            }
        };
        $walk($source->toArray(), '');

        return new self($source->kind->id, $source->container()->url, $findings, $remarks, [], $source);
    }

    /** A guess is shown beside the field, not in it. */
    public function fills(Finding $finding): bool
    {
        return $finding->confidence !== Confidence::Guess;
    }
}
