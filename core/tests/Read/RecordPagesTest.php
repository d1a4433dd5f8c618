<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Web\WebPage;
use Bibrel\Core\Source\Contributor;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Pages that show or list a source kept elsewhere: databases, archives, repositories, museums, catalogues. */
final class RecordPagesTest extends TestCase
{
    /** @param  array<string, string>  $expected */
    #[DataProvider('pages')]
    public function test_a_record_is_read(string $html, array $expected, string $url = 'https://a.example/x'): void
    {
        $reading = WebPage::read($html, $url);
        $source = $reading->source();
        $found = [
            'kind' => $reading->kind, 'title' => $source->title->main, 'site' => $source->container()->title, 'database' => $source->containers[1]->title ?? '',
            'people' => implode('; ', array_map(static fn (Contributor $one): string => "{$one->name->direct()} ({$one->role->value})", $source->contributors)),
            'date' => $source->container()->date()->edtf(), 'volume' => $source->container()->volume, 'issue' => $source->container()->issue, 'pages' => $source->container()->pages,
            'publisher' => $source->container()->publisher, 'medium' => $source->medium, 'doi' => $source->container()->doi, 'number' => $source->container()->number,
        ];
        self::assertEquals($expected, array_intersect_key($found, $expected));
    }

    public function test_what_was_taken_off_a_title_is_told(): void
    {
        $reading = WebPage::read('<title>Knots</title><h1>Knots (Illustrated Paperback)</h1><div>by <span class="author">Halima Brook</span></div><ul><li><span>ISBN-13 : </span> <span>978-1402894626</span></li><li><span>Paperback : </span> <span>288 pages</span></li></ul>', 'https://a.example/x');
        self::assertSame('Knots', $reading->findings['title.main']->text());
        self::assertStringContainsString('“(Illustrated Paperback)” was taken off.', $reading->findings['title.main']->evidence->where);
    }

