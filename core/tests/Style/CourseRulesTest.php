<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Style;

use Bibrel\Core\Format\Inline;
use Bibrel\Core\Source\AccessMethod;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Addresses;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Inclusion;
use Bibrel\Core\Style\RunningHead;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CourseRulesTest extends TestCase
{
    private const PAGE = ['kind' => 'web-page', 'title' => ['main' => 'Tide mills'], 'containers' => [['title' => 'Slack Water Review', 'date' => '3 May 2023', 'url' => 'https://www.slackwater.example/mills']], 'accessed' => '4 March 2027'];

    #[DataProvider('rules')]
    public function test_what_a_teacher_asks_for(string $style, CourseRules $course, string $line): void
    {
        self::assertSame($line, Inline::text(Styles::get($style)->entry(Source::fromArray(self::PAGE, Kinds::all()), $course, new EntryContext)));
    }

    /** @return iterable<array{string, CourseRules, string}> */
    public static function rules(): iterable
    {
        yield ['mla-9', new CourseRules, '“Tide Mills.” Slack Water Review, 3 May 2023, www.slackwater.example/mills.'];
        yield ['mla-9', new CourseRules(addresses: Addresses::Full), '“Tide Mills.” Slack Water Review, 3 May 2023, https://www.slackwater.example/mills.'];
        yield ['mla-9', new CourseRules(addresses: Addresses::None), '“Tide Mills.” Slack Water Review, 3 May 2023.'];
        yield ['mla-9', new CourseRules(accessed: Inclusion::Always), '“Tide Mills.” Slack Water Review, 3 May 2023, www.slackwater.example/mills. Accessed 4 Mar. 2027.'];
        yield ['mla-9', new CourseRules(medium: Inclusion::Always), '“Tide Mills.” Slack Water Review, 3 May 2023, www.slackwater.example/mills. Web.'];
        yield ['mla-7', new CourseRules, '“Tide Mills.” Slack Water Review. N.p., 3 May 2023. Web. 4 Mar. 2027.'];
        yield ['mla-7', new CourseRules(accessed: Inclusion::Never, addresses: Addresses::Full), '“Tide Mills.” Slack Water Review. N.p., 3 May 2023. Web. <https://www.slackwater.example/mills>.'];
        yield ['mla-7', new CourseRules(medium: Inclusion::Never), '“Tide Mills.” Slack Water Review. N.p., 3 May 2023. 4 Mar. 2027.'];
        yield ['apa-7', new CourseRules, 'Tide mills. (2023, May 3). Slack Water Review. https://www.slackwater.example/mills'];
        yield ['apa-7', new CourseRules(accessed: Inclusion::Always), 'Tide mills. (2023, May 3). Slack Water Review. Retrieved March 4, 2027, from https://www.slackwater.example/mills'];
        yield ['apa-7', new CourseRules(addresses: Addresses::None), 'Tide mills. (2023, May 3). Slack Water Review.'];
    }

    public function test_they_survive_their_json(): void
    {
        $course = new CourseRules(Inclusion::Never, Addresses::Bare, false, 'Sources', Inclusion::Always, true);
        self::assertEquals($course, CourseRules::fromArray($course->toArray()));
        self::assertEquals(new CourseRules, CourseRules::fromArray(['accessed' => 'sometimes', 'addresses' => [], 'medium' => 7]));
    }

    public function test_the_head_of_a_sheet(): void
    {
        $title = 'Dimming the Harbour: Street Lighting, Moths and Bats on the Coast';
        $head = static fn (string $style, bool $journal): RunningHead => Styles::get($style)->runningHead(new CourseRules(forJournal: $journal), 'Adeyemi', $title);
        self::assertEquals(new RunningHead('Adeyemi'), $head('mla-9', false));
        self::assertEquals(new RunningHead(''), $head('apa-7', false));
        self::assertEquals(new RunningHead('DIMMING THE HARBOUR: STREET LIGHTING, MOTHS AND', true), $head('apa-7', true));
    }

    public function test_how_a_source_was_reached_decides_which_fields_matter(): void
    {
        $need = static fn (string $kind, AccessMethod $reach, string $path): ?string => ($field = Kinds::all()->get($kind)->fieldAt(FieldPath::parse($path))) === null ? 'no field' : $reach->need($field)?->value;
        self::assertSame('expected', $need('journal-article', AccessMethod::Database, 'containers.1.title'));
        self::assertNull($need('journal-article', AccessMethod::Print, 'containers.1.title'));
        self::assertNull($need('journal-article', AccessMethod::Print, 'containers.0.url'));
        self::assertSame('expected', $need('book', AccessMethod::Web, 'containers.0.url'));
        self::assertSame('expected', $need('ebook', AccessMethod::App, 'containers.1.title'));
        self::assertSame('expected', $need('artwork', AccessMethod::InPerson, 'containers.0.collection'));
        self::assertSame('required', $need('journal-article', AccessMethod::Web, 'containers.0.title'), 'What a kind requires it always requires.');
        self::assertSame(AccessMethod::Database, Source::fromArray(['kind' => 'journal-article', 'containers' => [[], ['title' => 'Shoreline Scholar']]], Kinds::all())->accessMethod());
        self::assertSame(AccessMethod::Web, Source::fromArray(self::PAGE, Kinds::all())->accessMethod());
        self::assertNull(Source::fromArray(['kind' => 'book'], Kinds::all())->accessMethod());
    }

    public function test_a_body_and_the_larger_one_it_belongs_to(): void
    {
        $report = Source::fromArray(['kind' => 'report', 'title' => ['main' => 'Lamps and wings'], 'contributors' => [['role' => 'author', 'name' => ['group' => 'Office of Night Skies', 'parent' => 'Northmere Ministry of Coasts']]], 'containers' => [['date' => '2020']]], Kinds::all());
        $line = static fn (string $style): string => Inline::text(Styles::get($style)->entry($report, new CourseRules, new EntryContext));
        self::assertSame('Northmere Ministry of Coasts, Office of Night Skies. Lamps and Wings. 2020.', $line('mla-9'));
        self::assertSame('Office of Night Skies. (2020). Lamps and wings. Northmere Ministry of Coasts.', $line('apa-7'));
    }
}
