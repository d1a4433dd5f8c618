<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** With which answer a person puts an issue aside that only a person can settle. */
enum Dismissal: string
{
    case HasNone = 'has-none';
    case IsRight = 'is-right';
    case Noted = 'noted';
    case AllThere = 'all-there';
    case Whole = 'whole';
    case Elsewhere = 'elsewhere';
    case Another = 'another';

    public function label(): string
    {
        return match ($this) {
            self::HasNone => 'It has none',
            self::IsRight => 'It is right',
            self::Noted => 'All right',
            self::AllThere => 'All are there',
            self::Whole => 'The whole book',
            self::Elsewhere => 'No, elsewhere',
            self::Another => 'It is another one',
        };
    }

    /** Whether the issue stays open though its field is filled in. */
    public function waits(): bool
    {
        return $this !== self::HasNone;
    }
}
