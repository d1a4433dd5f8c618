<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Check;

use Bibrel\Core\Check\OpenPoints;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Dismissal;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\TestCase;

/** Which remarks on a source stay, and which are settled. */
final class OpenPointsTest extends TestCase
{
    public function test_what_was_asked_of_an_empty_field_stays_until_it_is_filled(): void
    {
        self::assertContains('copyright-year', self::ids('', []));
        self::assertNotContains('copyright-year', self::ids('2023', []));
        self::assertNotContains('missing-expected', self::ids('', [], ContainerField::Date->at()->key), 'One question about a field is enough.');
    }

    public function test_a_field_the_source_does_not_have_is_open_no_more_and_says_what_the_style_does(): void
    {
        $points = array_column(self::points('', ['copyright-year']), null, 'field');
        $date = $points[ContainerField::Date->at()->key];
        self::assertSame('hint', $date['severity']);
        self::assertStringStartsWith('You said the source has none.', $date['sentence']);
    }

    public function test_what_waits_for_its_answer_stays_though_its_field_is_filled(): void
    {
        $asks = new Issue('date-doubt', ContainerField::Date->at(), 'Is it?', dismissal: Dismissal::IsRight);
        self::assertContains('date-doubt', array_column(self::points('2023', [], [$asks]), 'id'));
        self::assertNotContains('date-doubt', array_column(self::points('2023', ['date-doubt'], [$asks]), 'id'));
    }

    public function test_a_double_is_told_with_the_other_one_until_it_is_put_aside(): void
    {
        $first = Source::fromArray(['id' => 'a', 'kind' => 'web-page', 'title' => ['main' => 'Gulls']], Kinds::all());
        $double = static fn (array $dismissed): array => array_column((new OpenPoints(Styles::get('mla-9'), 20261126))->of($first, [], $dismissed, $first), 'about', 'id');
        self::assertSame('a', $double([])['double']);
        self::assertArrayNotHasKey('double', $double(['double']));
    }

    /**
     * @param  list<string>  $dismissed
     * @return list<string> ids of the points, of one field or of all
     */
    private static function ids(string $date, array $dismissed, string $field = ''): array
    {
        $points = array_filter(self::points($date, $dismissed), static fn (array $one): bool => $field === '' || $one['field'] === $field);

        return array_column($points, 'id');
    }

    /**
     * @param  list<string>  $dismissed
     * @param  ?list<Issue>  $read
     * @return list<array<string, mixed>>
     */
    private static function points(string $date, array $dismissed, ?array $read = null): array
    {
        $source = Source::fromArray(['id' => 's', 'kind' => 'web-page', 'title' => ['main' => 'The Mill'], 'containers' => [['title' => 'Slack Water Review', 'date' => $date, 'url' => 'https://www.slackwater.example/mill']]], Kinds::all());
        $read ??= [new Issue('copyright-year', ContainerField::Date->at(), 'The copyright line says 2021.', about: '2021', dismissal: Dismissal::HasNone)];

        return (new OpenPoints(Styles::get('mla-9'), 20261126))->of($source, $read, $dismissed);
    }
}
