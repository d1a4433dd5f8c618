<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** What about a kind tells whether a source of it is by scholars, for scholars, and looked over by others of them. */
enum Scholarship
{
    /** It stands where contributions are reviewed before they appear: a journal, the proceedings of a conference. */
    case ReviewedVenue;
    /** It was examined for a degree. */
    case Examined;
    /** It is as scholarly as the house that brings it out. */
    case ByPublisher;
    /** It is by scholars, and nobody has reviewed it yet. */
    case Unreviewed;
    case None;
}
