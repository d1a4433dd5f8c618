<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** How a source stands to what holds it; decides how its title is set and which elements follow. */
enum Containment: string
{
    /** Self-contained: a book, a film, a report, a painting. */
    case SelfContained = 'self-contained';
    /** A work of its own on a website: a page, a video, a post. */
    case OnSite = 'on-site';
    /** Part of a periodical: an article, a review. */
    case InPeriodical = 'in-periodical';
    /** Part of a larger work: a chapter, an episode, a song, an entry. */
    case PartOf = 'part-of';
    /** Not to be had by a reader: a letter, an interview of one's own. */
    case PersonalCommunication = 'personal-communication';
    /** A court's decision or a law, which each style cites in a form of its own. */
    case Law = 'law';
}
