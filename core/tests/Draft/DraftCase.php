<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Draft;

use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Draft\DraftCheck;
use Bibrel\Core\Draft\Format\PlainDraft;
use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Style\Styles;

/** A draft of core/tests/drafts with what is to be found in it; README.md there says how one is written. */
final readonly class DraftCase
{
    private const MARK = '/\{\{(?<shown>.*?)(?: ~ (?<told>.*?))?(?: ! (?<issues>[a-z -]*?))? = (?<sources>[a-z0-9 -]+)\}\}/u';

    /**
     * @param  list<string>  $page
     * @param  list<string>  $uncited
     * @param  list<string>  $paragraphs  with their marks
     */
    public function __construct(
        public string $name,
        public string $style,
        public array $page,
        public array $uncited,
        public array $paragraphs,
    ) {
    }

    /** @return list<self> */
    public static function all(): array
    {
        return [...self::prose('prose'), ...self::prose('second'), ...self::prose('third'), ...self::prose('fourth'), ...self::prose('fifth'), ...self::planted()];
    }

    /** @return list<self> written by hand, of one folder */
    public static function prose(string $set): array
    {
        $cases = [];
        foreach (glob(self::folder()."/{$set}/*.txt") ?: [] as $file) {
            [$head, $body] = explode("\n\n", (string) file_get_contents($file), 2);
            preg_match_all('/^(\w+): *(.*)$/m', $head, $m);
            $said = array_combine($m[1], $m[2]);
            $list = static fn (string $text): array => array_values(array_filter(preg_split('/[,\s]+/', $text) ?: []));
            $own = array_values(array_filter(explode("\n", $body), static fn (string $line): bool => trim($line) !== ''));
            $cases[] = new self(
                "{$set} ".basename($file, '.txt'),
                $said['style'],
                $list($said['page']),
                $list($said['uncited']),
                self::padded($own, (int) $said['pad'], (int) basename($file, '.txt')),
            );
        }

        return $cases;
    }

    /** @return list<self> put together by chance from core/tests/drafts/planted.php */
    public static function planted(): array
    {
        $table = require self::folder().'/planted.php';
        $cases = [];
        for ($seed = 1; $seed <= 40; $seed++) {
            $style = $seed % 2 === 0 ? 'mla-9' : 'apa-7';
            $random = new \Random\Randomizer(new \Random\Engine\Mt19937($seed));
            $pick = static fn (array $all, int $count): array => array_map(
                static fn (int|string $key): string => $all[$key],
                $random->pickArrayKeys($all, $count),
            );
            $right = $pick($table[$style]['right'], 7);
            $faulty = $seed % 4 < 2 ? [] : $pick($table[$style]['faulty'], 4);
            $sentences = $random->shuffleArray([...$right, ...$faulty]);
            $paragraphs = array_map(static fn (array $some): string => implode(' ', $some), array_chunk($sentences, 2));
            preg_match_all('/= ([a-z ]+)\}\}/', implode(' ', $sentences), $m);
            $cited = array_unique(explode(' ', implode(' ', $m[1])));
            // One more stands on the page and is never cited.
            $cases[] = new self("planted {$seed}", $style, [...$cited, 'marsh'], ['marsh'], self::padded($paragraphs, 8 + $seed % 30, $seed));
        }

        return $cases;
    }

    public function text(): string
    {
        return implode("\n\n", array_map(
            static fn (string $paragraph): string => (string) preg_replace_callback(
                self::MARK,
                static fn (array $m): string => $m['shown'],
                $paragraph,
            ),
            $this->paragraphs,
        ))."\n";
    }

    public function draft(): Draft
    {
        return (new PlainDraft($this->text()))->draft();
    }

    /** @return list<array{text: string, paragraph: int, sources: list<string>, issues: list<string>}> */
    public function expected(): array
    {
        $expected = [];
        foreach ($this->paragraphs as $place => $paragraph) {
            preg_match_all(self::MARK, $paragraph, $marks, PREG_SET_ORDER | PREG_UNMATCHED_AS_NULL);
            foreach ($marks as $mark) {
                // A place alone after a name with its year belongs to that citation.
                if ($mark['told'] === '+') {
                    continue;
                }
                $expected[] = [
                    'text' => $mark['told'] ?? $mark['shown'],
                    'paragraph' => $place,
                    'sources' => self::sorted((string) $mark['sources']),
                    'issues' => self::sorted((string) $mark['issues']),
                ];
            }
        }

        return $expected;
    }

    /** @return list<array{text: string, paragraph: int, sources: list<string>, issues: list<string>}> */
    public function found(): array
    {
        return array_map(static fn (array $one): array => [
            'text' => $one['text'],
            'paragraph' => $one['paragraph'],
            'sources' => self::sorted(implode(' ', $one['sources'])),
            'issues' => self::sorted(implode(' ', $one['issues'])),
        ], $this->report()['citations']);
    }

    /** @return array<string, mixed> */
    public function report(): array
    {
        return (new DraftCheck($this->composed(), $this->style()))->report($this->draft())->toArray();
    }

    public function composed(): Page
    {
        return Page::compose(self::sources($this->page), $this->style(), new CourseRules);
    }

    public function style(): Style
    {
        return Styles::get($this->style);
    }

    /**
     * @param  list<string>  $ids
     * @return list<Source>
     */
    public static function sources(array $ids): array
    {
        static $all = [];
        if ($all === []) {
            foreach (json_decode((string) file_get_contents(self::folder().'/sources.json'), true) as $item) {
                $all[$item['id']] = (new CslJson)->source($item);
            }
        }

        return array_map(static fn (string $id): Source => $all[$id], $ids);
    }

    public static function folder(): string
    {
        return dirname(__DIR__).'/drafts';
    }

    /**
     * @param  list<string>  $own
     * @return list<string> with so many paragraphs of prose without citations between them
     */
    private static function padded(array $own, int $count, int $from): array
    {
        $filler = array_values(array_filter(explode("\n", (string) file_get_contents(self::folder().'/filler.txt'))));
        $all = [];
        for ($i = 0; $i < max($count, count($own)); $i++) {
            if (isset($own[$i])) {
                $all[] = $own[$i];
            }
            if ($i < $count) {
                $all[] = $filler[($from + $i) % count($filler)];
            }
        }

        return $all;
    }

    /** @return list<string> */
    private static function sorted(string $words): array
    {
        $all = array_values(array_filter(explode(' ', $words), static fn (string $one): bool => $one !== '' && $one !== '-'));
        sort($all);

        return $all;
    }
}
