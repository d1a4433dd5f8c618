<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\FormPlace;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Figure;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Text\Letters;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Text\RunBuilder;

/**
 * The caption of a picture: "Fig. 1." and the elements of its entry, with names as one says them and commas between.
 *
 * Source: MLA Handbook, 9th ed., 1.7.
 */
final readonly class Caption
{
    private RunBuilder $line;

    /** @param  7|8|9  $edition */
    public function __construct(
        private Source $source,
        private Figure $figure,
        private Wording $wording,
        private Names $names,
        private int $edition,
    ) {
        $this->line = new RunBuilder;
    }

    /** @return list<Run> */
    public function runs(): array
    {
        $this->line->add("Fig. {$this->figure->number}. ", 'mla.caption.number');
        if ($this->figure->words !== '') {
            $this->line->add(Letters::capital($this->figure->words), 'mla.caption.words')->close('mla.stop');
        }
        $makers = (new Leaders($this->source, $this->edition))->all();
        if ($makers !== []) {
            $this->names->inMiddle($this->line, $makers, FieldPath::contributors(), 'mla.caption.maker');
            $this->line->separate('mla.comma');
        }
        $this->title();
        $elements = new ContainerElements(
            $this->source,
            new CourseRules,
            $this->line,
            $this->wording,
            $this->names,
            new Form($this->source),
            new Contributions($this->source, $this->wording),
            // Former editions set the elements of a caption as their notes do, which is as later ones have them.
            max(8, $this->edition),
        );
        $this->date($this->source->original->date(), FieldPath::originalDate());
        if (ContainerElements::isSeenOnSite($this->source)) {
            $this->date($this->source->date(), ContainerField::Date->at());
        }
        foreach ($this->source->containers as $i => $container) {
            $elements->goOn($container, $i);
        }

        return $this->line->stop('mla.stop')->runs();
    }

    private function title(): void
    {
        $title = $this->source->title;
        $set = new SourceTitle($this->source);
        if ($title->isEmpty()) {
            $words = $this->source->genre ?: $this->source->kind->untitled ?: $this->source->kind->label;
            $this->line->add(lcfirst($words), 'mla.title.described', FieldPath::genre());

            return;
        }
        $format = $set->format();
        (new TitleSetter($this->line, 'mla.title.within'))->title(
            $title,
            $format,
            $set->case(),
            SourceTitle::rule($format),
        );
        $word = (new Form($this->source))->at(FormPlace::AfterTitle);
        $this->line->add($word === '' ? '' : " {$word}", 'mla.title.prompt');
    }

    private function date(PartialDate $date, FieldPath $field): void
    {
        if (! $date->isNone()) {
            $this->line->separate('mla.comma')->add($this->wording->date($date), 'mla.made', $field);
        }
    }
}
