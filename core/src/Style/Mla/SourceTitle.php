<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\TitleFormat;
use Bibrel\Core\Text\LetterCase;

/**
 * How MLA sets the title of a source: in italics what stands on its own, in quotation marks what is part of a larger
 * whole, as they are a description and the generic name of a part.
 *
 * Source: MLA Handbook, 9th ed., 5.23–5.29.
 */
final readonly class SourceTitle
{
    /** What a part is called when it has no title of its own: neither quoted nor italic. */
    private const GENERIC = '/^(?:(?:an?|the) )?(?:introduction|preface|foreword|afterword|prologue|epilogue'
        .'|editor[’\']s note|author[’\']s note)$/iu';

    public function __construct(private Source $source)
    {
    }

    public function format(): TitleFormat
    {
        return $this->isPlain() ? TitleFormat::Plain : $this->source->kind->titleFormat ?? $this->usual();
    }

    /** In the 7th edition. */
    public function formerFormat(): TitleFormat
    {
        return $this->source->kind->formerTitleFormat ?? $this->format();
    }

    public function case(): LetterCase
    {
        $isKept = $this->source->title->described
            || $this->source->kind->keepsTitleCase
            || ! $this->source->isEnglish();

        return $isKept ? LetterCase::Kept : LetterCase::Headline;
    }

    public static function rule(TitleFormat $format): string
    {
        return match ($format) {
            TitleFormat::Quoted => 'mla.title.quoted',
            TitleFormat::Italic => 'mla.title.italic',
            TitleFormat::Plain => 'mla.title.described',
        };
    }

    private function usual(): TitleFormat
    {
        return $this->source->kind->containment === Containment::SelfContained
            ? TitleFormat::Italic
            : TitleFormat::Quoted;
    }

    private function isPlain(): bool
    {
        return $this->source->title->described
            || $this->source->kind->containment === Containment::PartOf
                && preg_match(self::GENERIC, $this->source->title->main) === 1;
    }
}
