<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** How a field is filled in. */
enum FieldForm: string
{
    case People = 'people';
    case Title = 'title';
    case Date = 'date';
    case Line = 'line';
    /** Paragraphs. */
    case Long = 'long';
}
