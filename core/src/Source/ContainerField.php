<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/**
 * The text fields of a container, in the order of its elements. The value is the name of the property and its spelling.
 */
enum ContainerField: string
{
    case Title = 'title';
    case Section = 'section';
    case Edition = 'edition';
    case Version = 'version';
    case Volume = 'volume';
    case Volumes = 'volumes';
    case Issue = 'issue';
    case Number = 'number';
    case Season = 'season';
    case Episode = 'episode';
    case Series = 'series';
    case SeriesNumber = 'seriesNumber';
    case Publisher = 'publisher';
    case Place = 'place';
    case Date = 'date';
    case Status = 'status';
    case Pages = 'pages';
    case ArticleNumber = 'articleNumber';
    case Paragraphs = 'paragraphs';
    case Time = 'time';
    case Collection = 'collection';
    case Doi = 'doi';
    case Url = 'url';

    /** The path of this field in a source's first container, or in one further out. */
    public function at(int $level = 0): FieldPath
    {
        return FieldPath::container($level, $this);
    }
}
