<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Read;

use Bibrel\Core\Read\Accuracy;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Read\Web\WebPage;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Text\Charset;
use Bibrel\Standins\World;
use PHPUnit\Framework\TestCase;

/** The reader keeps to what it promises: 98 of 100 filled-in values are right, and 90 of 100 that are there are filled in. */
final class AccuracyTest extends TestCase
{
    /** Firms and channels on these pages whose names do not show that they are no persons. */
    private const HOUSES = ['Nightwatch', 'Moorline', 'Buffet Labs', 'Lumenworks', 'Sellanor'];

    public function test_the_stand_in_world(): void
    {
        $accuracy = new Accuracy;
        foreach (self::rows(__DIR__.'/../../../standins/truth.json') as $truth) {
            $answer = World::answer((string) parse_url($truth['url'], PHP_URL_HOST), (string) parse_url($truth['url'], PHP_URL_PATH));
            self::assertSame(200, $answer->status, $truth['url']);
            $reading = WebPage::read((new Charset($answer->body))->toUtf8($answer->type), $truth['url']);
            $accuracy->add($reading, $truth);
            self::assertPersonsArePersons($reading);
        }
        self::assertKept($accuracy);
    }

    public function test_saved_pages(): void
    {
        foreach (self::rows(__DIR__.'/../accuracy/sets.json') as ['set' => $set]) {
            $accuracy = new Accuracy;
            foreach (self::rows(__DIR__."/../accuracy/{$set}.json") as $truth) {
                $reading = WebPage::read((new Charset((string) file_get_contents(__DIR__."/../accuracy/{$set}/{$truth['page']}")))->toUtf8(), $truth['url']);
                $accuracy->add($reading, $truth);
                self::assertPersonsArePersons($reading);
            }
            self::assertKept($accuracy);
        }
    }

    public function test_a_wrong_author_counts_five_times_a_missing_one(): void
    {
        $accuracy = new Accuracy;
        $page = '<h1>Lamps</h1><p>By Oona Pell</p><p>Text.</p>';
        $accuracy->add(WebPage::read($page, 'https://a.example/1'), ['url' => '1', 'authors' => 'Rafael Quist']);
        $accuracy->add(WebPage::read('<h1>Lamps</h1>', 'https://a.example/2'), ['url' => '2', 'authors' => 'Rafael Quist']);
        $accuracy->add(WebPage::read($page, 'https://a.example/3'), ['url' => '3', 'authors' => 'Somebody|Oona Pell']);
        self::assertSame(['wrong' => 1, 'missing' => 1, 'cost' => 6], $accuracy->authors());
        self::assertSame(['precision' => 50.0, 'recall' => 33.3, 'given' => 2, 'there' => 3], $accuracy->table()['authors']);
    }

    /** An entry turns a person's name round and a group's not, so that a person taken for a group is a wrong author too. */
    private static function assertPersonsArePersons(Reading $reading): void
    {
        foreach ($reading->source()->contributors as $one) {
            $name = $one->name->direct();
            self::assertSame(Name::looksLikeGroup($name) || in_array($name, self::HOUSES, true), $one->name->isGroup(), "{$name} on {$reading->url}");
        }
    }

    private static function assertKept(Accuracy $accuracy): void
    {
        $all = $accuracy->table()['all fields'];
        $told = implode("\n", $accuracy->slips);
        self::assertGreaterThanOrEqual(98.0, $all['precision'], $told);
        self::assertGreaterThanOrEqual(90.0, $all['recall'], $told);
        self::assertSame(0, $accuracy->authors()['wrong'], $told);
    }

    /** @return list<array<string, mixed>> */
    private static function rows(string $file): array
    {
        return json_decode((string) file_get_contents($file), true, 16, JSON_THROW_ON_ERROR);
    }
}
