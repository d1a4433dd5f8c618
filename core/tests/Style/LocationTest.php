<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Style;

use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Format\Inline;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where a source is found is said once (MLA Handbook, 9th ed., 5.84 and 5.93). */
final class LocationTest extends TestCase
{
    private const JOURNAL = ['title' => 'Field Ecology', 'volume' => '31', 'date' => '2022', 'pages' => '88-102'];

    private const DOI = '10.5555/njfe.2022.31.88';

    /** @param  list<array<string, string>>  $containers */
    #[DataProvider('places')]
    public function test_the_place_of_an_article(string $style, array $containers, string $end): void
    {
        $source = Source::fromArray(['kind' => 'journal-article', 'title' => ['main' => 'Amber Light'], 'containers' => $containers], Kinds::all());
        self::assertStringEndsWith($end, Inline::text(Styles::get($style)->entry($source, new CourseRules, new EntryContext)));
    }

    /** @return iterable<string, array{string, list<array<string, string>>, string}> */
    public static function places(): iterable
    {
        yield 'a DOI after the pages' => ['mla-9', [[...self::JOURNAL, 'doi' => self::DOI]], 'pp. 88–102, https://doi.org/10.5555/njfe.2022.31.88.'];
        yield 'a DOI after the database, and no stable link next to it' => ['mla-9', [[...self::JOURNAL, 'doi' => self::DOI], ['title' => 'Shoreline Scholar', 'url' => 'https://scholar.example/stable/5127']], 'pp. 88–102. Shoreline Scholar, https://doi.org/10.5555/njfe.2022.31.88.'];
        yield 'the same where the eighth edition asks for less' => ['mla-8', [[...self::JOURNAL, 'doi' => self::DOI], ['title' => 'Shoreline Scholar', 'url' => 'https://scholar.example/stable/5127']], 'pp. 88–102. Shoreline Scholar, doi:10.5555/njfe.2022.31.88.'];
        yield 'a stable link where there is no DOI' => ['mla-9', [self::JOURNAL, ['title' => 'Shoreline Scholar', 'url' => 'https://scholar.example/stable/5127']], 'pp. 88–102. Shoreline Scholar, scholar.example/stable/5127.'];
        yield 'an address given with the journal' => ['mla-9', [[...self::JOURNAL, 'url' => 'https://scholar.example/stable/5127'], ['title' => 'Shoreline Scholar']], 'pp. 88–102. Shoreline Scholar, scholar.example/stable/5127.'];
        yield 'a database emptied in the form' => ['mla-9', [[...self::JOURNAL, 'doi' => self::DOI], []], 'pp. 88–102, https://doi.org/10.5555/njfe.2022.31.88.'];
        yield 'APA names no database' => ['apa-7', [[...self::JOURNAL, 'doi' => self::DOI], ['title' => 'Shoreline Scholar', 'url' => 'https://scholar.example/stable/5127']], '88–102. https://doi.org/10.5555/njfe.2022.31.88'];
    }

    public function test_a_record_with_a_database_keeps_its_doi_with_the_article(): void
    {
        $source = (new CslJson)->source(['type' => 'article-journal', 'title' => 'Amber Light', 'container-title' => 'Field Ecology', 'DOI' => self::DOI, 'URL' => 'https://scholar.example/stable/5127', 'source' => 'Shoreline Scholar']);
        self::assertSame([self::DOI, '', 'https://scholar.example/stable/5127'], [$source->container()->doi, $source->containers[1]->doi, $source->containers[1]->url]);
    }
}
