<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Remark;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;

/** What reading a page came to: a kind, one finding a field, remarks, and the visible text. */
final readonly class Reading
{
    /**
     * @param  array<string, Finding>  $findings  by field
     * @param  list<Remark>  $remarks
     * @param  list<array{tag: string, text: string}>  $copy
     */
    public function __construct(public string $kind, public string $url, public array $findings, public array $remarks, public array $copy)
    {
    }

    /** The source with every finding that is more than a guess filled in. */
    public function source(string $id = '', string $accessed = ''): Source
    {
        $json = ['id' => $id, 'kind' => $this->kind, 'accessed' => $accessed, 'reached' => 'web', 'containers' => [['url' => $this->url]]];
        foreach ($this->findings as $field => $finding) {
            if ($field !== 'kind' && $this->fills($finding)) {
                $json = self::with($json, explode('.', $field), is_string($finding->value) ? $finding->value : array_map(static fn (Contributor $one): array => $one->toArray(), $finding->value));
            }
        }
        // In a database the lasting address is the database's.
        if (($json['containers'][1]['title'] ?? '') !== '') {
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

    /** A guess is shown beside the field, not in it. */
    public function fills(Finding $finding): bool
    {
        return $finding->confidence !== Confidence::Guess;
    }
}
