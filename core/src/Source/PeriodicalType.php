<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/**
 * In what sort of periodical an article of a kind appears; some styles print volume and date of a journal differently.
 */
enum PeriodicalType
{
    case Journal;
    case Popular;
    /** In either; where it has a volume it is taken for a journal's. */
    case Either;
}
