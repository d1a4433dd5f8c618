<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli\Command;

use Bibrel\Core\Cli\Command;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Styles;

/**
 * `bibrel bench`: one warm entry, and pages of 100, 1,000 and 10,000 mixed made-up sources composed and ordered in one
 * pass. Where erusev/parsedown is installed (a development dependency), rendering the same finished lines as Markdown
 * paragraphs is timed beside it.
 */
final class Bench implements Command
{
    private const WORDS = ['Tide', 'Mill', 'Lantern', 'Creek', 'Harbour', 'Grain', 'Moth', 'Dusk', 'Sluice', 'Wheel', 'Salt', 'Stone', 'Gate', 'Pond', 'Shore', 'Lamp'];

    private const NAMES = ['Brook', 'Ilves', 'Castellan', 'Varga-Brandt', 'Oake', 'Teal', 'Pell', 'Quist', 'Marrow', 'Karsten', 'Åslund', 'Zell', 'Östberg', 'Ruiz'];

    private const KINDS = ['web-page', 'book', 'journal-article', 'chapter', 'online-video', 'newspaper-article', 'report', 'photograph'];

    public function run(array $words): string
    {
        $out = '';
        foreach (['mla-9', 'apa-7'] as $id) {
            $style = Styles::get($id);
            $course = new CourseRules;
            $source = self::sources(8)[2];
            $context = new EntryContext;
            for ($i = 0; $i < 200; $i++) {
                $style->entry($source, $course, $context);
            }
            $start = hrtime(true);
            for ($i = 0; $i < 2000; $i++) {
                $style->entry($source, $course, $context);
            }
            $out .= sprintf("%s  one entry, warm: %.1f µs\n", $id, (hrtime(true) - $start) / 2000 / 1000);
            foreach ([100, 1000, 10000] as $count) {
                $sources = self::sources($count);
                $start = hrtime(true);
                $page = Page::compose($sources, $style, $course);
                $ms = (hrtime(true) - $start) / 1e6;
                $out .= sprintf("%s  page of %6d: %8.1f ms, %.1f µs an entry%s\n", $id, $count, $ms, $ms * 1000 / $count, self::parsedown($page, $ms));
            }
        }

        return $out.sprintf("peak memory: %.1f MB\n", memory_get_peak_usage() / 1048576);
    }

    private static function parsedown(Page $page, float $ms): string
    {
        $file = dirname(__DIR__, 3).'/vendor/erusev/parsedown/Parsedown.php';
        if (! is_file($file)) {
            return '';
        }
        require_once $file;
        $markdown = implode("\n\n", array_map(static fn (PageEntry $entry): string => $entry->text(), $page->entries));
        $start = hrtime(true);
        (new \Parsedown)->text($markdown);
        $other = (hrtime(true) - $start) / 1e6;

        return sprintf(' (the same lines through Parsedown: %.1f ms, ratio %.2f)', $other, $ms / $other);
    }

    /** @return list<Source> */
    private static function sources(int $count): array
    {
        $random = static fn (int $seed, int $of): int => (int) (crc32("bibrel{$seed}") % $of);
        $kinds = Kinds::all();
        $sources = [];
        for ($i = 0; $i < $count; $i++) {
            $word = static fn (int $n): string => self::WORDS[$random($i * 31 + $n, 16)];
            $people = [];
            for ($n = 0; $n <= $random($i + 7, 4) - 1; $n++) {
                $people[] = ['role' => 'author', 'name' => ['given' => $word($n + 40).' '.$word($n + 41)[0].'.', 'family' => self::NAMES[$random($i * 17 + $n, 14)]]];
            }
            $sources[] = Source::fromArray([
                'id' => sprintf('s%06d', $i),
                'kind' => self::KINDS[$i % 8],
                'title' => ['main' => "The {$word(1)} and the {$word(2)} of {$word(3)}", 'subtitle' => $i % 3 === 0 ? "A {$word(4)} between {$word(5)}s" : ''],
                'contributors' => $people,
                'containers' => [['title' => $i % 8 === 1 ? '' : "{$word(6)} {$word(7)} Review", 'publisher' => "{$word(8)} University Press", 'date' => sprintf('%d-%02d-%02d', 1990 + $i % 35, 1 + $i % 12, 1 + $i % 28), 'volume' => (string) ($i % 40 + 1), 'issue' => (string) ($i % 4 + 1), 'pages' => sprintf('%d-%d', 100 + $i % 300, 120 + $i % 300), 'url' => "https://www.bench{$i}.example/a/{$i}"]],
            ], $kinds);
        }

        return $sources;
    }
}
