<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\FormPlace;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\TitleFormat;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Inclusion;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Text\HeadlineCase;
use Bibrel\Core\Text\Letters;
use Bibrel\Core\Text\Ordinal;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Text\RunBuilder;

/** One works cited entry out of the nine core elements: author, title, then each container's own. */
final readonly class Entry
{
    private RunBuilder $line;

    private TitleSetter $titles;

    private SourceTitle $title;

    private Form $form;

    private Contributions $contributions;

    /** @param  8|9  $edition */
    public function __construct(
        private Source $source,
        private CourseRules $course,
        private EntryContext $context,
        private Wording $wording,
        private Names $names,
        private int $edition,
    ) {
        $this->line = new RunBuilder;
        $this->titles = new TitleSetter($this->line, 'mla.title.within');
        $this->title = new SourceTitle($source);
        $this->form = new Form($source);
        $this->contributions = new Contributions($source, $wording);
    }

    /** @return list<Run> */
    public function runs(): array
    {
        $this->author();
        $this->source->title->isEmpty() ? $this->described() : $this->title();
        $this->datesAfterTitle();
        $this->review();
        $this->partContributors();
        $elements = new ContainerElements(
            $this->source,
            $this->course,
            $this->line,
            $this->wording,
            $this->names,
            $this->form,
            $this->contributions,
            $this->edition,
        );
        foreach ($this->source->containers as $i => $container) {
            if ($elements->add($container, $i)) {
                $this->close();
            }
        }
        $this->supplement($this->source->container());

        return $this->line->trimEnd()->runs();
    }

    private function author(): void
    {
        $leaders = (new Leaders($this->source, $this->edition))->all();
        if ($leaders === []) {
            return;
        }
        $isRepeated = $this->context->repeatsAuthor && $this->course->threeHyphens;
        $isRepeated ? $this->names->repeated($this->line, $leaders) : $this->names->lead($this->line, $leaders);
        $this->close();
    }

    private function title(): void
    {
        $title = $this->source->title;
        $format = $this->title->format();
        $this->titles->title($title, $format, $this->title->case(), SourceTitle::rule($format));
        $word = $this->form->at(FormPlace::AfterTitle);
        if ($word !== '') {
            $this->line->add(" {$word}", 'mla.title.prompt');
        }
        if ($title->translated !== '') {
            $meaning = (new HeadlineCase(Quotes::curly($title->translated)))->text();
            $this->line->add(' [', 'mla.title.translated')
                ->add($meaning, 'mla.title.translated', FieldPath::translatedTitle(), $format === TitleFormat::Italic)
                ->add(']', 'mla.title.translated');
        }
        $this->close();
    }

    /** What stands for a title where there is none: the kind of talk or message, or the student's own words. */
    private function described(): void
    {
        $kind = $this->source->kind;
        $words = $this->source->genre ?: $kind->untitled;
        if ($kind->describesSubject() || $words === '') {
            return;
        }
        if (! $kind->offers(Role::Recipient)) {
            $this->element(Letters::capital($words), 'mla.title.described', FieldPath::genre());

            return;
        }
        $this->line->add(Letters::capital($words).' to ', 'mla.title.described', FieldPath::genre());
        $recipients = $this->source->by(Role::Recipient);
        if ($recipients === []) {
            $this->line->add('the author', 'mla.title.described');
        } else {
            $this->names->inMiddle($this->line, $recipients, FieldPath::contributors(), 'mla.title.described');
        }
        $this->close();
    }

    /** "Review of Moonpower, by Halima Brook": what a review is about, after its own title. */
    private function review(): void
    {
        if ($this->source->subject === '') {
            return;
        }
        $this->line->add('Review of ', 'mla.review');
        $this->titles->text($this->source->subject, FieldPath::subject(), TitleFormat::Italic, 'mla.review');
        $makers = $this->source->by(Role::ReviewedAuthor);
        if ($makers !== []) {
            $this->line->comma('mla.comma')->add(' by ', 'mla.review');
            $this->names->inMiddle($this->line, $makers, FieldPath::contributors(), 'mla.review');
        }
        $this->close();
    }

    /** A republished work's first date, that of what was handed in, and that of a work of art seen on a website. */
    private function datesAfterTitle(): void
    {
        $this->dateAfterTitle($this->source->original->date(), 'mla.original', FieldPath::originalDate());
        if ($this->source->kind->handedIn) {
            $this->dateAfterTitle($this->source->date(), 'mla.date', ContainerField::Date->at());
        }
        if (ContainerElements::isSeenOnSite($this->source)) {
            $this->dateAfterTitle($this->source->date(), 'mla.made', ContainerField::Date->at());
        }
    }

    private function dateAfterTitle(PartialDate $date, string $rule, FieldPath $field): void
    {
        if (! $date->isNone()) {
            $this->element(Letters::capital($this->wording->date($date)), $rule, $field);
        }
    }

    /** Contributors to a part, between its title and the container's. */
    private function partContributors(): void
    {
        $groups = $this->contributions->ofThePart();
        foreach ($groups as $i => [$roles, $people]) {
            if ($i > 0) {
                $this->line->separate('mla.comma');
            }
            $by = $roles === [Role::Interviewer] ? 'interview by' : $this->wording->by($roles, count($people));
            $this->line->add(($i === 0 ? Letters::capital($by) : $by).' ', 'mla.contributor');
            $this->names->inMiddle($this->line, $people, FieldPath::contributors(), 'mla.contributor');
        }
        if ($groups !== []) {
            $this->close();
        }
    }

    /** What stands at the end: volumes, series, form, medium, the day it was read. */
    private function supplement(Container $container): void
    {
        $this->element(Ordinal::volumes($container->volumes), 'mla.volumes', ContainerField::Volumes->at());
        $this->series($container);
        $this->element($this->form->atEnd(), 'mla.form', $this->source->genre === '' ? null : FieldPath::genre());
        $this->element($this->medium(), 'mla.medium', $this->source->medium === '' ? null : FieldPath::medium());
        $accessed = $this->source->accessedOn();
        if (! $accessed->isNone() && $this->printsAccess()) {
            $this->line->add('Accessed ', 'mla.accessed')
                ->add($this->wording->date($accessed), 'mla.accessed', FieldPath::accessed());
            $this->close();
        }
    }

    private function series(Container $container): void
    {
        if ($container->series === '') {
            return;
        }
        $this->line->add(
            Quotes::curly(Letters::capital($container->series)),
            'mla.series',
            ContainerField::Series->at(),
        );
        if ($container->seriesNumber !== '') {
            $this->line->add(" {$container->seriesNumber}", 'mla.series', ContainerField::SeriesNumber->at());
        }
        $this->close();
    }

    private function medium(): string
    {
        $media = new Media($this->source);

        return match ($this->course->medium) {
            Inclusion::Always => $media->always(),
            Inclusion::Never => '',
            Inclusion::Auto => $media->whereSaid(),
        };
    }

    private function printsAccess(): bool
    {
        return match ($this->course->accessed) {
            Inclusion::Always => true,
            Inclusion::Never => false,
            Inclusion::Auto => $this->source->date()->isNone() && $this->source->container()->status === '' && $this->hasAddress(),
        };
    }

    private function hasAddress(): bool
    {
        foreach ($this->source->containers as $container) {
            if ($container->url.$container->doi !== '') {
                return true;
            }
        }

        return false;
    }

    /** One element with the stop that closes it; nothing where it is empty. */
    private function element(string $text, string $rule, ?FieldPath $field): void
    {
        if ($text !== '') {
            $this->line->add($text, $rule, $field);
            $this->close();
        }
    }

    private function close(): void
    {
        $this->line->close('mla.stop');
    }
}
