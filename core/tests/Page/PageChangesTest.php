<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Page;

use Bibrel\Core\Page\ArrayMemory;
use Bibrel\Core\Page\NoMemory;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageChanges;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Page\PageSource;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\TestCase;

/** A page told by what is new on it says the same as the whole page. */
final class PageChangesTest extends TestCase
{
    public function test_a_changed_source_is_new_and_the_others_are_where_they_were(): void
    {
        [$a, $b, $c, $d] = [self::book('a', 'Brook'), self::book('b', 'Marsh'), self::book('c', 'Oake'), self::book('d', 'Stell')];
        $known = self::marks([$a, $b, $c, $d]);
        $changes = self::changes([$a, self::book('b', 'Marsh', 'Another Wheel'), $c, $d], $known);
        self::assertSame([[0, 1], 'b', [2, 2]], self::told($changes));
    }

    public function test_a_source_that_moves_takes_its_place_and_the_rest_stays_told_in_pairs(): void
    {
        [$a, $b, $c, $d] = [self::book('a', 'Brook'), self::book('b', 'Marsh'), self::book('c', 'Oake'), self::book('d', 'Stell')];
        $known = self::marks([$a, $b, $c, $d]);
        self::assertSame([[1, 3], 'a'], self::told(self::changes([self::book('a', 'Zimmer'), $b, $c, $d], $known)));
        self::assertSame([[0, 1], [2, 2]], self::told(self::changes([$a, $c, $d], $known)), 'One that is gone.');
    }

    public function test_a_neighbour_whose_entry_changes_is_new_too(): void
    {
        $known = self::marks([self::book('a', 'Brook'), self::book('b', 'Marsh', 'The Patient Wheel')]);
        $changes = self::changes([self::book('a', 'Marsh'), self::book('b', 'Marsh', 'The Patient Wheel')], $known);
        self::assertSame(['a', 'b'], self::told($changes), 'The second one begins with three hyphens now.');
    }

    public function test_what_is_remembered_is_told_without_being_read(): void
    {
        $memory = new ArrayMemory;
        $read = 0;
        $sources = static fn (): array => array_map(static function (Source $one) use (&$read): PageSource {
            return new PageSource($one->id, "{$one->id}.1", static function () use ($one, &$read): Source {
                $read++;

                return $one;
            });
        }, [self::book('a', 'Brook'), self::book('b', 'Marsh')]);
        $page = Page::compose($sources(), Styles::get('mla-9'), new CourseRules, $memory);
        $known = array_map(static fn (PageEntry $one): string => $one->mark, $page->entries);
        $read = 0;
        $changes = Page::changes($sources(), Styles::get('mla-9'), new CourseRules, $memory, $known);
        self::assertSame([[0, 2]], self::told($changes));
        self::assertSame(0, $read);
    }

    public function test_the_wanted_one_comes_whole_and_nothing_known_brings_everything(): void
    {
        $all = [self::book('a', 'Brook'), self::book('b', 'Marsh')];
        self::assertSame(['a', [1, 1]], self::told(self::changes($all, self::marks($all), 'a')));
        self::assertSame(['a', 'b'], self::told(self::changes($all, [])));
    }

    public function test_a_source_of_which_only_the_address_is_known_makes_no_entry(): void
    {
        $bare = Source::fromArray(['id' => 'x', 'kind' => 'web-page', 'containers' => [['url' => 'https://a.example/b']]], Kinds::all());
        $page = Page::compose([$bare, self::book('a', 'Brook')], Styles::get('mla-9'), new CourseRules, withBare: false);
        self::assertSame([['a'], ['x']], [array_column($page->entries, 'id'), array_column($page->leftOut, 'id')]);
        self::assertCount(2, Page::compose([$bare, self::book('a', 'Brook')], Styles::get('mla-9'), new CourseRules)->entries);
    }

    private static function book(string $id, string $family, string $title = 'Moonpower'): Source
    {
        return Source::fromArray([
            'id' => $id, 'kind' => 'book', 'title' => ['main' => $title],
            'contributors' => [['role' => 'author', 'name' => ['given' => 'Halima', 'family' => $family]]],
            'containers' => [['publisher' => 'Quayside Press', 'date' => '2014']],
        ], Kinds::all());
    }

    /**
     * What the browser has: marks as a memory would give them, which a page composed by itself gives as well.
     *
     * @param  list<Source>  $sources
     * @return list<string>
     */
    private static function marks(array $sources): array
    {
        $page = Page::compose($sources, Styles::get('mla-9'), new CourseRules, new NoMemory);

        return array_map(static fn (PageEntry $one): string => $one->mark, $page->entries);
    }

    /**
     * @param  list<Source>  $sources
     * @param  list<string>  $known
     */
    private static function changes(array $sources, array $known, string $wanted = ''): PageChanges
    {
        $memory = new ArrayMemory;
        $kept = array_map(static fn (Source $one): PageSource => PageSource::of($one, md5(serialize($one->toArray()))), $sources);
        Page::compose($kept, Styles::get('mla-9'), new CourseRules, $memory);

        return Page::changes($kept, Styles::get('mla-9'), new CourseRules, $memory, $known, $wanted);
    }

    /** @return list<string|array{int, int}> ids of what is new, and pairs as they are */
    private static function told(PageChanges $changes): array
    {
        return array_map(static fn (PageEntry|array $one): string|array => is_array($one) ? $one : $one->id, $changes->entries);
    }
}
