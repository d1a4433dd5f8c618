<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

use Bibrel\Core\Text\Run;

/** What one source came to: the runs of its entry, and the paragraphs below it. */
final readonly class Composed
{
    /**
     * @param  list<Run>  $runs
     * @param  list<string>  $annotation
     */
    public function __construct(public array $runs, public array $annotation)
    {
    }
}
