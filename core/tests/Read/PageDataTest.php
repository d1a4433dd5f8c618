<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Image\ImageFile;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Read\Selection;
use Bibrel\Core\Read\Web\Feed;
use Bibrel\Core\Read\Web\LinkedDocuments;
use Bibrel\Core\Read\Web\Oembed;
use Bibrel\Core\Read\Web\WebPage;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Role;
use Bibrel\Standins\Picture;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The ways in which pages, feeds and files say what they are. */
final class PageDataTest extends TestCase
{
    /** @param  array<string, string>  $expected */
    #[DataProvider('marked')]
    public function test_data_marked_in_every_usual_way(string $html, array $expected, string $url = 'https://a.example/x'): void
    {
        $reading = WebPage::read($html, $url);
        $source = $reading->source();
        $found = ['kind' => $reading->kind, 'title' => $source->title->main, 'people' => self::names($source->contributors), 'site' => $source->container()->title, 'date' => $source->container()->date()->edtf(), 'volume' => $source->container()->volume, 'pages' => $source->container()->pages, 'publisher' => $source->container()->publisher, 'episode' => $source->container()->episode];
        self::assertEquals($expected, array_intersect_key($found, $expected));
    }

    /** @return iterable<string, array{0: string, 1: array<string, string>, 2?: string}> */
    public static function marked(): iterable
    {
        yield 'microdata with nested people' => ['<div itemscope itemtype="https://schema.org/NewsArticle"><h1 itemprop="headline">Lamps</h1><span itemprop="author" itemscope itemtype="https://schema.org/Person"><span itemprop="name">Oona Pell</span></span><meta itemprop="datePublished" content="2024-05-02"><div itemprop="comment" itemscope itemtype="https://schema.org/Comment"><span itemprop="author">Kit</span></div></div>', ['kind' => 'online-article', 'title' => 'Lamps', 'people' => 'Oona Pell', 'date' => '2024-05-02']];
        yield 'RDFa Lite with a prefix' => ['<div prefix="schema: https://schema.org/" typeof="schema:Article"><h1 property="schema:headline">Lamps</h1><span property="schema:author" typeof="schema:Person"><span property="schema:name">Oona Pell</span></span><time property="schema:datePublished" datetime="2024-05-02">May</time></div>', ['title' => 'Lamps', 'people' => 'Oona Pell', 'date' => '2024-05-02']];
        yield 'COinS' => ['<title>x</title><span class="Z3988" title="ctx_ver=Z39.88-2004&amp;rft_val_fmt=info%3Aofi%2Ffmt%3Akev%3Amtx%3Ajournal&amp;rft.genre=article&amp;rft.atitle=Grain+and+Tide&amp;rft.jtitle=Journal+of+Coastal+History&amp;rft.aulast=Ilves&amp;rft.aufirst=Piet&amp;rft.volume=12&amp;rft.spage=215&amp;rft.epage=239&amp;rft.date=2016"></span>', ['kind' => 'journal-article', 'title' => 'Grain and Tide', 'people' => 'Piet Ilves', 'site' => 'Journal of Coastal History', 'date' => '2016', 'volume' => '12', 'pages' => '215-239']];
        yield 'several COinS records say nothing of the page' => ['<h1>Results</h1><span class="Z3988" title="rft.atitle=One"></span><span class="Z3988" title="rft.atitle=Two"></span>', ['title' => 'Results']];
        yield 'h-entry' => ['<article class="h-entry"><h1 class="p-name">Why amber</h1><a class="p-author h-card" href="/">Sunniva Teal</a><time class="dt-published" datetime="2023-09-05T07:00:00Z">then</time></article>', ['kind' => 'blog-post', 'title' => 'Why amber', 'people' => 'Sunniva Teal', 'date' => '2023-09-05']];
        yield 'PRISM' => ['<meta name="prism.publicationName" content="Shore Law Journal"><meta name="prism.volume" content="7"><meta name="prism.startingPage" content="140"><meta name="prism.endingPage" content="163"><h1>Who owns the dark?</h1>', ['kind' => 'journal-article', 'site' => 'Shore Law Journal', 'volume' => '7', 'pages' => '140-163']];
        yield 'an article inside a volume inside a journal' => ['<script type="application/ld+json">{"@type":"ScholarlyArticle","name":"Eels","pageStart":"5","pageEnd":"22","isPartOf":{"@type":"PublicationIssue","issueNumber":"1","isPartOf":{"@type":"PublicationVolume","volumeNumber":"18","isPartOf":{"@type":"Periodical","name":"Estuary Research"}}}}</script>', ['kind' => 'journal-article', 'site' => 'Estuary Research', 'volume' => '18', 'pages' => '5-22']];
        yield 'a podcast’s number before its title' => ['<title>7: The Lamplighter</title><meta property="og:title" content="7: The Lamplighter"><script type="application/ld+json">{"@type":"PodcastEpisode","partOfSeries":{"name":"After Dark"}}</script><h1>7: The Lamplighter</h1>', ['kind' => 'podcast-episode', 'title' => 'The Lamplighter', 'episode' => '7', 'site' => 'After Dark']];
        yield 'an entry in a wiki is dated by its last change' => ['<script type="application/ld+json">{"@type":"Article","name":"Low Holm","datePublished":"2004-03-01","dateModified":"2024-10-02"}</script><title>Low Holm - Openlore</title><h1>Low Holm</h1>', ['kind' => 'wiki-entry', 'people' => '', 'date' => '2024-10-02'], 'https://a.example/wiki/Low_Holm'];
        yield 'an exhibition from its first day to its last' => ['<script type="application/ld+json">{"@type":"ExhibitionEvent","name":"Lantern Years","startDate":"2022-05-14T10:00","endDate":"2022-09-04"}</script><h1>Lantern Years</h1>', ['kind' => 'exhibition', 'date' => '2022-05-14/2022-09-04']];
        yield 'the address of the author at the foot of an old page' => ['<TITLE>Gigs</TITLE><H1>Pilot Gigs</H1><P>There were nine.<HR><ADDRESS>Kit Marsh, <A HREF="mailto:kit@a.example">kit@a.example</A></ADDRESS>', ['people' => 'Kit Marsh']];
        yield 'a postal address is nobody’s name' => ['<h1>Contact</h1><address>Low Bridge Museum, 12 Quay Street <a href="mailto:m@a.example">mail</a></address>', ['people' => '']];
        yield 'a byline in Italian' => ['<html lang="it"><h1>Il mulino di marea</h1><p class="autore">di Chiara Bassi</p>', ['people' => 'Chiara Bassi']];
        yield 'the site in the tab where the host has a word in front' => ['<title>Bar tides - Tideboard</title><div id="root"></div>', ['site' => 'Tideboard'], 'https://app.tideboard.example/bar'];
        yield 'a site’s name that was cut short' => ['<meta property="og:site_name" content="Low Bridge Local Hist"><meta property="og:title" content="The Strike | Low Bridge Local History Society"><title>The Strike | Low Bridge Local History Society</title><h1>The Strike</h1><footer>© 2023 Low Bridge Local History Society</footer>', ['title' => 'The Strike', 'site' => 'Low Bridge Local History Society', 'publisher' => '']];
        yield 'an author over a translator' => ['<h1>The Patient Wheel</h1><p>Joana Reis</p><p>Translated from the Portuguese by Piet Ilves</p><p>12 March 2020</p>', ['people' => 'Joana Reis, Piet Ilves', 'date' => '2020-03-12']];
        yield 'a name, a bar and a date' => ['<h1>Walter Hemming Dies at 91</h1><div>Tess Holloway | Feb. 9, 2018 | Updated Feb. 11, 2018</div>', ['people' => 'Tess Holloway', 'date' => '2018-02-09']];
        yield 'a site called by its host, and by its publisher' => ['<meta property="og:site_name" content="NorthmereGlobe.example"><script type="application/ld+json">{"@type":"NewsArticle","headline":"Lamps","publisher":{"@type":"Organization","name":"The Northmere Globe"}}</script><h1>Lamps</h1>', ['site' => 'The Northmere Globe', 'publisher' => '']];
        yield 'what built the page did not write it' => ['<meta name="author" content="Themequay"><meta name="generator" content="Themequay 4.1"><h1>Our story</h1>', ['people' => '']];
        yield 'a guest' => ['<h1>Moths</h1><p>Posted on March 8, 2017 by admin</p><p>A guest post by Ondine Vale of the Dusk Survey</p><p>Text.</p>', ['people' => 'Ondine Vale', 'date' => '2017-03-08']];
        yield 'a page about health' => ['<script type="application/ld+json">{"@type":"MedicalWebPage","headline":"Cold water","datePublished":"2020-01-07","author":{"@type":"Person","name":"Hamid Saraf"},"reviewedBy":{"@type":"Person","name":"Louisa Abara"}}</script><h1>Cold water</h1>', ['people' => 'Hamid Saraf', 'date' => '2020-01-07']];
        yield 'no heading, and a tab that leads down to the title' => ['<title>The Skerry Gazette - News - Pilot gig sold</title><table><tr><td><b>Pilot gig sold</b><br>By ISAAC BRANDRETH</td></tr></table>', ['title' => 'Pilot gig sold', 'site' => 'The Skerry Gazette']];
        yield 'a review’s author is not the product’s' => ['<h1>Amber lamp</h1><div class="reviews"><p>By Kit on 2 February 2024</p></div>', ['people' => '', 'date' => '']];
        yield 'the answers of a page of questions do not make it a forum' => ['<script type="application/ld+json">{"@type":"FAQPage","mainEntity":[{"@type":"Question","name":"Why?","author":{"name":"Kit"}}]}</script><h1>Help</h1>', ['kind' => 'web-page', 'people' => '']];
        yield 'a heading over the whole site' => ['<title>Why amber? – Moth & Lamp</title><header><h1><a href="/">Moth & Lamp</a></h1></header><h2 class="entry-title">Why amber?</h2>', ['title' => 'Why amber?', 'site' => 'Moth & Lamp']];
        yield 'two who each sign a part' => ['<h1>Pupils write</h1><p>Written by Mina Pell</p><p>Written by Tomas Quist</p>', ['people' => '']];
    }

