<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\FormPlace;
use Bibrel\Core\Source\Publishers;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\TitleFormat;
use Bibrel\Core\Source\WebAddress;
use Bibrel\Core\Style\Addresses;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Text\HeadlineCase;
use Bibrel\Core\Text\Ordinal;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\RunBuilder;

/** A container's elements: its title, contributors, version, number, publisher, date and location. */
final class ContainerElements
{
    /** @var list<array{ContainerField, string, string}> numbers, and their words for one and for several */
    private const NUMBERS = [
        [ContainerField::Volume, 'vol.', 'vols.'],
        [ContainerField::Issue, 'no.', 'nos.'],
        [ContainerField::Season, 'season', 'seasons'],
        [ContainerField::Episode, 'episode', 'episodes'],
    ];

    /** Elements that keep their first letter at the head of a container. */
    private const UNCAPITALISED = ['mla.url', 'mla.doi', 'mla.container'];

    private readonly TitleSetter $titles;

    private bool $isFirst = true;

    /** @param  8|9  $edition */
    public function __construct(
        private readonly Source $source,
        private readonly CourseRules $course,
        private readonly RunBuilder $line,
        private readonly Wording $wording,
        private readonly Names $names,
        private readonly Form $form,
        private readonly Contributions $contributions,
        private readonly int $edition,
    ) {
        $this->titles = new TitleSetter($line, 'mla.title.within');
    }

    /** Adds the elements of a container that are there, in order, and whether there are any. */
    public function add(Container $container, int $i): bool
    {
        $this->isFirst = true;
        $this->elements($container, $i);

        return ! $this->isFirst;
    }

    private function elements(Container $container, int $i): void
    {
        $this->title($container, $i);
        $this->contributors($container, $i);
        $this->versions($container, $i);
        $this->numbers($container, $i);
        $this->publisher($container, $i);
        $this->date($container, $i);
        $this->locations($container, $i);
    }

    /** The same in a line of commas, as a caption has them. */
    public function goOn(Container $container, int $i): void
    {
        $this->isFirst = false;
        $this->elements($container, $i);
    }

    /** What is dated by its making and seen on a website, which is never as old as the work. */
    public static function isSeenOnSite(Source $source): bool
    {
        return $source->kind->datedByMaking && $source->container()->title !== '' && $source->container()->url !== ''
            && $source->original->date()->isNone();
    }

    /** Begins an element: with a comma after another one, with a capital at the head of the container. */
    private function begin(string $rule): RunBuilder
    {
        if (! $this->isFirst) {
            $this->line->separate('mla.comma');
        } elseif (! in_array($rule, self::UNCAPITALISED, true)) {
            $this->line->capitaliseNext();
        }
        $this->isFirst = false;

        return $this->line;
    }

    /** An element of one piece; nothing where it is empty. */
    private function element(string $text, string $rule, ?ContainerField $field = null, int $i = 0): void
    {
        if ($text !== '') {
            $this->begin($rule)->add($text, $rule, $field?->at($i));
        }
    }

    private function title(Container $container, int $i): void
    {
        if ($container->title === '') {
            return;
        }
        $kind = $this->source->kind;
        $form = $i === 0 ? $this->form->at(FormPlace::BeforeContainer) : '';
        $this->begin($form === '' ? 'mla.container' : 'mla.form')->add($form === '' ? '' : "{$form} of ", 'mla.form');
        $isHeadline = $kind->containment === Containment::PartOf && $this->source->isEnglish();
        $title = $isHeadline ? (new HeadlineCase($container->title))->text() : $container->title;
        $format = $kind->atEvent && $i === 0 ? TitleFormat::Plain : TitleFormat::Italic;
        $rule = $i === 0 && $this->isLeftOutAuthor($container->title) ? 'mla.container.author' : 'mla.container';
        $this->titles->text($title, ContainerField::Title->at($i), $format, $rule);
    }

    private function contributors(Container $container, int $i): void
    {
        foreach ($i === 0 ? $this->contributions->inContainer() : [] as [$roles, $people]) {
            $this->people($roles, $people, FieldPath::contributors());
        }
        if ($i === 0) {
            $this->recipients();
        }
        if ($i === 0 && $this->isOwnInterview()) {
            $this->element('conducted by the author', 'mla.contributor');
        }
        foreach ($container->contributors === [] ? [] : $this->contributions->byRole(
            $this->othersThanMakers($container),
        ) as [$roles, $people]) {
            $this->people($roles, $people, FieldPath::contributors($i));
        }
    }

    /** @return array<int, Contributor> those named with a container, but for who made the source and the whole of it */
    private function othersThanMakers(Container $container): array
    {
        $keys = array_map(
            static fn (Contributor $one): string => $one->name->key(),
            $this->source->primaryContributors(),
        );
        $people = array_map(static fn (Contributor $one): Contributor => $one->printed(), $container->contributors);

        return array_filter(
            $people,
            static fn (Contributor $one): bool => $one->role !== Role::Author
                || ! in_array($one->name->key(), $keys, true),
        );
    }

