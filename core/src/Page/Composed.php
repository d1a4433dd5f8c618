<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

use Bibrel\Core\Text\Run;

/** What one source came to: the runs of its entry, and the paragraphs below it. */
final readonly class Composed
{
    /** Tells it from everything else a source could come to. */
    public string $mark;

    /**
     * @param  list<Run>  $runs
     * @param  list<string>  $annotation
     */
    public function __construct(public array $runs, public array $annotation)
    {
        $said = array_map(static fn (Run $run): array => $run->__serialize(), $runs);
        $this->mark = hash('xxh3', (string) json_encode([$said, $annotation], JSON_INVALID_UTF8_SUBSTITUTE));
    }
}
