<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Draft;

use Bibrel\Core\Draft\DraftCheck;
use Bibrel\Core\Draft\DraftView;
use Bibrel\Core\Draft\Format\PlainDraft;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Styles;
use PHPUnit\Framework\TestCase;

/** What the screen is told of a draft. */
final class DraftViewTest extends TestCase
{
    public function test_the_same_fault_made_twice_is_two_things_to_put_right(): void
    {
        $keys = self::keys("The wheel was old (Brook, 15).\n\nThe wheel was new (Brook, 15).");
        self::assertCount(2, $keys);
        self::assertCount(2, array_unique($keys));
    }

    public function test_what_is_written_before_it_changes_no_key(): void
    {
        $keys = self::keys('The wheel was old (Brook, 15).');
        self::assertCount(1, $keys);
        self::assertSame($keys, self::keys("A pond lies here.\n\nThe wheel was old (Brook, 15)."));
    }

    /** @return list<string> */
    private static function keys(string $text): array
    {
        $style = Styles::get('mla-9');
        $page = Page::compose(DraftCase::sources(['moonpower']), $style, new CourseRules);
        $draft = (new PlainDraft($text))->draft();
        $view = (new DraftView($draft, (new DraftCheck($page, $style))->report($draft)))->toArray();

        return array_column(array_merge(...array_column($view['citations'], 'issues')), 'key');
    }
}