    /** @return iterable<string, array{0: string, 1: array<string, string>, 2?: string}> */
    public static function pages(): iterable
    {
        $labels = static fn (array $pairs): string => implode('', array_map(static fn (string $label, string $value): string => "<dt>{$label}</dt><dd>{$value}</dd>", array_keys($pairs), $pairs));

        yield 'a database’s list of labels' => ['<title>House Search: Drowned Bells.</title><dl>'.$labels(['Title:' => 'Drowned Bells.', 'Authors:' => '<a>Hallam, Petra</a><sup>1</sup> (AUTHOR)<br><a>Finch, Harold</a><sup>2</sup> (AUTHOR)', 'Source:' => 'Folklore Review. Spring2016, Vol. 69 Issue 2, p45-61.', 'Database:' => 'Academic House']).'</dl>', ['kind' => 'journal-article', 'title' => 'Drowned Bells', 'people' => 'Petra Hallam (author); Harold Finch (author)', 'site' => 'Folklore Review', 'database' => 'Academic House', 'date' => '2016-21', 'volume' => '69', 'issue' => '2', 'pages' => '45-61']];
        yield 'a newspaper article by what the database calls it' => ['<title>Ferry stops - House News</title><h1>Ferry stops</h1><div class="row"><div class="label">Publication title</div><div>The Low Courier; Fennmouth</div></div><div class="row"><div class="label">Source type</div><div>Newspaper</div></div><div class="row"><div class="label">Publication date</div><div>Jul 9, 2003</div></div><div class="row"><div class="label">Pages</div><div>C4</div></div>', ['kind' => 'newspaper-article', 'site' => 'The Low Courier', 'database' => 'House News', 'date' => '2003-07-09', 'pages' => 'C4']];
        yield 'an archive’s line under the title' => ['<title>Pilots and Wreck on STACKHOUSE</title><h1>Pilots and Wreck</h1><div>Imogen Stallard</div><div><cite>Annals of the Shore</cite></div><div>Vol. 14, No. 3 (Autumn, 1987), pp. 201-224</div><div>Published By: Low Coast Society</div><footer>© 2024 Northhold</footer>', ['kind' => 'journal-article', 'title' => 'Pilots and Wreck', 'people' => 'Imogen Stallard (author)', 'site' => 'Annals of the Shore', 'database' => 'STACKHOUSE', 'date' => '1987-23', 'volume' => '14', 'issue' => '3', 'pages' => '201-224', 'publisher' => 'Low Coast Society']];
        yield 'an issue in the foot of a magazine’s own page is no record' => ['<title>Lamps - Skiff</title><h1>Lamps</h1><p>By Oona Pell</p><p>A text about lamps that goes on for a while, as texts do.</p><p>More</p><p>More</p><p>More</p><p>More</p><p>More</p><p>More</p><p>More</p><p>Folklore Review, Vol. 3, No. 2, pp. 4-9</p>', ['site' => 'Skiff', 'volume' => '', 'database' => '']];
        yield 'a magazine’s own page is read in no database' => ['<meta property="og:site_name" content="Skiff Magazine"><title>Lamps | Skiff Magazine</title><h1>Lamps</h1><p>Clementine Voe</p><p>Skiff, Vol. 88, Issue 9, Nov 2022, pp. 30-37</p>', ['site' => 'Skiff', 'database' => '', 'volume' => '88']];
        yield 'a word before a colon that is no label' => ['<h1>Leave the eels alone</h1><p>Editorial: Leave the eels alone</p><p>Producer: Oona Pell</p><p>Names: Kit Marsh</p>', ['publisher' => '', 'people' => '']];
        yield 'labels as headings, and a kind in a library’s words' => ['<title>Gig launch · Skerry Memory</title><h1>Gig launch</h1><div><h3>Title</h3><div>Gig launch</div></div><div><h3>Creator</h3><div>Tennant, Orla</div></div><div><h3>Date</h3><div>1931-06</div></div><div><h3>Type</h3><div>Still Image</div></div>', ['kind' => 'photograph', 'people' => 'Orla Tennant (photographer)', 'date' => '1931-06', 'site' => 'Skerry Memory']];
        yield 'years of a life, and what somebody did, after a name' => ['<h1>Herring gutters</h1><h3>Contributor Names</h3><ul><li>Feld, Oskar, 1879-1947, photographer</li></ul><h3>Created / Published</h3><ul><li>[1908 June]</li></ul><h3>Medium</h3><ul><li>1 photographic print.</li></ul>', ['kind' => 'photograph', 'people' => 'Oskar Feld (photographer)', 'date' => '1908-06', 'medium' => '']];
        yield 'a label and the rest of its line' => ['<html lang="es"><title>Molinos - Índice Ría</title><h1>Molinos de marea</h1><ul><li><strong>Autores:</strong> <a>Paz Ortiz</a>, <a>Joana Salema</a></li><li><strong>Localización:</strong> <a>Cuadernos de la Ría</a>, Vol. 21, Nº. 2, 2014, págs. 33-58</li></ul>', ['kind' => 'journal-article', 'people' => 'Paz Ortiz (author); Joana Salema (author)', 'site' => 'Cuadernos de la Ría', 'database' => 'Índice Ría', 'date' => '2014', 'volume' => '21', 'issue' => '2', 'pages' => '33-58']];
        yield 'a word of a sentence is no label' => ['<h1>Lamps</h1><p><a>Contact</a> the author with questions.</p><p><b>Author</b> of the week is <i>Oona Pell</i></p>', ['people' => '']];
        yield 'people under a heading, with what they are' => ['<h1>Lamps</h1><div><h4>Authors</h4><div><strong>Verity Lowe</strong><br>Partner</div><div><strong>Hamid Saraf</strong><br>Associate</div></div>', ['people' => 'Verity Lowe (author); Hamid Saraf (author)']];
        yield 'an interview in an oral history' => ['<h1>Interview with Walter Hemming</h1><dl>'.$labels(['Interviewee' => 'Hemming, Walter', 'Interviewer' => 'Quill, Edith', 'Date' => '1974 March 9']).'</dl>', ['kind' => 'published-interview', 'people' => 'Walter Hemming (interviewee); Edith Quill (interviewer)', 'date' => '1974-03-09']];
        yield 'a letter in an archive' => ['<h1>Letter about the bar light</h1><table><tr><th>Reference:</th><td>HB 12/44</td></tr><tr><th>Date:</th><td>1899 May 3</td></tr><tr><th>Held by:</th><td>Northmere Archives</td></tr></table>', ['kind' => 'archive-item', 'date' => '1899-05-03']];
        yield 'a book in a shop' => ['<title>Shop: Moonpower: Mills: 9781402894626: Brook, Halima: Books</title><h1><span>Moonpower: Mills</span> <span>Paperback – May 6, 2014</span></h1><div>by <span class="author">Halima Brook</span></div><ul><li><span><span>Publisher : </span> <span>Quayside Press (May 6, 2014)</span></span></li><li><span><span>Paperback : </span> <span>288 pages</span></span></li><li><span><span>ISBN-13 : </span> <span>978-1402894626</span></span></li></ul>', ['kind' => 'book', 'title' => 'Moonpower: Mills', 'publisher' => 'Quayside Press', 'date' => '2014-05-06', 'site' => '']];
        yield 'a title that ends in a binding’s word' => ['<title>Knots Illustrated</title><h1>Knots Illustrated</h1><div>by <span class="author">Halima Brook</span></div><ul><li><span><span>Publisher : </span> <span>Quayside Press (May 6, 2014)</span></span></li><li><span><span>Paperback : </span> <span>288 pages</span></span></li><li><span><span>ISBN-13 : </span> <span>978-1402894626</span></span></li></ul>', ['kind' => 'book', 'title' => 'Knots Illustrated']];
        yield 'a title that begins with one' => ['<title>The Paperback Years</title><h1>The Paperback Years</h1><div>by <span class="author">Halima Brook</span></div><ul><li><span><span>Publisher : </span> <span>Quayside Press (May 6, 2014)</span></span></li><li><span><span>Paperback : </span> <span>288 pages</span></span></li><li><span><span>ISBN-13 : </span> <span>978-1402894626</span></span></li></ul>', ['kind' => 'book', 'title' => 'The Paperback Years']];
        yield 'a subtitle that begins with one' => ['<title>Knots: Illustrated Tales</title><h1>Knots: Illustrated Tales</h1><div>by <span class="author">Halima Brook</span></div><ul><li><span><span>Publisher : </span> <span>Quayside Press (May 6, 2014)</span></span></li><li><span><span>Paperback : </span> <span>288 pages</span></span></li><li><span><span>ISBN-13 : </span> <span>978-1402894626</span></span></li></ul>', ['kind' => 'book', 'title' => 'Knots: Illustrated Tales']];
        yield 'a binding in brackets' => ['<title>Knots (Illustrated Paperback)</title><h1>Knots (Illustrated Paperback)</h1><div>by <span class="author">Halima Brook</span></div><ul><li><span><span>Publisher : </span> <span>Quayside Press (May 6, 2014)</span></span></li><li><span><span>Paperback : </span> <span>288 pages</span></span></li><li><span><span>ISBN-13 : </span> <span>978-1402894626</span></span></li></ul>', ['kind' => 'book', 'title' => 'Knots']];
        yield 'a device’s edition' => ['<title>Knots (Lantern Edition)</title><h1>Knots (Lantern Edition)</h1><div>by <span class="author">Halima Brook</span></div><ul><li><span><span>Publisher : </span> <span>Quayside Press (May 6, 2014)</span></span></li><li><span><span>Paperback : </span> <span>288 pages</span></span></li><li><span><span>ISBN-13 : </span> <span>978-1402894626</span></span></li></ul>', ['kind' => 'book', 'title' => 'Knots']];
        yield 'an edition of the trade' => ['<title>Knots (Revised Edition)</title><h1>Knots (Revised Edition)</h1><div>by <span class="author">Halima Brook</span></div><ul><li><span><span>Publisher : </span> <span>Quayside Press (May 6, 2014)</span></span></li><li><span><span>Paperback : </span> <span>288 pages</span></span></li><li><span><span>ISBN-13 : </span> <span>978-1402894626</span></span></li></ul>', ['kind' => 'book', 'title' => 'Knots (Revised Edition)']];
        yield 'a high number that says it is the episode’s' => ['<script type="application/ld+json">{"@type":"PodcastEpisode","name":"Episode 1066: The Wheel under the Water","partOfSeries":{"@type":"PodcastSeries","name":"Salt Hours"}}</script><h1>Episode 1066: The Wheel under the Water</h1>', ['kind' => 'podcast-episode', 'title' => 'The Wheel under the Water']];
        yield 'a year that is an episode’s title' => ['<script type="application/ld+json">{"@type":"PodcastEpisode","name":"1066: The Wheel under the Water","partOfSeries":{"@type":"PodcastSeries","name":"Salt Hours"}}</script><h1>1066: The Wheel under the Water</h1>', ['kind' => 'podcast-episode', 'title' => '1066: The Wheel under the Water']];
        yield 'an episode’s number' => ['<script type="application/ld+json">{"@type":"PodcastEpisode","name":"14: The Wheel under the Water","partOfSeries":{"@type":"PodcastSeries","name":"Salt Hours"}}</script><h1>14: The Wheel under the Water</h1>', ['kind' => 'podcast-episode', 'title' => 'The Wheel under the Water']];
        yield 'an entry anybody may change is dated by its last change' => ['<script type="application/ld+json">{"@type":"Article","headline":"Tide mill","datePublished":"2009-02-01","dateModified":"2023-04-05"}</script><title>Tide mill - Saltpedia</title><h1>Tide mill</h1><p>A tide mill is driven by the tide.</p>', ['kind' => 'wiki-entry', 'date' => '2023-04-05'], 'https://salt.example/wiki/Tide_mill'];
        yield 'a book of which only the year is known' => ['<script type="application/ld+json">{"@type":"Book","name":"The Salt Year","author":{"@type":"Person","name":"Joana Reis"}}</script><h1>The Salt Year</h1><p>First published January 1, 1931</p>', ['kind' => 'book', 'date' => '1931']];
        yield 'a post that its title quotes' => ['<meta property="og:site_name" content="Pierogram"><meta property="og:title" content="Orla Tennant on Pierogram: &quot;Nine men and a gig.&quot;"><meta property="og:description" content="212 likes - orlat on November 8, 2022: &quot;Nine men and a gig.&quot;">', ['kind' => 'social-post', 'title' => 'Nine men and a gig.', 'people' => '@orlat (author)', 'date' => '2022-11-08', 'site' => 'Pierogram']];
        yield 'a publisher after one that is only the site again' => ['<meta property="og:site_name" content="PASTTIMES"><script type="application/ld+json">{"@type":"Article","headline":"Lamp Tax","publisher":{"@type":"Organization","name":"PASTTIMES"}}</script><h1>Lamp Tax</h1><p>The tax lasted.</p><footer>© 2024, L&amp;M Networks, LLC. All rights reserved.</footer>', ['site' => 'PASTTIMES', 'publisher' => 'L&M Networks']];
        yield 'a museum in German' => ['<html lang="de"><title>Ebbe | Küstenmuseum</title><h1>Ebbe bei Holm</h1><dl>'.$labels(['Künstler/in' => 'Friedrich Aalke (1851–1920)', 'Datierung' => '1889', 'Objektart' => 'Gemälde', 'Material/Technik' => 'Öl auf Leinwand', 'Inventarnummer' => 'G 1188']).'</dl>', ['kind' => 'artwork', 'people' => 'Friedrich Aalke (artist)', 'date' => '1889', 'medium' => 'Öl auf Leinwand']];
        yield 'the maker before the title in the tab' => ['<meta property="og:title" content="Isidor Hamm | The Net Menders | Quay Museum"><meta property="og:site_name" content="Quay Museum"><title>Isidor Hamm | The Net Menders | Quay Museum</title><h1>The Net Menders</h1>', ['title' => 'The Net Menders', 'site' => 'Quay Museum']];
        yield 'maker and year in the heading' => ['<script type="application/ld+json">{"@type":"VisualArtwork","name":"The Pilot","dateCreated":"1911","creator":{"@type":"Person","name":"Agathe Mourne"}}</script><title>‘The Pilot’, Agathe Mourne, 1911 | Quay Gallery</title><h1>Agathe Mourne <br>The Pilot <br>1911</h1>', ['title' => 'The Pilot', 'people' => 'Agathe Mourne (artist)']];
        yield 'a book in a catalogue has no site around it' => ['<title>Description: Caulking : a history</title><div vocab="http://schema.org/" typeof="Book"><h1 property="name">Caulking : a history</h1><span property="author">Karrick, Ysolde, 1961-</span><span property="publisher" typeof="Organization"><span property="name">Fennmouth : Low Press, </span></span><span property="datePublished">c2012.</span></div><footer>© 2024 Skerry Library</footer>', ['kind' => 'book', 'people' => 'Ysolde Karrick (author)', 'site' => '', 'publisher' => 'Low Press', 'date' => '2012']];
        yield 'a film’s writer does not stand before its title' => ['<script type="application/ld+json">{"@type":"Movie","name":"The Debt","creator":[{"@type":"Person","name":"Wen Abara"}],"director":[{"@type":"Person","name":"Ines Marrow-Lund"}]}</script><meta property="og:site_name" content="Filmlist"><h1>The Debt</h1>', ['kind' => 'film', 'people' => 'Ines Marrow-Lund (director); Wen Abara (writer)', 'site' => '']];
        yield 'a song on its album' => ['<script type="application/ld+json">{"@type":"MusicRecording","name":"Nine Nights","byArtist":{"@type":"MusicGroup","name":"The Salt Wives"},"inAlbum":{"@type":"MusicAlbum","name":"Lamps Out"}}</script><meta property="og:site_name" content="Bandshop"><h1>Nine Nights</h1>', ['kind' => 'song', 'site' => 'Lamps Out']];
        yield 'a directory’s copyright is not the podcast’s' => ['<meta property="og:site_name" content="Pier Podcasts"><script type="application/ld+json">{"@type":"PodcastEpisode","name":"The Buoy","partOfSeries":{"name":"Fathoms Deep"}}</script><h1>The Buoy</h1><footer>© 2024 Pier Inc.</footer>', ['kind' => 'podcast-episode', 'site' => 'Fathoms Deep', 'publisher' => '']];
        yield 'structured data with prefixes' => ['<script type="application/ld+json">{"@graph":[{"@id":"o","@type":"schema:Organization","schema:name":"Lighting Department"},{"@type":["https://schema.org/Dataset"],"schema:name":"Lamps","schema:publisher":{"@id":"o"},"schema:version":"4"}]}</script><h1>Lamps</h1>', ['kind' => 'data-set', 'publisher' => 'Lighting Department']];
        yield 'a repository’s own metadata' => ['<meta name="eprints.type" content="article"><meta name="eprints.creators_name" content="Rennick, Tobias"><meta name="eprints.publication" content="Shore Education"><meta name="eprints.volume" content="9"><meta name="eprints.number" content="4"><meta name="eprints.pagerange" content="311-327"><meta name="eprints.id_number" content="doi:10.5555/shed.9"><meta name="eprints.title" content="Limpets"><title>Limpets - Fennmouth Research</title><h1>Limpets</h1>', ['kind' => 'journal-article', 'people' => 'Tobias Rennick (author)', 'site' => 'Shore Education', 'volume' => '9', 'issue' => '4', 'pages' => '311-327', 'doi' => '10.5555/shed.9']];
        yield 'a patent' => ['<title>NM8812B2 - Shielded lamp - Quarry</title><meta name="DC.type" content="patent"><meta name="DC.title" content="Shielded lamp"><meta name="DC.date" content="2010-02-18" scheme="dateSubmitted"><meta name="DC.date" content="2014-08-19" scheme="issue"><meta name="DC.contributor" content="Paz Ortiz" scheme="inventor"><meta name="DC.contributor" content="Lumenworks" scheme="assignee"><meta name="citation_patent_number" content="NM:8812:B2"><h1>NM8812B2 - Shielded lamp</h1>', ['kind' => 'patent', 'title' => 'Shielded lamp', 'people' => 'Paz Ortiz (inventor)', 'date' => '2014-08-19', 'number' => 'NM8812B2']];
        yield 'a preprint, dated by its day and without pages' => ['<meta name="citation_title" content="Sparing the dark"><meta name="citation_journal_title" content="shorePrints"><meta name="citation_publication_date" content="2022/01/01"><meta name="citation_firstpage" content="2022.05.10.491301"><meta name="DC.Date" content="2022-05-12"><h1>Sparing the dark</h1><p>This article is a preprint and has not been peer reviewed.</p>', ['kind' => 'preprint', 'date' => '2022-05-12', 'pages' => '']];
        yield 'a day that an index does not know, and an abbreviation in place of a publisher' => ['<meta name="citation_title" content="Tides"><meta name="citation_journal_title" content="Annals of coastal health"><meta name="citation_publisher" content="Ann Coast Health"><meta name="citation_publication_date" content="2018/10/00"><h1>Tides</h1>', ['date' => '2018-10', 'publisher' => '']];
        yield 'names for citing with a house’s prefix' => ['<meta name="commons_citation_title" content="Night Soil"><meta name="commons_citation_author" content="Sund, Greta I."><meta name="commons_citation_dissertation_institution" content="Wrackfield College"><h1>Night Soil</h1>', ['kind' => 'thesis', 'people' => 'Greta I. Sund (author)', 'publisher' => 'Wrackfield College']];
        yield 'given name and surname in elements of their own, and others cited below' => ['<meta property="og:title" content="Scour below sluices"><h1>Scour below sluices</h1><div><span class="given-name">Louisa</span> <span class="text surname">Abara</span></div><h2>References</h2><p><span class="given-name">T.</span> <span class="surname">Holloway</span></p>', ['people' => 'Louisa Abara (author)']];
        yield 'an encyclopedia in brackets after its entry' => ['<title> Tide Mills (Lamplore Encyclopedia of the Coast) </title><h1>Tide Mills</h1>', ['kind' => 'online-reference', 'title' => 'Tide Mills', 'site' => 'Lamplore Encyclopedia of the Coast'], 'https://a.example/entries/tide-mills/'];
        yield 'a year in brackets is no site' => ['<title>The Debt (1998)</title><h1>The Debt</h1>', ['site' => '']];
        yield 'a picture’s page in a wiki' => ['<title>File:Gig.jpg - Freewiki</title><h1>File:Gig.jpg</h1>', ['kind' => 'photograph'], 'https://a.example/wiki/File:Gig.jpg'];
        yield 'a post on a server of its own' => ['<meta property="og:title" content="Eelwatch (@eelwatch@skerry.example)"><meta property="og:description" content="4,112 eels last night."><meta property="og:published_time" content="2023-09-07T06:31:08Z">', ['kind' => 'social-post', 'title' => '4,112 eels last night.', 'date' => '2023-09-07'], 'https://skerry.example/@eelwatch/111022933841'];
        yield 'an old day in the address that the page shows' => ['<title>The Low courier, November 20, 1911</title><h1>The Low courier, November 20, 1911</h1>', ['date' => '1911-11-20'], 'https://a.example/title/1911-11-20/ed-1/'];
        yield 'an old day that only the address has' => ['<h1>The Low courier</h1>', ['date' => ''], 'https://a.example/title/1911-11-20/ed-1/'];
        yield 'a channel with two words and an ampersand is one name' => ['<script type="application/ld+json">{"@type":"VideoObject","name":"Mills","author":{"@type":"Person","name":"Mill & Moor"}}</script><h1>Mills</h1>', ['people' => 'Mill & Moor (uploader)']];
    }

