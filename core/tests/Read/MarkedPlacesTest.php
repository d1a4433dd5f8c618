<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Web\WebPage;
use Bibrel\Core\Source\Contributor;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Authors and dates where a page's markup says they stand, and who else is named on it. */
final class MarkedPlacesTest extends TestCase
{
    private const TEXT = '<p>The council has voted to replace every lamp on the quay, and the bats were not asked about it at all this time.</p>';

    #[DataProvider('bylines')]
    public function test_the_author(string $html, string $expected): void
    {
        self::assertSame($expected, self::authors($html));
    }

    /** @return iterable<string, array{string, string}> */
    public static function bylines(): iterable
    {
        $h1 = '<h1>The lamps of Low Bridge</h1>';
        $own = '<p class="byline">By Halima Brook</p>';
        $others = '<div class="deck"><h3>Eels</h3><p class="byline">By Noor Castellan</p></div><div class="deck"><h3>Mills</h3><p class="byline">By Otto Marsh</p></div>';
        yield 'other texts are signed by others' => [$h1.$own.self::TEXT.str_repeat('<p>More.</p>', 20).$others, 'Halima Brook'];
        yield 'two in one box' => [$h1.'<div><span class="author">Halima Brook</span> / <span class="author">Noor Castellan</span></div>'.self::TEXT, 'Halima Brook; Noor Castellan'];
        yield 'two boxes, one under the other' => [$h1.'<div class="writers"><div>Halima Brook</div><div>Coast editor</div></div><div class="writers"><div>Noor Castellan</div><div>Reporter</div></div>'.self::TEXT, 'Halima Brook; Noor Castellan'];
        yield 'a column next to the article’s text' => ['<article>'.$h1.'<aside class="left-rail"><div class="byline">By Halima Brook</div></aside>'.self::TEXT.'</article>', 'Halima Brook'];
        yield 'the foot of the article' => ['<article>'.$h1.self::TEXT.'<footer><a class="author" href="/b">Halima Brook</a></footer></article>', 'Halima Brook'];
        yield 'a box that also shares' => [$h1.'<div class="author-share-box"><a class="author-link" href="/b">Halima Brook</a></div>'.self::TEXT, 'Halima Brook'];
        yield 'a box with room for a rail' => ['<div class="content has-rail">'.$h1.$own.self::TEXT.'</div>', 'Halima Brook'];
        yield 'who left a comment' => ['<div class="hentry">'.$h1.self::TEXT.'<div class="comments"><span class="comment-author vcard"><cite class="fn">Lampfriend</cite></span></div></div>', ''];
        yield 'a service at the end' => [$h1.str_repeat(self::TEXT, 9).'<p>By Shareloop</p>', ''];
        yield 'in another language' => ['<html lang="es">'.$h1.'<p class="firma">Halima Brook | Gullhaven</p>'.self::TEXT, 'Halima Brook'];
        yield 'the agency in the data, the reporter in the byline' => ['<meta name="author" content="KP">'.$h1.'<p>By HALIMA BROOK 10/5/11 09:19 PM ET</p>'.self::TEXT, 'HALIMA BROOK'];
        yield 'the site in the data, the reporter in the byline' => ['<meta name="author" content="courier.example">'.$h1.$own.self::TEXT, 'Halima Brook'];
        yield 'the publisher as creator' => ['<meta name="dc.creator" content="Quay House"><meta name="dc.publisher" content="Quay House">'.$h1.$own.self::TEXT, 'Halima Brook'];
        yield 'the data counts the picture’s makers too' => ['<meta name="author" content="Halima Brook; Otto Marsh | The Gullhaven Post | Tarn Images">'.$h1.$own.self::TEXT, 'Halima Brook'];
        yield 'something stuck to the name' => ['<meta name="author" content="Halima Brook">'.$h1.'<p class="byline">By Halima Brook<span>5 minute read</span></p>'.self::TEXT, 'Halima Brook'];
        yield 'a longer name is not a stuck one' => ['<meta name="author" content="Halima Brook">'.$h1.'<p class="byline">By Halima Brook Castellan</p>'.self::TEXT, 'Halima Brook Castellan'];
        yield 'for whom, next to the name' => ['<meta property="og:site_name" content="The Quay Post">'.$h1.'<p class="byline">Halima Brook, The Quay Post</p>'.self::TEXT, 'Halima Brook'];
        yield 'an author given as an address' => ['<meta property="article:author" content="https://courier.example/people/halima-brook">'.$h1.self::TEXT.'<div class="sidebar"><a href="/people/halima-brook">Halima Brook</a></div>', 'Halima Brook'];
        yield 'an address on another site' => ['<meta property="article:author" content="https://facefolio.example/courier">'.$h1.self::TEXT.'<a href="https://plaza.example/courier">Visit our page</a>', ''];
        yield 'a meta element of the site’s own' => ['<meta name="search.byline" content="Halima Brook">'.$h1.self::TEXT, 'Halima Brook'];
        yield 'a day and a name' => [$h1.'<p>October 14, 2009|Halima Brook</p>'.self::TEXT, 'Halima Brook'];
        yield 'two people in one element of library metadata' => ['<meta name="dc.creator" content="Halima Brook and Noor Castellan">'.$h1.self::TEXT, 'Halima Brook; Noor Castellan'];
        yield 'a host is nobody' => ['<meta name="author" content="Courier.example">'.$h1.self::TEXT, ''];
        yield 'all authors in one object' => [$h1.'<div itemscope itemtype="https://schema.org/NewsArticle"><p itemprop="author" itemscope itemtype="https://schema.org/Person">By <span itemprop="name">Halima Brook</span> and <span itemprop="name">Noor Castellan</span></p></div>'.self::TEXT, 'Halima Brook; Noor Castellan'];
        yield 'who keeps the machines' => [$h1.str_repeat(self::TEXT, 22).'<p>© 2014 The Courier</p><p>Hosted by Datashed</p>', ''];
    }

