<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** What a word found: kinds, best first, and what to ask oneself where the word names none. */
final readonly class FoundKinds
{
    /** @param  list<Kind>  $kinds */
    public function __construct(public array $kinds, public string $sentence = '')
    {
    }
}
