<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Draft;

use Bibrel\Core\Draft\Citation\Cite;
use Bibrel\Core\Draft\Citation\CiteParser;
use Bibrel\Core\Draft\DraftCheck;
use Bibrel\Core\Draft\Format\PlainDraft;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CitationsTest extends TestCase
{
    /** @return iterable<string, array{DraftCase}> */
    public static function drafts(): iterable
    {
        foreach (DraftCase::all() as $case) {
            yield $case->name => [$case];
        }
    }

    #[DataProvider('drafts')]
    public function test_a_draft_is_read_as_a_teacher_reads_it(DraftCase $case): void
    {
        self::assertEquals($case->expected(), $case->found());
        $uncited = $case->report()['uncited'];
        sort($uncited);
        $wanted = $case->uncited;
        sort($wanted);
        self::assertSame($wanted, $uncited);
    }

    /** @return iterable<array{string, string}> the inside of parentheses, and what it says: who|work|years|places */
    public static function forms(): iterable
    {
        yield ['Brook 15', 'Brook|||15'];
        yield ['Brook, Moonpower 15', 'Brook|Moonpower||15'];
        yield ['Brook and Vale 3–5', 'Brook and Vale|||3–5'];
        yield ['Brook, Vale, and Harrow 3', 'Brook, Vale, and Harrow|||3'];
        yield ['Brook et al.', 'Brook et al.|||'];
        yield ['“Tide Mills”', 'Tide Mills|||'];
        yield ['"Tide Mills," 2017', 'Tide Mills||2017|'];
        yield ['Brook, 2014, p. 15', 'Brook||2014|p. 15'];
        yield ['Brook, 2014a, 2014b', 'Brook||2014a,2014b|'];
        yield ['Brook & Vale, 2014; Harrow, 2001', 'Brook & Vale||2014|;Harrow||2001|'];
        yield ['qtd. in Brook 15', 'Brook|||15'];
        yield ['as cited in Brook, 2014, pp. 15–17', 'Brook||2014|pp. 15–17'];
        yield ['act 3, scene 1', '|||act 3,scene 1'];
        yield ['3.1.45', '|||3.1.45'];
        yield ['Last Miller 00:41:10–00:42:05', 'Last Miller|||00:41:10–00:42:05'];
        yield ['Harrow xii', 'Harrow|||xii'];
        yield ['Northmere Mill Trust [NMT], 2020', 'Northmere Mill Trust [NMT]||2020|'];
        yield ['van der Meer 118', 'van der Meer|||118'];
        yield ['Penhale, n.d., para. 4', 'Penhale||n.d.|para. 4'];
        yield ['2014, p. 15', '||2014|p. 15'];
        yield ['see also Harrow, 1898/2001', 'Harrow||1898/2001|'];
    }

    #[DataProvider('forms')]
    public function test_every_usual_form_is_taken_apart(string $inside, string $said): void
    {
        $cites = (new CiteParser)->parse($inside) ?? [];
        self::assertSame($said, implode(';', array_map(static fn (Cite $one): string => implode('|', [
            $one->who,
            $one->work,
            implode(',', $one->years),
            implode(',', array_map(static fn ($place): string => trim("{$place->label} {$place->value}"), $one->places)),
        ]), $cites)));
    }

    /** @return iterable<array{string, string}> */
    public static function asides(): iterable
    {
        foreach ([
            'The mill (a ruin by then) was sold.', 'The war of 1914 (and the flood of 1922) did the rest.',
            'The sample was small (n = 15; p < .05).', 'There were three: (1) a wheel, (2) a pond, (3) a gate.',
            'The Northmere Coast Railway (NCR) came in 1897.', 'It rose to 2.4 million (about 12%).',
            'It was fought in the Great War (1914–1918).', 'The results are clear (see Figure 2).',
            'She was born in Low Sallow (population 212) in May (a Tuesday).', 'The power is known (P = A · h / t).',
            'The keeper (a man named Sedley) slept.', 'The Treaty of Sallow (1898) ended it.',
            'Northmere (the town, not the coast) is small.', 'It opened late (12 May 1914).', 'The bus leaves at nine (9:15).',
            'The ratio was good (3.5).', 'See the plan (in chapter 2) and the list (Appendix B).',
        ] as $text) {
            yield [$text, 'mla-9'];
            yield [$text, 'apa-7'];
        }
    }

    #[DataProvider('asides')]
    public function test_what_is_no_citation_is_left_alone(string $text, string $style): void
    {
        self::assertSame([], self::report($text, $style, ['moonpower', 'harrow'])['citations']);
    }

    public function test_each_fault_says_the_form_that_would_be_right(): void
    {
        $right = static fn (string $text, string $style): string => self::report($text, $style, ['moonpower', 'ilves', 'okafor'])['citations'][0]['right'];
        self::assertSame('(Ilves and Castellan 220)', $right('So it was (Castellan & Ilves, p. 220).', 'mla-9'));
        self::assertSame('(Okafor et al. 14)', $right('So it was (Okafor, Lind, and Marsh 14).', 'mla-9'));
        self::assertSame('(Ilves & Castellan, 2019, p. 220)', $right('So it was (Ilves and Castellan, 2019, p. 220).', 'apa-7'));
        self::assertSame('Ilves and Castellan (2019)', $right('Ilves & Castellan (2019) say so.', 'apa-7'));
        self::assertSame('(Brook, 2014)', $right('So it was (Brook, 2013).', 'apa-7'));
        self::assertSame('', $right('So it was (Brook, 2014).', 'apa-7'), 'what is right needs no other form');
    }

    public function test_a_scene_belongs_to_the_play_the_text_is_about(): void
    {
        $text = "Edda Quill wrote The Salt Wife.\n\nThe place was damp.\n\nThe wife counts (act 1, scene 2), and stops (3.1.4).";
        $citations = self::report($text, 'mla-9', ['saltwife', 'harrow'])['citations'];
        self::assertSame([['saltwife'], ['saltwife']], array_column($citations, 'sources'));
    }

    public function test_who_is_meant_can_be_said_once(): void
    {
        $page = Page::compose(DraftCase::sources(['harrow']), Styles::get('mla-9'), new CourseRules);
        $draft = (new PlainDraft('The railway came late (Hollow 12).'))->draft();
        $report = (new DraftCheck($page, Styles::get('mla-9'), ['Hollow' => 'harrow']))->report($draft)->toArray();
        self::assertSame([['harrow'], ['wrong-name'], '(Harrow 12)'], [
            $report['citations'][0]['sources'], $report['citations'][0]['issues'], $report['citations'][0]['right'],
        ]);
    }

    public function test_a_list_at_the_end_is_no_text_with_citations(): void
    {
        $text = "It was so (Brook, 2014).\n\nReferences\n\nBrook, H. (2014). Moonpower. Quayside Press.\n\nHarrow, R. (2001). Iron and salt. Lantern Row.";
        self::assertCount(1, self::report($text, 'apa-7', ['moonpower'])['citations']);
    }

    /**
     * @param  list<string>  $page
     * @return array<string, mixed>
     */
    private static function report(string $text, string $style, array $page): array
    {
        return (new DraftCheck(Page::compose(DraftCase::sources($page), Styles::get($style), new CourseRules), Styles::get($style)))
            ->report((new PlainDraft($text))->draft())->toArray();
    }
}
