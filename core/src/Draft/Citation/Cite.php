<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

/** What a draft says of one source at one place: whom, which work, when and where in it, and how it is written. */
final readonly class Cite
{
    /**
     * @param  string  $who  names or a title, as they stand; '' where the sentence has said it
     * @param  string  $work  which of their works, where MLA adds it
     * @param  list<string>  $years  "2014", "2014a", "n.d."
     * @param  list<Place>  $places  in the source
     * @param  string  $beforeYears  what stands between names and years: ", " or " "
     * @param  string  $beforePlaces  what stands between that and the place: ", ", " ", ": "
     * @param  bool  $passesOn  whether the source only passes on somebody else's words
     * @param  bool  $isPersonal  whether it is a letter, a talk: what no page lists
     * @param  bool  $isNarrative  whether the sentence names the author
     * @param  bool  $isQuotedTitle  whether `who` stands in quotation marks
     */
    public function __construct(
        public string $text,
        public string $who = '',
        public string $work = '',
        public array $years = [],
        public array $places = [],
        public string $beforeYears = '',
        public string $beforePlaces = '',
        public bool $passesOn = false,
        public bool $isPersonal = false,
        public bool $isNarrative = false,
        public bool $isQuotedTitle = false,
    ) {
    }

    /** The same, said of somebody else. */
    public function of(string $who, bool $isNarrative = false): self
    {
        return new self(
            $this->text,
            $who,
            $this->work,
            $this->years,
            $this->places,
            $this->beforeYears ?: ', ',
            $this->beforePlaces,
            $this->passesOn,
            $this->isPersonal,
            $isNarrative,
        );
    }

    /** The same, said of somebody the sentence names. */
    public function by(string $who): self
    {
        return $this->of($who, isNarrative: true);
    }

    /** The same, with what it says as the title of a work. */
    public function ofWork(string $work): self
    {
        return new self(
            $this->text,
            '',
            $work,
            $this->years,
            $this->places,
            $this->beforeYears,
            $this->beforePlaces,
            $this->passesOn,
        );
    }

    /** The same, with one of its years. */
    public function ofYear(string $year): self
    {
        return new self(
            $this->text,
            $this->who,
            $this->work,
            [$year],
            $this->places,
            $this->beforeYears,
            $this->beforePlaces,
            $this->passesOn,
            $this->isPersonal,
            $this->isNarrative,
            $this->isQuotedTitle,
        );
    }

    public function withPlaces(self $more): self
    {
        return new self(
            $this->text,
            $this->who,
            $this->work,
            $this->years,
            [...$this->places, ...$more->places],
            $this->beforeYears,
            $this->beforePlaces ?: ', ',
            $this->passesOn,
            $this->isPersonal,
            $this->isNarrative,
            $this->isQuotedTitle,
        );
    }

    /** The names in `who`, without "and", "&", "et al.". */
    public function names(): NameWords
    {
        return new NameWords($this->who);
    }
}
