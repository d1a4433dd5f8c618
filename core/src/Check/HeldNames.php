<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Text\HeldWord;
use Bibrel\Core\Text\LetterCase;
use Bibrel\Core\Text\SentenceCase;

/** The words of a title a style holds as names or asks about, each with what one press on it makes of the title. */
final readonly class HeldNames
{
    public function __construct(private Style $style)
    {
    }

    /**
     * @return list<array{word: string, isName: bool, isAsked: bool, names: string}> `names` for the field title.names
     */
    public function of(Source $source): array
    {
        if ($source->title->isEmpty() || $this->style->titleCase($source) !== LetterCase::Sentence) {
            return [];
        }
        $title = $source->title;

        return array_map(static fn (HeldWord $one): array => [
            'word' => $one->written,
            'isName' => $one->isName(),
            'isAsked' => $one->isAsked,
            'names' => $title->namesWith($one->turned()),
        ], (new SentenceCase($title->full(), settled: $title->settled()))->heldWords());
    }
}
