<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Bibrel\Core\Read\Catalogue\CatalogueRecord;
use Bibrel\Core\Read\Catalogue\RegistryRecord;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Source;

/** One of several things a lead may mean, with what tells it from the others. */
final readonly class Candidate
{
    /**
     * @param  string  $lead  looks up this one and no other
     * @param  float  $nearness  0 to 1: how much of the title and the words asked for is the same
     */
    private function __construct(
        public string $lead,
        public string $title,
        public string $people,
        public string $particulars,
        public bool $isBook,
        public float $nearness,
    ) {
    }

    public static function book(CatalogueRecord $record, string $asked): self
    {
        $source = $record->reading()->source();

        return new self(
            "record:{$record->id()}",
            $source->title->full(),
            self::names($source),
            $record->particulars(),
            true,
            self::nearness($source, $asked),
        );
    }

    public static function article(RegistryRecord $record, string $asked): self
    {
        $source = $record->source();

        return new self(
            "doi:{$record->doi()}",
            $source->title->full(),
            self::names($source),
            $record->particulars(),
            false,
            self::nearness($source, $asked),
        );
    }

    /** @return array{lead: string, title: string, people: string, particulars: string, isBook: bool} */
    public function toArray(): array
    {
        return [
            'lead' => $this->lead,
            'title' => $this->title,
            'people' => $this->people,
            'particulars' => $this->particulars,
            'isBook' => $this->isBook,
        ];
    }

    private static function names(Source $source): string
    {
        return implode(
            ', ',
            array_map(
                static fn (Contributor $one): string => $one->name->direct(),
                array_slice($source->contributors, 0, 4),
            ),
        ).(count($source->contributors) > 4 ? ', and others' : '');
    }

    private static function nearness(Source $source, string $asked): float
    {
        $words = static fn (string $text): array => array_unique(
            preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: [],
        );
        $wanted = $words($asked);
        $main = $words($source->title->main);
        $all = [...$main, ...$words($source->title->subtitle), ...$words(self::names($source))];
        $hit = count(array_intersect($wanted, $all)) / max(1, count($wanted));

        return $hit * 0.7 + 0.3 * count(array_intersect($wanted, $main)) / max(1, count($main));
    }
}
