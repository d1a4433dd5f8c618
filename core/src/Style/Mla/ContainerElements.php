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
use Bibrel\Core\Text\Ordinal;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\RunBuilder;
use Bibrel\Core\Text\TitleCase;

/** A container's elements: its title, contributors, version, number, publisher, date and location. */
final readonly class ContainerElements
{
    /** @var list<array{ContainerField, string, string}> numbers, and their words for one and for several */
    private const NUMBERS = [
        [ContainerField::Volume, 'vol.', 'vols.'],
        [ContainerField::Issue, 'no.', 'nos.'],
        [ContainerField::Season, 'season', 'seasons'],
        [ContainerField::Episode, 'episode', 'episodes'],
    ];

    /** @param  8|9  $edition */
    public function __construct(
        private Source $source,
        private CourseRules $course,
        private Wording $wording,
        private Names $names,
        private Form $form,
        private Contributions $contributions,
        private int $edition,
    ) {
    }

    /** @return list<RunBuilder> the elements that are there, in order */
    public function of(Container $container, int $i): array
    {
        $elements = [
            $this->title($container, $i),
            ...$this->contributors($container, $i),
            ...$this->versions($container, $i),
            ...$this->numbers($container, $i),
            $this->publisher($container, $i),
            $this->date($container, $i),
            ...$this->locations($container, $i),
        ];

        return array_values(array_filter($elements, static fn (?RunBuilder $one): bool => $one !== null && ! $one->isEmpty()));
    }

    /** What is dated by its making and seen on a website, which is never as old as the work. */
    public static function isSeenOnSite(Source $source): bool
    {
        return $source->kind->datedByMaking && $source->container()->title !== '' && $source->container()->url !== ''
            && $source->original->date()->isNone();
    }

    /** One element of one piece; null where there is nothing to say. */
    private static function element(string $text, string $rule, ?FieldPath $field = null): ?RunBuilder
    {
        return $text === '' ? null : (new RunBuilder)->add($text, $rule, $field);
    }

    private function title(Container $container, int $i): ?RunBuilder
    {
        if ($container->title === '') {
            return null;
        }
        $kind = $this->source->kind;
        $line = new RunBuilder;
        $form = $i === 0 ? $this->form->at(FormPlace::BeforeContainer) : '';
        $line->add($form === '' ? '' : "{$form} of ", 'mla.form');
        $isHeadline = $this->source->isEnglish() && $kind->containment === Containment::PartOf;
        $title = $isHeadline ? TitleCase::headline($container->title) : $container->title;
        $format = $kind->atEvent && $i === 0 ? TitleFormat::Plain : TitleFormat::Italic;
        (new TitleSetter($line, 'mla.title.within'))->text($title, ContainerField::Title->at($i), $format, 'mla.container');

        return $line;
    }

    /** @return list<RunBuilder> */
    private function contributors(Container $container, int $i): array
    {
        $lines = [];
        foreach ($i === 0 ? $this->contributions->inContainer() : [] as [$roles, $people]) {
            $lines[] = $this->people($roles, $people, FieldPath::contributors());
        }
        if ($i === 0 && $this->isOwnInterview()) {
            $lines[] = (new RunBuilder)->add('conducted by the author', 'mla.contributor');
        }
        foreach ($this->contributions->byRole($container->contributors) as [$roles, $people]) {
            $lines[] = $this->people($roles, $people, FieldPath::contributors($i));
        }

        return $lines;
    }

    /**
     * @param  list<Role>  $roles
     * @param  non-empty-array<int, Contributor>  $people
     */
    private function people(array $roles, array $people, FieldPath $path): RunBuilder
    {
        $line = (new RunBuilder)->add($this->wording->by($roles, count($people)).' ', 'mla.contributor');
        $this->names->inMiddle($line, $people, $path, 'mla.contributor');

        return $line;
    }

    /** An interview nobody can read, and nobody is said to have asked the questions. */
    private function isOwnInterview(): bool
    {
        $kind = $this->source->kind;

        return $kind->containment === Containment::PersonalCommunication && $kind->offers(Role::Interviewer)
            && $this->source->by(Role::Interviewer) === [];
    }

    /** @return list<?RunBuilder> edition, the form a book has on a device, version */
    private function versions(Container $container, int $i): array
    {
        $version = $container->version;

        return [
            self::element(Ordinal::edition($container->edition), 'mla.version', ContainerField::Edition->at($i)),
            self::element($this->isReadOnDevice($container, $i) ? $this->source->kind->deviceEdition : '', 'mla.version'),
            self::element(preg_match('/^\d[\w.]*$/', $version) === 1 ? "version {$version}" : $version, 'mla.version', ContainerField::Version->at($i)),
        ];
    }

    /** Whether nothing else tells that it was read on a device: no service, no address, no edition of that name. */
    private function isReadOnDevice(Container $container, int $i): bool
    {
        return $i === 0 && ! isset($this->source->containers[1]) && $container->url === ''
            && preg_match('/e-?book|audio/i', $container->edition) !== 1;
    }

    /** @return list<?RunBuilder> */
    private function numbers(Container $container, int $i): array
    {
        $lines = [];
        foreach (self::NUMBERS as [$field, $one, $several]) {
            $lines[] = self::element(self::worded($container->{$field->value}, $one, $several), 'mla.number', $field->at($i));
        }

        return [...$lines, $this->number($container, $i)];
    }

    private static function worded(string $value, string $one, string $several): string
    {
        if ($value === '' || preg_match('/^[\divxlcIVXLC]+(?:\W|$)|^\d/', $value) !== 1) {
            return lcfirst($value);
        }
        $range = PageRange::full($value);

        return (preg_match('/^\d+[–,]/u', $range) === 1 ? $several : $one)." {$range}";
    }

    private function number(Container $container, int $i): RunBuilder
    {
        $number = new RunBuilder;
        if ($container->number !== '' && $i === 0 && $this->source->genre !== '' && $this->source->kind->genreNamesNumber) {
            $number->add($this->source->genre, 'mla.number', FieldPath::genre())->add(' no. ', 'mla.number');
        }

        return $this->numberIsInArchive() ? $number : $number->add($container->number, 'mla.number', ContainerField::Number->at($i));
    }

    /** What was handed in has the number of the archive that keeps it, which is its place there. */
    private function numberIsInArchive(): bool
    {
        return $this->source->kind->handedIn && isset($this->source->containers[1]);
    }

    private function publisher(Container $container, int $i): ?RunBuilder
    {
        $kind = $this->source->kind;
        if ($container->publisher === '' || Publishers::same($container->publisher, $container->title)
            || in_array($kind->containment, [Containment::InPeriodical, Containment::Law], true)) {
            return null;
        }
        $houses = array_map(Publishers::abbreviated(...), preg_split('~\s*[;/]\s*~', $container->publisher) ?: []);
        $text = implode(' / ', $houses);
        $text = $kind->handedIn ? Publishers::school($text) : $text;

        return (new RunBuilder)->add(Quotes::curly($text), 'mla.publisher', ContainerField::Publisher->at($i));
    }

    private function date(Container $container, int $i): ?RunBuilder
    {
        if ($i === 0 && $this->source->kind->handedIn) {
            // Its own date stands after the title; here stands what it was handed in for.
            return self::element(self::degree($this->source->genre), 'mla.form', FieldPath::genre());
        }
        if ($i === 0 && self::isSeenOnSite($this->source)) {
            return null;
        }
        $date = $container->date();

        return $date->isNone()
            ? self::element($container->status, 'mla.date', ContainerField::Status->at($i))
            : self::element($this->wording->date($date), 'mla.date', ContainerField::Date->at($i));
    }

    /** "PhD dissertation" keeps its capital; "Master’s thesis" has none inside an entry. */
    private static function degree(string $genre): string
    {
        return preg_match('/^(?:Ph|\p{Lu}{2})/u', $genre) === 1 ? $genre : lcfirst($genre);
    }

    /** @return list<?RunBuilder> */
    private function locations(Container $container, int $i): array
    {
        $article = preg_replace('/^article\s+/i', '', $container->articleNumber);
        $isInArchive = $i === 1 && $this->numberIsInArchive();

        return [
            self::element(self::pages($container->pages), 'mla.pages', ContainerField::Pages->at($i)),
            self::element($article === '' ? '' : "article {$article}", 'mla.pages', ContainerField::ArticleNumber->at($i)),
            self::element($container->paragraphs, 'mla.pages', ContainerField::Paragraphs->at($i)),
            self::element(Quotes::curly($container->collection), 'mla.place', ContainerField::Collection->at($i)),
            self::element($this->source->kind->atEvent ? Quotes::curly($container->place) : '', 'mla.place', ContainerField::Place->at($i)),
            self::element($isInArchive ? $this->source->container()->number : '', 'mla.place', ContainerField::Number->at()),
            $this->address($i),
        ];
    }

    private static function pages(string $typed): string
    {
        $pages = PageRange::shortened($typed);
        $isNumber = preg_match('/^(?:[\dA-Z]|[ivxlc]+\b|e\d)/u', $pages) === 1;

        return ($isNumber ? (PageRange::isSeveral($pages) ? 'pp. ' : 'p. ') : '').$pages;
    }

    /**
     * Where the source is found is said once, of the last container, and a DOI before any other address (MLA Handbook,
     * 9th ed., 5.84, 5.93): an article read in a database has its DOI after the database's name.
     */
    private function address(int $i): ?RunBuilder
    {
        // A container that was emptied in the form is none.
        $containers = array_filter($this->source->containers, static fn (Container $one): bool => ! $one->isEmpty());
        if ($i !== array_key_last($containers) || $this->course->addresses === Addresses::None) {
            return null;
        }

        return $this->doi(array_reverse($containers, true)) ?? $this->url($containers);
    }

    /** @param  array<int, Container>  $containers */
    private function doi(array $containers): ?RunBuilder
    {
        foreach ($containers as $at => $one) {
            $doi = WebAddress::doi($one->doi);
            if ($doi !== '') {
                $shown = $this->edition < 9 ? str_replace('https://doi.org/', 'doi:', $doi) : $doi;

                return self::element($shown, 'mla.doi', ContainerField::Doi->at($at));
            }
        }

        return null;
    }

    /** @param  array<int, Container>  $containers */
    private function url(array $containers): ?RunBuilder
    {
        $addressed = array_filter($containers, static fn (Container $one): bool => $one->url !== '');
        $at = array_key_last($addressed);
        if ($at === null) {
            return null;
        }
        $url = $addressed[$at]->url;
        $shown = $this->course->addresses === Addresses::Full ? WebAddress::clean($url) : WebAddress::bare($url);

        return self::element($shown, 'mla.url', ContainerField::Url->at($at));
    }
}
