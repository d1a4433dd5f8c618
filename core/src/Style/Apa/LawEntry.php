<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\WebAddress;
use Bibrel\Core\Style\Addresses;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Text\RunBuilder;

/**
 * A court case or a law, which APA cites as lawyers do: "Brook v. Harbour Board, 12 N.R. 344 (Northmere Supreme Court
 * 1984)."; "Tide Mills Act of 2009, 42 N.S.C. § 1201 (2009)."
 *
 * Source: APA Publication Manual, 7th ed., ch. 11.
 */
final readonly class LawEntry
{
    private RunBuilder $line;

    public function __construct(private Source $source, private CourseRules $course, private Wording $wording)
    {
        $this->line = new RunBuilder;
    }

    /** @return list<Run> */
    public function runs(): array
    {
        $container = $this->source->container();
        $this->line->add(Quotes::curly($this->source->title->full()), 'apa.law', FieldPath::title());
        if ($container->number !== '') {
            $this->line->add(', ', 'apa.comma')->add($container->number, 'apa.law.place', ContainerField::Number->at());
        }
        $this->report($container);
        $this->line->add(' (', 'apa.date');
        $this->authority();
        $year = $this->wording->year($this->source->date());
        $this->line->add($year ?: 'n.d.', $year === '' ? 'apa.date.none' : 'apa.date', ContainerField::Date->at())
            ->add(')', 'apa.date')
            ->stop('apa.stop');
        $url = match ($this->course->addresses) {
            Addresses::None => '',
            Addresses::Bare => (new WebAddress($container->url))->bare(),
            default => (new WebAddress($container->url))->clean(),
        };
        if ($url !== '') {
            $this->line->space('apa.stop')->add($url, 'apa.url', ContainerField::Url->at());
        }

        return $this->line->runs();
    }

    /** The volume, name and page or section of where it is printed. */
    private function report(Container $container): void
    {
        if ($container->title === '') {
            return;
        }
        $this->line->add(', ', 'apa.comma')
            ->add($container->volume, 'apa.law.place', ContainerField::Volume->at())->space('apa.law.place')
            ->add($container->title, 'apa.law.place', ContainerField::Title->at());
        if ($container->section !== '') {
            $this->line->add(' § ', 'apa.law.place')
                ->add($container->section, 'apa.law.place', ContainerField::Section->at());
        } elseif ($container->pages !== '') {
            $this->line->add(' ', 'apa.law.place')
                ->add((new PageRange($container->pages))->full(), 'apa.law.place', ContainerField::Pages->at());
        }
    }

    /** The court of a case; who passed a law is no part of its entry. */
    private function authority(): void
    {
        if (! $this->source->kind->requires(FieldPath::contributors())) {
            return;
        }
        $named = array_filter(
            $this->source->contributors,
            static fn (Contributor $one): bool => ! $one->name->isEmpty(),
        );
        foreach ($named as $place => $court) {
            $this->line->add($court->name->direct(), 'apa.law.place', FieldPath::contributors()->member($place))
                ->add(' ', 'apa.date');
        }
    }
}
