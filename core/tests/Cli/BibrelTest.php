<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Cli;

use PHPUnit\Framework\TestCase;

/** The command line as a caller meets it: what it prints, where, and its exit status. */
final class BibrelTest extends TestCase
{
    private const BOOKS = '[{"id":"b","type":"book","title":"Zebra pond","author":[{"family":"Zell","given":"Edda"}],"issued":{"date-parts":[[1961]]}},{"id":"a","type":"book","title":"Moonpower","author":[{"family":"Brook","given":"Halima"}],"issued":{"date-parts":[[2014]]}}]';

    public function test_cite_prints_one_entry_a_line_in_page_order(): void
    {
        self::assertSame(
            [0, "Brook, Halima. Moonpower. 2014.\nZell, Edda. Zebra Pond. 1961.\n", ''],
            self::bibrel(['cite', '--style', 'mla-9'], self::BOOKS),
        );
        self::assertSame(
            "Brook, H. (2014). <i>Moonpower</i>.\nZell, E. (1961). <i>Zebra pond</i>.\n",
            self::bibrel(['cite', '--style', 'apa-7', '--as', 'html'], self::BOOKS)[1],
        );
    }

    public function test_cite_as_json_gives_runs_with_field_and_rule(): void
    {
        $entries = json_decode(self::bibrel(['cite', '--style=mla-9', '--as=json'], self::BOOKS)[1], true);
        self::assertSame('a', $entries[0]['id']);
        self::assertSame(
            [
                'text' => 'Brook, Halima',
                'italic' => false,
                'field' => 'contributors.0',
                'rule' => 'mla.author.inverted',
            ],
            $entries[0]['runs'][0],
        );
    }

    public function test_intext_prints_parentheses_and_narrative(): void
    {
        self::assertSame(
            "(Brook 15)\n(Zell 15)\n",
            self::bibrel(['intext', '--style', 'mla-9', '--locator', 'page=15'], self::BOOKS)[1],
        );
        self::assertSame(
            "Brook (2014)\nZell (1961)\n",
            self::bibrel(['intext', '--style', 'apa-7', '--narrative'], self::BOOKS)[1],
        );
    }

