<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Read\Citation\Comparison;
use Bibrel\Core\Read\Citation\FinishedCitation;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Unreadable;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Shown;
use Bibrel\Core\Style\Standing;
use Bibrel\Core\Style\Styles;
use Bibrel\Core\Write\PlainText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FinishedCitationTest extends TestCase
{
    /** A right entry, taken apart and set again in its own style, is the same entry. */
    #[DataProvider('right')]
    public function test_a_right_entry_comes_back_as_it_was(string $style, string $entry, string $kind): void
    {
        $source = FinishedCitation::parse($entry)->source();
        self::assertSame($kind, $source->kind->id);
        self::assertSame($entry, PlainText::line(Styles::get($style)->entry($source, new CourseRules(str_contains($entry, 'Accessed') ? Shown::Always : Shown::Auto), new Standing)));
    }

    /** @return iterable<array{string, string, string}> */
    public static function right(): iterable
    {
        yield ['mla-9', 'Brook, Halima. Moonpower: Mills of the Tidal Coast. Quayside Press, 2014.', 'book'];
        yield ['mla-9', 'Ilves, Piet, and Noor Castellan. “Grain and Tide in a Harbour Town.” Journal of Coastal History, vol. 12, no. 3, 2016, pp. 215–39. Shoreline Scholar, https://doi.org/10.5555/jch.2016.0123.', 'journal-article'];
        yield ['mla-9', 'Varga-Brandt, Lotte. “The Mill That Ran Twice a Day.” Slack Water Review, Northmere Heritage Trust, 3 May 2023, www.slackwater.example/mill-twice-a-day. Accessed 4 Mar. 2027.', 'web-page'];
        yield ['mla-9', '“The Wheel at Low Water.” Tideline, uploaded by Coast and Clay, 3 May 2023, www.tideline.example/v/8812.', 'web-page'];
        yield ['mla-9', 'The Long Tide. Directed by Edda Zell, Lowtide Pictures, 2018.', 'film'];
        yield ['mla-9', 'Reis, Joana. “The Gate at Dusk.” Translated by Piet Ilves. Stories of the Tidal Coast, edited by Noor Castellan, Quayside Press, 2014, pp. 31–44.', 'chapter'];
        yield ['apa-7', 'Brook, H. (2014). Moonpower: Mills of the tidal coast (2nd ed.). Quayside Press.', 'book'];
        yield ['apa-7', 'Ilves, P., & Castellan, N. (2016). Grain and tide in a harbour town. Journal of Coastal History, 12(3), 215–239. https://doi.org/10.5555/jch.2016.0123', 'journal-article'];
        yield ['apa-7', 'Northmere Heritage Trust. (2019, September 14). Tide mills of Northmere. https://www.northmereheritage.example/tide-mills', 'web-page'];
        yield ['apa-7', 'Reis, J. (2014). The gate at dusk (P. Ilves, Trans.). In N. Castellan & D. Karsten (Eds.), Stories of the tidal coast (pp. 31–44). Quayside Press.', 'chapter'];
        yield ['apa-7', 'Light the harbour less [Editorial]. (2021, November 2). Gullhaven Courier, A12.', 'editorial'];
        yield ['apa-7', 'Coast Channel. (2023, May 3). How a tide mill works [Video]. Tideline. https://tideline.example/v/8812', 'online-video'];
        yield ['mla-7', 'Marrow, Ines. “Harbour Lamps to Dim.” Gullhaven Courier 2 Nov. 2021: A12. Print.', 'newspaper-article'];
    }

    public function test_a_subtly_wrong_entry_is_shown_beside_the_right_one_with_the_reason(): void
    {
        $pasted = 'Brook, H. (2014). Moonpower: Mills Of The Tidal Coast. Quayside Press, Inc.';
        $stretches = Comparison::of($pasted, Styles::get('apa-7')->entry(FinishedCitation::parse($pasted)->source(), new CourseRules, new Standing));
        $differing = array_values(array_filter($stretches, static fn (array $one): bool => $one['rule'] !== ''));
        self::assertSame(['Of The Tidal Coast.', 'of the tidal coast.'], [$differing[0]['theirs'], $differing[0]['ours']]);
        self::assertStringContainsString('only the first word', $differing[0]['why']);
        self::assertSame(['Press, Inc.', 'Press.'], [$differing[1]['theirs'], $differing[1]['ours']]);
        self::assertSame($pasted, implode(' ', array_filter(array_column($stretches, 'theirs'))), 'Nothing of what was pasted is lost.');
    }

    public function test_nothing_pasted_counts_as_certain(): void
    {
        foreach (FinishedCitation::parse('Brook, Halima. Moonpower: Mills of the Tidal Coast. Quayside Press, 2014.')->findings as $finding) {
            self::assertNotSame(Confidence::Stated, $finding->confidence, $finding->field);
        }
    }

    #[DataProvider('others')]
    public function test_what_is_no_entry_is_told_apart(string $text): void
    {
        $this->expectException(Unreadable::class);
        FinishedCitation::parse($text);
    }

    /** @return iterable<array{string}> */
    public static function others(): iterable
    {
        yield ['Moonpower'];
        yield ['Moonpower by Halima Brook'];
        yield ['the mills of the tidal coast in the nineteenth century and their keepers'];
        yield [''];
    }
}
