<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/**
 * What tells that two entries are of one source: its DOI, its ISBN, its address, or its title and author. What both say
 * and say differently speaks against it: two editions of a book, two chapters of one book at one address.
 */
final readonly class Identity
{
    /** A title of fewer letters says too little. */
    private const TELLING = 6;

    private const TITLE = 'title:';

    /**
     * @param  list<string>  $marks  of which one in common makes the two alike
     * @param  string  $title  with its subtitle, folded
     * @param  bool  $isPart  whether others like it may stand in one book or at one address
     */
    private function __construct(
        public array $marks,
        private string $title,
        private string $container,
        private string $year,
        private bool $isPart,
    ) {
    }

    public static function of(Source $source): self
    {
        $marks = [];
        foreach ($source->containers as $container) {
            $doi = strtolower((new WebAddress($container->doi))->doi());
            $address = (string) preg_replace('/#.*$/', '', (new WebAddress($container->url))->clean());
            $address = rtrim((string) preg_replace('~^https?://(?:www\.)?~i', '', $address), '/');
            // The front page of a site is shared by all that is reached through it.
            $isOfOne = str_contains($address, '/') || $source->kind->containment === Containment::SelfContained;
            $marks[] = $doi === '' ? '' : "doi:{$doi}";
            $marks[] = $isOfOne && $address !== '' ? "url:{$address}" : '';
        }
        $isbn = Isbn::parse($source->isbn);
        if ($isbn !== null) {
            $marks[] = "isbn:{$isbn->thirteen()}";
        }
        $title = Text::folded($source->title->full());
        $first = $source->contributors[0] ?? null;
        if ($first !== null && mb_strlen($title) >= self::TELLING) {
            $marks[] = self::TITLE."{$title}|".Text::folded($first->name->direct());
        }

        return new self(
            array_values(array_unique(array_filter($marks, static fn (string $mark): bool => $mark !== ''))),
            $title,
            Text::folded($source->container()->title),
            (string) $source->date()->year,
            $source->kind->containment === Containment::PartOf,
        );
    }

    /** Whether nothing speaks against the two being one source, where they have a mark in common. */
    private function agrees(self $other, string $mark): bool
    {
        $alike = static fn (string $one, string $two): bool => $one === '' || $two === '' || $one === $two;
        if (! str_starts_with($mark, self::TITLE)) {
            return ! ($this->isPart || $other->isPart) || $alike($this->title, $other->title);
        }

        return $alike($this->container, $other->container) && $alike($this->year, $other->year);
    }

    /**
     * @param  array<string, self>  $all  by the source's id, the one that was there first before the other
     * @return array<string, string> the id of the earlier source by that of the later
     */
    public static function doubles(array $all): array
    {
        $seen = [];
        $doubles = [];
        foreach ($all as $id => $one) {
            foreach ($one->marks as $mark) {
                $first = $seen[$mark] ??= (string) $id;
                if ($first !== (string) $id && $all[$first]->agrees($one, $mark)) {
                    $doubles[$id] ??= $first;
                }
            }
        }

        return $doubles;
    }
}
