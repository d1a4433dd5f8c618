<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Identity;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Text\Collation;

/** What a page must know of one source to place its entry among the others, in one style. */
final readonly class Placement
{
    /**
     * @param  bool  $isListed  whether the style lists it at all
     * @param  bool  $isBare  whether nothing is known of it but where it is
     * @param  Identity  $identity  by which it is known where it stands twice
     * @param  string  $sortKey  for strcmp
     * @param  string  $authors  equal for two sources whose entries begin with the same authors; '' without authors
     * @param  string  $year  equal for two works of one year
     * @param  string  $surname  of the first author, in small letters; '' where it is no person with a given name
     * @param  string  $given  of the first author, in small letters
     * @param  list<string>  $names  of all authors, in small letters, where they are three or more
     */
    private function __construct(
        public bool $isListed,
        public bool $isBare,
        public Identity $identity,
        public string $sortKey,
        public string $authors,
        public string $year,
        public string $surname,
        public string $given,
        public array $names,
    ) {
    }

    private static function isListed(Source $source, Style $style): bool
    {
        return $style->lists($source) && ! $source->leftOut;
    }

    public static function of(Source $source, Style $style, Collation $collation): self
    {
        $date = $source->date();
        $people = array_values($source->primaryContributors());
        $first = $people[0]->name ?? null;
        $isPerson = $first !== null && $first->family !== '' && $first->given !== '';

        return new self(
            self::isListed($source, $style),
            $source->isBare(),
            Identity::of($source),
            $collation->key($style->orderedBy($source))."\0".$source->id."\0"
                .($source->id === '' ? self::told($source) : ''),
            $style->authorKey($source),
            $date->isDate()
                ? $date->year.($date->end === null ? '' : '/'.$date->end->year)
                : $source->container()->status.$date->text,
            $isPerson ? mb_strtolower($first->surname()) : '',
            $isPerson ? mb_strtolower($first->given) : '',
            count($people) < 3 ? [] : array_map(self::name(...), $people),
        );
    }

    private static function name(Contributor $one): string
    {
        return mb_strtolower($one->name->surname() ?: $one->name->direct());
    }

    /** What settles the order of two sources that have no id. */
    private static function told(Source $source): string
    {
        return json_encode($source->toArray(), JSON_THROW_ON_ERROR);
    }
}
