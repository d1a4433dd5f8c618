<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Read\Web\WebPage;
use Bibrel\Core\Source\Contributor;
use PHPUnit\Framework\TestCase;

/** What stands around a text is not taken for the text's own. */
final class SurroundingsTest extends TestCase
{
    private const TEXT = '<p>The kelp harvest begins when the moon says so and ends when the buyers do. Between the two lie eleven days in which nobody on the outer island sleeps more than four hours, and the school closes, because there is no point in keeping it open for the three children too small to carry.</p>';

    public function test_the_day_in_the_head_of_the_site_is_no_date_of_the_page(): void
    {
        $page = '<header><time datetime="2026-11-25">today</time></header><main><h1>Eleven Days</h1>'.self::TEXT.'</main>';
        self::assertArrayNotHasKey('containers.0.date', self::read($page)->findings);
        $dated = '<header><time datetime="2026-11-25">today</time></header><main><h1>Eleven Days</h1><p><time datetime="2019-10-21">21 Oct</time></p>'.self::TEXT.'</main>';
        self::assertSame('21 October 2019', self::text($dated, 'containers.0.date'));
    }

    public function test_cards_of_other_texts_lend_the_page_neither_author_nor_date(): void
    {
        $cards = '<div><h2>More in Craft</h2><div><h3>Nine knots</h3><p>Odile Marran</p><p>Aug 2, 2026</p></div><div><h3>Rope</h3><p>Per Lindqvane</p><p>Jul 30, 2026</p></div></div>';
        $reading = self::read('<h1>Eleven Days</h1>'.self::TEXT.$cards);
        self::assertSame([], self::authors($reading));
        self::assertArrayNotHasKey('containers.0.date', $reading->findings);
    }

    public function test_after_a_related_line_the_text_may_go_on(): void
    {
        $reading = self::read('<h1>Eleven Days</h1>'.self::TEXT.'<p>Related: Nine knots</p><p>Read also</p><p>Nine knots</p>'.self::TEXT.'<p>By Halima Brook</p>');
        self::assertSame(['Halima Brook'], self::authors($reading));
    }

    public function test_the_comment_of_a_reader_is_beside_the_article(): void
    {
        $reading = self::read('<article><h1>Eleven Days</h1><p class="byline">By Halima Brook</p>'.self::TEXT.'</article><article><cite class="author">Gunnar Holm</cite><time datetime="2018-01-10">then</time><p>Mine too.</p></article>');
        self::assertSame(['Halima Brook'], self::authors($reading));
        self::assertArrayNotHasKey('containers.0.date', $reading->findings);
    }

    public function test_a_box_that_holds_the_heading_is_the_text_whatever_it_is_called(): void
    {
        self::assertSame('Eleven Days', self::text('<div class="topbar"><h1><a href="/">Slack Tide</a></h1></div><article class="newsletter-post"><h1>Eleven Days</h1>'.self::TEXT.'</article>', 'title.main'));
    }

    public function test_whoever_took_the_picture_did_not_write_the_text(): void
    {
        self::assertSame([], self::authors(self::read('<h1>Eleven Days</h1><figure><figcaption>By Silas Wren</figcaption></figure>'.self::TEXT)));
    }

    public function test_a_box_of_names_and_posts_gives_the_names(): void
    {
        $box = '<div class="authors"><h4>Authors</h4><div><strong>Verity Lowe</strong><br>Partner</div><div><strong>Hamid Saraf</strong><br>Associate</div></div>';
        self::assertSame(['Verity Lowe', 'Hamid Saraf'], self::authors(self::read('<h1>Eleven Days</h1>'.$box.self::TEXT)));
    }

    public function test_the_byline_is_believed_before_data_that_names_who_built_the_site(): void
    {
        $reading = self::read('<h1>Eleven Days</h1><p>by Halima Brook</p>'.self::TEXT, '<meta name="author" content="Softmill Web Design">');
        self::assertSame(['Halima Brook'], self::authors($reading));
        $others = array_map(static fn (Finding $one): string => $one->people()[0]->name->direct(), $reading->findings['contributors']->alternatives);
        self::assertSame(['Softmill Web Design'], $others, 'The other is offered.');
    }

    public function test_the_site_signing_for_itself_stands_behind_a_person(): void
    {
        $data = '<meta property="og:site_name" content="Inland Post"><script type="application/ld+json">{"@type":"NewsArticle","headline":"Eleven Days","author":{"@type":"Organization","name":"Inland Post guest opinion"}}</script>';
        $reading = self::read('<h1>Eleven Days</h1><p>By Halima Brook</p>'.self::TEXT, $data);
        self::assertSame(['Halima Brook'], self::authors($reading));
        self::assertSame(Confidence::Likely, $reading->findings['contributors']->confidence);
    }

    public function test_a_heading_in_front_of_which_the_data_names_the_section(): void
    {
        self::assertSame('Eleven Days', self::text('<h1>Eleven Days</h1>'.self::TEXT, 'title.main', '<meta property="og:title" content="Opinion - Eleven Days">'));
        self::assertSame('Eleven Days', self::text('<h1>Eleven Days</h1>'.self::TEXT, 'title.main', '<meta property="og:title" content="Eleven Days by Halima Brook">'));
        self::assertSame('Eleven Days: A Harvest', self::text('<h1>Eleven Days: A Harvest</h1>'.self::TEXT, 'title.main', '<meta property="og:title" content="Eleven Days: A Harvest">'), 'A subtitle stays.');
    }

    public function test_a_journal_named_on_a_databases_page_comes_before_the_database(): void
    {
        $reading = self::read('<h1>Drowned bells</h1><dl><dt>Author:</dt><dd>Petra Hallam</dd><dt>Date:</dt><dd>Spring 2011</dd><dt>From:</dt><dd>Folklore Review (Vol. 64, Issue 2)</dd><dt>Pages:</dt><dd>77+</dd></dl>'.self::TEXT, '<title>Scholar’s Quay - Drowned bells</title>');
        $source = $reading->source();
        self::assertSame(['journal-article', 'Folklore Review', '64', '2', '77+', 'Scholar’s Quay'], [$source->kind->id, $source->container()->title, $source->container()->volume, $source->container()->issue, $source->container()->pages, $source->containers[1]->title]);
    }

    private static function read(string $body, string $head = ''): Reading
    {
        return WebPage::read("<html><head>{$head}</head><body>{$body}</body></html>", 'https://outer.example/eleven-days');
    }

    private static function text(string $body, string $field, string $head = ''): string
    {
        return (self::read($body, $head)->findings[$field] ?? self::fail("Nothing was found for {$field}."))->text();
    }

    /** @return list<string> */
    private static function authors(Reading $reading): array
    {
        $finding = $reading->findings['contributors'] ?? null;

        return $finding === null || $finding->confidence === Confidence::Guess ? [] : array_map(static fn (Contributor $one): string => $one->name->direct(), $finding->people());
    }
}
