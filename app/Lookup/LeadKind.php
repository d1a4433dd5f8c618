<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

/** What a student may paste. */
enum LeadKind
{
    case Address;
    case Doi;
    case Isbn;
    /** A record of the library catalogue, chosen from a list of editions. */
    case CatalogueRecord;
    case Title;
    /** An entry somebody else finished. */
    case Citation;
    /** One or more records as RIS, BibTeX, CSL-JSON or MARCXML. */
    case Records;
    /** A web page somebody saved as a file. */
    case SavedPage;
}