    #[DataProvider('dates')]
    public function test_the_date(string $html, string $expected): void
    {
        $date = WebPage::read($html, 'https://courier.example/news/2015/03/18/lamps')->findings['containers.0.date'] ?? null;
        self::assertSame($expected, $date === null || $date->confidence === Confidence::Guess ? '' : $date->text());
    }

    /** @return iterable<string, array{string, string}> */
    public static function dates(): iterable
    {
        $h1 = '<h1>The lamps of Low Bridge</h1>';
        yield 'above the headline' => ['<div class="strap"><span class="published_date">September 20, 2011, 6:37 PM EDT</span></div>'.$h1.self::TEXT, '20 September 2011'];
        yield 'of other texts, further away' => [$h1.'<p class="post-date">Sep 20, 2011 at 6:37 PM</p>'.self::TEXT.'<p class="post-date">Oct 2, 2011</p>', '20 September 2011'];
        yield 'the only one, below the text' => [$h1.str_repeat(self::TEXT, 30).'<span class="date-display-single">December 19, 2016 - 12:29pm</span>', '19 December 2016'];
        yield 'two, both far away' => [$h1.str_repeat(self::TEXT, 30).'<p class="post-date">Sep 20, 2011</p><p class="post-date">Oct 2, 2011</p>', ''];
        yield 'after a shorter one' => [$h1.'<a class="post-timestamp" title="5:53 PM - 11 Jun 2015">Jun 11</a>'.self::TEXT, '11 June 2015'];
        yield 'as an abbreviation' => [$h1.'<p>By Halima Brook – <abbr title="2011-08-25T01:40:40Z">1 hr ago</abbr></p>'.self::TEXT, '25 August 2011'];
        yield 'the day on the page, the year in the address' => [$h1.'<p>By Halima Brook March 18 at 3:57 PM</p>'.self::TEXT, '18 March 2015'];
        yield 'another day on the page' => [$h1.'<p>By Halima Brook March 20 at 3:57 PM</p>'.self::TEXT, ''];
        yield 'the text begins with it' => [$h1.'<p>Feb. 23, 2015 -- The council has voted to replace every lamp on the quay.</p>', '23 February 2015'];
        yield 'changed, it says' => [$h1.'<p class="post-date">Updated: August 13, 2010</p>'.self::TEXT, ''];
        yield 'marked as changed by custom only' => [$h1.'<time class="updated" datetime="2010-08-13">13 August</time>'.self::TEXT, '13 August 2010'];
        yield 'marked as changed next to one marked as published' => [$h1.'<time class="published" datetime="2010-08-11">11 August</time> <time class="updated" datetime="2010-08-13">13 August</time>'.self::TEXT, '11 August 2010'];
        yield 'of the day it is read, in the head of the site' => ['<header><span class="date">Wednesday, November 25, 2026</span></header>'.$h1.self::TEXT, ''];
        yield 'of the day it is read, by its name' => ['<p class="todays-date date">November 25, 2026</p>'.$h1.self::TEXT, ''];
        yield 'in a meta element of the site’s own' => ['<meta name="tool.pub_date" content="20100812">'.$h1.self::TEXT, '12 August 2010'];
        yield 'when the page was generated' => ['<meta name="generated-time" content="Wed, 02 Jul 2014 22:10:51 +0000">'.$h1.self::TEXT, ''];
        yield 'in the page’s language' => ['<html lang="hu">'.$h1.'<p>2015. augusztus 20., 11:16</p>'.self::TEXT, '20 August 2015'];
    }