    public function test_a_file_is_read_like_standard_input(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'books');
        file_put_contents($file, "\xEF\xBB\xBF".self::BOOKS);
        try {
            self::assertSame("(Brook)\n(Zell)\n", self::bibrel(['intext', '--style', 'mla-9', $file], '')[1]);
        } finally {
            unlink($file);
        }
    }

    public function test_an_empty_array_is_an_empty_page(): void
    {
        self::assertSame([0, '', ''], self::bibrel(['cite', '--style', 'mla-9'], '[]'));
    }

    public function test_what_cannot_be_read_is_one_plain_line_and_status_2(): void
    {
        foreach ([
            [['cite', '--style', 'mla-9'], '{broken', 'not valid JSON'],
            [['cite', '--style', 'mla-9'], '', 'empty'],
            [['cite', '--style', 'mla-9'], '"text"', 'neither'],
            [['cite', '--style', 'mla-9'], '[{"title":"x"}, 7]', 'Item 2'],
            [['cite', '--style', 'mla-99'], '[]', 'There is no style'],
            [['cite'], '[]', '--style is missing'],
            [['cite', '--style', 'mla-9', '--accessed', 'sometimes'], '[]', 'auto, always or never'],
            [['cite', '--style', 'mla-9', '/no/such/file.json'], '', 'cannot be read'],
            [['cite', '--style', 'mla-9', '--as', 'smoke'], self::BOOKS, 'not a way to print'],
            [['intext', '--style', 'mla-9', '--locator', 'shelf=3'], self::BOOKS, 'not a kind of place'],
            [['conjure'], '', 'Use: bibrel'],
            [['cite', '--style', 'mla-9'], '{"foo":1}', 'neither a type nor a title'],
            [['cite', '--style', 'mla-9', '--style', 'apa-7'], self::BOOKS, 'given twice'],
            [['cite', '--style', 'mla-9', '--', '--as'], self::BOOKS, '“--as” cannot be read'],
            [['intext', '--style', 'mla-9', '--locator', 'page='], self::BOOKS, 'no value'],
            [['intext', '--style', 'mla-9', '--narrative=no'], self::BOOKS, 'takes no value'],
            [['intext', '--style', 'mla-9', '--locator'], self::BOOKS, 'needs a value'],
            [['schema', '--deep'], '', 'not an option'],
            [['page', '--style', 'mla-9', '--to', 'txt', '--out', '/dev/full'], self::BOOKS, 'cannot be written'],
        ] as [$words, $input, $sentence]) {
            [$status, $out, $error] = self::bibrel($words, $input);
            self::assertSame([2, ''], [$status, $out], implode(' ', $words));
            self::assertSame(1, substr_count($error, "\n"), $error);
            self::assertStringContainsString($sentence, $error);
        }
    }

    public function test_help_and_version_are_answers_and_no_mistakes(): void
    {
        foreach ([
            'cite', 'intext', 'caption', 'page', 'convert', 'check', 'read', 'rules', 'formats', 'schema', 'types',
            'bench',
        ] as $command) {
            [$status, $out, $error] = self::bibrel([$command, '--help'], '');
            self::assertSame([0, ''], [$status, $error]);
            self::assertStringStartsWith("Use: bibrel {$command}", $out);
            self::assertStringContainsString("  {$command}", self::bibrel(['--help'], '')[1]);
        }
        self::assertMatchesRegularExpression('/^bibrel \d+\.\d+\.\d+\n$/', self::bibrel(['--version'], '')[1]);
    }

    public function test_a_dash_is_standard_input_and_output(): void
    {
        self::assertSame(
            "Brook, Halima. Moonpower. 2014.\nZell, Edda. Zebra Pond. 1961.\n",
            self::bibrel(['cite', '--style', 'mla-9', '-'], self::BOOKS)[1],
        );
        self::assertStringContainsString(
            'Zebra Pond',
            self::bibrel(['page', '--style', 'mla-9', '--to', 'txt', '--out', '-'], self::BOOKS)[1],
        );
    }

    public function test_our_own_shape_is_recognised(): void
    {
        self::assertSame(
            [0, "Low Water.\n", ''],
            self::bibrel(['cite', '--style', 'mla-9'], '[{"kind":"book","title":{"main":"Low water"}}]'),
        );
    }

    public function test_a_caption_counts_on_and_keeps_italics(): void
    {
        $out = self::bibrel(['caption', '--style', 'mla-9', '--number', '4', '--as', 'html'], self::BOOKS)[1];
        self::assertSame(
            "Fig. 4. Halima Brook, <i>Moonpower</i>, 2014.\n\nFig. 5. Edda Zell, <i>Zebra Pond</i>, 1961.\n",
            $out,
        );
        self::assertSame(
            "(<i>Low</i>)\n",
            self::bibrel(['intext', '--style', 'mla-9', '--as', 'html'], '[{"type":"book","title":"Low"}]')[1],
        );
    }

    public function test_a_full_disk_is_said(): void
    {
        $process = proc_open(
            [dirname(__DIR__, 3).'/bin/bibrel', 'cite', '--style', 'mla-9'],
            [['pipe', 'r'], ['file', '/dev/full', 'w'], ['pipe', 'w']],
            $pipes,
        );
        self::assertIsResource($process);
        fwrite($pipes[0], self::BOOKS);
        fclose($pipes[0]);
        self::assertStringContainsString('cannot be written', (string) stream_get_contents($pipes[2]));
        self::assertSame(2, proc_close($process));
    }

    public function test_read_turns_a_saved_page_into_an_item(): void
    {
        [$status, $out] = self::bibrel(
            [
                'read',
                dirname(__DIR__, 3).'/standins/sites/slackwater.example/grain-by-moonlight.html',
                '--url',
                'https://www.slackwater.example/grain-by-moonlight',
            ],
            '',
        );
        $items = json_decode($out, true);
        self::assertSame(0, $status);
        self::assertCount(1, $items);
        self::assertSame([['family' => 'Brook', 'given' => 'Halima']], $items[0]['author']);
        self::assertSame(['date-parts' => [[2023, 5, 3]]], $items[0]['issued']);
    }

    public function test_it_works_without_any_other_package(): void
    {
        $core = dirname(__DIR__, 2);
        $code = 'require "'.$core
            .'/autoload.php"; exit((new Bibrel\Core\Cli\Bibrel)->run(["cite", "--style", "mla-9"]));';
        $process = proc_open(
            [PHP_BINARY, '-n', ...self::extensions(), '-r', $code],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
            sys_get_temp_dir(),
        );
        self::assertIsResource($process);
        fwrite($pipes[0], self::BOOKS);
        fclose($pipes[0]);
        self::assertSame(
            "Brook, Halima. Moonpower. 2014.\nZell, Edda. Zebra Pond. 1961.\n",
            stream_get_contents($pipes[1]).stream_get_contents($pipes[2]),
        );
        self::assertSame(0, proc_close($process));
    }

    /** @return list<string> the core's own extensions, loaded by name since no configuration is read */
    private static function extensions(): array
    {
        $options = ['-d', 'extension_dir='.ini_get('extension_dir')];
        foreach (['mbstring', 'intl', 'dom', 'ctype'] as $extension) {
            if (is_file(ini_get('extension_dir')."/{$extension}.so")) {
                array_push($options, '-d', "extension={$extension}");
            }
        }

        return $options;
    }

    /**
     * @param  list<string>  $words
     * @return array{int, string, string} exit status, output, error output
     */
    private static function bibrel(array $words, string $input): array
    {
        $process = proc_open(
            [dirname(__DIR__, 3).'/bin/bibrel', ...$words],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
        );
        self::assertIsResource($process);
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $error = (string) stream_get_contents($pipes[2]);

        return [proc_close($process), $out, $error];
    }
}