    public function test_the_kind_is_a_finding_with_evidence(): void
    {
        $kind = WebPage::read('<h1>Tide mill</h1>', 'https://openshore.example/wiki/Tide_mill')->findings['kind'];
        self::assertSame(['wiki-entry', 'The address is an entry’s in a wiki.'], [$kind->value, $kind->evidence->where]);
    }

    public function test_a_picture_is_dated_by_when_it_was_made_and_the_posting_is_offered(): void
    {
        $reading = WebPage::read('<script type="application/ld+json">{"@type":"Photograph","name":"Sluice","dateCreated":"2019-10-04","datePublished":"2021-02-15","creator":{"@type":"Person","name":"Ines Marrow-Lund"}}</script><h1>Sluice</h1>', 'https://a.example/p/1');
        self::assertSame('4 October 2019', $reading->findings['containers.0.date']->value);
        self::assertSame('15 February 2021', $reading->findings['containers.0.date']->alternatives[0]->value);
        self::assertSame(Role::Photographer, $reading->source()->contributors[0]->role);
    }

    public function test_documents_a_page_points_to(): void
    {
        $links = LinkedDocuments::of('<link rel="alternate" type="application/json+oembed" href="/oembed?x=1&amp;y=2"><link type="application/rss+xml" href="feed.xml"><a type="application/x-research-info-systems" href="//b.example/e.ris">RIS</a>', 'https://a.example/v/1');
        self::assertSame(['oembed' => 'https://a.example/oembed?x=1&y=2', 'feed' => 'https://a.example/v/feed.xml', 'ris' => 'https://b.example/e.ris'], $links);
        $more = Oembed::findings('{"type":"video","title":"Forty Lamps","author_name":"nightpelican","provider_name":"Tideline"}');
        $reading = WebPage::read('<title>Tideline</title>', 'https://a.example/v/1', $more);
        self::assertSame(['online-video', 'Forty Lamps', 'Tideline', Role::Uploader], [$reading->kind, $reading->source()->title->main, $reading->source()->container()->title, $reading->source()->contributors[0]->role]);
        self::assertSame([], Oembed::findings('{"error":1}'));
    }

