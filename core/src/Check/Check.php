<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\Dismissal;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Identity;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Style;

/** What a careful librarian would remark on a source as it stands. */
final readonly class Check
{
    /** @var list<Checks> */
    private array $checks;

    /**
     * @param  ?Style  $style  whose words for what is missing are used
     * @param  ?int  $today  as YYYYMMDD, for dates in the future; they are not looked at without it
     */
    public function __construct(?Style $style = null, ?int $today = null)
    {
        $this->checks = [
            new MissingFields($style), new TitleChecks($style), new NameChecks, new DateChecks($today), new PlaceChecks, new KindChecks,
        ];
    }

    /** @return list<Issue> */
    public function issues(Source $source): array
    {
        return array_merge(...array_map(static fn (Checks $checks): array => $checks->on($source), $this->checks));
    }

    /**
     * The same source twice on a paper.
     *
     * @param  list<Source>  $sources
     * @return array<string, Issue> by the later source's id
     */
    public static function doubles(array $sources): array
    {
        $byId = array_column($sources, null, 'id');

        return array_map(
            static fn (string $first): Issue => self::double($byId[$first]),
            Identity::doubles(array_map(Identity::of(...), $byId)),
        );
    }

    /** @param  Source  $first  what is on the paper already */
    public static function double(Source $first): Issue
    {
        $title = strip_tags($first->title->main);

        return new Issue(
            'double',
            FieldPath::title(),
            ($title === '' ? 'This source' : "“{$title}”").' is on this paper already. Keep one of the two.',
            about: $first->id,
            dismissal: Dismissal::Another,
        );
    }
}
