<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Style;

use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Format\Inline;
use Bibrel\Core\Page\CitationCluster;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Locator;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\TestCase;

final class CitingTest extends TestCase
{
    public function test_several_works_stand_in_one_pair_of_parentheses_in_the_order_of_the_page(): void
    {
        $items = [self::book('Teal', 2011), self::book('Brook', 2014), self::book('Ilves', 2016)];
        self::assertSame('(Brook; Ilves; Teal)', self::together('mla-9', $items));
        self::assertSame('(Brook, 2014; Ilves, 2016; Teal, 2011)', self::together('apa-7', $items));
    }

    public function test_a_second_work_of_the_same_authors_gives_its_year_alone_in_apa(): void
    {
        $items = [self::book('Brook', 2014), self::book('Brook', 2016), self::book('Teal', 2011)];
        self::assertSame('(Brook, 2014, 2016; Teal, 2011)', self::together('apa-7', $items));
        self::assertSame('(Brook, 2014a, 2014b)', self::together('apa-7', [self::book('Brook', 2014, 'A'), self::book('Brook', 2014, 'B')]));
    }

    public function test_apa_names_as_many_authors_as_tell_two_works_apart(): void
    {
        $items = [self::book(['Pell', 'Quist', 'Marrow', 'Teal'], 2020), self::book(['Pell', 'Quist', 'Brook', 'Zell', 'Finch'], 2020), self::book(['Pell', 'Ilves', 'Oake'], 2020), self::book(['Pell', 'Quist', 'Oake'], 2019)];
        self::assertEqualsCanonicalizing(['(Pell, Quist, Marrow, & Teal, 2020)', '(Pell, Quist, Brook, et al., 2020)', '(Pell, Ilves, & Oake, 2020)', '(Pell et al., 2019)'], self::each('apa-7', $items));
        self::assertEqualsCanonicalizing(['(Pell et al.)', '(Pell et al.)', '(Pell et al.)', '(Pell et al.)'], array_map(static fn (string $one): string => (string) preg_replace('/, .*(?=\))/', '', $one), self::each('mla-9', $items)));
    }

    public function test_a_place_keeps_both_works_apart(): void
    {
        $items = [self::book('Brook', 2014), self::book('Brook', 2016)];
        self::assertSame('(Brook, 2014, p. 5; Brook, 2016, p. 5)', self::together('apa-7', $items, new CitationContext(new Locator('page', '5'))));
    }

    public function test_whose_words_are_passed_on_is_read_with_or_without_a_year(): void
    {
        self::assertSame(['Mara Oake', '1898'], [CitationContext::of(new Locator, false, 'Mara Oake, 1898')->quoted, CitationContext::of(new Locator, false, 'Mara Oake (1898)')->quotedYear]);
        self::assertSame(['Oake', ''], [CitationContext::of(new Locator, false, ' Oake ')->quoted, CitationContext::of(new Locator, false, 'Oake')->quotedYear]);
    }

    /**
     * @param  string|list<string>  $families
     * @return array<string, mixed>
     */
    private static function book(string|array $families, int $year, string $title = ''): array
    {
        return ['type' => 'book', 'title' => $title !== '' ? $title : 'On '.implode(' ', (array) $families).$year, 'author' => array_map(static fn (string $family): array => ['family' => $family, 'given' => 'A.'], (array) $families), 'issued' => ['date-parts' => [[$year]]]];
    }

    /** @param  list<array<string, mixed>>  $items */
    private static function together(string $style, array $items, CitationContext $mention = new CitationContext): string
    {
        return Inline::text((new CitationCluster(Styles::get($style), self::page($style, $items)->entries))->runs($mention));
    }

    /**
     * @param  list<array<string, mixed>>  $items
     * @return list<string>
     */
    private static function each(string $style, array $items): array
    {
        return array_map(static fn (PageEntry $entry): string => Inline::text(Styles::get($style)->citation($entry->source(), new CitationContext, $entry->context)), self::page($style, $items)->entries);
    }

    /** @param  list<array<string, mixed>>  $items */
    private static function page(string $style, array $items): Page
    {
        return Page::compose(array_map((new CslJson)->source(...), $items), Styles::get($style), new CourseRules);
    }
}
