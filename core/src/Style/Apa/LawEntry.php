<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Addresses;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\WebAddress;
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
    public function __construct(private Source $source, private CourseRules $course)
    {
    }

    /** @return list<Run> */
    public function runs(): array
    {
        $container = $this->source->container();
        $line = (new RunBuilder)->add(Quotes::curly($this->source->title->full()), 'apa.law', 'title.main');
        if ($container->number !== '') {
            $line->add(', ', 'apa.comma')->add($container->number, 'apa.law.place', 'containers.0.number');
        }
        if ($container->title !== '') {
            $line->add(', ', 'apa.comma')
                ->add($container->volume, 'apa.law.place', 'containers.0.volume')->space('apa.law.place')
                ->add($container->title, 'apa.law.place', 'containers.0.title');
            if ($container->section !== '') {
                $line->add(' § ', 'apa.law.place')->add($container->section, 'apa.law.place', 'containers.0.section');
            } elseif ($container->pages !== '') {
                $line->add(' ', 'apa.law.place')->add(PageRange::full($container->pages), 'apa.law.place', 'containers.0.pages');
            }
        }
        $this->decided($line->add(' (', 'apa.date'));
        $line->add(')', 'apa.date')->stop('apa.stop');
        $url = $this->course->addresses === Addresses::Bare ? WebAddress::bare($container->url) : WebAddress::clean($container->url);
        if ($url !== '' && $this->course->addresses !== Addresses::None) {
            $line->space('apa.stop')->add($url, 'apa.url', 'containers.0.url');
        }

        return $line->runs();
    }

    /** The court of a case, and the year. */
    private function decided(RunBuilder $line): void
    {
        if ($this->source->kind->id === 'court-case') {
            foreach (array_filter($this->source->contributors, static fn (Contributor $one): bool => ! $one->name->isEmpty()) as $place => $court) {
                $line->add($court->name->direct(), 'apa.law.place', "contributors.{$place}")->add(' ', 'apa.date');
            }
        }
        $year = Wording::year($this->source->date());
        $line->add($year === '' ? 'n.d.' : $year, $year === '' ? 'apa.date.none' : 'apa.date', 'containers.0.date');
    }
}
