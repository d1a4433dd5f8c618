<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Page;

use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Locator;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OrderTest extends TestCase
{
    public function test_leading_articles_letter_case_and_diacritics_do_not_count(): void
    {
        $this->assertOrder(
            'mla-9',
            ['The Anchor', 'a barge', 'Čapstan', 'An Eddy', '“Ferry” Days', 'Ölands Light', 'Zebra Point'],
            fn (string $title): array => self::book($title),
        );
    }

    public function test_articles_follow_the_language_of_the_title(): void
    {
        $items = [
            self::book('Dam'),
            self::book('Die Mühle') + ['language' => 'de'],
            self::book('El molino') + ['language' => 'es'],
            self::book('Die Hard Tides'),
        ];
        // "Die" is an article in German only: the German title stands under M.
        self::assertSame(['Dam', 'Die Hard Tides', 'El molino', 'Die Mühle'], self::titles('mla-9', $items));
    }

    public function test_mla_goes_letter_by_letter_and_apa_word_by_word(): void
    {
        $items = [self::book('Sea Wall'), self::book('Seabird'), self::book('Sea'), self::book('Seawall Walks')];
        self::assertSame(['Sea', 'Seabird', 'Sea Wall', 'Seawall Walks'], self::titles('mla-9', $items));
        self::assertSame(['Sea', 'Sea Wall', 'Seabird', 'Seawall Walks'], self::titles('apa-7', $items));
    }

    public function test_figures_stand_as_if_spelled_out(): void
    {
        self::assertSame(
            ['Eagle', '11 Creeks', 'Fish', '100 Lamps', 'Otter'],
            self::titles('mla-9', array_map(self::book(...), ['Otter', '100 Lamps', 'Fish', '11 Creeks', 'Eagle'])),
        );
    }

    public function test_untitled_authors_and_groups_mix_by_their_full_names(): void
    {
        $items = [
            self::book('Z', [['literal' => 'The Dusk Survey']]),
            self::book('Y', [['family' => 'Dunn', 'given' => 'Ada']]),
            self::book('Dust'),
            self::book('X', [['family' => 'Castellan', 'given' => 'Noor']]),
        ];
        self::assertSame(['X', 'Y', 'Z', 'Dust'], self::titles('mla-9', $items));
    }

    public function test_one_surname_goes_by_given_name_and_alone_before_together(): void
    {
        $items = [
            self::book('C', [['family' => 'Brook', 'given' => 'Halima'], ['family' => 'Zell', 'given' => 'Edda']]),
            self::book('B', [['family' => 'Brook', 'given' => 'Halima']]),
            self::book('A', [['family' => 'Brook', 'given' => 'Anton']]),
            self::book('D', [['family' => 'Brooke', 'given' => 'Ada']]),
        ];
        self::assertSame(['A', 'B', 'C', 'D'], self::titles('mla-9', $items));
        self::assertSame(['A', 'B', 'C', 'D'], self::titles('apa-7', $items));
    }

    public function test_works_of_one_author_go_by_title_in_mla_and_by_year_in_apa(): void
    {
        $brook = [['family' => 'Brook', 'given' => 'Halima']];
        $items = [
            self::book('Moonpower', $brook, 2014),
            self::book('The Ledger', $brook, 2021),
            self::book('Wheel', $brook, 1999),
            self::book('Undated', $brook),
        ];
        self::assertSame(['The Ledger', 'Moonpower', 'Undated', 'Wheel'], self::titles('mla-9', $items));
        self::assertSame(['Undated', 'Wheel', 'Moonpower', 'The Ledger'], self::titles('apa-7', $items));
    }

    public function test_three_hyphens_stand_for_exactly_the_same_authors_only(): void
    {
        $brook = ['family' => 'Brook', 'given' => 'Halima'];
        $items = [
            self::book('Alpha', [$brook]),
            self::book('Beta', [$brook]),
            self::book('Gamma', [$brook, ['family' => 'Zell', 'given' => 'Edda']]),
        ];
        self::assertSame(
            ['Brook, Halima. Alpha.', '---. Beta.', 'Brook, Halima, and Edda Zell. Gamma.'],
            self::lines('mla-9', $items),
        );
        self::assertSame(
            ['Brook, Halima. Alpha.', 'Brook, Halima. Beta.'],
            self::lines('mla-9', array_slice($items, 0, 2), new CourseRules(threeHyphens: false)),
        );
    }

    public function test_apa_tells_years_apart_by_letters(): void
    {
        $brook = [['family' => 'Brook', 'given' => 'Halima']];
        $items = [
            self::book('Beta', $brook, 2014),
            self::book('The Alpha', $brook, 2014),
            self::book('Old', $brook),
            self::book('New', $brook),
            self::book('Solo', $brook, 2015),
        ];
        self::assertSame(
            [
                'Brook, H. (n.d.-a). New.',
                'Brook, H. (n.d.-b). Old.',
                'Brook, H. (2014a). The alpha.',
                'Brook, H. (2014b). Beta.',
                'Brook, H. (2015). Solo.',
            ],
            self::lines('apa-7', $items),
        );
    }

    public function test_the_order_does_not_depend_on_the_order_of_input(): void
    {
        $items = [];
        for ($i = 0; $i < 40; $i++) {
            $items[] = self::book(
                ['Gate', 'The Gate', 'gate', 'Sea-gate', 'A Gate'][$i % 5].($i % 3 === 0 ? '' : " {$i}"),
                $i % 2 === 0 ? [['family' => 'Brook', 'given' => 'H']] : null,
                2000 + $i % 4,
            ) + ['id' => "s{$i}"];
        }
        foreach (['mla-9', 'apa-7'] as $style) {
            $ids = self::ids($style, $items);
            mt_srand(7);
            for ($n = 0; $n < 5; $n++) {
                $keys = array_keys($items);
                usort($keys, static fn (): int => mt_rand(-1, 1));
                self::assertSame(
                    $ids,
                    self::ids($style, array_map(static fn (int $key): array => $items[$key], $keys)),
                );
            }
        }
    }

    public function test_heading_by_style_and_count(): void
    {
        $headings = static fn (string $style, int $count, string $own = ''): string => Page::compose(
            array_map(static fn (int $i) => (new CslJson)->source(self::book("B{$i}")), range(1, $count)),
            Styles::get($style),
            new CourseRules(heading: $own),
        )->heading;
        self::assertSame(
            ['Work Cited', 'Works Cited', 'References', 'References', 'Bibliography'],
            [
                $headings('mla-9', 1),
                $headings('mla-9', 2),
                $headings('apa-7', 1),
                $headings('apa-7', 2),
                $headings('apa-7', 2, 'Bibliography'),
            ],
        );
    }

    public function test_two_first_authors_of_one_surname_are_told_apart_in_the_text(): void
    {
        $style = Styles::get('mla-9');
        $page = Page::compose(
            array_map(
                (new CslJson)->source(...),
                [
                    self::book('A', [['family' => 'Brook', 'given' => 'Anton']]),
                    self::book('B', [['family' => 'Brook', 'given' => 'Halima']]),
                ],
            ),
            $style,
            new CourseRules,
        );
        $citations = array_map(
            static fn (PageEntry $entry): string => implode(
                '',
                array_map(
                    static fn ($run) => $run->text,
                    $style->citation($entry->source(), new CitationContext(new Locator('page', '5')), $entry->context),
                ),
            ),
            $page->entries,
        );
        self::assertSame(['(A. Brook 5)', '(H. Brook 5)'], $citations);
    }

    /**
     * @param  list<string>  $expected
     * @param  callable(string): array<string, mixed>  $item
     */
    /** @param  list<array{string, string, string}>  $order  authors, title and date in the order the page must have */
    #[DataProvider('orders')]
    public function test_order(string $style, array $order): void
    {
        $sources = array_map(self::written(...), $order, array_keys($order));
        $entries = Page::compose(array_reverse($sources), Styles::get($style), new CourseRules)->entries;
        $found = array_map(static fn (PageEntry $entry): array => $order[(int) $entry->id], $entries);

        self::assertSame(array_map('json_encode', $order), array_map('json_encode', $found));
    }

    /** @return iterable<string, array{string, list<array{string, string, string}>}> */
    public static function orders(): iterable
    {
        $json = (string) file_get_contents(__DIR__.'/../conformance/orders/orders.json');
        foreach (json_decode($json, true, flags: JSON_THROW_ON_ERROR) as $case) {
            foreach ($case['styles'] as $style) {
                yield "{$case['name']} · {$style}" => [$style, $case['order']];
            }
        }
    }

    /** @param  array{string, string, string}  $row */
    private static function written(array $row, int $id): Source
    {
        [$authors, $title, $date] = $row;
        $isAddress = str_starts_with($title, 'https:');
        $person = static function (string $name): array {
            [$family, $given] = [...explode(', ', $name, 2), ''];

            return ['role' => 'author', 'name' => $given === '' ? ['group' => $family] : compact('given', 'family')];
        };

        return Source::fromArray([
            'id' => (string) $id,
            'kind' => $isAddress ? 'web-page' : (strlen($date) === 10 && $date[4] === '-' ? 'newspaper-article' : 'book'),
            'title' => ['main' => $isAddress ? '' : $title],
            'contributors' => array_map($person, $authors === '' ? [] : explode('; ', $authors)),
            'containers' => [['url' => $isAddress ? $title : '', 'publisher' => 'Quayside Press']
                + ($date === 'in press' ? ['status' => $date] : ['date' => $date])],
        ], Kinds::all());
    }

    private function assertOrder(string $style, array $expected, callable $item): void
    {
        self::assertSame($expected, self::titles($style, array_map($item, array_reverse($expected))));
    }

    /**
     * @param  ?list<array<string, string>>  $author
     * @return array<string, mixed>
     */
    private static function book(string $title, ?array $author = null, ?int $year = null): array
    {
        return array_filter(
            [
                'type' => 'book',
                'title' => $title,
                'author' => $author,
                'issued' => $year === null ? null : ['date-parts' => [[$year]]],
            ],
        );
    }

    /**
     * @param  list<array<string, mixed>>  $items
     * @return list<PageEntry>
     */
    private static function entries(string $style, array $items, CourseRules $course = new CourseRules): array
    {
        return Page::compose(array_map((new CslJson)->source(...), $items), Styles::get($style), $course)->entries;
    }

    /**
     * @param  list<array<string, mixed>>  $items
     * @return list<string>
     */
    private static function titles(string $style, array $items): array
    {
        return array_map(
            static fn (PageEntry $entry): string => $entry->source()->title->main,
            self::entries($style, $items),
        );
    }

    /**
     * @param  list<array<string, mixed>>  $items
     * @return list<string>
     */
    private static function ids(string $style, array $items): array
    {
        return array_map(static fn (PageEntry $entry): string => $entry->id, self::entries($style, $items));
    }

    /**
     * @param  list<array<string, mixed>>  $items
     * @return list<string>
     */
    private static function lines(string $style, array $items, CourseRules $course = new CourseRules): array
    {
        return array_map(
            static fn (PageEntry $entry): string => $entry->text(),
            self::entries($style, $items, $course),
        );
    }
}
