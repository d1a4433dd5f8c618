<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

use Bibrel\Core\Source\Source;

/** What a record said and no field of a source has a place for: it is kept, written back, and printed nowhere. */
final readonly class Unused
{
    public function __construct(private Source $source)
    {
    }

    /** @return list<string> as the record calls them: fields of BibTeX, tags of RIS, variables of CSL-JSON */
    public function names(): array
    {
        $kept = $this->source->custom['csl'] ?? [];
        $names = [];
        foreach (is_array($kept) ? $kept : [] as $name => $value) {
            array_push(
                $names,
                ...(is_array($value) && in_array($name, ['bibtex', 'ris'], true) ? array_keys($value) : [$name]),
            );
        }

        return array_map(strval(...), $names);
    }
}
