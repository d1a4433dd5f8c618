<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Source;

use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Format\Inline;
use Bibrel\Core\Source\Field;
use Bibrel\Core\Source\KindFinder;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Need;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A kind is its file and nothing else: the one CONTRIBUTING.md shows, put into a folder of kinds, is all there. */
final class AddedKindTest extends TestCase
{
    private const FILE = __DIR__.'/tide-table.php';

    private static string $folder;

    public static function setUpBeforeClass(): void
    {
        self::$folder = sys_get_temp_dir().'/bibrel-kinds-'.getmypid();
        mkdir(self::$folder);
        foreach ([...glob(dirname(__DIR__, 2).'/kinds/*.php') ?: [], self::FILE] as $file) {
            copy($file, self::$folder.'/'.basename($file));
        }
    }

    public static function tearDownAfterClass(): void
    {
        array_map(unlink(...), glob(self::$folder.'/*.php') ?: []);
        rmdir(self::$folder);
    }

    #[DataProvider('entries')]
    public function test_it_comes_out_right(string $style, string $entry): void
    {
        self::assertSame($entry, Inline::html(Styles::get($style)->entry(self::almanac(), new CourseRules, new EntryContext)));
    }

    /** @return iterable<string, array{string, string}> */
    public static function entries(): iterable
    {
        $later = 'Northmere Survey. <i>Tides at Gullhaven</i>. Quay Almanacs, 4 Mar. 2027. Tide table.';
        yield 'MLA 9' => ['mla-9', $later];
        yield 'MLA 8' => ['mla-8', $later];
        yield 'MLA 7' => ['mla-7', 'Northmere Survey. <i>Tides at Gullhaven</i>. Tide table. Quay Almanacs, 4 Mar. 2027. Print.'];
        yield 'APA 7' => ['apa-7', 'Northmere Survey. (2027). <i>Tides at Gullhaven</i> [Tide table]. Quay Almanacs.'];
        yield 'APA 6' => ['apa-6', 'Northmere Survey. (2027). <i>Tides at Gullhaven</i> [Tide table]. Quay Almanacs.'];
    }

    public function test_its_form_is_there_in_the_order_of_its_file(): void
    {
        // What any title may have is added: its meaning after it, and a short form before the language.
        $needs = [
            'contributors' => Need::Expected, 'title.main' => Need::Required, 'title.translated' => Need::Optional,
            'containers.0.publisher' => Need::Required, 'containers.0.date' => Need::Required,
            'containers.0.url' => Need::Optional, 'title.short' => Need::Optional, 'language' => Need::Optional,
            'annotation' => Need::Optional,
        ];
        $fields = self::almanac()->kind->fields();
        $paths = array_map(static fn (Field $field): string => $field->path->key, $fields);
        self::assertSame($needs, array_combine($paths, array_map(static fn (Field $field): Need => $field->need, $fields)));
        $by = array_combine($paths, $fields);
        self::assertSame(['Who reckoned it', 'Northmere Survey'], [$by['contributors']->label, $by['contributors']->example]);
        self::assertSame('Harbour or publisher', $by['containers.0.publisher']->label);
        foreach ($fields as $field) {
            self::assertNotSame('', $field->label, $field->path->key);
        }
    }

    public function test_the_finder_and_the_formats_know_it(): void
    {
        self::assertSame('tide-table', (new KindFinder(new Kinds(self::$folder)))->find('almanac')->kinds[0]->id);
        self::assertSame('report', json_decode((new CslJson)->write([self::almanac()]), true)[0]['type'] ?? null);
    }

    public function test_the_guide_shows_this_very_file(): void
    {
        $body = strstr((string) file_get_contents(self::FILE), 'return new Kind(');
        self::assertStringContainsString((string) $body, (string) file_get_contents(dirname(__DIR__, 3).'/CONTRIBUTING.md'));
    }

    private static function almanac(): Source
    {
        return Source::fromArray([
            'kind' => 'tide-table',
            'title' => ['main' => 'Tides at Gullhaven'],
            'contributors' => [['role' => 'author', 'name' => ['group' => 'Northmere Survey']]],
            'containers' => [['publisher' => 'Quay Almanacs', 'date' => '2027-03-04']],
        ], new Kinds(self::$folder));
    }
}