    public function test_a_feed_tells_of_its_own_page_only(): void
    {
        $feed = '<rss><channel><item><link>https://a.example/1?utm=x</link><author>Oona Pell</author><pubDate>Mon, 03 Mar 2025 08:00:00 GMT</pubDate></item></channel></rss>';
        self::assertSame(['3 March 2025'], array_values(array_filter(array_map(static fn ($one) => is_string($one->value) ? $one->value : null, Feed::findings($feed, 'https://www.a.example/1/')))));
        self::assertSame([], Feed::findings($feed, 'https://a.example/2'));
        self::assertSame([], Feed::findings('<!DOCTYPE r [<!ENTITY x SYSTEM "file:///etc/passwd">]><rss><item><link>https://a.example/1</link><author>&x;</author></item></rss>', 'https://a.example/1'));
    }

    public function test_a_pictures_own_file(): void
    {
        $xmp = (new ImageFile(Picture::xmp('Sluice at Dusk', 'Ines Marrow-Lund', '2019-10-04T19:12:00'), 'https://a.example/x.jpg'))->reading();
        self::assertSame(['Sluice at Dusk', 'Ines Marrow-Lund', '2019-10-04', Confidence::Stated], self::said($xmp));
        $iptc = (new ImageFile(Picture::iptc('Lamps', 'Rafael Quist', '20221230'), 'https://a.example/x.jpg'))->reading();
        self::assertSame(['Lamps', 'Rafael Quist', '2022-12-30', Confidence::Stated], self::said($iptc));
        $exif = (new ImageFile(Picture::exif('Dov Karsten', '2010:01:09 08:30:00'), 'https://a.example/x.jpg'))->reading();
        self::assertSame(['', 'Dov Karsten', '2010-01-09', Confidence::Likely], self::said($exif));
        self::assertSame(['', '', '', null], self::said((new ImageFile("\xFF\xD8\xFF broken", 'https://a.example/x.jpg'))->reading()));
    }

