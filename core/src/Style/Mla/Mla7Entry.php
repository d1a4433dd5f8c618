<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\FormPlace;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\PeriodicalType;
use Bibrel\Core\Source\Publishers;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\TitleFormat;
use Bibrel\Core\Source\WebAddress;
use Bibrel\Core\Style\Addresses;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Inclusion;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Text\HeadlineCase;
use Bibrel\Core\Text\Letters;
use Bibrel\Core\Text\Ordinal;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Text\RunBuilder;
use Bibrel\Core\Text\SentenceCase;

/**
 * One works cited entry of the 7th edition: every element closed by a stop, place and publisher, the medium of
 * publication, "N.p." and "n.d." for what is missing, and no address unless the course wants it.
 *
 * Source: MLA Handbook, 7th ed., 5.3–5.8.
 */
final readonly class Mla7Entry
{
    /** What this edition calls what later ones call otherwise. */
    private const OLDER = [
        'e-mail' => 'message', 'interview' => 'personal interview', 'special issue' => 'spec. issue',
    ];

    private RunBuilder $line;

    private TitleSetter $titles;

    private Form $form;

    private Contributions $contributions;

    private Media $media;

    public function __construct(
        private Source $source,
        private CourseRules $course,
        private EntryContext $context,
        private Wording $wording,
        private Names $names,
    ) {
        $this->line = new RunBuilder;
        $this->titles = new TitleSetter($this->line, 'mla.title.within');
        $this->form = new Form($source);
        $this->contributions = new Contributions($source, $wording);
        $this->media = new Media($source);
    }

    /** @return list<Run> */
    public function runs(): array
    {
        $this->author();
        $this->source->title->isEmpty() ? $this->described() : $this->title();
        // "Editorial", "Letter": after the title, where later editions have it at the end.
        $this->element($this->form->atEnd(), 'mla.form', $this->source->genre === '' ? null : FieldPath::genre());
        $this->original();
        $this->review();
        $this->contributors($this->contributions->all(), FieldPath::contributors());
        match (true) {
            $this->isIn(Containment::PersonalCommunication) => $this->element($this->date(''), 'mla.date', ContainerField::Date->at()),
            $this->isIn(Containment::Law) => $this->law(),
            $this->isCitedByIssue() => $this->periodical(),
            default => $this->published(),
        };
        $this->furtherContainers();
        $this->medium();

        return $this->line->trimEnd()->runs();
    }

    private function isIn(Containment $containment): bool
    {
        return $this->source->kind->containment === $containment;
    }

    private function author(): void
    {
        $leaders = (new Leaders($this->source, 7))->all();
        if ($leaders === []) {
            return;
        }
        $isRepeated = $this->context->repeatsAuthor && $this->course->threeHyphens;
        $isRepeated ? $this->names->repeated($this->line, $leaders) : $this->names->lead($this->line, $leaders);
        $this->close();
    }

    private function title(): void
    {
        $title = new SourceTitle($this->source);
        $format = $title->formerFormat();
        $this->titles->title($this->source->title, $format, $title->case(), SourceTitle::rule($format));
        $this->close();
        if ($this->source->kind->offers(Role::Recipient)) {
            $this->line->add('Message to ', 'mla.title.described');
            $this->recipients();
            $this->close();
        }
    }

    /** What stands for a title where there is none. */
    private function described(): void
    {
        $kind = $this->source->kind;
        $untitled = self::OLDER[$kind->untitled] ?? $kind->untitled;
        $field = $this->source->genre === '' ? null : FieldPath::genre();
        if ($kind->offers(Role::Recipient)) {
            $this->line->add(Letters::capital($this->source->genre ?: $untitled).' to ', 'mla.title.described', $field);
            $this->recipients();
            $this->close();
        } elseif (! $kind->describesSubject()) {
            $this->element(
                Letters::capital($this->source->genre ?: $untitled),
                'mla.title.described',
                FieldPath::genre(),
            );
        }
    }

    private function recipients(): void
    {
        $recipients = $this->source->by(Role::Recipient);
        if ($recipients === []) {
            $this->line->add('the author', 'mla.title.described');
        } else {
            $this->names->inMiddle($this->line, $recipients, FieldPath::contributors(), 'mla.title.described');
        }
    }

    private function original(): void
    {
        $date = $this->source->original->date();
        $text = $date->isNone() ? '' : Letters::capital($this->wording->date($date));
        $this->element($text, 'mla.original', FieldPath::originalDate());
    }

    /** "Rev. of Moonpower, by Halima Brook." */
    private function review(): void
    {
        if ($this->source->subject === '') {
            return;
        }
        $this->line->add('Rev. of ', 'mla.review');
        $this->titles->text($this->source->subject, FieldPath::subject(), TitleFormat::Italic, 'mla.review');
        $makers = $this->source->by(Role::ReviewedAuthor);
        if ($makers !== []) {
            $this->line->comma('mla.comma')->add(' by ', 'mla.review');
            $this->names->inMiddle($this->line, $makers, FieldPath::contributors(), 'mla.review');
        }
        $this->close();
    }

    /** @param  list<array{list<Role>, non-empty-array<int, Contributor>}>  $groups */
    private function contributors(array $groups, FieldPath $path): void
    {
        foreach ($groups as [$roles, $people]) {
            $isPublished = $roles === [Role::Interviewer] && ! $this->source->title->isEmpty();
            $by = $isPublished ? 'Interview by' : $this->wording->byShort($roles, count($people));
            $this->line->add("{$by} ", 'mla.contributor');
            $this->names->inMiddle($this->line, $people, $path, 'mla.contributor');
            $this->close();
        }
    }

    /** A newspaper, magazine or blog read on its own site is cited as a page of that site. */
    private function isCitedByIssue(): bool
    {
        return $this->isIn(Containment::InPeriodical)
            && ($this->source->kind->periodicalType === PeriodicalType::Journal || $this->source->container()->pages !== ''
                || isset($this->source->containers[1]) || ! $this->media->isOnline());
    }

    private function isInJournal(): bool
    {
        return match ($this->source->kind->periodicalType) {
            PeriodicalType::Journal => true,
            PeriodicalType::Popular => false,
            PeriodicalType::Either => $this->source->container()->volume !== '',
        };
    }

    /** Title, volume.issue, date in parentheses for a scholarly journal; pages after a colon. */
    private function periodical(): void
    {
        $container = $this->source->container();
        $form = $this->form->at(FormPlace::BeforeContainer);
        $this->line->add($form === '' ? '' : Letters::capital(self::OLDER[$form] ?? $form).' of ', 'mla.form');
        // A newspaper's name stands without its article (7th ed., 5.4.5).
        $title = $this->source->kind->inNewspaper && $this->source->isEnglish()
            ? (string) preg_replace('/^The\s+(?=\S)/u', '', $container->title)
            : $container->title;
        $this->titles->text($title, ContainerField::Title->at(), TitleFormat::Italic, 'mla.container');
        $this->isInJournal() ? $this->journalIssue($container) : $this->popularIssue($container);
        $pages = $container->pages === ''
            ? 'n. pag.'
            : (new PageRange((new PageRange($container->pages))->withoutGaps()))->shortened();
        $this->line->add(': ', 'mla.pages')->add($pages, 'mla.pages', ContainerField::Pages->at());
        $this->close();
    }

    private function journalIssue(Container $container): void
    {
        if ($container->volume !== '') {
            $this->line->space('mla.number')->add($container->volume, 'mla.number', ContainerField::Volume->at())
                ->add($container->issue === '' ? '' : '.', 'mla.number')
                ->add($container->issue, 'mla.number', ContainerField::Issue->at());
        }
        $this->line->space('mla.date')->add("({$this->date('n.d.')})", 'mla.date', ContainerField::Date->at());
    }

    private function popularIssue(Container $container): void
    {
        $this->line->space('mla.date')->add($this->date('n.d.'), 'mla.date', ContainerField::Date->at());
        if ($container->edition !== '') {
            $this->line->add(', ', 'mla.comma')
                ->add(
                    Ordinal::within(Ordinal::edition($container->edition)),
                    'mla.version',
                    ContainerField::Edition->at(),
                );
        }
    }

    /** Law report with volume and page, the court, the year. */
    private function law(): void
    {
        $container = $this->source->container();
        $place = $container->section === '' ? $container->pages : "sec. {$container->section}";
        $this->element(
            Name::join($container->volume, $container->title, $place),
            'mla.container',
            ContainerField::Title->at(),
        );
        $this->element($this->date('n.d.'), 'mla.date', ContainerField::Date->at());
    }

    private function date(string $without): string
    {
        $date = $this->source->date();

        return $date->isNone() ? ($this->source->container()->status ?: $without) : $this->wording->date($date);
    }

    private function published(): void
    {
        $container = $this->source->container();
        $this->container(
            $container->title,
            ContainerField::Title->at(),
            $this->isIn(Containment::PartOf) && $this->source->isEnglish(),
        );
        $this->contributors($this->contributions->byRole($container->contributors), FieldPath::contributors(0));
        $edition = Letters::capital(Ordinal::within(Ordinal::edition($container->edition)));
        $this->element($edition, 'mla.version', ContainerField::Edition->at());
        $volume = $container->volume === '' ? '' : "Vol. {$container->volume}";
        $this->element($volume, 'mla.number', ContainerField::Volume->at());
        $this->element(Ordinal::volumes($container->volumes), 'mla.volumes', ContainerField::Volumes->at());
        if ($container->collection !== '') {
            $this->inCollection($container->collection);

            return;
        }
        if ($this->source->kind->handedIn) {
            $this->element($this->handedInAs(), 'mla.medium', FieldPath::genre());
        }
        $this->imprint($container);
        $this->element((new PageRange($container->pages))->shortened(), 'mla.pages', ContainerField::Pages->at());
    }

    /** What is kept somewhere is dated and described before its place; what happened somewhere is dated after it. */
    private function inCollection(string $collection): void
    {
        $date = $this->date('n.d.');
        if ($this->media->isMaterial()) {
            $this->element($date, 'mla.date', ContainerField::Date->at());
            $material = $this->media->isOnline() ? '' : Letters::capital($this->source->medium);
            $this->element($material, 'mla.seventh.medium', FieldPath::medium());
            $this->element($collection, 'mla.place', ContainerField::Collection->at());
        } else {
            $this->element($collection, 'mla.place', ContainerField::Collection->at());
            $this->element($date, 'mla.date', ContainerField::Date->at());
        }
    }

    /** A dissertation has a short word of its own (MLA 7, 5.5.10); anything else is called by its name. */
    private function handedInAs(): string
    {
        $genre = $this->source->genre ?: $this->source->kind->bracketDescription;

        return match (true) {
            preg_match('/\bdissertation\b|^Ph\.?D\b/i', $genre) === 1 => 'Diss',
            preg_match('/\bthesis\b|\bmaster/i', $genre) === 1 => 'Thesis',
            default => (new SentenceCase($genre))->text(),
        };
    }

    private function container(string $title, FieldPath $field, bool $isHeadline): void
    {
        if ($title !== '') {
            $this->titles->text(
                $isHeadline ? (new HeadlineCase($title))->text() : $title,
                $field,
                TitleFormat::Italic,
                'mla.container',
            );
            $this->close();
        }
    }

    /** Place: publisher, date. */
    private function imprint(Container $container): void
    {
        $kind = $this->source->kind;
        $isOnline = $this->media->isOnline();
        $needsPlace = ! $isOnline && $kind->hasImprint;
        if ($needsPlace) {
            $this->line->add($container->place ?: 'N.p.', 'mla.seventh.place', ContainerField::Place->at())
                ->add(': ', 'mla.seventh.place');
        } elseif ($kind->atEvent) {
            $this->element($container->place, 'mla.place', ContainerField::Place->at());
        }
        $house = $kind->handedIn ? Publishers::school($container->publisher) : self::shortened($container->publisher);
        $house = $house ?: match (true) {
            $needsPlace => 'n.p.',
            $isOnline => 'N.p.',
            default => '',
        };
        if ($house !== '') {
            $this->line->add(Quotes::curly($house), 'mla.publisher', ContainerField::Publisher->at())
                ->separate('mla.comma');
        }
        $this->element($this->date('n.d.'), 'mla.date', ContainerField::Date->at());
    }

    /**
     * The shortest form that is still clear: one name, no "Press", "Books" or "Company"; university presses keep UP.
     */
    private static function shortened(string $publisher): string
    {
        $name = Publishers::abbreviated($publisher);
        if (preg_match('/\bU\b|\bUP\b/u', $name) === 1) {
            return $name;
        }

        return (string) preg_replace('/(?<=\S)\s+(?:Press|Books|Publishing|Publishers|House|Editions)$/u', '', $name);
    }

    private function furtherContainers(): void
    {
        foreach (array_slice($this->source->containers, 1, null, true) as $i => $container) {
            $this->container($container->title, ContainerField::Title->at($i), false);
        }
    }

    /** Medium, date of access, series; the address last, in angle brackets, where the course wants it. */
    private function medium(): void
    {
        $isOwn = $this->isIn(Containment::PersonalCommunication) && $this->source->kind->offers(Role::Interviewer);
        if ($isOwn) {
            return;
        }
        if ($this->course->medium !== Inclusion::Never) {
            $this->element(
                $this->media->always(),
                'mla.seventh.medium',
                $this->source->medium === '' ? null : FieldPath::medium(),
            );
        }
        $accessed = $this->source->accessedOn();
        if ($this->media->isOnline() && ! $accessed->isNone() && $this->course->accessed !== Inclusion::Never) {
            $this->element($this->wording->date($accessed), 'mla.accessed', FieldPath::accessed());
        }
        $first = $this->source->container();
        $series = $first->series === '' ? '' : trim("{$first->series} {$first->seriesNumber}");
        $this->element($series, 'mla.series', ContainerField::Series->at());
        $this->address();
    }

    private function address(): void
    {
        $level = $this->source->container()->url !== '' ? 0 : 1;
        $address = $this->source->containers[$level]->url ?? '';
        $shown = match ($this->course->addresses) {
            Addresses::Full => (new WebAddress($address))->clean(),
            Addresses::Bare => (new WebAddress($address))->bare(),
            default => '',
        };
        $this->element($shown === '' ? '' : "<{$shown}>", 'mla.url', ContainerField::Url->at($level));
    }

    /** One element with the stop that closes it; nothing where it is empty. */
    private function element(string $text, string $rule, ?FieldPath $field): void
    {
        if ($text !== '') {
            $this->line->add(Quotes::curly($text), $rule, $field);
            $this->close();
        }
    }

    private function close(): void
    {
        $this->line->close('mla.stop');
    }
}
