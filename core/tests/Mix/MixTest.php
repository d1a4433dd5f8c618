<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Mix;

use Bibrel\Core\Mix\Answer;
use Bibrel\Core\Mix\Asked;
use Bibrel\Core\Mix\Mix;
use Bibrel\Core\Mix\ScholarlyFinding;
use Bibrel\Core\Mix\Share;
use Bibrel\Core\Mix\Weighed;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A paper written down by hand, counted by hand in 2026. */
final class MixTest extends TestCase
{
    private const YEAR = 2026;

    /** What somebody counts who reads the paper below: label and number, by question. */
    private const BY_HAND = [
        'kind' => ['Book' => 2, 'Journal article' => 2, 'Film' => 1, 'Thesis or dissertation' => 1, 'Web page' => 1],
        'carrier' => ['Printed' => 2, 'Digital' => 3, 'Seen or heard in person' => 1, 'Not known' => 1],
        'primacy' => ['Primary' => 1, 'Secondary' => 1, 'Not said yet' => 5],
        'scholarly' => ['Scholarly' => 3, 'Not scholarly' => 2, 'Cannot be told' => 2],
        'year' => ['2025 to 2026' => 1, '2021 to 2024' => 1, '2016 to 2020' => 1, '1976 to 2000' => 1, 'Before 1976' => 2, 'No date' => 1],
        'author' => ['A person is named' => 5, 'An organisation is named' => 1, 'Nobody is named' => 1],
        'date' => ['With a date' => 6, 'Without a date' => 1],
        'site' => ['tides.example' => 2, 'Coastal Letters' => 1, 'Northmere University' => 1, 'Northmere University Press' => 1, 'Not known' => 1, 'Quayside Press' => 1],
    ];

    public function test_every_question_is_counted_as_by_hand(): void
    {
        $mix = new Mix(self::paper());
        self::assertSame(7, $mix->count(), 'What is left out and what is only an address are not counted.');
        foreach (Mix::measures(self::YEAR) as $measure) {
            $counted = array_map(static fn (Share $one): int => count($one->sources), self::labelled($mix->by($measure)));
            self::assertSame(self::BY_HAND[$measure->id()], $counted, $measure->id());
        }
    }

    public function test_each_source_is_of_one_sort_of_each_question(): void
    {
        $mix = new Mix(self::paper());
        $all = array_map(static fn (Source $one): string => $one->id, $mix->sources());
        sort($all);
        foreach (Mix::measures(self::YEAR) as $measure) {
            $ids = array_merge(...array_map(static fn (Share $one): array => $one->sources, $mix->by($measure)));
            sort($ids);
            self::assertSame($all, $ids, $measure->id());
        }
    }

