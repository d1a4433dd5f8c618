<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Text\Letters;

/**
 * The medium of publication: "Print", "Web", "Film". The 7th edition always names it, the later ones where a reader
 * could not tell.
 *
 * Source: MLA Handbook, 7th ed., 5.2; 9th ed., 5.114.
 */
final class Media
{
    private const OF_KIND = ['film' => 'Film', 'song' => 'CD', 'album' => 'CD', 'tv-episode' => 'Television', 'tv-series' => 'Television', 'radio-episode' => 'Radio', 'podcast-episode' => 'Web', 'podcast-series' => 'Web', 'lecture' => 'Lecture', 'slides' => 'Slides', 'live-performance' => 'Performance', 'exhibition' => 'Exhibition', 'ebook' => 'E-book', 'audiobook' => 'Audiobook', 'software' => 'Computer software', 'app' => 'Mobile app', 'video-game' => 'Video game'];

    /** Kinds of which each copy is the thing itself, seen where it is kept. */
    private const SEEN = ['artwork', 'photograph', 'map', 'illustration', 'archive-item'];

    /** What the source says of itself, or what its kind and the way it was reached tell; '' where nothing does. */
    public static function of(Source $source): string
    {
        if ($source->medium !== '') {
            return Letters::capital($source->medium);
        }
        if ($source->kind->containment === Containment::PersonalCommunication) {
            return $source->kind->id === 'email' && in_array(strtolower($source->genre), ['', 'e-mail', 'email'], true) ? 'E-mail' : '';
        }
        if (self::isOnline($source)) {
            return 'Web';
        }

        return self::OF_KIND[$source->kind->id] ?? (in_array($source->kind->id, self::SEEN, true) && $source->container()->collection !== '' ? '' : 'Print');
    }

    public static function isOnline(Source $source): bool
    {
        if ($source->reached !== '') {
            return in_array(AccessMethod::tryFrom($source->reached), [AccessMethod::Web, AccessMethod::Database], true);
        }
        foreach ($source->containers as $i => $container) {
            if ($container->url.$container->doi !== '' || ($i > 0 && $container->title !== '')) {
                return true;
            }
        }

        return false;
    }
}
