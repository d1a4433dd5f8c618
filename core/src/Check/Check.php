<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Text;
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
        $seen = [];
        $issues = [];
        foreach ($sources as $source) {
            foreach (self::identities($source) as $identity) {
                if (isset($seen[$identity]) && $seen[$identity]->id !== $source->id) {
                    $issues[$source->id] ??= new Issue(
                        'double',
                        FieldPath::title(),
                        "“{$seen[$identity]->title->main}” is on this paper already. Keep one of the two.",
                        about: $seen[$identity]->id,
                    );
                }
                $seen[$identity] ??= $source;
            }
        }

        return $issues;
    }

    /** @return list<string> what two entries of one source have in common */
    private static function identities(Source $source): array
    {
        $identities = [];
        foreach ($source->containers as $container) {
            $doi = strtolower((string) preg_replace('~^.*?(?=10\.)~', '', $container->doi));
            $url = rtrim((string) preg_replace('~^https?://(?:www\.)?|[?#].*$~i', '', $container->url), '/');
            array_push($identities, ...($doi === '' ? [] : ["doi:{$doi}"]), ...($url === '' ? [] : ["url:{$url}"]));
        }
        $title = Text::folded($source->title->full());
        $first = $source->contributors[0] ?? null;
        if ($first !== null && mb_strlen($title) >= 6) {
            $author = Text::folded($first->name->direct());
            $identities[] = implode(
                '|',
                ["title:{$title}", $author, Text::folded($source->container()->title), (string) $source->date()->year],
            );
        }

        return $identities;
    }
}
