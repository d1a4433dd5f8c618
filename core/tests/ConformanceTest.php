<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests;

use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Format\Formats;
use Bibrel\Core\Format\Inline;
use Bibrel\Core\Read\Catalogue\MarcXml;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Figure;
use Bibrel\Core\Style\Inclusion;
use Bibrel\Core\Style\Locator;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Expected entries and in-text citations, written down from the styles' rules before the engine ran on them. Each case
 * is a source, in our own shape (`source`) or as a CSL-JSON item (`item`), and, by edition, the line it must become.
 */
final class ConformanceTest extends TestCase
{
    /** @param  array<string, mixed>  $case */
    #[DataProvider('entries')]
    public function test_entry(string $style, array $case): void
    {
        $course = new CourseRules(Inclusion::from($case['accessed'] ?? 'auto'));
        $line = Inline::html(Styles::get($style)->entry(self::source($case), $course, new EntryContext));
        self::assertLine($case[$style], $line);
    }

    /** @param  array<string, mixed>  $case */
    #[DataProvider('citations')]
    public function test_citation(string $style, array $case): void
    {
        $locator = isset($case['locator']) ? Locator::parse($case['locator']) : new Locator;
        $line = Inline::html(
            Styles::get($style)->citation(
                self::source($case),
                CitationContext::of(
                    $locator,
                    $case['narrative'] ?? false,
                    $case['quoting'] ?? '',
                    ! ($case['later'] ?? false),
                ),
                new EntryContext,
            ),
        );
        self::assertLine($case[$style], $line);
    }

    /** @param  array<string, mixed>  $case */
    #[DataProvider('captions')]
    public function test_caption(string $style, array $case): void
    {
        $figure = new Figure(
            $case['number'] ?? '1',
            $case['words'] ?? '',
            $case['adapted'] ?? false,
            $case['rights'] ?? '',
        );
        self::assertLine($case[$style], Inline::html(Styles::get($style)->caption(self::source($case), $figure)));
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function captions(): iterable
    {
        return self::cases('captions');
    }

    /** @param  array<string, mixed>  $case */
    #[DataProvider('records')]
    public function test_record(string $style, array $case): void
    {
        $marc = new MarcXml;
        $sources = [...Formats::reading(), $marc->id() => $marc][$case['from']]->read($case['record']);
        // A record that others inherit from stands after them, or is no source.
        self::assertLine(
            $case[$style],
            Inline::html(Styles::get($style)->entry($sources[0], new CourseRules, new EntryContext)),
        );
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function records(): iterable
    {
        return self::cases('records');
    }

    /** Every kind comes out right somewhere in both current editions; a kind that only the text names, there. */
    public function test_every_kind_has_its_cases(): void
    {
        $has = [];
        foreach ([...self::entries(), ...self::citations()] as [$style, $case]) {
            $has[self::source($case)->kind->id][$style] = true;
        }
        foreach (Kinds::all()->list() as $kind) {
            self::assertArrayHasKey('mla-9', $has[$kind->id] ?? [], "{$kind->id} has no case in MLA 9.");
            self::assertArrayHasKey('apa-7', $has[$kind->id] ?? [], "{$kind->id} has no case in APA 7.");
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function entries(): iterable
    {
        return self::cases('entries');
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function citations(): iterable
    {
        return self::cases('citations');
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    private static function cases(string $folder): iterable
    {
        $styles = array_map(static fn (Style $style): string => $style->id(), array_values(Styles::all()));
        foreach (glob(__DIR__."/conformance/{$folder}/*.json") ?: [] as $file) {
            foreach (json_decode((string) file_get_contents($file), true, 32, JSON_THROW_ON_ERROR) as $case) {
                foreach ($styles as $style) {
                    if (isset($case[$style])) {
                        yield basename($file, '.json')." · {$case['name']} · {$style}" => [$style, $case];
                    }
                }
            }
        }
    }

    /** @param  array<string, mixed>  $case */
    private static function source(array $case): Source
    {
        return isset($case['source'])
            ? Source::fromArray($case['source'], Kinds::all())
            : (new CslJson)->source($case['item']);
    }

    /** Prints both lines and where they part. */
    private static function assertLine(string $expected, string $line): void
    {
        $line = html_entity_decode($line);
        $at = strspn($expected ^ $line, "\0");
        self::assertSame(
            $expected,
            $line,
            "expected: {$expected}\nbecame:   {$line}\nthey part at: …".mb_scrub(substr($line, max(0, $at - 12), 40)),
        );
    }
}
