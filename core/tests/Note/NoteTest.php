<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Note;

use Bibrel\Core\Note\Note;
use Bibrel\Core\Note\QuotedWords;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Styles;
use Bibrel\Core\Text\Run;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NoteTest extends TestCase
{
    private const PAGE = "The mill’s wheel turned twice a day, “as the moon allowed,” and nobody asked for more.\nBy 1911 the\npond had silted up — and the miller with it.";

    /** @return iterable<string, array{array<string, mixed>, string, string}> note, in MLA, in APA */
    public static function copied(): iterable
    {
        $at = static fn (string $kind, string $value): array => ['place' => ['kind' => $kind, 'value' => $value]];
        yield 'a quotation with its page' => [
            ['kind' => 'quotation', 'text' => 'The wheel turned twice a day.'] + $at('page', '12'),
            '“The wheel turned twice a day” (Brook 12).', '“The wheel turned twice a day” (Brook, 2014, p. 12).',
        ];
        yield 'a question keeps its mark' => [
            ['kind' => 'quotation', 'text' => 'Who asked for more?'] + $at('page', '12-13'),
            '“Who asked for more?” (Brook 12–13).', '“Who asked for more?” (Brook, 2014, pp. 12–13).',
        ];
        yield 'a quotation inside becomes single' => [
            ['kind' => 'quotation', 'text' => 'It turned “as the moon allowed”'] + $at('page', '3'),
            '“It turned ‘as the moon allowed’” (Brook 3).', '“It turned ‘as the moon allowed’” (Brook, 2014, p. 3).',
        ];
        yield 'straight marks become curly' => [
            ['kind' => 'quotation', 'text' => 'the mill\'s wheel'] + $at('page', '3'),
            '“the mill’s wheel” (Brook 3).', '“the mill’s wheel” (Brook, 2014, p. 3).',
        ];
        yield 'in one’s own words' => [
            ['kind' => 'paraphrase', 'text' => 'The mill ran with the tides.'] + $at('page', '12'),
            'The mill ran with the tides (Brook 12).', 'The mill ran with the tides (Brook, 2014, p. 12).',
        ];
        yield 'without a place' => [
            ['kind' => 'paraphrase', 'text' => 'The mill ran with the tides.'],
            'The mill ran with the tides (Brook).', 'The mill ran with the tides (Brook, 2014).',
        ];
        yield 'a thought cites nothing' => [
            ['kind' => 'thought', 'text' => 'Ask the archive.'] + $at('page', '12'), 'Ask the archive.', 'Ask the archive.',
        ];
        $long = trim(str_repeat('twelve words that say what a mill by the sea can do ', 6)).'.';
        yield 'many words are a block: no marks, the citation after the stop' => [
            ['kind' => 'quotation', 'text' => $long] + $at('page', '12'), "{$long} (Brook 12)", "{$long} (Brook, 2014, p. 12)",
        ];
        $forty = trim(str_repeat('ten words of a mill that stands in the sea ', 4));
        yield 'forty words are a block in APA and none in MLA' => [
            ['kind' => 'quotation', 'text' => "{$forty}."] + $at('page', '12'), "“{$forty}” (Brook 12).", "{$forty}. (Brook, 2014, p. 12)",
        ];
    }

    /** @param  array<string, mixed>  $note */
    #[DataProvider('copied')]
    public function test_a_note_goes_into_a_draft_with_its_citation(array $note, string $mla, string $apa): void
    {
        $source = Source::fromArray(['kind' => 'book', 'title' => 'Moonpower', 'contributors' => [['role' => 'author', 'name' => ['given' => 'Halima', 'family' => 'Brook']]], 'containers' => [['date' => '2014']]], Kinds::all());
        foreach (['mla-9' => $mla, 'apa-7' => $apa] as $style => $wanted) {
            $runs = Note::fromArray($note)->forDraft($source, Styles::get($style), new EntryContext);
            self::assertSame($wanted, implode('', array_map(static fn (Run $one): string => $one->text, $runs)));
        }
    }

    /** @return iterable<string, array{string, ?string}> quotation, where it departs */
    public static function quoted(): iterable
    {
        yield 'word for word' => ['wheel turned twice a day', null];
        yield 'over a line break' => ['By 1911 the pond had silted up', null];
        yield 'with other quotation marks and dashes' => ["'as the moon allowed,' and nobody asked", null];
        yield 'with a dash written otherwise' => ['silted up—and the miller', null];
        yield 'with a stop of one’s own' => ['nobody asked for more', null];
        yield 'a stop in the middle of a sentence' => ['The mill’s wheel turned.', null];
        yield 'something left out' => ['The mill’s wheel turned . . . and nobody asked', null];
        yield 'something left out in brackets' => ['wheel turned […] as the moon allowed', null];
        yield 'something put in' => ['By 1911 the [mill] pond had silted up', null];
        yield 'a capital that was changed' => ['[T]wice a day', null];
        yield 'another word' => ['wheel turned thrice a day', 'wheel turned thrice'];
        yield 'a word too many' => ['turned only twice a day', 'turned only'];
        yield 'a word left out in silence' => ['the pond silted up', 'the pond silted'];
        yield 'pieces in another order' => ['By 1911 . . . the wheel turned', 'wheel turned'];
        yield 'nothing of it' => ['Herons stand still', 'Herons'];
    }

    #[DataProvider('quoted')]
    public function test_a_quotation_is_held_against_the_page(string $quotation, ?string $departs): void
    {
        $found = (new QuotedWords($quotation))->departure(self::PAGE);
        $departs === null ? self::assertNull($found) : self::assertNotNull($found);
        if ($departs !== null && $quotation !== 'By 1911 . . . the wheel turned') {
            self::assertSame($departs, $found);
        }
    }

    public function test_a_note_comes_back_as_it_was_and_nonsense_is_left_out(): void
    {
        $json = ['kind' => 'quotation', 'text' => "One.\n\nTwo.", 'place' => ['kind' => 'time', 'value' => '1:20'], 'tags' => ['mills', 'Sea'], 'on' => '2026-11-26'];
        self::assertSame($json, Note::fromArray($json)->toArray());
        $odd = Note::fromArray(['kind' => 'song', 'text' => 7, 'place' => 'here', 'tags' => ['a', ' A ', '', 5], 'on' => 'today']);
        self::assertSame(['kind' => 'thought', 'text' => '', 'place' => ['kind' => '', 'value' => ''], 'tags' => ['a'], 'on' => ''], $odd->toArray());
    }
}
