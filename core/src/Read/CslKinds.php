<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\Text;

/** Which kind of source a CSL-JSON item is: its type, and where one type covers several kinds, what else it says. */
final class CslKinds
{
    private const PLAIN = [
        'post-weblog' => 'blog-post', 'article-newspaper' => 'newspaper-article', 'article-magazine' => 'magazine-article',
        'article-journal' => 'journal-article', 'book' => 'book', 'classic' => 'book', 'chapter' => 'chapter', 'report' => 'report', 'standard' => 'standard', 'article' => 'preprint', 'performance' => 'live-performance',
        'thesis' => 'thesis', 'figure' => 'illustration', 'map' => 'map', 'personal_communication' => 'email', 'dataset' => 'data-set', 'musical_score' => 'book',
        'pamphlet' => 'pamphlet', 'manuscript' => 'archive-item', 'paper-conference' => 'conference-paper', 'review' => 'review',
        'review-book' => 'review', 'collection' => 'archive-item', 'periodical' => 'special-issue', 'event' => 'exhibition', 'patent' => 'patent',
        'legal_case' => 'court-case', 'legislation' => 'statute', 'bill' => 'statute', 'regulation' => 'statute', 'treaty' => 'statute', 'hearing' => 'statute',
    ];

    /** Words in `genre` or `medium` that only tell apart kinds that share a type; the first is the one we write. */
    private const WORDS = [
        'podcast-episode' => ['podcast', 'audio podcast', 'podcast episode', 'audio podcast episode'],
        'podcast-series' => ['podcast series'],
        'album' => ['album', 'music album'],
        'photograph' => ['photograph', 'photo'],
        'audiobook' => ['audiobook', 'audio book'],
        'ebook' => ['e-book', 'ebook', 'electronic book'],
        'graphic-novel' => ['graphic novel'],
        'radio-episode' => ['radio', 'radio broadcast'],
        'tv-episode' => ['television', 'tv', 'tv series episode'],
        'tv-series' => ['television series', 'television', 'tv', 'tv series'],
        'special-issue' => ['special issue'],
        'exhibition' => ['exhibition'],
        'app' => ['mobile app', 'app'],
        'video-game' => ['video game'],
        'film' => ['film', 'motion picture', 'movie'],
        'online-video' => ['video', 'online video'],
        'editorial' => ['editorial'],
        'reader-letter' => ['letter to the editor'],
        'press-release' => ['press release'],
        'poster' => ['poster presentation', 'poster'],
        'slides' => ['slides'],
        'map' => ['map'],
        'data-set' => ['data set', 'dataset'],
    ];

    /** Whether a genre or medium says no more than the kind does. */
    public static function isKindWord(string $word, string $kind): bool
    {
        return in_array(mb_strtolower($word), self::WORDS[$kind] ?? [], true);
    }

    /** The genre that tells a kind from others of its type; '' where the type is enough. */
    public static function word(string $kind): string
    {
        return self::WORDS[$kind][0] ?? '';
    }

    /** @param  array<string, mixed>  $item */
    public static function kindOf(array $item): string
    {
        $type = Text::of($item, 'type');
        $has = static fn (string $key): bool => Text::of($item, $key) !== '';
        $words = mb_strtolower(Text::of($item, 'genre').' '.Text::of($item, 'medium'));
        $says = static fn (string $pattern): bool => preg_match("/{$pattern}/u", $words) === 1;

        return match ($type) {
            'motion_picture' => $has('container-title') && $has('URL') ? 'online-video' : 'film',
            'broadcast' => match (true) {
                $says('podcast') => $has('container-title') ? 'podcast-episode' : 'podcast-series',
                $says('radio') => 'radio-episode',
                default => $has('container-title') ? 'tv-episode' : 'tv-series',
            },
            'song' => match (true) {
                $says('podcast') => $has('container-title') ? 'podcast-episode' : 'podcast-series',
                $says('\balbum') => 'album',
                default => 'song',
            },
            'graphic' => match (true) {
                $says('photo') => 'photograph',
                $says('infographic|chart|illustration|diagram') => 'illustration',
                $says('cartoon|comic') => 'cartoon',
                $says('advert') => 'advertisement',
                $says('^map\b') => 'map',
                default => 'artwork',
            },
            'book' => match (true) {
                $says('audio ?book') => 'audiobook',
                $says('e-?book') => 'ebook',
                $says('graphic novel') => 'graphic-novel',
                default => 'book',
            },
            'article-newspaper' => match (true) {
                $says('editorial\b') => 'editorial',
                $says('letter to the editor') => 'reader-letter',
                default => 'newspaper-article',
            },
            'webpage' => $says('press release') ? 'press-release' : 'web-page',
            'document' => match (true) {
                $says('press release') => 'press-release',
                $says('handout|class notes|worksheet') => 'class-notes',
                default => 'other',
            },
            'speech' => match (true) {
                $says('slides') => 'slides',
                $says('poster|session|conference presentation|paper presentation') => 'poster',
                default => 'lecture',
            },
            'software' => match (true) {
                $says('video ?game') => 'video-game',
                $says('\bapp\b') => 'app',
                $says('language model|\bai\b|chatbot') && $has('container-title') => 'ai-text',
                default => 'software',
            },
            'entry', 'entry-encyclopedia', 'entry-dictionary' => $has('URL') && ! $has('page') ? 'online-reference' : 'reference-entry',
            'post' => $says('forum|comment|thread') ? 'forum-post' : 'social-post',
            'interview' => $has('container-title') ? 'published-interview' : 'interview-own',
            'periodical' => $has('container-title') ? 'special-issue' : 'other',
            default => self::PLAIN[$type] ?? 'other',
        };
    }
}