    public function test_the_site_s_name(): void
    {
        $site = static fn (string $html, string $url = 'https://www.shorenotes.example/x'): string => (($found = WebPage::read($html, $url)->findings['containers.0.title'] ?? null) instanceof Finding && $found->confidence !== Confidence::Guess) ? $found->text() : '';
        self::assertSame('Shore Notes', $site('<title>Lamps</title><h1>Lamps</h1><p>Text.</p><p>© 2013 Shore Notes | Contact</p>'), 'the copyright line and the address agree');
        self::assertSame('', $site('<title>Lamps</title><h1>Lamps</h1><p>Text.</p><p>© 2013 Otto Marsh | Contact</p>'), 'and here they do not');
        self::assertSame('Shore Notes', $site('<title>Shore Notes: About us</title><h1>Who we are</h1>'), 'the tab and the address agree');
        self::assertSame('Tide Notes', $site('<link rel="alternate" type="application/rss+xml" title="Tide Notes » Feed" href="/feed"><title>Lamps</title><h1>Lamps</h1>'), 'the feed');
        self::assertSame('Tide Notes', $site('<meta property="og:site_name" content="www.tidenotes.example"><title>Lamps of Low Bridge - Tide Notes</title><h1>Lamps of Low Bridge</h1>'), 'an address is no name');
        self::assertSame('Mereword', $site('<title>Low Bridge - Mereword, the free encyclopedia</title><h1>Low Bridge</h1>'), 'what describes the site is no part of its name');
        self::assertSame('', $site('<meta name="application-name" content="The lamps of Low Bridge"><title>The lamps of Low Bridge</title><h1>The lamps of Low Bridge</h1>'), 'a site does not bear a page’s title');
    }

    #[DataProvider('owners')]
    public function test_who_the_copyright_line_names(string $line, string $expected): void
    {
        $publisher = WebPage::read("<h1>Lamps</h1>{$line}", 'https://a.example/x')->findings['containers.0.publisher'] ?? null;
        self::assertSame($expected, $publisher === null ? '' : $publisher->text());
    }

    /** @return iterable<string, array{string, string}> */
    public static function owners(): iterable
    {
        yield 'stops inside the name' => ['<p>©2011 Tarnwick L.P. All Rights Reserved.</p>', 'Tarnwick L.P.'];
        yield 'a host as a name' => ['<p>Copyright © 2011 TheHarrowPost.example, Inc. All rights reserved</p>', 'TheHarrowPost.example'];
        yield 'of whom' => ['<p>© Copyright of Semaphore Media Group Limited 2011</p>', 'Semaphore Media Group Limited'];
        yield 'a link to the policy' => ['<p>© 2011 Tarn Media Inc. All rights reserved.</p><ul><li>Copyright/IP Policy</li></ul>', 'Tarn Media Inc'];
        yield 'a sentence after the name' => ['<p>The Tarn Service © 2013 The Tarn Service is not responsible for the content of other sites.</p>', 'The Tarn Service'];
        yield 'a caption with a letter in brackets' => ['<p>The miller (C) leaves the mill with his sister, 2013.</p>', ''];
        yield 'whose a part is' => ['<p>© 2015 Parlour Media Group, Inc. Reprints by leave.</p><p>Allied Wire articles: Copyright © 2015 The Allied Wire. All rights reserved.</p>', 'Parlour Media Group'];
        yield 'whose the software is' => ['<p>Software and editing system:© Wareport, 2008 Tarn House</p>', ''];
    }

    private static function authors(string $html): string
    {
        $found = WebPage::read($html, 'https://courier.example/x')->findings['contributors'] ?? null;

        return $found === null || $found->confidence === Confidence::Guess ? '' : implode('; ', array_map(static fn (Contributor $one): string => $one->name->direct(), $found->people()));
    }
}
