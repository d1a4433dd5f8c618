<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange\Bibtex;

/**
 * What entries take from others: from a crossref, whose title becomes the book's, and from xdata, as it stands.
 *
 * Source: the BibLaTeX manual, 2.4.1 and appendix B.
 */
final readonly class Inheritance
{
    /** How far a chain of parents is followed. */
    private const DEEPEST = 5;

    /** @var array<string, array{type: string, key: string, fields: array<string, string>}> */
    private array $byKey;

    /** @var array<string, mixed> */
    private array $knowledge;

    /** @param  list<array{type: string, key: string, fields: array<string, string>}>  $entries */
    public function __construct(array $entries)
    {
        $this->byKey = array_column($entries, null, 'key');
        $this->knowledge = require dirname(__DIR__, 4).'/data/bibtex.php';
    }

    /**
     * @param  array{type: string, key: string, fields: array<string, string>}  $entry
     * @return array<string, string> its own fields and those it takes over
     */
    public function fields(array $entry, int $depth = 0): array
    {
        $fields = $entry['fields'];
        foreach (preg_split('/\s*,\s*/', $fields['xdata'] ?? '', -1, PREG_SPLIT_NO_EMPTY) ?: [] as $key) {
            $fields += array_diff_key($this->fieldsOf($this->entry($key, $entry), $depth), ['_id' => '']);
        }
        $parent = $this->entry($fields['crossref'] ?? '', $entry);
        if ($parent !== null) {
            $fields += $this->lent($entry['type'], $parent['type'], $this->fieldsOf($parent, $depth));
        }

        return array_diff_key($fields, ['xdata' => '', 'crossref' => '']);
    }

    /**
     * @param  array{type: string, key: string, fields: array<string, string>}  $for
     * @return ?array{type: string, key: string, fields: array<string, string>} another entry by its key
     */
    private function entry(string $key, array $for): ?array
    {
        $key = strtolower(trim($key));

        return $key === $for['key'] ? null : $this->byKey[$key] ?? null;
    }

    /**
     * @param  ?array{type: string, key: string, fields: array<string, string>}  $entry
     * @return array<string, string>
     */
    private function fieldsOf(?array $entry, int $depth): array
    {
        return $entry === null || $depth > self::DEEPEST ? [] : $this->fields($entry, $depth + 1);
    }

    /**
     * @param  array<string, string>  $fields
     * @return array<string, string> under the names the child has for them
     */
    private function lent(string $type, string $from, array $fields): array
    {
        $renamed = match (true) {
            str_starts_with($from, 'mv') => $this->knowledge['ofVolumes'],
            str_starts_with($type, 'in')
                || in_array($type, ['bookinbook', 'suppbook', 'suppcollection', 'conference'], true) => $this->knowledge['inherited'],
            default => [],
        };
        $lent = [];
        foreach (array_diff_key($fields, array_flip($this->knowledge['neverInherited'])) as $field => $value) {
            $lent[$renamed[$field] ?? $field] ??= $value;
        }

        return $lent;
    }
}
