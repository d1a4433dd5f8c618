<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/**
 * What holds a source, or the published form of the source itself: a book's first container has no title, but holds
 * its edition, publisher and date. All values are text as typed; `date` is read by PartialDate. `volume` is the one volume
 * that was used, `volumes` how many the whole work has.
 */
final readonly class Container
{
    /** The text fields, in the order of a container's elements. */
    public const FIELDS = ['title', 'section', 'edition', 'version', 'volume', 'volumes', 'issue', 'number', 'season', 'episode', 'series', 'seriesNumber', 'publisher', 'place', 'date', 'status', 'pages', 'articleNumber', 'paragraphs', 'time', 'collection', 'doi', 'url'];

    private PartialDate $dated;

    /**
     * @param  list<Contributor>  $contributors
     */
    public function __construct(
        public string $title = '',
        public array $contributors = [],
        public string $section = '',
        public string $edition = '',
        public string $version = '',
        public string $volume = '',
        public string $volumes = '',
        public string $issue = '',
        public string $number = '',
        public string $season = '',
        public string $episode = '',
        public string $series = '',
        public string $seriesNumber = '',
        public string $publisher = '',
        public string $place = '',
        public string $date = '',
        public string $status = '',
        public string $pages = '',
        public string $articleNumber = '',
        public string $paragraphs = '',
        public string $time = '',
        public string $collection = '',
        public string $doi = '',
        public string $url = '',
    ) {
        $this->dated = PartialDate::parse($date);
    }

    public function date(): PartialDate
    {
        return $this->dated;
    }

    /** @param  array<string, mixed>  $json */
    public static function fromArray(array $json): self
    {
        $fields = [];
        foreach (self::FIELDS as $field) {
            $fields[$field] = Text::of($json, $field);
        }
        $contributors = is_array($json['contributors'] ?? null) ? $json['contributors'] : [];

        return new self(...$fields, contributors: Source::contributorsFrom($contributors));
    }

    /** @return array<string, mixed> only what is filled */
    public function toArray(): array
    {
        $json = [];
        foreach (self::FIELDS as $field) {
            if ($this->{$field} !== '') {
                $json[$field] = $this->{$field};
            }
        }
        if ($this->contributors !== []) {
            $json['contributors'] = array_map(static fn (Contributor $one): array => $one->toArray(), $this->contributors);
        }

        return $json;
    }
}
