<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli\Command;

use Bibrel\Core\Cli\Arguments;
use Bibrel\Core\Cli\Command;
use Bibrel\Core\Page\ArrayMemory;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Page\PageSource;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Style\Styles;

/**
 * `bibrel bench`: how long it takes to compose pages of 100, 1,000 and 10,000 mixed made-up sources, the best of five
 * each.
 * Cold: nothing is remembered. Warm: everything is but one source, as while somebody types. Where erusev/parsedown is
 * installed (a development dependency), rendering the same finished lines as Markdown paragraphs is timed next to it.
 * Only composing is timed: sources are made before the clock starts, and let go after it stopped.
 */
final class Bench implements Command
{
    private const BEST_OF = 5;

    private const WORDS = [
        'Tide', 'Mill', 'Lantern', 'Creek', 'Harbour', 'Grain', 'Moth', 'Dusk', 'Sluice', 'Wheel', 'Salt', 'Stone',
        'Gate',
        'Pond', 'Shore', 'Lamp',
    ];

    private const NAMES = [
        'Brook', 'Ilves', 'Castellan', 'Varga-Brandt', 'Oake', 'Teal', 'Pell', 'Quist', 'Marrow', 'Karsten',
        'Åslund', 'Zell',
        'Östberg', 'Ruiz',
    ];

    private const KINDS = [
        'web-page', 'book', 'journal-article', 'chapter', 'online-video', 'newspaper-article', 'report', 'photograph',
    ];

    public static function usage(): string
    {
        return '';
    }

    public function run(array $words): string
    {
        Arguments::parse($words, []);
        $out = "style  sources   cold ms  µs each   warm ms  µs each   Parsedown ms  cold ratio  warm ratio\n";
        foreach (['mla-9', 'apa-7'] as $id) {
            $style = Styles::get($id);
            // The first page of a process reads kinds and words; that is paid once, and not by each page.
            Page::compose(self::made(100), $style, new CourseRules);
            foreach ([100, 1000, 10000] as $count) {
                [$cold, $page] = self::best(
                    static fn (): array => self::made($count),
                    static fn (array $sources): Page => Page::compose($sources, $style, new CourseRules),
                );
                $warm = self::warm($count, $style);
                $other = self::parsedown($page);
                $out .= sprintf(
                    '%s  %7d  %8.1f  %7.1f  %8.1f  %7.1f',
                    $id,
                    $count,
                    $cold,
                    $cold * 1000 / $count,
                    $warm,
                    $warm * 1000 / $count,
                )
                    .($other === null ? '' : sprintf(
                        '  %13.1f  %10.2f  %10.2f',
                        $other,
                        $cold / $other,
                        $warm / $other,
                    ))."\n";
                unset($page);
            }
        }

        return $out.sprintf("peak memory: %.1f MB\n", memory_get_peak_usage() / 1048576);
    }

    private static function warm(int $count, Style $style): float
    {
        $memory = new ArrayMemory;
        $sources = array_map(
            static fn (Source $one): PageSource => PageSource::of($one, "{$one->id}.1"),
            self::made($count),
        );
        Page::compose($sources, $style, new CourseRules, $memory);
        $typed = 0;
        [$ms] = self::best(
            static function () use ($sources, &$typed): array {
                $one = $sources[0]->source();
                $typed++;

                return [
                    PageSource::of(
                        Source::fromArray(
                            ['title' => ['main' => "The Tide Typed {$typed}"]] + $one->toArray(),
                            Kinds::all(),
                        ),
                    ),
                    ...array_slice($sources, 1),
                ];
            },
            static fn (array $sources): Page => Page::compose($sources, $style, new CourseRules, $memory),
        );

        return $ms;
    }

    /**
     * @template A
     * @template B
     *
     * @param  callable(): A  $prepare  before the clock starts
     * @param  callable(A): B  $timed
     * @return array{float, B} milliseconds, and what came out
     */
    private static function best(callable $prepare, callable $timed): array
    {
        $best = INF;
        for ($i = 0; $i < self::BEST_OF; $i++) {
            $given = $prepare();
            gc_collect_cycles();
            $start = hrtime(true);
            $result = $timed($given);
            $best = min($best, (hrtime(true) - $start) / 1e6);
        }

        return [$best, $result];
    }

    private static function parsedown(Page $page): ?float
    {
        $file = dirname(__DIR__, 4).'/vendor/erusev/parsedown/Parsedown.php';
        if (! is_file($file)) {
            return null;
        }
        require_once $file;
        $markdown = implode("\n\n", array_map(static fn (PageEntry $entry): string => $entry->text(), $page->entries));

        return self::best(
            static fn (): string => $markdown,
            static fn (string $text): string => (string) (new \Parsedown)->text($text),
        )[0];
    }

    /** @return list<Source> */
    private static function made(int $count): array
    {
        $random = static fn (int $seed, int $of): int => (int) (crc32("bibrel{$seed}") % $of);
        $sources = [];
        for ($i = 0; $i < $count; $i++) {
            $word = static fn (int $n): string => self::WORDS[$random($i * 31 + $n, 16)];
            $people = [];
            for ($n = 0; $n < $random($i + 7, 4); $n++) {
                $given = $word($n + 40).' '.$word($n + 41)[0].'.';
                $people[] = [
                    'role' => 'author',
                    'name' => ['given' => $given, 'family' => self::NAMES[$random($i * 17 + $n, 14)]],
                ];
            }
            $sources[] = Source::fromArray([
                'id' => sprintf('s%06d', $i),
                'kind' => self::KINDS[$i % 8],
                'title' => [
                    'main' => "The {$word(1)} and the {$word(2)} of {$word(3)}",
                    'subtitle' => $i % 3 === 0 ? "A {$word(4)} between {$word(5)}s" : '',
                ],
                'contributors' => $people,
                'containers' => [[
                    'title' => $i % 8 === 1 ? '' : "{$word(6)} {$word(7)} Review",
                    'publisher' => "{$word(8)} University Press",
                    'date' => sprintf('%d-%02d-%02d', 1990 + $i % 35, 1 + $i % 12, 1 + $i % 28),
                    'volume' => (string) ($i % 40 + 1),
                    'issue' => (string) ($i % 4 + 1),
                    'pages' => sprintf('%d-%d', 100 + $i % 300, 120 + $i % 300),
                    'url' => "https://www.bench{$i}.example/a/{$i}",
                ]],
            ], Kinds::all());
        }

        return $sources;
    }
}
