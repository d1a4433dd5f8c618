<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\TitleFormat;
use Bibrel\Core\Source\WebAddress;
use Bibrel\Core\Style\Figure;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Text\HeadlineCase;
use Bibrel\Core\Text\LetterCase;
use Bibrel\Core\Text\Letters;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Text\RunBuilder;

/**
 * The caption of a picture: its number, its title, and a note that says whose it is and on what terms. The 6th edition
 * has them in one line below the picture.
 *
 * Source: APA Publication Manual, 7th ed., 7.22–7.28, 12.15; 6th ed., 5.23, 2.12.
 */
final readonly class Caption
{
    private RunBuilder $line;

    private TitleSetter $titles;

    /** @param  6|7  $edition */
    public function __construct(
        private Source $source,
        private Figure $figure,
        private Wording $wording,
        private Names $names,
        private int $edition,
    ) {
        $this->line = new RunBuilder;
        $this->titles = new TitleSetter($this->line, 'apa.title.within');
    }

    /** @return list<Run> line breaks stand in them */
    public function runs(): array
    {
        $number = "Figure {$this->figure->number}";
        if ($this->edition === 6) {
            $this->line->add("{$number}.", 'apa.caption.number', italic: true)->add(' ', 'apa.caption.number');
            $this->line->add(Letters::capital($this->figure->words), 'apa.caption.title');
            $this->line->add($this->figure->words === '' ? '' : '. ', 'apa.caption.title');
        } else {
            $this->line->add("\n", 'apa.caption.number');
            $this->heading();
            $this->line->add("\n", 'apa.caption.title')
                ->add('Note', 'apa.caption.note', italic: true)
                ->add('. ', 'apa.caption.note');
        }
        $this->line->add($this->figure->isAdapted ? 'Adapted from ' : 'From ', 'apa.caption.from');
        $this->credit();
        if ($this->figure->rights !== '') {
            $this->line->add(' '.$this->figure->rights, 'apa.caption.rights')->stop('apa.stop');
        }

        $runs = $this->line->runs();

        return $this->edition === 6 ? $runs : [new Run($number, 'apa.caption.number', bold: true), ...$runs];
    }

    /** The title above the picture: the student's words, or the picture's own. */
    private function heading(): void
    {
        $own = $this->figure->words === '' ? $this->source->title->full() : $this->figure->words;
        $field = $this->figure->words === '' ? FieldPath::title() : null;
        $this->line->add((new HeadlineCase(Quotes::curly($own), null, 3))->text(), 'apa.caption.title', $field, true);
    }

    /** "Low Water [Painting], by M. Oake, 1931, Gullhaven Harbour Museum (https://ghm.example/low-water)." */
    private function credit(): void
    {
        $container = $this->source->container();
        $this->title();
        $makers = (new Leaders($this->source))->all();
        if ($makers !== []) {
            $names = array_map(
                fn (Contributor $one): string => $this->names->direct($one->name),
                array_values($makers),
            );
            $last = array_pop($names);
            $all = match (count($names)) {
                0 => $last,
                1 => "{$names[0]} and {$last}",
                default => implode(', ', $names).", and {$last}",
            };
            $this->line->add(', by ', 'apa.caption.by')->add($all, 'apa.caption.by', FieldPath::contributors());
        }
        $year = $this->wording->year($this->source->date());
        $this->line->add(', ', 'apa.comma')->add($year === '' ? 'n.d.' : $year, 'apa.date', ContainerField::Date->at());
        $this->where($container);
        $address = (new WebAddress($container->doi))->doi()
            ?: ($container->url === '' ? '' : (new WebAddress($container->url))->clean());
        $field = $container->doi === '' ? ContainerField::Url : ContainerField::Doi;
        $this->line->add($address === '' ? '' : ' (', 'apa.url')->add($address, 'apa.url', $field->at())
            ->add($address === '' ? '' : ')', 'apa.url')
            ->stop('apa.stop');
    }

    private function title(): void
    {
        $title = $this->source->title;
        $description = $this->source->genre ?: $this->source->medium ?: TitleElement::descriptionOf($this->source);
        if ($title->isEmpty() || $title->described) {
            $words = $title->isEmpty() ? $description : $title->full();
            $this->line->add("[{$words}]", 'apa.title.described', FieldPath::title());

            return;
        }
        $isPart = in_array($this->source->kind->containment, [Containment::InPeriodical, Containment::PartOf], true);
        $format = $isPart ? TitleFormat::Quoted : TitleFormat::Italic;
        $this->titles->title($title, $format, LetterCase::LongWords, 'apa.caption.work');
        $this->line->add(
            $description === '' ? '' : ' ['.Letters::capital($description).']',
            'apa.title.note',
            FieldPath::genre(),
        );
    }

    /** The periodical with its numbers, or who keeps or shows it. */
    private function where(Container $container): void
    {
        if ($this->source->kind->containment === Containment::InPeriodical) {
            $this->line->add(', ', 'apa.comma')
                ->add($container->title, 'apa.source.periodical', ContainerField::Title->at(), true);
            $volume = $container->volume.($container->issue === '' ? '' : "({$container->issue})");
            $this->line->add($volume === '' ? '' : ", {$volume}", 'apa.source.volume', ContainerField::Volume->at());
            $pages = new PageRange($container->pages);
            $this->line->add(
                $container->pages === '' ? '' : ', '.($pages->isSeveral() ? 'pp. ' : 'p. ').$pages->full(),
                'apa.source.pages',
                ContainerField::Pages->at(),
            );

            return;
        }
        $fields = [ContainerField::Collection, ContainerField::Title, ContainerField::Publisher];
        foreach ($fields as $field) {
            $name = $container->{$field->value};
            if ($name !== '') {
                $this->line->add(', ', 'apa.comma')->add(Quotes::curly($name), 'apa.source.site', $field->at());

                return;
            }
        }
    }
}
