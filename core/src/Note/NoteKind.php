<?php

declare(strict_types=1);

namespace Bibrel\Core\Note;

enum NoteKind: string
{
    /** The source's own words. */
    case Quotation = 'quotation';
    /** What it says, in the student's words. */
    case Paraphrase = 'paraphrase';
    /** What the student thinks of it. */
    case Thought = 'thought';

    public function label(): string
    {
        return match ($this) {
            self::Quotation => 'Quotation',
            self::Paraphrase => 'In my words',
            self::Thought => 'A thought',
        };
    }
}
