<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** The ends of forms that several kinds share, in MLA's order; "!" is required, "+" expected. */
final class FieldLists
{
    public const BOOK = ['containers.0.series', 'containers.0.seriesNumber', 'containers.0.edition', 'containers.0.volume', 'containers.0.volumes', 'containers.0.publisher!', 'containers.0.date!', 'containers.0.status', 'containers.0.place', 'original.date', 'containers.0.doi', 'containers.0.url', 'containers.1.title', 'containers.1.url', 'isbn', 'accessed', 'language', 'annotation'];

    public const PART_OF_BOOK = ['containers.0.contributors+', 'containers.0.edition', 'containers.0.volume', 'containers.0.publisher!', 'containers.0.date!', 'containers.0.pages+', 'containers.0.place', 'original.date', 'containers.0.doi', 'containers.0.url', 'containers.1.title', 'containers.1.url', 'isbn', 'accessed', 'language', 'annotation'];

    public const PERIODICAL = ['containers.0.volume', 'containers.0.issue', 'containers.0.date!', 'containers.0.pages+', 'containers.0.doi', 'containers.0.url', 'containers.1.title', 'containers.1.url', 'accessed', 'language', 'annotation'];

    public const WEB = ['containers.0.publisher', 'containers.0.date+', 'containers.0.url!', 'accessed', 'language', 'annotation'];
}
