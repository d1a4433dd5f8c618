<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** How a source stands to what holds it; decides how its title is set and which elements follow. */
enum Shape: string
{
    /** Self-contained: a book, a film, a report, a painting. */
    case Whole = 'whole';
    /** A work of its own on a website: a page, a video, a post. */
    case Online = 'online';
    /** Part of a periodical: an article, a review. */
    case Article = 'article';
    /** Part of a larger work: a chapter, an episode, a song, an entry. */
    case Part = 'part';
    /** Not to be had by a reader: a letter, an interview of one's own. */
    case Message = 'message';
    /** A court's decision or a law, which each style cites in a form of its own. */
    case Law = 'law';
}
