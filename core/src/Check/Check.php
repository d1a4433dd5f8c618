<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Text;
use Bibrel\Core\Style\Style;

/** What a careful librarian would remark on a source as it stands. */
final class Check
{
    /**
     * @param  ?Style  $style  whose words for what is missing are used
     * @param  ?int  $today  as YYYYMMDD, for dates in the future; they are not looked at without it
     * @return list<Issue>
     */
    public static function source(Source $source, ?Style $style = null, ?int $today = null): array
    {
        $issues = [];
        foreach ([new MissingFields($style), new TitleChecks, new NameChecks, new DateChecks($today), new PlaceChecks, new KindChecks] as $checks) {
            array_push($issues, ...$checks->on($source));
        }

        return $issues;
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
        $first = $source->contributors[0] ?? null;
        $identities = [];
        foreach ($source->containers as $container) {
            $identities[] = $container->doi === '' ? '' : 'doi:'.strtolower((string) preg_replace('~^.*?(?=10\.)~', '', $container->doi));
            $identities[] = $container->url === '' ? '' : 'url:'.rtrim((string) preg_replace('~^https?://(?:www\.)?|[?#].*$~i', '', $container->url), '/');
        }
        $title = Text::folded($source->title->full());
        $identities[] = mb_strlen($title) < 6 || $first === null ? '' : implode('|', ["title:{$title}", Text::folded($first->name->direct()), Text::folded($source->container()->title), (string) $source->date()->year]);

        return array_values(array_filter($identities, static fn (string $identity): bool => $identity !== ''));
    }
}
