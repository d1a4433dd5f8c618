<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/**
 * What holds a source, or the published form of the source itself: a book's first container has no title, but holds its
 * edition, publisher and date. All values are text as typed; `date` is read by PartialDate. `volume` is the one volume
 * that was used, `volumes` how many the whole work has.
 */
final readonly class Container
{
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

    /** Whether nothing is filled in, as after it was emptied in the form. */
    public function isEmpty(): bool
    {
        return $this->toArray() === [];
    }

    /**
     * @param  array<string, mixed>  $json
     * @param  ?list<Contributor>  $contributors  where they are read already
     */
    public static function fromArray(array $json, ?array $contributors = null): self
    {
        $fields = [];
        foreach (ContainerField::cases() as $field) {
            $fields[$field->value] = Text::of($json, $field->value);
        }
        $contributors ??= Source::contributorsFrom(
            is_array($json['contributors'] ?? null) ? $json['contributors'] : [],
        );

        return new self(...$fields, contributors: $contributors);
    }

    /** @return array<string, mixed> only what is filled */
    public function toArray(): array
    {
        $json = [];
        foreach (ContainerField::cases() as $field) {
            if ($this->{$field->value} !== '') {
                $json[$field->value] = $this->{$field->value};
            }
        }
        if ($this->contributors !== []) {
            $json['contributors'] = array_map(
                static fn (Contributor $one): array => $one->toArray(),
                $this->contributors,
            );
        }

        return $json;
    }
}
