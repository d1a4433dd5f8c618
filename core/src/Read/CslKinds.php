<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Source\Text;

/** Which kind of source a CSL-JSON item is: its type, and where one type covers several kinds, what else it says. */
final class CslKinds
{
    private const PLAIN = [
        'webpage' => 'web-page', 'post-weblog' => 'blog-post', 'article-newspaper' => 'newspaper-article', 'article-magazine' => 'magazine-article',
        'article-journal' => 'journal-article', 'book' => 'book', 'classic' => 'book', 'chapter' => 'chapter', 'report' => 'report', 'standard' => 'standard', 'article' => 'preprint', 'performance' => 'live-performance',
        'thesis' => 'thesis', 'figure' => 'illustration', 'map' => 'map', 'personal_communication' => 'email', 'speech' => 'lecture', 'dataset' => 'data-set',
        'software' => 'software', 'pamphlet' => 'pamphlet', 'manuscript' => 'archive-item', 'paper-conference' => 'conference-paper', 'review' => 'review',
        'review-book' => 'review', 'interview' => 'interview-own', 'collection' => 'archive-item', 'periodical' => 'other',
    ];

    /** What `genre` says where it only tells apart kinds that share a type. */
    public const GENRES = ['podcast-episode' => 'podcast', 'album' => 'album', 'photograph' => 'photograph'];

    public static function isKindWord(string $genre, string $kind): bool
    {
        return strtolower($genre) === (self::GENRES[$kind] ?? null);
    }

    /** @param  array<string, mixed>  $item */
    public static function kindOf(array $item): string
    {
        $type = Text::of($item, 'type');
        $has = static fn (string $key): bool => Text::of($item, $key) !== '';
        $words = strtolower(Text::of($item, 'genre').' '.Text::of($item, 'medium'));

        return match ($type) {
            'motion_picture' => $has('container-title') && $has('URL') ? 'online-video' : 'film',
            'broadcast' => str_contains($words, 'podcast') ? 'podcast-episode' : (str_contains($words, 'radio') ? 'radio-episode' : ($has('container-title') ? 'tv-episode' : 'tv-series')),
            'song' => str_contains($words, 'podcast') ? 'podcast-episode' : (str_contains($words, 'album') ? 'album' : 'song'),
            'graphic' => str_contains($words, 'photo') ? 'photograph' : (preg_match('/infographic|chart|illustration|diagram/', $words) === 1 ? 'illustration' : 'artwork'),
            'entry', 'entry-encyclopedia', 'entry-dictionary' => $has('URL') && ! $has('page') ? 'online-reference' : 'reference-entry',
            'post' => preg_match('/forum|comment|thread/', $words) === 1 ? 'forum-post' : 'social-post',
            'interview' => $has('container-title') ? 'published-interview' : 'interview-own',
            default => self::PLAIN[$type] ?? 'other',
        };
    }
}