    /** "Received by Dov Karsten": whom a message with a subject went to. */
    private function recipients(): void
    {
        if (! $this->source->kind->offers(Role::Recipient) || $this->source->title->isEmpty()) {
            return;
        }
        $recipients = $this->source->by(Role::Recipient);
        $line = $this->begin('mla.title.described');
        if ($recipients === []) {
            $line->add('received by the author', 'mla.title.described');
        } else {
            $line->add('received by ', 'mla.title.described');
            $this->names->inMiddle($line, $recipients, FieldPath::contributors(), 'mla.title.described');
        }
    }

    /**
     * @param  list<Role>  $roles
     * @param  non-empty-array<int, Contributor>  $people
     */
    private function people(array $roles, array $people, FieldPath $path): void
    {
        $this->begin('mla.contributor')->add($this->wording->by($roles, count($people)).' ', 'mla.contributor');
        $this->names->inMiddle($this->line, $people, $path, 'mla.contributor');
    }

    /** An interview nobody can read, and nobody is said to have asked the questions. */
    private function isOwnInterview(): bool
    {
        $kind = $this->source->kind;

        return $kind->containment === Containment::PersonalCommunication && $kind->offers(Role::Interviewer)
            && $this->source->by(Role::Interviewer) === [];
    }

    /** Edition, the form a book has on a device, version. */
    private function versions(Container $container, int $i): void
    {
        $version = $container->version;
        $device = $this->source->kind->deviceEdition;
        $this->element(
            Ordinal::within(Ordinal::edition($container->edition)),
            'mla.version',
            ContainerField::Edition,
            $i,
        );
        $this->element($device !== '' && $this->isReadOnDevice($container, $i) ? $device : '', 'mla.version');
        $this->element(
            ctype_digit($version[0] ?? '') && preg_match('/^\d[\w.]*$/', $version) === 1
                ? "version {$version}"
                : $version,
            'mla.version',
            ContainerField::Version,
            $i,
        );
    }

    /** Whether nothing else tells that it was read on a device: no service, no address, no edition of that name. */
    private function isReadOnDevice(Container $container, int $i): bool
    {
        return $i === 0 && ! isset($this->source->containers[1]) && $container->url === ''
            && preg_match('/e-?book|audio/i', $container->edition) !== 1;
    }

    private function numbers(Container $container, int $i): void
    {
        foreach (self::NUMBERS as [$field, $one, $several]) {
            $value = $container->{$field->value};
            $this->element($value === '' ? '' : self::worded($value, $one, $several), 'mla.number', $field, $i);
        }
        $this->number($container, $i);
    }

    private static function worded(string $value, string $one, string $several): string
    {
        if (ctype_digit($value)) {
            return "{$one} {$value}";
        }
        if (preg_match('/^[\divxlcIVXLC]+(?:\W|$)|^\d/', $value) !== 1) {
            return lcfirst($value);
        }
        $range = (new PageRange($value))->full();

        return (preg_match('/^\d+[–,]/u', $range) === 1 ? $several : $one)." {$range}";
    }

    /** "Technical report no. 7": with the series it counts in, unless it is the number of an archive. */
    private function number(Container $container, int $i): void
    {
        if ($container->number === '') {
            return;
        }
        $isNamed = $i === 0 && $this->source->kind->genreNamesNumber && $this->source->genre !== '';
        $shown = $this->numberIsInArchive() ? '' : $container->number;
        if ($isNamed) {
            $this->begin('mla.number')->add($this->source->genre, 'mla.number', FieldPath::genre())
                ->add(' no. ', 'mla.number')
                ->add($shown, 'mla.number', ContainerField::Number->at($i));
        } else {
            // A code, "12" or "R-12"; words say themselves what they count.
            $isCode = preg_match('/^(?=.*\d)[\p{L}\d][\w.:\/-]*$/u', $shown) === 1 && ! $this->source->kind->isKept();
            $this->element($isCode ? "no. {$shown}" : $shown, 'mla.number', ContainerField::Number, $i);
        }
    }

    /** What was handed in has the number of the archive that keeps it, which is its place there. */
    private function numberIsInArchive(): bool
    {
        return $this->source->kind->handedIn && isset($this->source->containers[1]);
    }

    private function publisher(Container $container, int $i): void
    {
        $kind = $this->source->kind;
        if ($container->publisher === ''
            || $kind->containment === Containment::InPeriodical
            || $kind->containment === Containment::Law
            || Publishers::same($container->publisher, $container->title)) {
            return;
        }
        $houses = array_map(Publishers::abbreviated(...), preg_split('~\s*[;/]\s*~', $container->publisher) ?: []);
        $text = implode(' / ', $houses);
        $this->element(
            Quotes::curly($kind->handedIn ? Publishers::school($text) : $text),
            $i === 0 && $this->isLeftOutAuthor($container->publisher) ? 'mla.publisher.author' : 'mla.publisher',
            ContainerField::Publisher,
            $i,
        );
    }

