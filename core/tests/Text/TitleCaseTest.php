<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Text;

use Bibrel\Core\Text\TitleCase;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TitleCaseTest extends TestCase
{
    #[DataProvider('headlines')]
    public function test_headline_case(string $title, string $expected): void
    {
        self::assertSame($expected, TitleCase::headline($title));
    }

    /** @return iterable<array{string, string}> */
    public static function headlines(): iterable
    {
        yield ['the mill that ran twice a day', 'The Mill That Ran Twice a Day'];
        yield ['mills of the tidal coast', 'Mills of the Tidal Coast'];
        yield ['moonpower: the mills of a coast', 'Moonpower: The Mills of a Coast'];
        yield ['what the tide is for', 'What the Tide Is For'];
        yield ['between sea and shore', 'Between Sea and Shore'];
        yield ['A walk Between the gates', 'A Walk between the Gates'];
        yield ['long-eared bats', 'Long-Eared Bats'];
        yield ['the eBook of NASA and the McBrides', 'The eBook of NASA and the McBrides'];
        yield ['who turns the wheel? a miller answers', 'Who Turns the Wheel? A Miller Answers'];
        yield ['reading <i>the sea miller</i> aloud', 'Reading <i>The Sea Miller</i> Aloud'];
        yield ['notes on <span class="nocase">iron mill</span> design', 'Notes on <span class="nocase">iron mill</span> Design'];
        yield ['', ''];
    }

    #[DataProvider('sentences')]
    public function test_sentence_case(string $title, string $expected): void
    {
        self::assertSame($expected, TitleCase::sentence($title));
    }

    /** @return iterable<array{string, string}> */
    public static function sentences(): iterable
    {
        yield ['The Mill That Ran Twice a Day', 'The mill that ran twice a day'];
        yield ['Moonpower: Mills of the Tidal Coast', 'Moonpower: Mills of the tidal coast'];
        yield ['LED Lamps and the Bats of Northmere', 'LED lamps and the bats of Northmere'];
        yield ['Lessons in English on a Monday in France', 'Lessons in English on a Monday in France'];
        yield ['A Self-Report on Long-Eared Bats', 'A self-report on long-eared bats'];
        yield ['The patient Wheel of Northmere', 'The patient Wheel of Northmere'];
        yield ['What I Saw at Low Water', 'What I saw at low water'];
        yield ['Visiting <span class="nocase">Mill Street</span> at Night', 'Visiting <span class="nocase">Mill Street</span> at night'];
        yield ['On “The Sea Gate” and Other Poems', 'On “The sea gate” and other poems'];
    }

    public function test_capitals_throughout_become_a_headline(): void
    {
        self::assertSame('Council to Dim Harbour Lamps for Bats', TitleCase::fromCapitals('COUNCIL TO DIM HARBOUR LAMPS FOR BATS'));
    }

    public function test_each_form_leaves_its_own_result_alone(): void
    {
        foreach (['The Mill That Ran Twice a Day', 'A Walk between the Gates: A Story'] as $headline) {
            self::assertSame($headline, TitleCase::headline($headline));
        }
        foreach (['The mill that ran twice a day', 'LED lamps and the bats of Northmere'] as $sentence) {
            self::assertSame($sentence, TitleCase::sentence($sentence));
        }
    }
}