    public function test_words_selected_on_a_page_are_tidied_for_their_field(): void
    {
        self::assertSame('The Mill', Selection::tidied(FieldPath::title(), ' The  Mill | Slack Water Review ', 'Slack Water Review'));
        self::assertSame('The Mill That Ran', Selection::tidied(FieldPath::title(), 'THE MILL THAT RAN', ''));
        self::assertSame('Northmere Heritage Trust', Selection::tidied(ContainerField::Publisher->at(), '© 2021 Northmere Heritage Trust. All rights reserved.', ''));
        self::assertSame('3 May 2023', Selection::tidied(ContainerField::Date->at(), 'Published on May 3, 2023', ''));
        self::assertSame(['Oona Pell', 'Rafael Quist'], explode(', ', self::names((array) Selection::tidied(FieldPath::contributors(), 'By Oona Pell and Rafael Quist, Coast Editors', ''))));
    }

    /** @return array{string, string, string, ?Confidence} */
    private static function said(Reading $reading): array
    {
        $source = $reading->source();

        return [$source->title->main, self::names($source->contributors), $source->container()->date()->edtf(), ($reading->findings['contributors'] ?? null)?->confidence];
    }

    /** @param  array<mixed>  $people */
    private static function names(array $people): string
    {
        return implode(', ', array_map(static fn (mixed $one): string => $one instanceof Contributor ? $one->name->direct() : '', $people));
    }
}
