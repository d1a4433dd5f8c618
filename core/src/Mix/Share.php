<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix;

/** How many sources of a paper are of one sort, and which. */
final readonly class Share
{
    /** @param  list<string>  $sources  their ids */
    public function __construct(public string $id, public string $label, public array $sources)
    {
    }

    /** @return array{id: string, label: string, count: int, sources: list<string>} */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'label' => $this->label, 'count' => count($this->sources), 'sources' => $this->sources,
        ];
    }
}
