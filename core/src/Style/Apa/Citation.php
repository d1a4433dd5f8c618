<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Cite\Locator;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\NameKind;
use Bibrel\Core\Source\Shape;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Title;
use Bibrel\Core\Style\Dress;
use Bibrel\Core\Style\ShortTitle;
use Bibrel\Core\Style\Standing;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Text\Line;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Run;

/** In-text citations: "(Brook, 2014, p. 15)"; with the name in the sentence, "Brook (2014, p. 15)". */
final class Citation
{
    private const WORDS = ['page' => 'p.', 'paragraph' => 'para.', 'chapter' => 'Chapter', 'section' => 'Section', 'line' => 'line', 'act' => 'Act', 'slide' => 'Slide', 'time' => '', 'verse' => ''];

    private const SEVERAL = ['page' => 'pp.', 'paragraph' => 'paras.', 'chapter' => 'Chapters', 'section' => 'Sections', 'line' => 'lines', 'slide' => 'Slides'];

    public function __construct(private readonly Source $source, private readonly Standing $standing, private readonly int $edition = 7)
    {
    }

    /** @return list<Run> */
    public function runs(Locator $locator, bool $narrative): array
    {
        if ($this->source->kind->shape === Shape::Message) {
            return $this->personalCommunication($narrative);
        }
        $who = new Line;
        $leaders = array_values(Entry::leaders($this->source));
        $leaders === [] ? $this->title($who) : $this->authors($who, $leaders, $narrative);

        $line = new Line;
        if ($narrative) {
            $line->addAll($who->runs())->add(' (', 'apa.cite.parentheses');
        } else {
            $line->add('(', 'apa.cite.parentheses')->addAll($who->runs());
            $line->comma('apa.comma')->space('apa.comma');
        }
        $this->date($line);
        if (! $locator->isNone()) {
            $line->add(', ', 'apa.comma')->add($this->locator($locator), 'apa.cite.locator');
        }

        return $line->add(')', 'apa.cite.parentheses')->runs();
    }

    /**
     * "(M. Oake, personal communication, May 3, 2023)"
     *
     * @return list<Run>
     */
    private function personalCommunication(bool $narrative): array
    {
        $names = implode(' and ', array_map(static fn (Contributor $one): string => Names::direct($one->name), Entry::leaders($this->source)));
        $date = Wording::running($this->source->date());
        $line = (new Line)->add($narrative ? '' : '(', 'apa.cite.parentheses')->add($names, 'apa.cite.author', 'contributors')->add($narrative ? ' (' : ($names === '' ? '' : ', '), 'apa.cite.parentheses');

        return $line->add('personal communication', 'apa.cite.personal')->add($date === '' ? '' : ", {$date}", 'apa.cite.date', 'containers.0.date')->add(')', 'apa.cite.parentheses')->runs();
    }

    /** @param  list<Contributor>  $leaders */
    private function authors(Line $line, array $leaders, bool $narrative): void
    {
        $line->add($this->name($leaders[0]->name), 'apa.cite.author', 'contributors');
        if (count($leaders) === 2) {
            $line->add(($narrative ? ' and ' : ' & ').$this->name($leaders[1]->name), 'apa.cite.author', 'contributors');
        } elseif ($this->edition === 6 && count($leaders) > 2 && count($leaders) < 6) {
            $names = array_map(fn (Contributor $one): string => $this->name($one->name), array_slice($leaders, 1));
            $last = array_pop($names);
            $line->add(', '.implode('', array_map(static fn (string $name): string => "{$name}, ", $names)).($narrative ? 'and ' : '& ').$last, 'apa.cite.author', 'contributors');
        } elseif (count($leaders) > 2) {
            $line->add(' et al.', 'apa.cite.author', 'contributors');
        }
    }

    private function name(Name $name): string
    {
        return match ($name->kind) {
            NameKind::Group => $name->group,
            NameKind::Screen => $name->family !== '' ? $name->family : ($name->group !== '' ? $name->group : $name->screen),
            NameKind::Person => $this->standing->sharesSurname && $name->given !== '' ? Names::initials($name->given).' '.$name->surname() : $name->surname(),
        };
    }

    private function title(Line $line): void
    {
        if ($this->source->title->described || $this->source->title->isEmpty()) {
            $words = $this->source->title->isEmpty() ? $this->source->genre : $this->source->title->full();
            $line->add($words === '' ? '' : "[{$words}]", 'apa.cite.title', 'title.main');

            return;
        }
        $dress = in_array($this->source->kind->shape, [Shape::Article, Shape::Part], true) ? Dress::Quoted : Dress::Italic;
        TitleSetter::set($line, new Title(ShortTitle::few($this->source->title)), $dress, $this->source->isEnglish() ? 'headline' : 'kept', 'apa.cite.title', 'apa.title.within');
    }

    private function date(Line $line): void
    {
        $date = $this->source->date();
        $letter = $this->standing->yearLetter;
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
        $words = PageRange::isSeveral($value) && isset(self::SEVERAL[$locator->kind]) ? self::SEVERAL : self::WORDS;

        return trim($words[$locator->kind].' '.$value);
    }
}