    /** Whether somebody made the source whom the entry names only as its site or publisher. */
    private function isLeftOutAuthor(string $name): bool
    {
        $first = current($this->source->primaryContributors());

        return $first !== false && $first->name->isGroup() && Publishers::same($first->name->group, $name)
            && (new Leaders($this->source, $this->edition))->all() === [];
    }

    private function date(Container $container, int $i): void
    {
        if ($i === 0 && $this->source->kind->handedIn) {
            // Its own date stands after the title; here stands what it was handed in for.
            $handedInAs = $this->source->genre ?: $this->source->kind->form;
            if ($handedInAs !== '') {
                $this->begin('mla.form')->add(self::degree($handedInAs), 'mla.form', FieldPath::genre());
            }

            return;
        }
        if ($i === 0 && self::isSeenOnSite($this->source)) {
            return;
        }
        $date = $container->date();
        if ($date->isNone()) {
            $this->element($container->status, 'mla.date', ContainerField::Status, $i);
        } else {
            $this->element($this->wording->date($date), 'mla.date', ContainerField::Date, $i);
        }
    }

    /** "PhD dissertation" keeps its capital; "Master’s thesis" has none inside an entry. */
    private static function degree(string $genre): string
    {
        return preg_match('/^(?:Ph|\p{Lu}{2})/u', $genre) === 1 ? $genre : lcfirst($genre);
    }

    private function locations(Container $container, int $i): void
    {
        $article = $container->articleNumber === ''
            ? ''
            : 'article '.preg_replace('/^article\s+/i', '', $container->articleNumber);
        $this->element(
            $container->pages === '' ? '' : self::pages($this->source->kind->containment === Containment::InPeriodical
                ? (new PageRange($container->pages))->withoutGaps()
                : $container->pages),
            'mla.pages',
            ContainerField::Pages,
            $i,
        );
        $this->element($article, 'mla.pages', ContainerField::ArticleNumber, $i);
        $this->element($container->paragraphs, 'mla.pages', ContainerField::Paragraphs, $i);
        $this->element(Quotes::curly($container->collection), 'mla.place', ContainerField::Collection, $i);
        $this->element(
            $this->source->kind->atEvent ? Quotes::curly($container->place) : '',
            'mla.place',
            ContainerField::Place,
            $i,
        );
        if ($i === 1 && $this->numberIsInArchive()) {
            $this->element($this->source->container()->number, 'mla.place', ContainerField::Number);
        }
        $this->address($i);
    }

    private static function pages(string $typed): string
    {
        $pages = (new PageRange($typed))->shortened();
        $isNumber = preg_match('/^(?:[\dA-Z]|[ivxlc]+\b|e\d)/u', $pages) === 1;

        return ($isNumber ? ((new PageRange($pages))->isSeveral() ? 'pp. ' : 'p. ') : '').$pages;
    }

    /**
     * Where the source is found is said once, of the last container, and a DOI before any other address (MLA Handbook,
     * 9th ed., 5.84, 5.93): an article read in a database has its DOI after the database's name.
     */
    private function address(int $i): void
    {
        if ($this->course->addresses === Addresses::None) {
            return;
        }
        // A container that was emptied in the form is none.
        $containers = count($this->source->containers) === 1
            ? $this->source->containers
            : array_filter($this->source->containers, static fn (Container $one): bool => ! $one->isEmpty());
        if ($i === array_key_last($containers) && ! $this->doi(array_reverse($containers, true))) {
            $this->url(array_reverse($containers, true));
        }
    }

    /** @param  array<int, Container>  $containers  the last one first */
    private function doi(array $containers): bool
    {
        foreach ($containers as $at => $one) {
            $doi = $one->doi === '' ? '' : (new WebAddress($one->doi))->doi();
            if ($doi !== '') {
                $this->element(
                    $this->edition < 9 ? str_replace('https://doi.org/', 'doi:', $doi) : $doi,
                    'mla.doi',
                    ContainerField::Doi,
                    $at,
                );

                return true;
            }
        }

        return false;
    }

    /** @param  array<int, Container>  $containers  the last one first */
    private function url(array $containers): void
    {
        foreach ($containers as $at => $one) {
            if ($one->url !== '') {
                $shown = $this->course->addresses === Addresses::Full
                    ? (new WebAddress($one->url))->clean()
                    : (new WebAddress($one->url))->bare();
                $this->element($shown, 'mla.url', ContainerField::Url, $at);

                return;
            }
        }
    }
}
