<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Source;

use Bibrel\Core\Source\Kind;
use Bibrel\Core\Source\KindFinder;
use Bibrel\Core\Source\Kinds;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The words a student has for what lies before them, and the kinds they mean. */
final class KindFinderTest extends TestCase
{
    private const LATER = [
        'cookbook' => 'book', 'biography' => 'book', 'op-ed' => 'editorial', 'blog' => 'blog-post',
        'vlog' => 'online-video', 'radio show' => 'radio-episode|podcast-episode', 'play script' => 'play',
        'sculpture' => 'artwork', 'treaty' => 'statute', 'constitution' => 'statute', 'verdict' => 'court-case',
        'spreadsheet' => 'data-set', 'press statement' => 'press-release', 'homepage' => 'website|web-page',
        'forum thread' => 'forum-post', 'voicemail' => 'email', 'panel discussion' => 'poster|lecture',
        'keynote' => 'lecture', 'opera' => 'live-performance', 'obituary' => 'newspaper-article',
        'thesaurus' => 'online-reference|reference-entry', 'fairy tale' => 'chapter|book',
        'diagram' => 'illustration', 'e-book' => 'ebook', 'newsletter' => 'magazine-article|web-page|pamphlet|email',
        'syllabus' => 'class-notes', 'brochure' => 'pamphlet', 'documentary film' => 'film',
        'tv series' => 'tv-series|tv-episode', 'college essay' => 'student-paper', 'census' => 'data-set',
        'drawing' => 'artwork|illustration|cartoon', 'photo of a painting' => 'artwork|photograph',
        'video game review' => 'review', 'museum exhibit' => 'exhibition',
        'interview with my grandmother' => 'interview-own', 'a letter from 1850' => 'archive-item|email',
        'chapter in a book' => 'chapter', 'scientific study' => 'journal-article|report', 'picture book' => 'book',
        'autobiography' => 'book', 'memoir by a soldier' => 'book',
        'news report' => 'newspaper-article|online-article|tv-episode', 'tv news' => 'tv-episode|newspaper-article',
        'magazine cover' => 'magazine-article|photograph|illustration', 'stamp' => 'artwork|archive-item',
        'coin' => 'artwork|archive-item', 'billboard' => 'advertisement', 'tv commercial' => 'advertisement',
        'discussion board' => 'forum-post', 'message from a friend' => 'email', 'text from my aunt' => 'email',
        'recorded lecture' => 'lecture|online-video', 'graduation speech' => 'lecture',
        'musical' => 'live-performance', 'symphony' => 'live-performance|album|song',
        'music video' => 'online-video|song', 'rap song' => 'song', 'haiku' => 'chapter',
        'essay collection' => 'edited-collection|chapter', 'anthology' => 'edited-collection|chapter',
        'act of parliament' => 'statute', 'court decision' => 'court-case', 'bill' => 'statute',
        'master’s thesis' => 'thesis', 'phd dissertation' => 'thesis', 'user manual' => 'web-page|book|pamphlet',
        'computer program' => 'software', 'phone app' => 'app', 'world map' => 'map',
        'old photograph of a mill' => 'photograph', 'bar chart' => 'illustration', 'weather data' => 'data-set',
        'conference talk' => 'conference-paper|lecture|poster', 'holy book' => 'scripture',
        'online dictionary' => 'online-reference', 'my own survey' => 'report|data-set|interview-own',
        'comic' => 'graphic-novel|cartoon', 'audio book' => 'audiobook', 'history book' => 'book',
        'nonfiction book' => 'book', 'poetry' => 'chapter|book', 'folk tale' => 'chapter|book',
        'newspaper editorial' => 'editorial|newspaper-article', 'weather report' => 'report|tv-episode|web-page',
        'encyclopedia article' => 'online-reference|reference-entry|wiki-entry',
        'school newspaper' => 'newspaper-article', 'music album' => 'album', 'tv documentary' => 'film|tv-episode',
        'church sermon' => 'lecture', 'teacher’s slides' => 'slides|class-notes',
        'class discussion' => 'lecture|class-notes|forum-post', 'science journal' => 'journal-article',
        'research paper' => 'journal-article|conference-paper|student-paper',
        'online comic' => 'graphic-novel|cartoon', 'family photo' => 'photograph', 'watercolor' => 'artwork',
        'pottery' => 'artwork', 'street sign' => 'photograph|artwork',
        'gravestone' => 'artwork|photograph|archive-item', 'birth record' => 'archive-item',
        'war diary' => 'archive-item', 'love letter' => 'email|archive-item', 'city map' => 'map',
        'infographic about bees' => 'illustration', 'government report' => 'report|government-document',
        'health statistics' => 'data-set', 'mobile game' => 'video-game|app',
        'instruction manual' => 'pamphlet|web-page', 'theater play' => 'play|live-performance',
        'movie script' => 'play|film', 'podcast about history' => 'podcast-episode|podcast-series',
        'comment under a video' => 'forum-post', 'live stream of a concert' => 'online-video|live-performance',
    ];

