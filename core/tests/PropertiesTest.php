<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests;

use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Publishers;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Rules;
use Bibrel\Core\Style\Styles;
use Bibrel\Core\Text\Run;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What holds for every entry, whatever the source: over generated sources of every kind, seeded and so repeatable. */
final class PropertiesTest extends TestCase
{
    private const COUNT = 600;

    #[DataProvider('styles')]
    public function test_punctuation_is_never_doubled_empty_or_loose(string $style): void
    {
        foreach (self::sources() as $source) {
            $text = self::text($style, $source);
            $told = "{$style} {$source->kind->id}: {$text}\n".json_encode($source->toArray(), JSON_UNESCAPED_UNICODE);
            self::assertDoesNotMatchRegularExpression('/(?<!\.)(?<! )\.\.(?!\.)|,,|, ,|[?!]\./u', $text, $told);
            self::assertDoesNotMatchRegularExpression('/  | [,;:)\]”’]| $|^ |\(\)|\[\]|“”|“ /u', $text, $told);
            self::assertSame(substr_count($text, '('), substr_count($text, ')'), $told);
            self::assertSame(substr_count($text, '['), substr_count($text, ']'), $told);
            self::assertSame(substr_count($text, '“'), substr_count($text, '”'), $told);
        }
    }

    #[DataProvider('styles')]
    public function test_an_entry_closes_with_a_stop_or_with_an_address(string $style): void
    {
        foreach (self::sources() as $source) {
            $text = self::text($style, $source);
            self::assertMatchesRegularExpression(
                str_starts_with($style, 'apa') ? '~([.?!…)]|https?://\S+|doi:\S+)$~u' : '~[.?!…](”)?$~u',
                $text,
                $text,
            );
        }
    }

    #[DataProvider('styles')]
    public function test_every_run_has_a_rule_that_explains_it_and_a_field_that_exists(string $style): void
    {
        foreach (self::sources() as $source) {
            foreach (self::runs($style, $source) as $run) {
                self::assertNotSame('', $run->text);
                self::assertNotSame('', Rules::get($run->rule, $style)->sentence);
                // An explanation cites the edition at hand, or what the style's house says elsewhere.
                self::assertMatchesRegularExpression(
                    '/ '.substr($style, 4).'th ed\., |[Ss]tyle [Cc]enter/',
                    Rules::get($run->rule, $style)->place,
                );
                if ($run->field !== null) {
                    self::assertMatchesRegularExpression(
                        '/^(title\.(main|subtitle|translated)|contributors(\.\d+)?|containers\.[0-2]\.(contributors(\.\d+)?|[a-zA-Z]+)|original\.date|accessed|medium|genre)$/',
                        $run->field->key,
                    );
                }
            }
        }
    }

    #[DataProvider('styles')]
    public function test_the_title_is_always_on_the_page(string $style): void
    {
        foreach (self::sources() as $source) {
            // APA lists the tool, not what it was asked.
            $isTool = $source->kind->citesContainer
                && str_starts_with($style, 'apa')
                && $source->container()->title !== '';
            self::assertContains(
                $isTool ? 'containers.0.title' : 'title.main',
                self::fields($style, $source),
                $source->kind->id,
            );
        }
    }

    #[DataProvider('styles')]
    public function test_the_first_of_those_who_made_it_is_always_on_the_page(string $style): void
    {
        $seen = 0;
        foreach (self::sources() as $source) {
            $place = array_key_first($source->primaryContributors());
            $isElsewhere = str_starts_with($style, 'apa')
                && ($source->kind->containment === Containment::Law || $source->kind->citesContainer);
            if ($place === null || $isElsewhere) {
                continue;
            }
            $seen++;
            $fields = self::fields($style, $source);
            $name = $source->contributors[$place]->name;
            // A group that is the publisher or the site as well is named there.
            $asHouse = array_filter(
                [
                    'containers.0.publisher' => $source->container()->publisher,
                    'containers.0.title' => $source->container()->title,
                ],
                static fn (string $house): bool => $name->isGroup() && Publishers::same($name->group, $house),
            );
            self::assertNotSame(
                [],
                array_intersect(["contributors.{$place}", ...array_keys($asHouse)], $fields),
                "{$source->id} {$source->kind->id}: ".implode(' ', $fields),
            );
        }
        self::assertGreaterThan(200, $seen);
    }

    public function test_a_source_survives_its_own_json(): void
    {
        foreach (self::sources() as $source) {
            self::assertEquals($source, Source::fromArray($source->toArray(), Kinds::all()));
        }
    }

    public function test_a_source_survives_csl_json(): void
    {
        foreach (self::sources() as $source) {
            self::assertSame(
                self::sorted($source->toArray()),
                self::sorted((new CslJson)->source((new CslJson)->item($source))->toArray()),
                $source->kind->id,
            );
        }
    }

