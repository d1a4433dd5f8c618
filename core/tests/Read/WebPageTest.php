<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Read\Web\Document;
use Bibrel\Core\Read\Web\WebPage;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Text\Charset;
use Bibrel\Standins\World;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WebPageTest extends TestCase
{
    public function test_a_tag_has_so_many_attributes_and_no_more(): void
    {
        foreach (['"', "'", ''] as $quote) {
            $attributes = implode(' ', array_map(static fn (int $i): string => "a{$i}={$quote}{$i}{$quote}", range(1, 3000)));
            $page = Document::parse("<title>Moths</title><p title=\">\" {$attributes}>By night</p>", 'https://a.example/');
            $paragraph = $page->dom->getElementsByTagName('p')->item(0);
            self::assertSame([500, 'By night', '>'], [$paragraph?->attributes->length, $paragraph?->textContent, $paragraph?->getAttribute('title')]);
        }
    }

    /** @param  array{authors: list<string>, title: string, site: string, date: string, publisher?: string}  $expected as a careful person reads the page */
    #[DataProvider('pages')]
    public function test_a_page_of_the_stand_in_world(string $url, array $expected): void
    {
        $reading = self::page($url);
        $source = $reading->source();
        self::assertSame($expected['authors'], array_map(static fn (Contributor $one): string => $one->name->direct(), $source->contributors), 'authors');
        self::assertSame($expected['title'], $source->title->main, 'title');
        self::assertSame($expected['site'], $source->container()->title, 'site');
        self::assertSame($expected['date'], $source->date()->edtf(), 'date');
        self::assertSame($expected['publisher'] ?? '', $source->container()->publisher, 'publisher');
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function pages(): iterable
    {
        yield 'exemplary' => ['https://www.slackwater.example/grain-by-moonlight', ['authors' => ['Halima Brook'], 'title' => 'Grain by Moonlight: A Night at the Sallow Gates', 'site' => 'Slack Water Review', 'date' => '2023-05-03', 'publisher' => 'Northmere Heritage Trust']];
        yield 'author at the end, copyright year only' => ['https://www.slackwater.example/mill-twice-a-day', ['authors' => ['Lotte Varga-Brandt'], 'title' => 'The Mill That Ran Twice a Day', 'site' => 'Slack Water Review', 'date' => '', 'publisher' => 'Northmere Heritage Trust']];
        yield 'organisation as author' => ['https://www.northmereheritage.example/tide-mills', ['authors' => ['Northmere Heritage Trust'], 'title' => 'Tide Mills of Northmere', 'site' => 'Northmere Heritage Trust', 'date' => '2019-09-14']];
        yield 'capitals, three authors, updated' => ['https://gullhavencourier.example/news/harbour-lamps', ['authors' => ['Oona Pell', 'Rafael Quist', 'Ines Marrow-Lund'], 'title' => 'Council to Dim Harbour Lamps for Bats', 'site' => 'Gullhaven Courier', 'date' => '2022-10-12']];
        yield 'first published after updated, a related story next to' => ['https://gullhavencourier.example/news/mill-gates', ['authors' => ['Oona Pell'], 'title' => 'Mill gates reopen after flood', 'site' => 'Gullhaven Courier', 'date' => '2024-03-09']];
        yield 'a notebook without metadata' => ['https://coastandclay.example/2020/06/salt-and-stone', ['authors' => ['Piet Ilves'], 'title' => 'Salt and stone', 'site' => 'Coast and Clay', 'date' => '2020-06-21']];
        yield 'library metadata' => ['https://dusksurvey.example/reports/lamps-and-bats', ['authors' => ['Marten Oake', 'Sunniva Teal'], 'title' => 'Lamps and Bats on the Northmere Coast', 'site' => 'The Dusk Survey', 'date' => '2021-11']];
        yield 'citation metadata' => ['https://dusksurvey.example/articles/amber-light', ['authors' => ['Sunniva Teal', 'Jun-ho Adebayo-Marsh'], 'title' => 'Amber light and the feeding of coastal bats', 'site' => 'Northmere Journal of Field Ecology', 'date' => '2022-06-01']];
        yield 'broken markup' => ['https://lanternlab.example/broken', ['authors' => ['Sunniva Teal'], 'title' => 'Counting Moths by Lamp', 'site' => '', 'date' => '2021-07-01']];
        yield 'nothing useful at all' => ['https://lanternlab.example/notes/7', ['authors' => [], 'title' => '', 'site' => '', 'date' => '']];
        yield 'another charset' => ['https://coastandclay.example/cafe', ['authors' => ['Zoë Brandström'], 'title' => 'Café at the sluice – a footnote', 'site' => '', 'date' => '2018-08-04']];
        yield 'a video' => ['https://www.tideline.example/v/8812', ['authors' => ['Coast and Clay'], 'title' => 'The Wheel at Low Water', 'site' => 'Tideline', 'date' => '2023-05-03']];
    }

    public function test_a_copyright_year_is_a_remark_and_never_a_date(): void
    {
        $reading = self::page('https://www.slackwater.example/mill-twice-a-day');
        self::assertArrayNotHasKey('containers.0.date', $reading->findings);
        $issue = array_values(array_filter($reading->issues, static fn ($one): bool => $one->id === 'copyright-year'))[0];
        self::assertSame(['containers.0.date', '2021'], [$issue->field->key, $issue->about]);
    }

    public function test_the_evidence_says_where_and_how_sure(): void
    {
        $findings = self::page('https://www.slackwater.example/mill-twice-a-day')->findings;
        self::assertSame(Confidence::Likely, $findings['contributors']->confidence);
        self::assertStringContainsString('end of the text', $findings['contributors']->evidence->where);
        self::assertSame(Confidence::Stated, $findings['title.main']->confidence);
        self::assertStringContainsString('“| Slack Water Review” was taken off', $findings['title.main']->evidence->where);
        self::assertSame('The Mill That Ran Twice a Day | Slack Water Review', $findings['title.main']->evidence->text);
    }

    public function test_the_day_of_a_change_is_offered_but_not_filled_in(): void
    {
        $date = self::page('https://gullhavencourier.example/news/harbour-lamps')->findings['containers.0.date'];
        self::assertSame('12 October 2022', $date->value);
        self::assertSame('15 October 2022', $date->alternatives[0]->value);
        $only = WebPage::read('<h1>Lamps</h1><p>Last updated 2 February 2024</p>', 'https://a.example/x');
        self::assertSame('', $only->source()->container()->date);
        self::assertContains('date-guess', array_map(static fn ($one): string => $one->id, $only->issues));
    }

    public function test_a_date_in_the_address_is_a_guess(): void
    {
        $reading = WebPage::read('<h1>Lamps</h1>', 'https://a.example/2021/03/09/lamps');
        self::assertSame(['9 March 2021', Confidence::Guess], [$reading->findings['containers.0.date']->value, $reading->findings['containers.0.date']->confidence]);
        self::assertSame('', $reading->source()->container()->date);
    }

    /** @param  list<string>  $names */
    #[DataProvider('bylines')]
    public function test_bylines_in_usual_wordings(string $byline, array $names): void
    {
        $reading = WebPage::read("<html><body><h1>Lamps at night</h1><p>{$byline}</p><p>Text of the story, long enough to be one.</p></body></html>", 'https://a.example/x');
        self::assertSame($names, array_map(static fn (Contributor $one): string => $one->name->direct(), $reading->source()->contributors));
    }

    /** @return iterable<array{string, list<string>}> */
    public static function bylines(): iterable
    {
        yield ['By Oona Pell', ['Oona Pell']];
        yield ['BY OONA PELL AND RAFAEL QUIST', ['OONA PELL', 'RAFAEL QUIST']];
        yield ['Written by Oona Pell, 3 May 2023', ['Oona Pell']];
        yield ['Words by Oona Pell | Pictures by Rafael Quist', ['Oona Pell']];
        yield ['By Oona Pell, Coast Editor', ['Oona Pell']];
        yield ['By Dr. Oona Pell & Prof. Rafael Quist', ['Oona Pell', 'Rafael Quist']];
        yield ['By Staff', []];
        yield ['By admin', []];
        yield ['By the time the lamps went out, the bats had gone.', []];
        yield ['By oona.pell@courier.example', []];
    }

    public function test_a_page_cannot_break_the_reader(): void
    {
        foreach (['', '<', '<html', "<h1>\0\xFF\xFE</h1>", str_repeat('<div>', 3000), '<script type="application/ld+json">{"@graph":[{"author":[[[]]]}]}</script>', '<script type="application/ld+json">{broken', '<title></title><h1></h1>', '<meta name=author content="'.str_repeat('x', 5000).'">'] as $html) {
            self::assertInstanceOf(Reading::class, WebPage::read((new Charset($html))->toUtf8(), 'https://a.example/x'));
        }
    }

    public function test_no_markup_of_the_page_comes_through_into_its_copy(): void
    {
        $copy = WebPage::read('<h1>Lamps<img src=x onerror=alert(1)></h1><script>alert(2)</script><style>p{}</style><p onclick=alert(3)>Text <b>bold</b> &lt;i&gt;</p><iframe src=x></iframe>', 'https://a.example/x')->copy;
        self::assertSame([['tag' => 'h1', 'text' => 'Lamps'], ['tag' => 'p', 'text' => 'Text bold <i>']], $copy);
    }

    public function test_charsets(): void
    {
        $latin = mb_convert_encoding('Zoë – “café”', 'Windows-1252', 'UTF-8');
        self::assertSame('Zoë – “café”', (new Charset($latin))->toUtf8('text/html; charset=ISO-8859-1'));
        self::assertSame('Zoë – “café”', (new Charset($latin))->toUtf8(), 'no word about it');
        self::assertSame('Zoë – “café”', (new Charset('Zoë – “café”'))->toUtf8('text/html; charset=nonsense'));
        self::assertSame('Дарья', (new Charset((string) mb_convert_encoding('Дарья', 'KOI8-R', 'UTF-8')))->toUtf8('text/html; charset=koi8-r'));
        self::assertSame('tide', (new Charset("\xEF\xBB\xBFtide"))->toUtf8());
        self::assertSame('tide', (new Charset("\xFF\xFEt\0i\0d\0e\0"))->toUtf8());
    }

    private static function page(string $url): Reading
    {
        $answer = World::answer((string) parse_url($url, PHP_URL_HOST), (string) parse_url($url, PHP_URL_PATH));
        self::assertSame(200, $answer->status, $url);

        return WebPage::read((new Charset($answer->body))->toUtf8($answer->type), $url);
    }
}