    /** @return iterable<string, array{string, string}> a word, and kinds one of which is to stand first or second */
    public static function everydayWords(): iterable
    {
        // Written down before the finder was looked at.
        $words = [
            'textbook' => 'book', 'novel' => 'book', 'short story' => 'chapter', 'poem' => 'chapter',
            'news article' => 'newspaper-article|online-article', 'magazine' => 'magazine-article',
            'encyclopedia' => 'online-reference|reference-entry', 'dictionary' => 'online-reference|reference-entry',
            'comment' => 'forum-post', 'movie' => 'film', 'documentary' => 'film', 'tv show' => 'tv-episode|tv-series',
            'podcast' => 'podcast-episode', 'lyrics' => 'song', 'speech' => 'lecture', 'slideshow' => 'slides',
            'worksheet' => 'class-notes', 'handout' => 'class-notes|pamphlet', 'diary' => 'archive-item',
            'painting' => 'artwork', 'selfie' => 'photograph', 'meme' => 'illustration', 'graph' => 'illustration',
            'supreme court ruling' => 'court-case', 'statistics' => 'data-set', 'chatbot' => 'ai-text',
            'wiki' => 'wiki-entry', 'bible' => 'scripture', 'lab report' => 'report', 'flyer' => 'pamphlet',
            'concert' => 'live-performance', 'manga' => 'graphic-novel', 'book review' => 'review',
            'foreword' => 'preface', 'dissertation' => 'thesis', 'school website' => 'website|web-page',
            'text message' => 'email', 'lecture notes' => 'class-notes', 'sermon' => 'lecture', 'statue' => 'artwork',
            'commercial' => 'advertisement', 'journal' => 'journal-article', 'song' => 'song', 'clip' => 'online-video',
        ];
        foreach ($words as $word => $kinds) {
            yield $word => [$word, $kinds];
        }
    }

    #[DataProvider('everydayWords')]
    #[DataProvider('laterWords')]
    public function test_an_everyday_word_finds_its_kind_first_or_second(string $word, string $kinds): void
    {
        $found = array_slice(self::ids((new KindFinder(Kinds::all()))->find($word)->kinds), 0, 2);
        self::assertNotSame([], array_intersect(explode('|', $kinds), $found), implode(', ', $found));
    }

    /** @return iterable<string, array{string, string}> the same, in three sets written after it was built, each before it ran */
    public static function laterWords(): iterable
    {
        foreach (self::LATER as $word => $kinds) {
            yield $word => [$word, $kinds];
        }
    }

    /** @return iterable<string, array{string, list<string>}> a word that names no kind, and what it usually is */
    public static function formats(): iterable
    {
        yield 'pdf' => ['pdf', ['report', 'journal-article']];
        yield 'link' => ['link', ['web-page', 'online-article']];
        yield 'app' => ['app', ['app', 'software']];
        yield 'screenshot' => ['a screenshot', ['web-page', 'social-post']];
        yield 'quote' => ['quote', ['book', 'chapter']];
        yield 'survey' => ['survey', ['report', 'data-set', 'interview-own']];
        yield 'story' => ['story', ['chapter', 'online-article']];
        yield 'reel' => ['reel', ['online-video', 'social-post']];
        yield 'AI' => ['AI', ['ai-text', 'ai-image']];
        yield 'database' => ['from a database', ['journal-article']];
    }

    /** @param  list<string>  $usual */
    #[DataProvider('formats')]
    public function test_a_format_a_device_or_a_habit_is_answered_with_what_it_usually_is(string $word, array $usual): void
    {
        $found = (new KindFinder(Kinds::all()))->find($word);
        self::assertSame([], array_diff($usual, self::ids($found->kinds)));
        self::assertNotSame('', $found->sentence);
    }

    public function test_a_word_nobody_knows_finds_no_kind_by_its_letters(): void
    {
        foreach (['zorbing', 'mutubo', 'xy', 'the', 'sh', 'aibum', 'clipster', 'my mutubo'] as $word) {
            $found = (new KindFinder(Kinds::all()))->find($word);
            self::assertSame([], self::ids($found->kinds), $word);
        }
        self::assertSame(['film'], array_slice(self::ids((new KindFinder(Kinds::all()))->find('mutubo movie')->kinds), 0, 1));
    }

    public function test_what_is_typed_half_finds_what_begins_like_it(): void
    {
        self::assertSame('podcast-episode', self::ids((new KindFinder(Kinds::all()))->find('podc')->kinds)[0]);
        self::assertSame('newspaper-article', self::ids((new KindFinder(Kinds::all()))->find('newspapers')->kinds)[0]);
    }

    public function test_nothing_typed_lists_every_kind_the_common_ones_first(): void
    {
        $all = (new KindFinder(Kinds::all()))->find(' ')->kinds;
        self::assertCount(count(Kinds::all()->list()), $all);
        self::assertSame(1, $all[0]->rank);
        foreach (Kinds::all()->list() as $kind) {
            self::assertSame($kind->rank <= 10, $kind->hint !== '', "{$kind->id}: the ten used most have a line.");
        }
    }

    /**
     * @param  list<Kind>  $kinds
     * @return list<string>
     */
    private static function ids(array $kinds): array
    {
        return array_map(static fn (Kind $kind): string => $kind->id, $kinds);
    }
}
