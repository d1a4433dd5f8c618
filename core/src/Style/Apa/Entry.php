<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Text\RunBuilder;

/** One reference list entry out of APA's four elements: author, date, title, source. */
final readonly class Entry
{
    private RunBuilder $line;

    /** @param  6|7  $edition */
    public function __construct(
        private Source $source,
        private CourseRules $course,
        private EntryContext $context,
        private Wording $wording,
        private Names $names,
        private int $edition = 7,
    ) {
        $this->line = new RunBuilder;
    }

    /** @return list<Run> */
    public function runs(): array
    {
        $title = new TitleElement($this->source, $this->line, $this->names, $this->wording, $this->edition);
        $leaders = (new Leaders($this->source))->all();
        if ($leaders !== []) {
            $this->names->lead($this->line, $leaders);
            $this->close();
            $this->date();
            $title->add();
        } else {
            $title->add();
            $this->date();
        }
        (new SourceElement(
            $this->source,
            $this->course,
            $this->line,
            $this->names,
            $this->wording,
            $leaders,
            $this->edition,
        ))->add();
        $this->original();

        return $this->line->trimEnd()->runs();
    }

    private function date(): void
    {
        $text = $this->wording->entryDate($this->source->date(), ! $this->source->kind->yearOnly);
        $letter = $this->context->yearLetter;
        $this->line->add('(', 'apa.date');
        if ($text === '') {
            $this->undated($this->source->container()->status);
        } elseif ($letter !== '' && preg_match('/^((?:ca\. )?\d{4}(?:–\d{4})?)(.*)$/us', $text, $m) === 1) {
            $this->line->add($m[1], 'apa.date', ContainerField::Date->at())
                ->add($letter, 'apa.date.letter')
                ->add($m[2], 'apa.date', ContainerField::Date->at());
        } else {
            $this->line->add($text, 'apa.date', ContainerField::Date->at())
                ->add($letter === '' ? '' : "-{$letter}", 'apa.date.letter');
        }
        $this->line->add(')', 'apa.date');
        $this->close();
    }

    /** "in press", or "n.d." where nothing is known. */
    private function undated(string $status): void
    {
        if ($status === '') {
            $this->line->add('n.d.', 'apa.date.none', ContainerField::Date->at());
        } else {
            $this->line->add($status, 'apa.date', ContainerField::Status->at());
        }
        $this->line->add($this->context->yearLetter === '' ? '' : "-{$this->context->yearLetter}", 'apa.date.letter');
    }

    private function original(): void
    {
        $date = $this->source->original->date();
        if (! $date->isNone()) {
            $this->line->space('apa.original')
                ->add('(Original work published ', 'apa.original')
                ->add($this->wording->year($date), 'apa.original', FieldPath::originalDate())
                ->add(')', 'apa.original');
        }
    }

    private function close(): void
    {
        $this->line->close('apa.stop');
    }
}
