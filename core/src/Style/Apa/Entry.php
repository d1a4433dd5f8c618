<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Text\RunBuilder;

/** One reference list entry out of APA's four elements: author, date, title, source. */
final class Entry
{
    /** Who stands in the author's place when nobody made the source alone, best first. */
    private const STAND_INS = [[Role::Director], [Role::Host], [Role::ExecutiveProducer, Role::Creator], [Role::Uploader]];

    /** Kinds dated by the year alone, though the day may be known. */
    private const YEAR_ONLY = ['ai-text', 'patent', 'preprint', 'exhibition', 'app', 'special-issue', 'graphic-novel', 'play', 'scripture', 'standard', 'video-game', 'data-set', 'photograph', 'illustration', 'archive-item', 'preface', 'book', 'edited-collection', 'chapter', 'reference-entry', 'ebook', 'audiobook', 'journal-article', 'film', 'tv-series', 'song', 'album', 'thesis', 'artwork', 'map', 'software'];

    private RunBuilder $line;

    public function __construct(
        private readonly Source $source,
        private readonly CourseRules $course,
        private readonly EntryContext $context,
        private readonly int $edition = 7,
    ) {
        $this->line = new RunBuilder;
    }

    /** @return list<Run> */
    public function runs(): array
    {
        if ($this->source->kind->containment === Containment::Law) {
            return (new LawEntry($this->source, $this->course))->runs();
        }
        $this->line = new RunBuilder;
        $title = new TitleElement($this->source, $this->line, $this->edition);
        $leaders = self::primaryContributors($this->source);
        if ($leaders !== []) {
            Names::lead($this->line, $leaders, $this->edition === 6 ? 7 : 20);
            $this->close();
            $this->date();
            $title->add();
        } elseif ($this->source->title->isEmpty() && $this->source->genre.$this->source->subject === '') {
            $this->date();
        } else {
            $title->add();
            $this->date();
        }
        (new SourceElement($this->source, $this->course, $this->line, $this->edition))->add();
        $this->original();

        return $this->line->trimEnd()->runs();
    }

    /** @return array<int, Contributor> those in the author's place, by their place in the source's contributors */
    public static function primaryContributors(Source $source): array
    {
        if ($source->kind->containment === Containment::Law) {
            return [];
        }
        if ($source->kind->id === 'ai-text' && $source->container()->title !== '' && $source->container()->publisher !== '') {
            return [new Contributor(Role::Author, Name::group($source->container()->publisher))];
        }
        $leaders = $source->primaryContributors();
        if ($leaders === [] && $source->kind->id === 'tv-episode') {
            $leaders = $source->by(Role::Writer, Role::Director);
        }
        foreach (self::STAND_INS as $roles) {
            $leaders = $leaders === [] ? $source->by(...$roles) : $leaders;
        }

        return $leaders;
    }

    private function date(): void
    {
        $date = $this->source->date();
        $status = $this->source->container()->status;
        $text = Wording::entryDate($date, ! in_array($this->source->kind->id, self::YEAR_ONLY, true));
        $letter = $this->context->yearLetter;
        $this->line->add('(', 'apa.date');
        if ($text === '') {
            $known = $status !== '';
            $this->line->add($known ? $status : 'n.d.', $known ? 'apa.date' : 'apa.date.none', $known ? 'containers.0.status' : 'containers.0.date')
                ->add($letter === '' ? '' : "-{$letter}", 'apa.date.letter');
        } elseif ($letter !== '' && preg_match('/^((?:ca\. )?\d{4})(.*)$/us', $text, $m) === 1) {
            $this->line->add($m[1], 'apa.date', 'containers.0.date')->add($letter, 'apa.date.letter')->add($m[2], 'apa.date', 'containers.0.date');
        } else {
            $this->line->add($text, 'apa.date', 'containers.0.date')->add($letter === '' ? '' : "-{$letter}", 'apa.date.letter');
        }
        $this->line->add(')', 'apa.date');
        $this->close();
    }

    /** Whether a reader can get at it: it has an address or stands in an archive. */
    public static function isPublished(Source $source): bool
    {
        return isset($source->containers[1]) || $source->container()->url !== '' || $source->container()->doi !== '';
    }

    private function original(): void
    {
        $date = $this->source->original->date();
        if (! $date->isNone()) {
            $this->line->space('apa.original')->add('(Original work published ', 'apa.original')->add(Wording::year($date), 'apa.original', 'original.date')->add(')', 'apa.original');
        }
    }

    private function close(): void
    {
        $this->line->stop('apa.stop')->space('apa.stop');
    }
}
