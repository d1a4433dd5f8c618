<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Check;

use Bibrel\Core\Check\Check;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CheckTest extends TestCase
{
    private const GOOD = [
        'kind' => 'web-page',
        'title' => ['main' => 'The Mill That Ran Twice a Day'],
        'contributors' => [['role' => 'author', 'name' => ['given' => 'Lotte', 'family' => 'Varga-Brandt']]],
        'containers' => [['title' => 'Slack Water Review', 'date' => '3 May 2023', 'url' => 'https://www.slackwater.example/mill']],
        'accessed' => '4 May 2023',
    ];

    public function test_nothing_is_remarked_on_a_source_in_order(): void
    {
        self::assertSame([], self::ids(self::GOOD));
    }

    /**
     * @param  array<string, mixed>  $change
     * @param  mixed  $mended  the value the mend puts in; null where only a person can tell
     */
    #[DataProvider('slips')]
    public function test_a_slip_is_seen(string $id, array $change, mixed $mended = null): void
    {
        $points = array_values(
            array_filter(
                self::points(array_replace_recursive(self::GOOD, $change)),
                static fn (Issue $point): bool => $point->id === $id,
            ),
        );
        self::assertCount(1, $points, "{$id} was not remarked.");
        self::assertNotSame('', $points[0]->sentence);
        self::assertSame($mended, ($points[0]->fix?->toArray() ?? ['value' => null])['value']);
    }

    /** @return iterable<string, array{string, array<string, mixed>, 2?: mixed}> */
    public static function slips(): iterable
    {
        $person = static fn (string $given, string $family): array => [
            'contributors' => [['role' => 'author', 'name' => ['given' => $given, 'family' => $family]]],
        ];
        yield 'title in capitals' => [
            'title-capitals',
            ['title' => ['main' => 'THE MILL THAT RAN TWICE A DAY']],
            'The Mill That Ran Twice a Day',
        ];
        yield 'title without capitals' => ['title-lower-case', ['title' => ['main' => 'the mill that ran twice']]];
        yield 'title in quotation marks' => ['title-quotes', ['title' => ['main' => '“The Mill”']], 'The Mill'];
        yield 'title with the site' => ['title-site', ['title' => ['main' => 'The Mill | Slack Water Review']], 'The Mill'];
        yield 'title with a full stop' => ['title-stop', ['title' => ['main' => 'The Mill.']], 'The Mill'];
        yield 'By' => [
            'name-by',
            $person('By Oona', 'Pell'),
            [['role' => 'author', 'name' => ['given' => 'Oona', 'family' => 'Pell']]],
        ];
        yield 'e-mail' => ['name-mail', $person('', 'pell@courier.example')];
        yield 'two people in one line' => [
            'name-several',
            $person('Oona Pell and Rafael', 'Quist'),
            [
                ['role' => 'author', 'name' => ['given' => 'Oona', 'family' => 'Pell']],
                ['role' => 'author', 'name' => ['given' => 'Rafael', 'family' => 'Quist']],
            ],
        ];
        yield 'job title' => [
            'name-job',
            $person('Oona Pell, Coast', 'Editor'),
            [['role' => 'author', 'name' => ['given' => 'Oona', 'family' => 'Pell']]],
        ];
        yield 'job title of two words' => [
            'name-job',
            $person('Oona Pell, Night Ferry', 'Correspondent'),
            [['role' => 'author', 'name' => ['given' => 'Oona', 'family' => 'Pell']]],
        ];
        yield 'organisation typed as a person' => [
            'name-group',
            $person('Northmere Heritage', 'Trust'),
            [['role' => 'author', 'name' => ['group' => 'Northmere Heritage Trust']]],
        ];
        yield 'organisation whose word is not at hand everywhere' => [
            'name-group',
            $person('Low Tide', 'Consortium'),
            [['role' => 'author', 'name' => ['group' => 'Low Tide Consortium']]],
        ];
        yield 'person typed as an organisation' => [
            'name-person',
            ['contributors' => [['role' => 'author', 'name' => ['given' => '', 'family' => '', 'group' => 'Brook, Halima']]]],
            [['role' => 'author', 'name' => ['given' => 'Halima', 'family' => 'Brook']]],
        ];
        yield 'a degree' => [
            'name-honours',
            $person('Oona', 'Pell, PhD'),
            [['role' => 'author', 'name' => ['given' => 'Oona', 'family' => 'Pell']]],
        ];
        yield 'a form of address' => [
            'name-honours',
            $person('Dr. Oona', 'Pell'),
            [['role' => 'author', 'name' => ['given' => 'Oona', 'family' => 'Pell']]],
        ];
        yield 'capitals throughout' => [
            'name-capitals',
            $person('OONA', 'PELL'),
            [['role' => 'author', 'name' => ['given' => 'Oona', 'family' => 'Pell']]],
        ];
        yield 'small letters throughout' => [
            'name-small',
            $person('oona', 'pell'),
            [['role' => 'author', 'name' => ['given' => 'Oona', 'family' => 'Pell']]],
        ];
        yield 'a whole name in one box' => [
            'name-whole',
            $person('', 'Oona Pell'),
            [['role' => 'author', 'name' => ['given' => 'Oona', 'family' => 'Pell']]],
        ];
        yield 'others' => ['name-others', ['contributors' => [1 => ['role' => 'author', 'name' => ['group' => 'et al.']]]]];
        yield 'the same person twice' => [
            'name-twice',
            ['contributors' => [1 => ['role' => 'author', 'name' => ['given' => 'Lotte', 'family' => 'Varga-Brandt']]]],
            self::GOOD['contributors'],
        ];
        yield 'a list as an entry prints it' => [
            'name-several',
            $person('', 'Pell, O., & Quist, R.'),
            [
                ['role' => 'author', 'name' => ['given' => 'O.', 'family' => 'Pell']],
                ['role' => 'author', 'name' => ['given' => 'R.', 'family' => 'Quist']],
            ],
        ];
        yield 'yesterday' => ['date-counted', ['containers' => [['date' => 'yesterday']]], '2026-11-23'];
        yield 'days ago' => ['date-counted', ['containers' => [['date' => '3 days ago']]], '2026-11-21'];
        yield 'hours ago' => ['date-counted', ['containers' => [['date' => '2 hours ago']]], '2026-11-24'];
        yield 'last year' => ['date-counted', ['containers' => [['date' => 'last year']]], '2025'];
        yield 'a year of two figures' => ['date-impossible', ['containers' => [['date' => '3/4/21']]]];
        yield 'a year after c' => ['date-copyright', ['containers' => [['date' => 'c1999']]], ''];
        yield 'another language' => ['title-language', ['title' => ['main' => 'La vida de los molinos en la costa']], 'es'];
        yield 'a site in small letters' => ['container-small', ['containers' => [['title' => 'slack water review']]], 'Slack Water Review'];
        yield 'a publisher in small letters' => ['container-small', ['containers' => [['publisher' => 'the northmere press']]], 'The Northmere Press'];
        yield 'author is the site' => [
            'author-is-site',
            $person('Slack Water', 'Review'),
            [['role' => 'author', 'name' => ['group' => 'Slack Water Review']]],
        ];
        yield 'impossible day' => ['date-impossible', ['containers' => [['date' => '2023-02-30']]]];
        yield 'future' => ['date-future', ['containers' => [['date' => '3 May 2033']], 'accessed' => '']];
        yield 'read before published' => ['accessed-before-published', ['accessed' => '1 May 2023']];
        yield 'reprint before original' => ['original-after-reprint', ['original' => ['date' => '2024']]];
        yield 'search page' => ['address-search', ['containers' => [['url' => 'https://www.lookaround.example/search?q=tide+mill']]]];
        yield 'file' => ['address-file', ['containers' => [['url' => 'file:///C:/mill.pdf']]]];
        yield 'image search preview' => [
            'address-preview',
            ['containers' => [['url' => 'https://images.lookaround.example/imgres?imgurl=https%3A%2F%2Fa.example%2Fw.jpg']]],
        ];
        yield 'shortened' => ['address-shortened', ['containers' => [['url' => 'https://shrt.example/Ab12xY']]]];
        yield 'not a DOI' => ['doi-odd', ['containers' => [['doi' => 'jch.2016.0123']]]];
        yield 'copyright line for a date' => ['date-copyright', ['containers' => [['date' => '© 2021']]], ''];
        yield 'space before a mark' => ['title-spaces', ['title' => ['main' => 'The Mill : A History']], 'The Mill: A History'];
        yield 'search engine as site' => ['search-engine', ['containers' => [['title' => 'Lookaround Image Search']]]];
        yield 'a web page with volume and issue' => ['kind-odd', ['containers' => [['volume' => '12', 'issue' => '3']]], 'journal-article'];
        yield 'a picture’s own address' => ['kind-odd', ['containers' => [['url' => 'https://www.slackwater.example/wheel.jpg']]], 'photograph'];
        yield 'a book with pages inside another title' => [
            'kind-odd',
            ['kind' => 'book', 'containers' => [['pages' => '12-19', 'publisher' => 'Quayside Press']]],
            'chapter',
        ];
        yield 'session' => ['address-session', ['containers' => [['url' => 'https://db.ezproxy.northmere.example/a/1']]]];
        yield 'no address' => ['address-odd', ['containers' => [['url' => 'slack water']]]];
        yield 'address next to a DOI' => ['address-beside-doi', ['containers' => [['doi' => '10.5555/x.1']]], ''];
        yield 'pages the wrong way round' => ['pages-reversed', ['containers' => [['pages' => '239-215']]], '215-239'];
        yield 'ISBN with a slip' => ['isbn-wrong', ['isbn' => '978-1-4028-9462-7']];
        yield 'expected field missing' => ['missing-expected', ['containers' => [['date' => '']]]];
        yield 'required field missing' => ['missing-required', ['containers' => [['url' => '']]]];
    }

    public function test_what_is_right_is_left_alone(): void
    {
        foreach ([
            ['title' => ['main' => 'Visiting the U.S.A.']], ['title' => ['main' => 'Mills, ponds, etc.']],
            ['title' => ['main' => '“Grain” and “Tide”']], ['isbn' => '978-1-4028-9462-6'], ['isbn' => '0-306-40615-2'],
            ['containers' => [['pages' => '215-39']]],
            ['contributors' => [['role' => 'author', 'name' => ['given' => 'Andy', 'family' => 'Anderson']]]],
        ] as $change) {
            self::assertSame(
                [],
                self::ids(array_replace_recursive(self::GOOD, $change)),
                json_encode($change, JSON_THROW_ON_ERROR),
            );
        }
    }

    public function test_a_word_that_may_be_a_name_is_asked_about_where_names_alone_have_capitals(): void
    {
        $title = ['title' => ['main' => 'Seals at Turner']];
        self::assertNotContains('title-name:Turner', self::ids(array_replace_recursive(self::GOOD, $title)));
        $points = self::points(array_replace_recursive(self::GOOD, $title), 'apa-7');
        self::assertSame(['title-name:Turner'], array_map(static fn (Issue $one): string => $one->id, $points));
        self::assertSame(
            ['value' => 'turner', 'field' => 'title.names'],
            array_intersect_key($points[0]->fix?->toArray() ?? [], ['value' => 1, 'field' => 1]),
        );
        $settled = array_replace_recursive(self::GOOD, ['title' => ['names' => 'turner'] + $title['title']]);
        self::assertSame([], self::points($settled, 'apa-7'));
    }

    public function test_the_sentence_says_what_the_style_does_without(): void
    {
        $undated = array_replace_recursive(self::GOOD, ['containers' => [['date' => '']]]);
        self::assertStringContainsString('“n.d.”', self::points($undated, 'apa-7')[0]->sentence);
        self::assertStringContainsString('the day you read it', self::points($undated)[0]->sentence);
    }

    public function test_the_same_source_twice_is_seen_by_doi_address_or_title(): void
    {
        $make = static fn (string $id, array $container, string $title = 'The Mill'): Source => Source::fromArray(
            ['id' => $id, 'kind' => 'web-page', 'title' => ['main' => $title], 'containers' => [$container]],
            Kinds::all(),
        );
        self::assertSame(
            ['b'],
            array_keys(
                Check::doubles(
                    [
                        $make('a', ['url' => 'https://www.slackwater.example/mill/?utm_source=x']),
                        $make('b', ['url' => 'http://slackwater.example/mill'], 'Other'),
                    ],
                ),
            ),
        );
        self::assertSame(
            ['b'],
            array_keys(
                Check::doubles(
                    [
                        $make('a', ['doi' => '10.5555/A.1']),
                        $make('b', ['doi' => 'https://doi.org/10.5555/a.1'], 'Other'),
                    ],
                ),
            ),
        );
        self::assertSame(
            [],
            Check::doubles(
                [$make('a', ['url' => 'https://a.example/1']), $make('b', ['url' => 'https://a.example/2'])],
            ),
        );
        $book = static fn (string $id, string $title, string $family, string $year): Source => Source::fromArray(
            [
                'id' => $id,
                'kind' => 'book',
                'title' => ['main' => $title],
                'contributors' => [['role' => 'author', 'name' => ['given' => 'Halima', 'family' => $family]]],
                'containers' => [['publisher' => 'Quayside Press', 'date' => $year]],
            ],
            Kinds::all(),
        );
        $first = $book('a', 'Moonpower: Mills of the Tidal Coast', 'Brook', '2014');
        self::assertSame(
            ['b'],
            array_keys(Check::doubles([$first, $book('b', 'Moonpower. Mills of the tidal coast', 'Brook', '2014')])),
        );
        self::assertSame(
            [],
            Check::doubles([$first, $book('b', 'Moonpower: Mills of the Tidal Coast', 'Brook', '2021')]),
        );
        self::assertSame(
            [],
            Check::doubles([$first, $book('b', 'Moonpower: Mills of the Tidal Coast', 'Marsh', '2014')]),
        );
    }

    /**
     * @param  array<string, mixed>  $source
     * @return list<Issue>
     */
    private static function points(array $source, string $style = 'mla-9'): array
    {
        return (new Check(Styles::get($style), 20261124))->issues(Source::fromArray($source, Kinds::all()));
    }

    /**
     * @param  array<string, mixed>  $source
     * @return list<string>
     */
    private static function ids(array $source): array
    {
        return array_map(static fn (Issue $point): string => $point->id, self::points($source));
    }

    /** Three things find a source; where it is kept is one of them. */
    public function test_too_little_is_said_of_what_nobody_could_find(): void
    {
        $ids = static fn (array $json): array => array_map(
            static fn (Issue $issue): string => $issue->id,
            (new Check(Styles::get('mla-9'), 20270304))->issues(Source::fromArray($json, Kinds::all())),
        );
        $work = ['kind' => 'artwork', 'title' => ['main' => 'Low Water'], 'containers' => [['date' => '1931']]];
        self::assertContains('too-little', $ids($work));
        $work['containers'][0]['collection'] = 'Gullhaven Harbour Museum';
        self::assertNotContains('too-little', $ids($work));
    }
}
