<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Draft\Paragraph;

/** A citation where it stands in a draft, before anybody knows whom it cites. */
final readonly class Found
{
    /**
     * @param  Paragraph  $in  where it stands
     * @param  int  $start  where what stands there begins, in bytes of the paragraph's text
     * @param  int  $length  of it, in bytes
     * @param  string  $text  as it is told: with the name in the sentence that belongs to it
     * @param  list<Cite>  $cites
     * @param  string  $sentence  the sentence it stands in
     * @param  bool  $isQuotation  whether it vouches for words in quotation marks
     */
    public function __construct(
        public Paragraph $in,
        public int $start,
        public int $length,
        public string $text,
        public array $cites,
        public string $sentence,
        public bool $isQuotation = false,
    ) {
    }

    /** Whether it says where in one of its sources. */
    public function hasPlace(): bool
    {
        return array_filter($this->cites, static fn (Cite $one): bool => $one->places !== []) !== [];
    }

    /**
     * The same with a place that stands apart from its name and year; null where it has one, or is no such citation.
     */
    public function withPlacesOf(Cite $place): ?self
    {
        $cite = count($this->cites) === 1 ? $this->cites[0] : null;
        if ($cite === null || ! $cite->isNarrative || $cite->years === [] || $cite->places !== []) {
            return null;
        }

        return new self(
            $this->in,
            $this->start,
            $this->length,
            $this->text,
            [$cite->withPlaces($place)],
            $this->sentence,
            $this->isQuotation,
        );
    }
}