    public function test_kinds_are_told_in_words(): void
    {
        $words = array_column((new Mix(self::paper()))->kinds(), 'words');
        sort($words);
        self::assertSame(['1 film', '1 thesis', '1 web page', '2 books', '2 journal articles'], $words);
        self::assertSame(['no book', '2 theses'], [Kinds::all()->get('book')->counted(0), Kinds::all()->get('thesis')->counted(2)]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, Confidence}> */
    public static function scholarly(): iterable
    {
        $article = ['kind' => 'journal-article', 'title' => 'Tides'];
        yield 'an article in a numbered journal' => [$article + ['containers' => [['title' => 'Coastal Letters', 'volume' => '4']]], 'yes', Confidence::Guess];
        yield 'an article nothing is known of' => [$article + ['containers' => [['title' => 'Coastal Letters']]], '', Confidence::Guess];
        yield 'a dissertation' => [['kind' => 'thesis', 'title' => 'Tides'], 'yes', Confidence::Guess];
        yield 'a preprint' => [['kind' => 'preprint', 'title' => 'Tides'], '', Confidence::Guess];
        yield 'a magazine' => [['kind' => 'magazine-article', 'title' => 'Tides'], 'no', Confidence::Guess];
        $book = static fn (string $publisher): array => ['kind' => 'book', 'title' => 'Tides', 'containers' => [['publisher' => $publisher]]];
        yield 'a university press' => [$book('Northmere University Press'), 'yes', Confidence::Guess];
        yield 'a university of somewhere press' => [$book('University of West Northmere Press'), 'yes', Confidence::Guess];
        yield 'a press as MLA shortens it' => [$book('Northmere UP'), 'yes', Confidence::Guess];
        yield 'presses in French' => [$book('Presses universitaires de Norrmer'), 'yes', Confidence::Guess];
        yield 'a press in German' => [$book('Universitätsverlag Nordmeer'), 'yes', Confidence::Guess];
        yield 'another house' => [$book('Quayside Press'), '', Confidence::Guess];
        yield 'a house whose name only looks like one' => [$book('Uplift Books'), '', Confidence::Guess];
        yield 'no house' => [$book(''), '', Confidence::Guess];
        yield 'as the student says' => [$book('Quayside Press') + ['scholarly' => 'yes'], 'yes', Confidence::Stated];
        yield 'as the student says against the evidence' => [$article + ['scholarly' => 'no', 'containers' => [['title' => 'Coastal Letters', 'volume' => '4']]], 'no', Confidence::Stated];
    }

    /** @param  array<string, mixed>  $source */
    #[DataProvider('scholarly')]
    public function test_whether_a_source_is_scholarly_is_a_finding(array $source, string $answer, Confidence $sure): void
    {
        $finding = ScholarlyFinding::of(Source::fromArray($source, Kinds::all()));
        self::assertSame([$answer, $sure], [$finding->answer, $finding->confidence], $finding->evidence);
        self::assertStringEndsWith('.', $finding->evidence);
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, bool>}> */
    public static function asked(): iterable
    {
        yield 'nothing' => [[], []];
        yield 'enough' => [['atLeast' => 7, 'atMost' => 7], ['7 of at least 7 sources' => true, 'No more than 7' => true]];
        yield 'too few' => [['atLeast' => 8], ['7 of at least 8 sources' => false]];
        yield 'too many' => [['atMost' => 5], ['7 sources, and at most 5 are asked for' => false]];
        yield 'kinds' => [
            ['kinds' => [['kind' => 'book', 'atLeast' => 2], ['kind' => 'journal-article', 'atLeast' => 3], ['kind' => 'podcast-episode', 'atLeast' => 1], ['kind' => 'map', 'atLeast' => 2]]],
            ['2 books' => true, '2 of at least 3 journal articles' => false, 'No podcast episode yet' => false, 'No map yet, at least 2 are asked for' => false],
        ];
        yield 'scholarly ones' => [['scholarly' => 4], ['3 of at least 4 scholarly sources' => false]];
        yield 'primary ones' => [['primary' => 1], ['1 primary source' => true]];
        yield 'printed ones' => [['printed' => 3], ['2 of at least 3 printed sources' => false]];
        // The photograph of 1911 is a primary source and may be of any age.
        yield 'not older than ten years' => [['years' => 10], ['2 are older than 10 years' => false, '1 has no date, so its age cannot be told' => false]];
        yield 'annotated' => [['annotated' => true], ['6 have no annotation yet' => false]];
        yield 'its style' => [['style' => 'mla-9'], ['In MLA, 9th edition, as asked' => true]];
        yield 'another style' => [['style' => 'apa-7'], ['APA, 7th edition is asked for, and the paper is in MLA, 9th edition' => false]];
        yield 'nonsense asks for nothing' => [['atLeast' => -3, 'years' => 'ten', 'kinds' => [['kind' => 'no-such', 'atLeast' => 2], 'book']], []];
    }

    /**
     * @param  array<string, mixed>  $asked
     * @param  array<string, bool>  $wanted  whether it is met, by the sentence
     */
    #[DataProvider('asked')]
    public function test_what_is_asked_is_answered_in_a_sentence_each(array $asked, array $wanted): void
    {
        $weighed = new Weighed(Asked::fromArray($asked), new Mix(self::paper()), Styles::get('mla-9'), self::YEAR);
        $told = [];
        foreach ($weighed->answers() as $answer) {
            $told[$answer->sentence] = $answer->isMet;
        }
        self::assertSame($wanted, $told);
    }

    public function test_that_enough_are_scholarly_is_said_with_its_doubt_until_the_student_says_so(): void
    {
        $asked = Asked::fromArray(['scholarly' => 1]);
        $hint = static fn (array $more): string => (new Weighed($asked, new Mix([Source::fromArray($more + ['id' => 'T', 'kind' => 'thesis', 'title' => 'Sluices'], Kinds::all())]), Styles::get('mla-9'), self::YEAR))->answers()[0]->hint;
        self::assertSame('As far as we can tell; say so yourself of each. Of 0 nothing tells.', $hint([]));
        self::assertSame('', $hint(['scholarly' => 'yes']));
    }

    public function test_an_answer_names_the_sources_it_is_about(): void
    {
        $weighed = new Weighed(Asked::fromArray(['years' => 10, 'annotated' => true]), new Mix(self::paper()), Styles::get('mla-9'), self::YEAR);
        $ids = array_map(static fn (Answer $one): array => $one->sources, $weighed->answers());
        self::assertSame([['B', 'F'], ['W'], ['P', 'A', 'J', 'T', 'F', 'W']], $ids);
    }

    public function test_what_is_asked_comes_back_as_it_was_written(): void
    {
        $json = ['style' => 'mla-9', 'atLeast' => 8, 'atMost' => 12, 'kinds' => [['kind' => 'book', 'atLeast' => 2]], 'years' => 10, 'scholarly' => 3, 'primary' => 1, 'printed' => 2, 'annotated' => true];
        self::assertSame($json, Asked::fromArray($json)->toArray());
        self::assertTrue(Asked::fromArray([])->isEmpty());
        self::assertFalse(Asked::fromArray($json)->isEmpty());
    }

    /** @return list<Source> */
    private static function paper(): array
    {
        $brook = [['role' => 'author', 'name' => ['given' => 'Halima', 'family' => 'Brook']]];
        $sources = [
            // Printed, by a press of scholars, 1998.
            ['id' => 'B', 'kind' => 'book', 'title' => 'Moonpower', 'contributors' => $brook, 'containers' => [['publisher' => 'Northmere University Press', 'date' => '1998']], 'annotation' => 'All of it.'],
            // Printed, another press, 1911, and studied for itself.
            ['id' => 'P', 'kind' => 'book', 'title' => 'A Miller’s Year', 'contributors' => $brook, 'containers' => [['publisher' => 'Quayside Press', 'date' => '1911']], 'primacy' => 'primary'],
            // On the web, in a numbered journal, 2024.
            ['id' => 'A', 'kind' => 'journal-article', 'title' => 'Salt', 'contributors' => $brook, 'containers' => [['title' => 'Coastal Letters', 'volume' => '4', 'date' => '2024', 'doi' => '10.5555/coast.4']], 'primacy' => 'secondary'],
            // On a site, in a journal nothing tells of, 2018; seen on the web.
            ['id' => 'J', 'kind' => 'journal-article', 'title' => 'Silt', 'contributors' => [['role' => 'author', 'name' => ['group' => 'Tide Trust']]], 'containers' => [['title' => 'Tide Notes', 'date' => '2018', 'url' => 'https://www.tides.example/notes/1']]],
            // Examined, 2025; nobody said how it was reached.
            ['id' => 'T', 'kind' => 'thesis', 'title' => 'Sluices', 'contributors' => $brook, 'containers' => [['publisher' => 'Northmere University', 'date' => '2025']]],
            // Seen in person, 1962, nobody named but the person who made it.
            ['id' => 'F', 'kind' => 'film', 'title' => 'High Water', 'reached' => 'in-person', 'contributors' => [['role' => 'director', 'name' => ['given' => 'Rune', 'family' => 'Oake']]], 'containers' => [['date' => '1962']]],
            // A page without author and date.
            ['id' => 'W', 'kind' => 'web-page', 'title' => 'Why mills stop', 'containers' => [['title' => 'Tides', 'url' => 'https://tides.example/why']]],
            ['id' => 'X', 'kind' => 'book', 'title' => 'Left out', 'leftOut' => true],
            ['id' => 'Y', 'kind' => 'web-page', 'containers' => [['url' => 'https://tides.example/bare']]],
        ];

        return array_map(static fn (array $one): Source => Source::fromArray($one, Kinds::all()), $sources);
    }

    /**
     * @param  list<Share>  $shares
     * @return array<string, Share>
     */
    private static function labelled(array $shares): array
    {
        return array_combine(array_map(static fn (Share $one): string => $one->label, $shares), $shares);
    }
}
