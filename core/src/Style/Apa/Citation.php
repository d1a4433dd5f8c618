<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\NameKind;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Title;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Locator;
use Bibrel\Core\Style\ShortTitle;
use Bibrel\Core\Style\TitleFormat;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Text\RunBuilder;

/** In-text citations: "(Brook, 2014, p. 15)"; with the name in the sentence, "Brook (2014, p. 15)". */
final class Citation
{
    private const WORDS = ['page' => 'p.', 'paragraph' => 'para.', 'chapter' => 'Chapter', 'section' => 'Section', 'part' => 'Part', 'volume' => 'Vol.', 'line' => 'line', 'act' => 'Act', 'scene' => 'Scene', 'slide' => 'Slide', 'figure' => 'Figure', 'table' => 'Table', 'time' => '', 'verse' => ''];

    private const SEVERAL = ['page' => 'pp.', 'paragraph' => 'paras.', 'chapter' => 'Chapters', 'section' => 'Sections', 'part' => 'Parts', 'volume' => 'Vols.', 'line' => 'lines', 'slide' => 'Slides', 'figure' => 'Figures', 'table' => 'Tables'];

    public function __construct(private readonly Source $source, private readonly EntryContext $context, private readonly int $edition = 7)
    {
    }

    /** @return list<Run> */
    public function runs(CitationContext $citation): array
    {
        [$locator, $narrative] = [$citation->locator, $citation->narrative && $citation->quoted === ''];
        if ($this->source->kind->containment === Containment::PersonalCommunication) {
            return $this->personalCommunication($citation->narrative);
        }
        $who = new RunBuilder;
        $leaders = array_values(Entry::primaryContributors($this->source));
        $leaders === [] ? $this->title($who) : $this->authors($who, $leaders, $citation);

        $line = new RunBuilder;
        $short = $citation->first && count($leaders) === 1 ? $leaders[0]->name->abbreviation : '';
        if ($citation->quoted !== '') {
            $this->quoted($line, $citation);
        }
        if ($narrative) {
            $line->join($who)->add(' (', 'apa.cite.parentheses');
            if ($short !== '') {
                $line->add($short, 'apa.cite.short', 'contributors')->add(', ', 'apa.comma');
            }
        } else {
            $line->add($citation->quoted === '' ? '(' : '', 'apa.cite.parentheses')->join($who);
            if ($short !== '') {
                $line->add(" [{$short}]", 'apa.cite.short', 'contributors');
            }
            $line->comma('apa.comma')->space('apa.comma');
        }
        $this->date($line);
        if (! $locator->isNone()) {
            $line->add(', ', 'apa.comma')->add($this->locator($locator), 'apa.cite.locator');
        }

        return $line->add(')', 'apa.cite.parentheses')->runs();
    }

    /** "(Oake, 1898, as cited in "; with the name in the sentence, "Oake (1898, as cited in ". */
    private function quoted(RunBuilder $line, CitationContext $citation): void
    {
        $year = $citation->quotedYear === '' ? '' : "{$citation->quotedYear}, ";
        $line->add($citation->narrative ? "{$citation->quoted} ({$year}" : "({$citation->quoted}, {$year}", 'apa.cite.quoted')->add('as cited in ', 'apa.cite.quoted');
    }

    /**
     * "(M. Oake, personal communication, May 3, 2023)"
     *
     * @return list<Run>
     */
    private function personalCommunication(bool $narrative): array
    {
        $names = implode(' and ', array_map(static fn (Contributor $one): string => Names::direct($one->name), Entry::primaryContributors($this->source)));
        $date = Wording::running($this->source->date());
        $line = (new RunBuilder)->add($narrative ? '' : '(', 'apa.cite.parentheses')->add($names, 'apa.cite.author', 'contributors')->add($narrative ? ' (' : ($names === '' ? '' : ', '), 'apa.cite.parentheses');

        return $line->add('personal communication', 'apa.cite.personal')->add($date === '' ? '' : ", {$date}", 'apa.cite.date', 'containers.0.date')->add(')', 'apa.cite.parentheses')->runs();
    }

