<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Read\NameShape;
use Bibrel\Core\Read\Web\WebPage;
use Bibrel\Core\Source\Name;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NameShapeTest extends TestCase
{
    #[DataProvider('names')]
    public function test_whether_a_house_bears_a_persons_name(string $name, bool $signs, bool $isPersonal): void
    {
        self::assertSame($isPersonal, NameShape::isPersonal(Name::parse($name), $signs));
    }

    /** @return iterable<int, array{string, bool, bool}> */
    public static function names(): iterable
    {
        yield ['Edda Zell', false, true];
        yield ['Ondine Vale', true, true];
        yield ['Ondine Vale', false, false];
        yield ['Wen Abara', true, true];
        yield ['Quiet Margin', true, false];
        yield ['The Salt Wives', true, false];
        yield ['Lumenworks', true, false];
        yield ['Skerry Museum', true, false];
    }

    public function test_who_signs_a_site_of_their_own_stays_a_person(): void
    {
        $page = '<h1>On waiting</h1><p>A text about waiting.</p><p>More of it.</p><p>Even more.</p><p>— Edda Zell</p><footer>© 2021 Edda Zell</footer>';
        $author = WebPage::read($page, 'https://a.example/notes/on-waiting')->source()->contributors[0]->name;
        self::assertSame(['Edda', 'Zell', false], [$author->given, $author->family, $author->isGroup()]);
    }

    public function test_who_publishes_alone_stays_a_person_and_who_issues_a_release_is_none(): void
    {
        $letter = '<meta property="og:site_name" content="Brackish Letters"><script type="application/ld+json">{"@type":"NewsArticle","headline":"The bell","author":{"@type":"Person","name":"Wen Abara"}}</script><h1>The bell</h1><footer>© 2024 Wen Abara</footer>';
        self::assertFalse(WebPage::read($letter, 'https://a.example/p/bell')->source()->contributors[0]->name->isGroup());
        $release = '<meta name="author" content="Lumenworks"><h1>Lumenworks launches a lamp</h1><p>News provided by</p>';
        self::assertTrue(WebPage::read($release, 'https://a.example/news-releases/lamp')->source()->contributors[0]->name->isGroup());
    }

    public function test_a_channel_is_no_person_whoever_types_it_so(): void
    {
        $page = '<script type="application/ld+json">{"@type":"VideoObject","name":"Splices","author":{"@type":"Person","name":"Skerry Museum"}}</script><h1>Splices</h1>';
        self::assertTrue(WebPage::read($page, 'https://a.example/v/1')->source()->contributors[0]->name->isGroup());
    }
}