    public function test_a_page_that_only_tells_of_a_book_gives_it_no_address_until_somebody_says_so(): void
    {
        $page = '<div itemscope itemtype="http://schema.org/Book"><h1 itemprop="name">The lights : a history</h1></div>';
        $reading = WebPage::read($page, 'https://a.example/record/1');
        $source = $reading->source('', '2026-11-25');
        self::assertSame(['', '', 'print', 'The lights: a history'], [$source->container()->url, $source->accessed, $source->reached, $source->title->main]);
        self::assertSame(['listed-only', 'containers.0.url', 'https://a.example/record/1'], [$reading->issues[0]->id, $reading->issues[0]->field->key, $reading->issues[0]->fix?->value]);
        self::assertStringContainsString('Did you read it here?', $reading->issues[0]->sentence);
    }

    public function test_a_heading_in_capitals_is_taken_out_of_them_where_other_places_have_more_than_it(): void
    {
        $title = WebPage::read('<meta property="og:title" content="LIGHTS ON THE BAR - The Low Gazette - 3 Apr 1904"><h1>LIGHTS ON THE BAR</h1>', 'https://a.example/x')->findings['title.main'];
        self::assertSame(['Lights on the Bar', Confidence::Likely], [$title->value, $title->confidence]);
    }

    public function test_the_site_that_shows_a_book_is_offered_as_where_it_was_read_and_not_filled_in(): void
    {
        $reading = WebPage::read('<meta property="og:site_name" content="Open Shelves"><div itemscope itemtype="http://schema.org/Book"><h1 itemprop="name">The lights</h1></div>', 'https://a.example/x');
        $offered = $reading->findings['containers.1.title'];
        self::assertSame(['Open Shelves', Confidence::Guess], [$offered->value, $offered->confidence]);
        self::assertSame('', $reading->source()->containers[1]->title ?? '');
    }

    public function test_what_was_taken_off_a_title_is_said(): void
    {
        $title = WebPage::read('<meta property="og:title" content="Isidor Hamm | The Net Menders"><h1>The Net Menders</h1>', 'https://a.example/x')->findings['title.main'];
        $where = implode(' ', [$title->evidence->where, ...array_map(static fn ($one): string => $one->evidence->where, $title->alternatives)]);
        self::assertSame('The Net Menders', $title->value);
        self::assertStringContainsString('“Isidor Hamm |” was taken off.', $where);
    }
}
