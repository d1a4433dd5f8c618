<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Check\Comparison;
use Bibrel\Core\Format\Inline;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Read\Citation\FinishedCitation;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Inclusion;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FinishedCitationTest extends TestCase
{
    /** An entry that leaves people out, whom nobody can put back. */
    private const SHORTENED = '/et al\.|\. \. \./';

    /** What cannot be taken apart at all. */
    private const UNREADABLE = [
        'mla-7 · each-kind · an advertisement that is described', 'mla-9 · as-found · only an address',
    ];

    /**
     * What does not come back as it was, by style, file and case; one that comes to be read leaves the list: a prompt
     * or a
     * description in a title's place, a title that leads with a publisher after it, what was handed in or performed,
     * media
     * only the 7th edition names, a day on a broadcast, a letter to nobody by name.
     */
    private const UNREAD = [
        'apa-6 · each-kind · a radio episode with a host',
        'apa-6 · each-kind · a standard',
        'apa-6 · each-kind · an advertisement that is described',
        'apa-6 · older-editions · magazine article on the web',
        'apa-6 · older-editions · report with a number',
        'apa-7 · as-found · a decade',
        'apa-7 · as-found · a title that ends in three dots',
        'apa-7 · as-found · a year before the common era',
        'apa-7 · each-kind · a radio episode with a host',
        'apa-7 · each-kind · a scripture in translation',
        'apa-7 · each-kind · a standard',
        'apa-7 · each-kind · a website as a whole',
        'apa-7 · each-kind · an advertisement that is described',
        'apa-7 · each-kind · an image made by a tool',
        'apa-7 · kinds-and-editions · website whole',
        'apa-7 · second-reading · a dictionary entry with an editor',
        'mla-7 · as-found · an e-mail with a subject',
        'mla-7 · as-found · an e-mail with a subject to oneself',
        'mla-7 · each-kind · a cartoon',
        'mla-7 · each-kind · a performance',
        'mla-7 · each-kind · a radio episode',
        'mla-7 · each-kind · an advertisement that is described',
        'mla-7 · each-kind · an advertisement with a title',
        'mla-7 · each-kind · an e-book',
        'mla-7 · each-kind · an interview in a magazine',
        'mla-7 · older-editions · painting',
        'mla-7 · older-editions · republished',
        'mla-7 · older-editions · television episode',
        'mla-8 · each-kind · a paper written for a course',
        'mla-8 · each-kind · a performance',
        'mla-8 · each-kind · a scripture in translation',
        'mla-8 · each-kind · an image made by a tool',
        'mla-8 · older-editions · song',
        'mla-9 · as-found · a century',
        'mla-9 · as-found · a review without a title',
        'mla-9 · as-found · a title that ends in three dots',
        'mla-9 · as-found · only an address',
        'mla-9 · each-kind · a paper written for a course',
        'mla-9 · each-kind · a performance',
        'mla-9 · each-kind · a scripture in translation',
        'mla-9 · each-kind · an image made by a tool',
        'mla-9 · kinds-and-editions · ai',
        'mla-9 · people-and-research · e-mail to oneself',
    ];

    /** A right entry, taken apart and set again in its own style, is the same entry. */
    #[DataProvider('right')]
    public function test_a_right_entry_comes_back_as_it_was(string $style, string $entry, string $kind): void
    {
        $source = (new FinishedCitation($entry))->reading()->source();
        self::assertSame($kind, $source->kind->id);
        self::assertSame(
            $entry,
            Inline::text(
                Styles::get($style)->entry(
                    $source,
                    new CourseRules(str_contains($entry, 'Accessed') ? Inclusion::Always : Inclusion::Auto),
                    new EntryContext,
                ),
            ),
        );
    }

    /** @return iterable<array{string, string, string}> */
    public static function right(): iterable
    {
        yield ['mla-9', 'Brook, Halima. Moonpower: Mills of the Tidal Coast. Quayside Press, 2014.', 'book'];
        yield [
            'mla-9',
            'Ilves, Piet, and Noor Castellan. “Grain and Tide in a Harbour Town.” Journal of Coastal History, vol. 12, no. 3, 2016, pp. 215–39. Shoreline Scholar, https://doi.org/10.5555/jch.2016.0123.',
            'journal-article',
        ];
        yield [
            'mla-9',
            'Varga-Brandt, Lotte. “The Mill That Ran Twice a Day.” Slack Water Review, Northmere Heritage Trust, 3 May 2023, www.slackwater.example/mill-twice-a-day. Accessed 4 Mar. 2027.',
            'web-page',
        ];
        yield [
            'mla-9',
            '“The Wheel at Low Water.” Tideline, uploaded by Coast and Clay, 3 May 2023, www.tideline.example/v/8812.',
            'web-page',
        ];
        yield ['mla-9', 'The Long Tide. Directed by Edda Zell, Lowtide Pictures, 2018.', 'film'];
        yield [
            'mla-9',
            'Reis, Joana. “The Gate at Dusk.” Translated by Piet Ilves. Stories of the Tidal Coast, edited by Noor Castellan, Quayside Press, 2014, pp. 31–44.',
            'chapter',
        ];
        yield ['apa-7', 'Brook, H. (2014). Moonpower: Mills of the tidal coast (2nd ed.). Quayside Press.', 'book'];
        yield [
            'apa-7',
            'Ilves, P., & Castellan, N. (2016). Grain and tide in a harbour town. Journal of Coastal History, 12(3), 215–239. https://doi.org/10.5555/jch.2016.0123',
            'journal-article',
        ];
        yield [
            'apa-7',
            'Northmere Heritage Trust. (2019, September 14). Tide mills of Northmere. https://www.northmereheritage.example/tide-mills',
            'web-page',
        ];
        yield [
            'apa-7',
            'Reis, J. (2014). The gate at dusk (P. Ilves, Trans.). In N. Castellan & D. Karsten (Eds.), Stories of the tidal coast (pp. 31–44). Quayside Press.',
            'chapter',
        ];
        yield ['apa-7', 'Light the harbour less [Editorial]. (2021, November 2). Gullhaven Courier, A12.', 'editorial'];
        yield [
            'apa-7',
            'Coast Channel. (2023, May 3). How a tide mill works [Video]. Tideline. https://tideline.example/v/8812',
            'online-video',
        ];
        yield [
            'mla-7',
            'Marrow, Ines. “Harbour Lamps to Dim.” Gullhaven Courier 2 Nov. 2021: A12. Print.',
            'newspaper-article',
        ];
    }

    /** Every expected entry of the conformance corpus, taken apart and set again, is the same entry. */
    public function test_right_entries_of_all_kinds_come_back_as_they_were(): void
    {
        $changed = [];
        foreach (self::corpus() as [$name, $style, $entry]) {
            if (preg_match(self::SHORTENED, $entry) !== 1 && self::again($style, $entry) !== $entry) {
                $changed[] = "{$style} · {$name}";
            }
        }
        sort($changed);
        self::assertSame(self::UNREAD, $changed);
    }

    public function test_an_entry_that_leaves_people_out_says_so(): void
    {
        $silent = [];
        foreach (self::corpus() as [$name, $style, $entry]) {
            if (in_array("{$style} · {$name}", self::UNREADABLE, true)) {
                continue;
            }
            $remarks = array_filter(
                (new FinishedCitation($entry))->reading()->issues,
                static fn (Issue $one): bool => str_contains($one->sentence, 'from the source'),
            );
            if ((preg_match(self::SHORTENED, $entry) === 1) !== ($remarks !== [])) {
                $silent[] = "{$style}, {$name}: {$entry}";
            }
        }
        self::assertSame([], $silent);
    }

    private static function again(string $style, string $entry): string
    {
        $course = new CourseRules(
            preg_match('/Accessed|Retrieved [A-Z]\w+ \d/', $entry) === 1 ? Inclusion::Always : Inclusion::Auto,
        );
        try {
            return Inline::text(
                Styles::get($style)->entry(
                    (new FinishedCitation($entry))->reading()->source(),
                    $course,
                    new EntryContext,
                ),
            );
        } catch (Unreadable) {
            return '';
        }
    }

    /** @return iterable<array{string, string, string}> file and name, style, entry */
    private static function corpus(): iterable
    {
        foreach (glob(__DIR__.'/../conformance/entries/*.json') ?: [] as $file) {
            foreach (json_decode((string) file_get_contents($file), true, 32, JSON_THROW_ON_ERROR) as $case) {
                foreach (['mla-9', 'mla-8', 'mla-7', 'apa-7', 'apa-6'] as $style) {
                    if (is_string($case[$style] ?? null)) {
                        yield [basename($file, '.json')." · {$case['name']}", $style, strip_tags($case[$style])];
                    }
                }
            }
        }
    }

    /** @param  array<string, string>  $expected */
    #[DataProvider('found')]
    public function test_entries_as_databases_and_people_write_them(string $pasted, array $expected): void
    {
        $source = (new FinishedCitation($pasted))->reading()->source();
        $container = $source->container();
        $names = static fn (array $people): string => implode(
            '; ',
            array_map(static fn (Contributor $one): string => $one->name->direct(), $people),
        );
        $read = [
            'kind' => $source->kind->id, 'title' => $source->title->full(), 'site' => $container->title, 'date' => $container->date()->edtf(), 'volume' => $container->volume, 'issue' => $container->issue,
            'people' => $names(
                array_filter(
                    $source->contributors,
                    static fn (Contributor $one): bool => in_array(
                        $one->role,
                        [Role::Author, Role::Host, Role::Artist, Role::Editor],
                        true,
                    ),
                ),
            ),
            'pages' => $container->pages, 'publisher' => $container->publisher, 'edition' => $container->edition, 'place' => $container->place, 'episode' => $container->episode, 'doi' => $container->doi,
            'url' => $container->url
                    ?: ($source->containers[1]->url ?? ''), 'database' => $source->containers[1]->title ?? '', 'within' => $names($container->contributors), 'accessed' => $source->accessedOn()->edtf(),
        ];
        self::assertEquals($expected, array_intersect_key($read, $expected));
    }

    /** @return iterable<array{string, array<string, string>}> */
    public static function found(): iterable
    {
        yield [
            'Hallam, Petra. "Drowned Bells of the Low Coast." Folklore Review, vol. 69, no. 2, Spring 2016, pp. 45-61. Academic House, doi:10.5555/folk.2016.45.',
            [
                'kind' => 'journal-article', 'people' => 'Petra Hallam', 'title' => 'Drowned Bells of the Low Coast',
                'site' => 'Folklore Review', 'date' => '2016-21', 'volume' => '69', 'issue' => '2', 'pages' => '45-61',
                'database' => 'Academic House', 'doi' => '10.5555/folk.2016.45',
            ],
        ];
        yield [
            'HALLAM, PETRA. “Drowned Bells of the Low Coast.” Folklore Review, vol. 69, no. 2, 2016, pp. 45–61. STACKS, www.stacks.example/stable/4471022. Accessed 3 Mar. 2024.',
            [
                'kind' => 'journal-article',
                'people' => 'Petra Hallam',
                'title' => 'Drowned Bells of the Low Coast',
                'database' => 'STACKS',
                'url' => 'https://www.stacks.example/stable/4471022',
                'accessed' => '2024-03-03',
            ],
        ];
        yield [
            'Holloway, Tess. "Ferry stops for good." Skerry Mercury, 12 Feb. 1994, p. B3. Gateside General News, link.gateside.example/apps/doc/A14877102. Accessed 3 Mar. 2024.',
            [
                'kind' => 'newspaper-article', 'people' => 'Tess Holloway', 'title' => 'Ferry stops for good',
                'site' => 'Skerry Mercury', 'date' => '1994-02-12', 'pages' => 'B3',
                'database' => 'Gateside General News', 'url' => 'https://link.gateside.example/apps/doc/A14877102',
            ],
        ];
        yield [
            "Brook, H., & Quist, R. (2021). The Miller's Clock: Tide Tables as Work Discipline. Northmere Coastal Essays, 7(1), 33–58. https://doi.org/10.5555/nce.v7i1.1187",
            [
                'kind' => 'journal-article', 'people' => 'H. Brook; R. Quist',
                'title' => "The Miller's Clock: Tide Tables as Work Discipline", 'site' => 'Northmere Coastal Essays',
                'volume' => '7', 'issue' => '1', 'pages' => '33-58', 'doi' => '10.5555/nce.v7i1.1187',
            ],
        ];
        yield [
            'Brook, H. & Quist, R. (2021). The miller’s clock. Northmere Coastal Essays, 7(1), pp. 33-58. doi: 10.5555/nce.v7i1.1187',
            [
                'kind' => 'journal-article',
                'people' => 'H. Brook; R. Quist',
                'volume' => '7',
                'pages' => '33-58',
                'doi' => '10.5555/nce.v7i1.1187',
            ],
        ];
        yield [
            '[4] Voe, C., Pratt, D., & Abara, W. (2019, June 3). How we lost the dark. Skiff. https://skiff.example/dark',
            [
                'kind' => 'web-page',
                'people' => 'C. Voe; D. Pratt; W. Abara',
                'title' => 'How we lost the dark',
                'site' => 'Skiff',
                'date' => '2019-06-03',
                'url' => 'https://skiff.example/dark',
            ],
        ];
        yield [
            '• Karrick, Ysolde. Caulking: A History. 2nd ed., Low Press, 2012.',
            [
                'kind' => 'book',
                'people' => 'Ysolde Karrick',
                'title' => 'Caulking: A History',
                'publisher' => 'Low Press',
                'date' => '2012',
                'edition' => '2nd',
            ],
        ];
        yield [
            'Karrick, Ysolde. Caulking : a history. Fennmouth: Low Press, 2012. Print.',
            [
                'kind' => 'book',
                'people' => 'Ysolde Karrick',
                'publisher' => 'Low Press',
                'date' => '2012',
                'place' => 'Fennmouth',
            ],
        ];
        yield [
            'Stallard, Imogen. "Mills without Millers." After the Harvest, edited by Oona Pell and Noor Castellan, Longshore, 2015, pp. 97-121.',
            [
                'kind' => 'chapter', 'people' => 'Imogen Stallard', 'title' => 'Mills without Millers',
                'site' => 'After the Harvest', 'publisher' => 'Longshore', 'pages' => '97-121',
                'within' => 'Oona Pell; Noor Castellan',
            ],
        ];
        yield [
            'Stallard, I. (2015). Mills without millers. In O. Pell & N. Castellan (Eds.), After the harvest (2nd ed., pp. 97–121). Longshore.',
            [
                'kind' => 'chapter', 'people' => 'I. Stallard', 'site' => 'After the harvest',
                'publisher' => 'Longshore', 'pages' => '97-121', 'edition' => '2nd',
                'within' => 'O. Pell; N. Castellan',
            ],
        ];
        yield [
            'Department for Rivers. "Lighting near Watercourses." GOV.NM, 4 May 2021, www.gov.northmere.example/lighting.',
            [
                'kind' => 'web-page',
                'people' => 'Department for Rivers',
                'title' => 'Lighting near Watercourses',
                'site' => 'GOV.NM',
                'date' => '2021-05-04',
            ],
        ];
        yield [
            '"Tide Mill." Openshore, Openshore Foundation, 9 Mar. 2023, openshore.example/wiki/Tide_mill.',
            [
                'kind' => 'web-page',
                'people' => '',
                'title' => 'Tide Mill',
                'site' => 'Openshore',
                'publisher' => 'Openshore Foundation',
                'date' => '2023-03-09',
            ],
        ];
        yield [
            'van der Elst, J. J., and Louisa Abara. "Scour below Tide-Mill Sluices." Estuarine Engineering, vol. 88, Apr. 2018, pp. 129-42, https://doi.org/10.5555/j.esteng.2018.01.007.',
            [
                'kind' => 'journal-article',
                'people' => 'J. J. van der Elst; Louisa Abara',
                'date' => '2018-04',
                'pages' => '129-42',
                'doi' => '10.5555/j.esteng.2018.01.007',
            ],
        ];
        yield [
            'Mill & Moor. "How a Tide Mill Works (Full Tour)." Seereel, 14 Sept. 2019, www.seereel.example/watch?v=Qk_7aLw0xEs.',
            [
                'people' => 'Mill & Moor',
                'title' => 'How a Tide Mill Works (Full Tour)',
                'site' => 'Seereel',
                'date' => '2019-09-14',
                'url' => 'https://www.seereel.example/watch?v=Qk_7aLw0xEs',
            ],
        ];
        yield [
            'Mill & Moor. (2019, September 14). How a tide mill works (full tour) [Video]. Seereel. https://www.seereel.example/watch?v=Qk_7aLw0xEs',
            [
                'kind' => 'online-video',
                'people' => 'Mill & Moor',
                'title' => 'How a tide mill works (full tour)',
                'site' => 'Seereel',
            ],
        ];
        yield [
            'Kossov, Renata, host. "The Bell Buoy." Fathoms Deep, episode 41, Lowtide Audio, 5 Nov. 2024.',
            [
                'people' => 'Renata Kossov',
                'title' => 'The Bell Buoy',
                'site' => 'Fathoms Deep',
                'episode' => '41',
                'publisher' => 'Lowtide Audio',
                'date' => '2024-11-05',
            ],
        ];
        yield [
            'Mourne, Agathe. The Pilot. 1911, Quay Gallery, Fennmouth.',
            ['kind' => 'artwork', 'people' => 'Agathe Mourne', 'title' => 'The Pilot', 'date' => '1911'],
        ];
        yield [
            'Hemming, Walter P., Jr. "The Last Lamplighter." Tidewater Monthly, June 1958, pp. 12-19.',
            [
                'kind' => 'magazine-article',
                'people' => 'Walter P. Hemming Jr.',
                'site' => 'Tidewater Monthly',
                'date' => '1958-06',
                'pages' => '12-19',
            ],
        ];
        yield [
            'Bureau of Tides and Shoals. (2023). About rip currents. Retrieved March 4, 2024, from https://www.tides.gov.example/rip/about.html',
            [
                'people' => 'Bureau of Tides and Shoals',
                'title' => 'About rip currents',
                'date' => '2023',
                'url' => 'https://www.tides.gov.example/rip/about.html',
                'accessed' => '2024-03-04',
            ],
        ];
        yield [
            'Eelwatch [@eelwatch]. (2023, September 7). 4,112 glass eels through the Low Bridge pass last night [Post]. Skerry Social. https://skerry.example/@eelwatch/1',
            [
                'kind' => 'social-post',
                'people' => '@eelwatch',
                'title' => '4,112 glass eels through the Low Bridge pass last night',
                'site' => 'Skerry Social',
                'date' => '2023-09-07',
            ],
        ];
        yield [
            'Sund, Greta Ingrid. Lamps and Larvae: Artificial Light on a Tidal Flat. 2017. Wrackfield College, PhD dissertation. Wrackfield Repository, repository.wrackfield.example/4408.',
            [
                'kind' => 'thesis',
                'people' => 'Greta Ingrid Sund',
                'publisher' => 'Wrackfield College',
                'date' => '2017',
                'database' => 'Wrackfield Repository',
            ],
        ];
        yield [
            'Trow, Anselm, Wold, Hanneke. Toll Gates and Tide Gates. Quayside, 2019.',
            ['kind' => 'book', 'title' => 'Toll Gates and Tide Gates', 'publisher' => 'Quayside', 'date' => '2019'],
        ];
        yield [
            'The Long Tide. Directed by Edda Zell, performances by Renata Kossov and Bo Halvard, Lowtide Pictures, 2018.',
            ['kind' => 'film', 'title' => 'The Long Tide', 'publisher' => 'Lowtide Pictures', 'date' => '2018'],
        ];
        yield [
            'Voe, Clementine. "How We Lost the Dark." Skiff 88.9 (2022): 30-37. Masterhouse Premier. Web. 3 Mar. 2024.',
            [
                'kind' => 'journal-article', 'people' => 'Clementine Voe', 'site' => 'Skiff', 'volume' => '88',
                'issue' => '9', 'date' => '2022', 'pages' => '30-37', 'database' => 'Masterhouse Premier',
                'accessed' => '2024-03-03',
            ],
        ];
        yield [
            'Vale, O., Ortiz, P., Abara, W. (2024) Do amber lamps spare moths? A paired field trial. OpenShore Biology 19(3): e0301042. https://doi.org/10.5555/openshore.0301042',
            [
                'people' => 'O. Vale; P. Ortiz; W. Abara',
                'title' => 'Do amber lamps spare moths? A paired field trial',
                'site' => 'OpenShore Biology',
                'volume' => '19',
                'issue' => '3',
                'doi' => '10.5555/openshore.0301042',
            ],
        ];
        yield [
            'Trow, Anselm, and Hanneke Wold. "Toll Gates and Tide Gates: Who Paid for the Low Road?" Coastal and Maritime History, vol. 42, no. 3, 2019, pp. 201-19.',
            [
                'kind' => 'journal-article',
                'people' => 'Anselm Trow; Hanneke Wold',
                'title' => 'Toll Gates and Tide Gates: Who Paid for the Low Road?',
                'pages' => '201-19',
            ],
        ];
        yield [
            '"Tide Mill." Knowpier Encyclopedia, 12 Mar. 2019, school.knowpier.example/tide-mill.',
            [
                'people' => '',
                'title' => 'Tide Mill',
                'site' => 'Knowpier Encyclopedia',
                'date' => '2019-03-12',
                'url' => 'https://school.knowpier.example/tide-mill',
            ],
        ];
        yield [
            'Abara, Wen. "Low-Water Mark." The Lowtide Book of Verse, edited by Oona Pell, Lowtide Books, 2001, p. 44.',
            [
                'kind' => 'chapter',
                'people' => 'Wen Abara',
                'site' => 'The Lowtide Book of Verse',
                'pages' => '44',
                'publisher' => 'Lowtide Books',
                'within' => 'Oona Pell',
            ],
        ];
        yield [
            'Reis, Joana. The Salt Year. Translated by Piet Ilves, Lowtide Books, 2008.',
            [
                'kind' => 'book',
                'people' => 'Joana Reis',
                'title' => 'The Salt Year',
                'publisher' => 'Lowtide Books',
                'date' => '2008',
            ],
        ];
        yield [
            '"The Bells." Drowned Lands, directed by Kit Marsh, season 2, episode 3, NBS, 19 Oct. 2021.',
            [
                'kind' => 'tv-episode', 'people' => '', 'title' => 'The Bells', 'site' => 'Drowned Lands',
                'episode' => '3', 'publisher' => 'NBS', 'date' => '2021-10-19',
            ],
        ];
        yield [
            'Tennant, Orla. Launching the Pilot Gig. June 1931. Skerry Memory Project, memory.skerrylibrary.example/items/show/2231.',
            [
                'people' => 'Orla Tennant',
                'title' => 'Launching the Pilot Gig',
                'date' => '1931-06',
                'url' => 'https://memory.skerrylibrary.example/items/show/2231',
            ],
        ];
        yield [
            'Bureau of Tides and Shoals. (2023, May 16). About rip currents. https://www.tides.gov.example/rip/about.html',
            [
                'kind' => 'web-page',
                'people' => 'Bureau of Tides and Shoals',
                'title' => 'About rip currents',
                'date' => '2023-05-16',
            ],
        ];
        yield [
            'Corrigan, N., Feld, O., & Abara, L. (2023). State of the saltmarsh 2023 (Report No. ERC-2023-07). Estuary Research Council. https://estuarycouncil.example/p/1',
            [
                'kind' => 'report',
                'people' => 'N. Corrigan; O. Feld; L. Abara',
                'publisher' => 'Estuary Research Council',
                'date' => '2023',
            ],
        ];
        yield [
            'Kossov, R. (Host). (2024, November 5). The bell buoy (No. 41) [Audio podcast episode]. In Fathoms deep. Lowtide Audio. https://podquay.example/41',
            [
                'kind' => 'podcast-episode',
                'people' => 'R. Kossov',
                'site' => 'Fathoms deep',
                'episode' => '41',
                'publisher' => 'Lowtide Audio',
            ],
        ];
        yield [
            'Zell, E. (Director). (2018). The long tide [Film]. Lowtide Pictures.',
            ['kind' => 'film', 'title' => 'The long tide', 'publisher' => 'Lowtide Pictures', 'date' => '2018'],
        ];
        yield [
            'Mourne, A. (1911). The pilot [Painting]. Quay Gallery, Fennmouth, Northmere. https://quaygallery.example/n04412',
            [
                'kind' => 'artwork',
                'people' => 'A. Mourne',
                'title' => 'The pilot',
                'date' => '1911',
                'url' => 'https://quaygallery.example/n04412',
            ],
        ];
        yield [
            'Sellanor. "Low Water." Songs for the Sluice, Tidemark Records, 2019.',
            [
                'kind' => 'song',
                'people' => 'Sellanor',
                'site' => 'Songs for the Sluice',
                'publisher' => 'Tidemark Records',
            ],
        ];
        yield [
            'Osei-Lund, Marguerite. "Lecture 5: The Economics of Salt." The Coast in History, 3 Feb. 2012, Wrackfield College, Wrackfield. Lecture.',
            [
                'kind' => 'lecture',
                'people' => 'Marguerite Osei-Lund',
                'title' => 'Lecture 5: The Economics of Salt',
                'date' => '2012-02-03',
            ],
        ];
        yield [
            'Hemming, Walter. Interview. By Edith Quill. 9 Mar. 1974.',
            ['people' => 'Walter Hemming', 'date' => '1974-03-09'],
        ];
        yield [
            "Hallam, P. (2011). Drowned bells of the low coast. Folklore Review, 64(2), 77+. Scholar's Quay.",
            [
                'kind' => 'journal-article',
                'people' => 'P. Hallam',
                'site' => 'Folklore Review',
                'volume' => '64',
                'issue' => '2',
            ],
        ];
        yield [
            'Stallard, I. Pilots, Pilfering, and the Law of Wreck. Annals of the Shore 1987, 14 (3), 201–224.',
            ['people' => 'I. Stallard', 'title' => 'Pilots, Pilfering, and the Law of Wreck'],
        ];
        yield [
            "Brook, Halima, and Rafael Quist. \"The Miller's Clock: Tide Tables as Work Discipline.\" Northmere Coastal Essays, vol. 7, no. 1, 28 June 2021, pp. 33–58. https://doi.org/10.5555/nce.v7i1.1187. Accessed 2 Mar. 2024.",
            [
                'kind' => 'journal-article',
                'people' => 'Halima Brook; Rafael Quist',
                'title' => "The Miller's Clock: Tide Tables as Work Discipline",
                'date' => '2021-06-28',
                'doi' => '10.5555/nce.v7i1.1187',
                'accessed' => '2024-03-02',
            ],
        ];
        yield [
            'Brook, H. (2014) Moonpower: Mills of the Tidal Coast. Gullhaven: Quayside Press.',
            [
                'kind' => 'book',
                'people' => 'H. Brook',
                'title' => 'Moonpower: Mills of the Tidal Coast',
                'place' => 'Gullhaven',
                'publisher' => 'Quayside Press',
                'date' => '2014',
            ],
        ];
        yield [
            'Wen Abara, "The bell that was not there", Brackish Letters, April 19, 2024, https://brackishletters.mailpier.example/p/bell.',
            [
                'title' => 'The bell that was not there',
                'site' => 'Brackish Letters',
                'date' => '2024-04-19',
                'url' => 'https://brackishletters.mailpier.example/p/bell',
            ],
        ];
        yield [
            '@eelwatch. "4,112 glass eels last night." Skerry Social, 7 Sept. 2023, 6:31 a.m., skerry.example/@eelwatch/1.',
            [
                'kind' => 'social-post',
                'people' => '@eelwatch',
                'title' => '4,112 glass eels last night',
                'site' => 'Skerry Social',
                'date' => '2023-09-07',
            ],
        ];
        yield [
            'Foreshore Act 1968, c. 31. Northmere, Office of the Statutes, 1968.',
            ['title' => 'Foreshore Act 1968, c. 31'],
        ];
        yield [
            '1. Halima Brook, Moonpower: Mills of the Tidal Coast (Fennmouth: Quayside Press, 2014), 33.',
            [
                'kind' => 'book', 'people' => 'Halima Brook', 'title' => 'Moonpower: Mills of the Tidal Coast',
                'place' => 'Fennmouth', 'publisher' => 'Quayside Press', 'date' => '2014', 'pages' => '',
            ],
        ];
        yield [
            'Piet Ilves and Noor Castellan, “Grain and Tide,” Coastal Essays 7, no. 1 (2021): 35.',
            [
                'kind' => 'journal-article', 'people' => 'Piet Ilves; Noor Castellan', 'title' => 'Grain and Tide',
                'site' => 'Coastal Essays', 'volume' => '7', 'issue' => '1', 'date' => '2021', 'pages' => '35',
            ],
        ];
        yield [
            'Ilves, Piet. “Grain and Tide.” Coastal Essays 7, no. 1 (2021): 33–58.',
            [
                'kind' => 'journal-article', 'people' => 'Piet Ilves', 'site' => 'Coastal Essays', 'volume' => '7',
                'issue' => '1', 'date' => '2021', 'pages' => '33-58',
            ],
        ];
        yield [
            'Brook, Halima, et al. Low Water. Lowtide Books, 2012.',
            ['people' => 'Halima Brook', 'title' => 'Low Water', 'publisher' => 'Lowtide Books'],
        ];
        yield [
            'Oake, Marten J., Jr. Dusk Counts. Lowtide Books, 2012.',
            ['people' => 'Marten J. Oake Jr.', 'title' => 'Dusk Counts'],
        ];
        yield [
            'Dusk Survey and Halima Brook. Low Water. Lowtide Books, 2012.', ['people' => 'Dusk Survey; Halima Brook'],
        ];
        yield [
            'Ministry of Coasts and Rivers. Low Water. Lowtide Books, 2012.',
            ['people' => 'Ministry of Coasts and Rivers'],
        ];
        yield ['Lund, H. von. (2012). Low water. Lowtide Books.', ['people' => 'H. von Lund', 'title' => 'Low water']];
    }

    /**
     * What students and databases get wrong is read as it was meant, set right, and explained.
     *
     * @param  list<string>  $reasons  words of each reason, in order
     */
    #[DataProvider('faulty')]
    public function test_a_faulty_entry_is_set_right_and_says_why(
        string $pasted,
        string $style,
        string $ours,
        array $reasons,
    ): void {
        $runs = Styles::get($style)->entry(
            (new FinishedCitation($pasted))->reading()->source(),
            new CourseRules,
            new EntryContext,
        );
        self::assertSame($ours, Inline::text($runs));
        self::assertSame(explode('-', $style)[0], (new FinishedCitation($pasted))->family());
        $why = implode(' ', array_column((new Comparison($pasted, $runs, Styles::get($style)))->pieces(), 'why'));
        foreach ($reasons as $reason) {
            self::assertStringContainsString($reason, $why);
        }
    }

    /** @return iterable<string, array{string, string, string, list<string>}> */
    public static function faulty(): iterable
    {
        yield 'capitals and words for numbers' => [
            'Brook, Halima and Rafael Quist. "The miller\'s clock." Coastal Essays, Vol. 7, No. 1, June 2021, pgs. 33-58.',
            'mla-9',
            'Brook, Halima, and Rafael Quist. “The Miller’s Clock.” Coastal Essays, vol. 7, no. 1, June 2021, pp. 33–58.',
            ['every principal word has a capital', 'after a shortened word', 'p. for one, pp. for several'],
        ];
        yield 'a full stop outside the quotation marks' => [
            'Brook, Halima. "The Miller\'s Clock". Coastal Essays, vol. 7, no. 1, 2021, pp. 33-58.',
            'mla-9',
            'Brook, Halima. “The Miller’s Clock.” Coastal Essays, vol. 7, no. 1, 2021, pp. 33–58.',
            ['In quotation marks'],
        ];
        yield 'MLA’s names and numbers in APA' => [
            'Brook, Halima. (2021). The Miller\'s Clock. Coastal Essays, vol. 7, no. 1, pp. 33-58. Retrieved from https://journals.example/1187',
            'apa-7',
            'Brook, H. (2021). The miller’s clock. Coastal Essays, 7(1), 33–58. https://journals.example/1187',
            ['only initials', 'The volume in italics', 'no words before an address'],
        ];
        yield 'APA with “and”, without a comma, and the DOI in its old form' => [
            'Brook, H., and Quist, R. (2021). The miller\'s clock. Coastal Essays 7 (1), 33–58. doi:10.5555/nce.v7i1.1187',
            'apa-7',
            'Brook, H., & Quist, R. (2021). The miller’s clock. Coastal Essays, 7(1), 33–58. https://doi.org/10.5555/nce.v7i1.1187',
            ['An ampersand', 'The DOI as an address'],
        ];
        yield 'words before an address that is a DOI' => [
            'Brook, H. (2021). The miller’s clock. Coastal Essays, 7(1), 33–58. Retrieved from http://dx.doi.org/10.5555/nce.v7i1.1187',
            'apa-7',
            'Brook, H. (2021). The miller’s clock. Coastal Essays, 7(1), 33–58. https://doi.org/10.5555/nce.v7i1.1187',
            ['APA puts no words before an address, unless the page is made to change. The DOI as an address.'],
        ];
        yield 'a place of publication' => [
            'Karrick, Ysolde. Caulking: A History. Fennmouth: Low Press, 2012.',
            'mla-9',
            'Karrick, Ysolde. Caulking: A History. Low Press, 2012.',
            ['The place of publication is no longer printed.'],
        ];
        yield 'a day in American order, a medium, and a day of access' => [
            'Voe, Clementine. "How We Lost the Dark." Skiff, November 3rd, 2022. Web. https://skiff.example/dark. Accessed on March 3, 2024.',
            'mla-9',
            'Voe, Clementine. “How We Lost the Dark.” Skiff, 3 Nov. 2022, skiff.example/dark.',
            ['Day, month, year', 'has not named the medium', 'The day you looked at it'],
        ];
        yield 'commas where full stops belong' => [
            'Department for Rivers, "Lighting near Watercourses", GOV.NM, 4 May 2021, https://www.gov.example/lighting',
            'mla-9',
            'Department for Rivers. “Lighting near Watercourses.” GOV.NM, 4 May 2021, www.gov.example/lighting.',
            ['without http:// in front'],
        ];
    }

    public function test_people_left_out_are_no_fault_of_the_name_before_them(): void
    {
        $pasted = 'Brook, Halima, et al. “The Miller’s Clock.” Coastal Essays, vol. 7, no. 1, 2021, pp. 33–58.';
        $stretches = (new Comparison(
            $pasted,
            Styles::get('mla-9')->entry(
                (new FinishedCitation($pasted))->reading()->source(),
                new CourseRules,
                new EntryContext,
            ),
            Styles::get('mla-9'),
        ))->pieces();
        $differing = array_values(array_filter($stretches, static fn (array $one): bool => $one['rule'] !== ''));
        self::assertSame(['Halima, et al.', 'Halima.'], [$differing[0]['theirs'], $differing[0]['ours']]);
        self::assertSame(
            '“et al.” comes back of itself once the people it stands for are added.',
            $differing[0]['why'],
        );
        self::assertCount(1, $differing);
    }

    public function test_a_name_that_is_not_turned_round_is_pointed_out_and_left_as_it_is(): void
    {
        $reading = (new FinishedCitation('Halima Brook. "The Miller’s Clock." Coastal Essays, vol. 7, no. 1, 2021, pp. 33-58.'))->reading();
        self::assertSame('Halima Brook', $reading->source()->contributors[0]->name->direct());
        self::assertStringContainsString('“Halima Brook” is not inverted.', $reading->issues[0]->sentence);
    }

    public function test_a_subtly_wrong_entry_is_shown_beside_the_right_one_with_the_reason(): void
    {
        $pasted = 'Brook, H. (2014). Moonpower: Mills Of The Tidal Coast. Quayside Press, Inc.';
        $stretches = (new Comparison(
            $pasted,
            Styles::get('apa-7')->entry(
                (new FinishedCitation($pasted))->reading()->source(),
                new CourseRules,
                new EntryContext,
            ),
            Styles::get('apa-7'),
        ))->pieces();
        $differing = array_values(array_filter($stretches, static fn (array $one): bool => $one['rule'] !== ''));
        self::assertSame(
            ['Of The Tidal Coast.', 'of the tidal coast.'],
            [$differing[0]['theirs'], $differing[0]['ours']],
        );
        self::assertStringContainsString('only the first word', $differing[0]['why']);
        self::assertSame(['Press, Inc.', 'Press.'], [$differing[1]['theirs'], $differing[1]['ours']]);
        self::assertSame(
            $pasted,
            implode(' ', array_filter(array_column($stretches, 'theirs'))),
            'Nothing of what was pasted is lost.',
        );
    }

    public function test_nothing_pasted_counts_as_certain(): void
    {
        foreach ((new FinishedCitation('Brook, Halima. Moonpower: Mills of the Tidal Coast. Quayside Press, 2014.'))->reading()->findings as $finding) {
            self::assertNotSame(Confidence::Stated, $finding->confidence, $finding->field->key);
        }
    }

    #[DataProvider('others')]
    public function test_what_is_no_entry_is_told_apart(string $text): void
    {
        $this->expectException(Unreadable::class);
        (new FinishedCitation($text))->reading();
    }

    /** @return iterable<array{string}> */
    public static function others(): iterable
    {
        yield ['Moonpower'];
        yield ['Moonpower by Halima Brook'];
        yield ['the mills of the tidal coast in the nineteenth century and their keepers'];
        yield [''];
    }
}