    public function test_unknown_csl_fields_come_back(): void
    {
        $item = [
            'type' => 'book', 'id' => 'x', 'title' => 'Sluices', 'author' => [['family' => 'Zell', 'given' => 'Edda']],
            'call-number' => 'N 12', 'abstract' => 'A book.', 'x-odd' => ['a' => [1, 2]],
        ];
        $back = (new CslJson)->item((new CslJson)->source($item));
        foreach ($item as $key => $value) {
            self::assertSame($value, $back[$key] ?? null, $key);
        }
    }

    /** @return iterable<array{string}> */
    public static function styles(): iterable
    {
        foreach (array_keys(Styles::all()) as $id) {
            yield [$id];
        }
    }

    private static function text(string $style, Source $source): string
    {
        return implode('', array_map(static fn (Run $run): string => $run->text, self::runs($style, $source)));
    }

    /** @return list<string> the paths of the fields that are on the page */
    private static function fields(string $style, Source $source): array
    {
        return array_map(static fn (Run $run): string => (string) $run->field, self::runs($style, $source));
    }

    /** @return list<Run> */
    private static function runs(string $style, Source $source): array
    {
        return Styles::get($style)->entry($source, new CourseRules, new EntryContext);
    }

    /** @return iterable<Source> */
    private static function sources(): iterable
    {
        mt_srand(20261124);
        $pick = static fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        $maybe = static fn (string $value): string => mt_rand(0, 2) === 0 ? '' : $value;
        $kinds = Kinds::all()->list();
        for ($i = 0; $i < self::COUNT; $i++) {
            $kind = $kinds[$i % count($kinds)];
            $people = [];
            for ($n = mt_rand(0, 4) === 4 ? 22 : mt_rand(0, 3); $n > 0; $n--) {
                $people[] = ['role' => $pick($kind->roles)->value, 'name' => $pick([
                    ['given' => 'Halima', 'family' => 'Brook'], [
                        'given' => 'Jun-ho M.', 'family' => 'Marsh', 'particle' => 'van der',
                    ], ['family' => 'Sellanor'],
                    ['group' => 'Dusk Survey, Inc.'], ['screen' => '@millfan77'], [
                        'given' => 'Marten', 'family' => 'Oake', 'suffix' => 'Jr.',
                    ], ['given' => 'نور', 'family' => 'القصب'],
                ])];
            }
            yield Source::fromArray([
                'id' => "s{$i}",
                'kind' => $kind->id,
                'title' => [
                    'main' => $pick(
                        [
                            'The tide', 'Who turns the wheel?', 'Notes etc.', 'On "The Sea Gate"',
                            'Reading <i>Moonpower</i>', 'Stop!', '1898', '<script>alert(1)</script>',
                            'A miller\'s "sea year"',
                        ],
                    ),
                    'subtitle' => $maybe('a history'),
                    'translated' => mt_rand(0, 5) === 0 ? 'The sea mill' : '',
                ],
                'contributors' => $people,
                'containers' => [[
                    'title' => $maybe($pick(['Slack Water Review', 'What Now?', 'Coast & Clay Ltd.'])),
                    'contributors' => mt_rand(0, 2) === 0
                            ? [['role' => Role::Editor->value, 'name' => ['given' => 'Noor', 'family' => 'Castellan']]]
                            : [],
                    'edition' => $maybe(
                        $pick(['2', 'Rev. ed.']),
                    ), 'version' => $maybe('3.1'), 'volume' => $maybe('12'), 'issue' => $maybe('3'), 'number' => $maybe('TM-07'),
                    'publisher' => $maybe($pick(['Quayside Press, Inc.', 'Northmere University Press', 'Dusk Survey'])),
                    'date' => $pick(
                        ['', '2014', '3 May 2023', 'spring 2020', 'c. 1890', '1961-1968', 'in press', '2023-02-30'],
                    ),
                    'pages' => $maybe(
                        $pick(['215-239', '7', 'A1+']),
                    ), 'url' => $maybe('https://www.slackwater.example/a?utm_source=x'), 'doi' => $maybe('10.5555/a.1'),
                ]],
                'accessed' => $maybe('4 March 2027'),
                'genre' => mt_rand(0, 4) === 0 ? 'Press release' : '',
                'original' => mt_rand(0, 5) === 0 ? ['date' => '1898'] : [],
                'language' => $pick(['', '', 'en', 'es']),
            ], Kinds::all());
        }
    }

    /**
     * @param  array<mixed>  $value
     * @return array<mixed>
     */
    private static function sorted(array $value): array
    {
        ksort($value);
        // A date comes back in the format's own spelling.
        foreach (['date', 'accessed'] as $key) {
            if (is_string($value[$key] ?? null)) {
                $value[$key] = PartialDate::parse($value[$key])->edtf();
            }
        }

        return array_map(static fn (mixed $one): mixed => is_array($one) ? self::sorted($one) : $one, $value);
    }
}
