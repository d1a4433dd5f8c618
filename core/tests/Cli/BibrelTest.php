<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Cli;

use Bibrel\Core\Draft\Format\DraftFile;
use Bibrel\Core\Tests\Draft\WordFile;
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

    public function test_a_page_takes_name_paper_number_and_head(): void
    {
        $rtf = static fn (string ...$more): string => self::bibrel(['page', '--style', 'mla-9', '--to', 'rtf', '--out', '-', ...$more], self::BOOKS)[1];
        self::assertStringContainsString('\\paperw12240', $rtf());
        $set = $rtf('--name', 'Adeyemi', '--paper', 'a4', '--first-page', '7');
        self::assertStringContainsString('\\paperw11906\\paperh16838', $set);
        self::assertStringContainsString('Adeyemi {\\field', $set);
        self::assertStringContainsString('\\pgnstarts7', $set);
        $apa = self::bibrel(['page', '--style', 'apa-7', '--to', 'rtf', '--out', '-', '--head', 'professional', '--title', 'Bats'], self::BOOKS)[1];
        self::assertStringContainsString('BATS', $apa);
        foreach ([['--paper', 'b5'], ['--first-page', '0'], ['--head', 'teacher'], ['--to', 'doc']] as $wrong) {
            self::assertSame(2, self::bibrel(['page', '--style', 'mla-9', '--to', 'rtf', '--out', '-', ...$wrong], self::BOOKS)[0]);
        }
    }

    public function test_a_draft_is_held_against_its_sources(): void
    {
        $draft = (string) tempnam(sys_get_temp_dir(), 'draft');
        file_put_contents($draft, "Mills are old (Brook 15).\n\nPonds are older (Harrow 3).\n");
        [$status, $out] = self::bibrel(['draft', '--style', 'mla-9', '--draft', $draft, '--as', 'json'], self::BOOKS);
        $report = json_decode($out, true);
        self::assertSame(0, $status);
        self::assertSame([['(Brook 15)', 0, ['a'], []], ['(Harrow 3)', 1, [], ['not-on-page']]], array_map(
            static fn (array $one): array => [$one['text'], $one['paragraph'], $one['sources'], $one['issues']],
            $report['citations'],
        ));
        self::assertSame([['b'], []], [$report['uncited'], $report['layout']]);
        $text = self::bibrel(['draft', '--style', 'mla-9', '--draft', $draft], self::BOOKS)[1];
        self::assertStringContainsString('paragraph 2: (Harrow 3) → nothing on the page; not-on-page:', $text);
        self::assertSame(2, self::bibrel(['draft', '--style', 'mla-9', '--draft', '/nowhere.docx'], self::BOOKS)[0]);
        unlink($draft);
    }

    public function test_a_page_is_put_at_the_end_of_a_draft_and_takes_the_place_of_a_list_only_when_asked(): void
    {
        $draft = (string) tempnam(sys_get_temp_dir(), 'draft');
        $out = "{$draft}.out";
        $append = static fn (string ...$more): array => self::bibrel(['append', '--style', 'mla-9', '--draft', $draft, '--out', $out, ...$more], self::BOOKS);
        file_put_contents($draft, WordFile::of(WordFile::paper()));
        self::assertSame([0, '', ''], $append());
        file_put_contents($draft, (string) file_get_contents($out));
        [$status, , $error] = $append();
        self::assertSame(2, $status);
        self::assertStringContainsString('--replace', $error);
        self::assertSame([0, '', ''], $append('--replace', '--only-cited'));
        $texts = array_map(static fn ($one): string => $one->text, (new DraftFile((string) file_get_contents($out)))->draft()->paragraphs);
        self::assertSame(['Work Cited', 'Brook, Halima. Moonpower. 2014.'], array_slice($texts, -2));
        file_put_contents($draft, 'Only text.');
        self::assertSame(2, $append()[0]);
        array_map(unlink(...), [$draft, $out]);
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