    /** @param  list<Contributor>  $leaders */
    private function authors(RunBuilder $line, array $leaders, CitationContext $citation): void
    {
        $narrative = $citation->narrative && $citation->quoted === '';
        $later = ! $citation->first && count($leaders) === 1 && $leaders[0]->name->abbreviation !== '';
        $line->add($later ? $leaders[0]->name->abbreviation : $this->name($leaders[0]->name), $later ? 'apa.cite.short' : 'apa.cite.author', 'contributors');
        if (count($leaders) === 2) {
            $line->add(($narrative ? ' and ' : ' & ').$this->name($leaders[1]->name), 'apa.cite.author', 'contributors');
        } elseif ($this->edition === 6 && count($leaders) > 2 && count($leaders) < 6) {
            $names = array_map(fn (Contributor $one): string => $this->name($one->name), array_slice($leaders, 1));
            $last = array_pop($names);
            $line->add(', '.implode('', array_map(static fn (string $name): string => "{$name}, ", $names)).($narrative ? 'and ' : '& ').$last, 'apa.cite.author', 'contributors');
        } elseif (count($leaders) > 2) {
            $this->several($line, $leaders, $narrative);
        }
    }

    /**
     * The first author and "et al."; more names where another work of that year would read the same.
     *
     * @param  list<Contributor>  $leaders
     */
    private function several(RunBuilder $line, array $leaders, bool $narrative): void
    {
        $count = count($leaders);
        // "Et al." stands for more than one name, so all are given when one alone would be left.
        $needed = $this->context->namesNeeded >= $count - 1 ? $count : max(1, $this->context->namesNeeded);
        $names = array_map(fn (Contributor $one): string => $this->name($one->name), array_slice($leaders, 1, $needed - 1));
        if ($needed === $count) {
            $last = array_pop($names);
            $line->add(', '.implode('', array_map(static fn (string $name): string => "{$name}, ", $names)).($narrative ? 'and ' : '& ').$last, 'apa.cite.author', 'contributors');

            return;
        }
        $line->add(implode('', array_map(static fn (string $name): string => ", {$name}", $names)).($names === [] ? ' et al.' : ', et al.'), 'apa.cite.author', 'contributors');
    }

    private function name(Name $name): string
    {
        return match ($name->kind) {
            NameKind::Group => $name->group,
            NameKind::Screen => $name->family !== '' ? $name->family : ($name->group !== '' ? $name->group : $name->screen),
            NameKind::Person => $this->context->sharesSurname && $name->given !== '' ? Names::initials($name->given).' '.$name->surname() : $name->surname(),
        };
    }

    private function title(RunBuilder $line): void
    {
        if ($this->source->title->described || $this->source->title->isEmpty()) {
            $words = $this->source->title->isEmpty() ? $this->source->genre : $this->source->title->full();
            $line->add($words === '' ? '' : "[{$words}]", 'apa.cite.title', 'title.main');

            return;
        }
        if ($this->source->kind->containment === Containment::Law) {
            $line->add($this->source->title->full(), 'apa.cite.title', 'title.main', $this->source->kind->id === 'court-case');

            return;
        }
        $format = in_array($this->source->kind->containment, [Containment::InPeriodical, Containment::PartOf], true) ? TitleFormat::Quoted : TitleFormat::Italic;
        TitleSetter::set($line, new Title(ShortTitle::few($this->source->title)), $format, $this->source->isEnglish() ? 'headline' : 'kept', 'apa.cite.title', 'apa.title.within');
    }

    private function date(RunBuilder $line): void
    {
        $date = $this->source->date();
        $letter = $this->context->yearLetter;
        $year = Wording::year($date);
        if ($year === '') {
            $year = $this->source->container()->status !== '' ? $this->source->container()->status : 'n.d.';
        }
        $original = $this->source->original->date();
        $line->add($original->isNone() ? '' : Wording::year($original).'/', 'apa.cite.date', 'original.date')
            ->add($year, 'apa.cite.date', 'containers.0.date')
            ->add($letter === '' ? '' : ($date->isDate() ? $letter : "-{$letter}"), 'apa.date.letter');
    }

    private function locator(Locator $locator): string
    {
        $value = $locator->kind === 'time' ? str_replace('-', '–', $locator->value) : PageRange::full($locator->value);
        if (preg_match('/^\d+\.\d/', $value) === 1 && $locator->kind === 'act') {
            return $value;
        }
        $words = PageRange::isSeveral($value) && isset(self::SEVERAL[$locator->kind]) ? self::SEVERAL : self::WORDS;

        return trim($words[$locator->kind].' '.$value);
    }
}
