<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Addresses;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Publishers;
use Bibrel\Core\Style\TitleFormat;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Style\WebAddress;
use Bibrel\Core\Text\Ordinal;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\RunBuilder;
use Bibrel\Core\Text\TitleCase;

/** A container's elements: its title, contributors, version, number, publisher, date and location. */
final readonly class ContainerElements
{
    public function __construct(private Source $source, private CourseRules $course, private int $edition)
    {
    }

    /** @return list<RunBuilder> the elements that are there, in order */
    public function of(Container $container, int $i): array
    {
        $elements = [
            $this->containerTitle($container, $i),
            ...$this->containerContributors($container, $i),
            ...$this->versions($container, $i),
            ...$this->numbers($container, $i),
            $this->publisher($container, $i),
            Entry::isThesis($this->source) && $i === 0 ? (new RunBuilder)->add(preg_match('/^Ph/', $this->source->genre) === 1 || preg_match('/^\p{Lu}{2}/u', $this->source->genre) === 1 ? $this->source->genre : lcfirst($this->source->genre), 'mla.form', 'genre') : $this->date($container, $i),
            ...$this->locations($container, $i),
        ];
        $there = [];
        foreach ($elements as $element) {
            if ($element !== null && ! $element->isEmpty()) {
                $there[] = $element;
            }
        }

        return $there;
    }

    /** One element of one piece; null where there is nothing to say. */
    private static function element(string $text, string $rule, ?string $field = null): ?RunBuilder
    {
        return $text === '' ? null : (new RunBuilder)->add($text, $rule, $field);
    }

    private function containerTitle(Container $container, int $i): ?RunBuilder
    {
        if ($container->title === '') {
            return null;
        }
        $line = new RunBuilder;
        $line->add($this->source->kind->id === 'special-issue' && $i === 0 ? 'special issue of ' : '', 'mla.form');
        $title = $this->source->isEnglish() && $this->source->kind->containment === Containment::PartOf ? TitleCase::headline($container->title) : $container->title;
        TitleSetter::setText($line, $title, "containers.{$i}.title", in_array($this->source->kind->id, ['lecture', 'poster'], true) && $i === 0 ? TitleFormat::Plain : TitleFormat::Italic, 'mla.container', 'mla.title.within');

        return $line;
    }

    /** @return list<RunBuilder> */
    private function containerContributors(Container $container, int $i): array
    {
        $lines = [];
        if ($i === 0) {
            $inContainer = ! Contributions::standBehindTitle($this->source);
            foreach (Contributions::others($this->source, static fn (Role $role): bool => $inContainer || in_array($role, Contributions::OF_THE_WHOLE, true)) as [$roles, $people]) {
                $lines[] = $line = new RunBuilder;
                $line->add(Wording::by($roles, count($people)).' ', 'mla.contributor');
                Names::inMiddle($line, $people, 'contributors', 'mla.contributor');
            }
        }
        if ($i === 0 && $this->source->kind->id === 'interview-own' && $this->source->by(Role::Interviewer) === []) {
            $lines[] = (new RunBuilder)->add('conducted by the author', 'mla.contributor');
        }
        foreach (Contributions::byRole($container->contributors) as [$roles, $people]) {
            $lines[] = $line = new RunBuilder;
            $line->add(Wording::by($roles, count($people)).' ', 'mla.contributor');
            Names::inMiddle($line, $people, "containers.{$i}.contributors", 'mla.contributor');
        }

        return $lines;
    }

    /** @return list<?RunBuilder> edition, the form a book has on a device, version */
    private function versions(Container $container, int $i): array
    {
        $worded = preg_match('/^\d[\w.]*$/', $container->version) === 1 ? "version {$container->version}" : $container->version;
        $device = $i > 0 || isset($this->source->containers[1]) || $container->url !== '' || preg_match('/e-?book|audio/i', $container->edition) === 1
            ? ''
            : (['ebook' => 'e-book ed.', 'audiobook' => 'audiobook ed.'][$this->source->kind->id] ?? '');

        return [
            self::element(Ordinal::edition($container->edition), 'mla.version', "containers.{$i}.edition"),
            self::element($device, 'mla.version'),
            self::element($worded, 'mla.version', "containers.{$i}.version"),
        ];
    }

    /** @return list<RunBuilder> */
    private function numbers(Container $container, int $i): array
    {
        $lines = [];
        foreach (['volume' => ['vol.', 'vols.'], 'issue' => ['no.', 'nos.'], 'season' => ['season', 'seasons'], 'episode' => ['episode', 'episodes']] as $field => [$one, $several]) {
            $value = $container->{$field};
            if ($value !== '') {
                $plain = preg_match('/^[\divxlcIVXLC]+(?:\W|$)|^\d/', $value) === 1;
                $range = PageRange::full($value);
                $lines[] = (new RunBuilder)->add($plain ? (preg_match('/^\d+[–,]/u', $range) === 1 ? $several : $one)." {$range}" : lcfirst($value), 'mla.number', "containers.{$i}.{$field}");
            }
        }
        if ($container->number === '') {
            return $lines;
        }
        $lines[] = $number = new RunBuilder;
        if ($i === 0 && $this->source->genre !== '' && in_array($this->source->kind->id, ['report', 'government-document', 'preprint'], true)) {
            $number->add($this->source->genre, 'mla.number', 'genre')->add(' no. ', 'mla.number');
        }
        if (! $this->numberIsInArchive()) {
            $number->add($container->number, 'mla.number', "containers.{$i}.number");
        }

        return $lines;
    }

    /** A thesis in an archive has the archive's number for it, which is its place there. */
    private function numberIsInArchive(): bool
    {
        return Entry::isThesis($this->source) && isset($this->source->containers[1]);
    }

    private function publisher(Container $container, int $i): ?RunBuilder
    {
        if ($container->publisher === '' || $this->source->kind->containment === Containment::InPeriodical || $this->source->kind->containment === Containment::Law || Publishers::same($container->publisher, $container->title)) {
            return null;
        }
        $houses = array_map(Publishers::abbreviated(...), preg_split('~\s*[;/]\s*~', $container->publisher) ?: []);
        $text = implode(' / ', $houses);
        if (Entry::isThesis($this->source)) {
            $text = (string) preg_replace('/\bUniversity\b/u', 'U', $text);
        }

        return (new RunBuilder)->add(Quotes::curly($text), 'mla.publisher', "containers.{$i}.publisher");
    }

    private function date(Container $container, int $i): ?RunBuilder
    {
        if ($i === 0 && Entry::isSeenOnSite($this->source)) {
            return null;
        }
        $date = $container->date();

        return self::element($date->isNone() ? $container->status : Wording::date($date, $this->edition), 'mla.date', $date->isNone() ? "containers.{$i}.status" : "containers.{$i}.date");
    }

    /** @return list<?RunBuilder> */
    private function locations(Container $container, int $i): array
    {
        $pages = PageRange::shortened($container->pages);
        $word = preg_match('/^(?:[\dA-Z]|[ivxlc]+\b|e\d)/u', $pages) !== 1 ? '' : (PageRange::isSeveral($pages) ? 'pp. ' : 'p. ');
        $lines = [
            self::element($pages === '' ? '' : $word.$pages, 'mla.pages', "containers.{$i}.pages"),
            self::element($container->articleNumber === '' ? '' : 'article '.preg_replace('/^article\s+/i', '', $container->articleNumber), 'mla.pages', "containers.{$i}.articleNumber"),
            self::element($container->paragraphs, 'mla.pages', "containers.{$i}.paragraphs"),
            self::element(Quotes::curly($container->collection), 'mla.place', "containers.{$i}.collection"),
        ];
        if (in_array($this->source->kind->id, ['lecture', 'poster'], true)) {
            $lines[] = self::element(Quotes::curly($container->place), 'mla.place', "containers.{$i}.place");
        }
        if ($i === 1 && $this->numberIsInArchive()) {
            $lines[] = self::element($this->source->container()->number, 'mla.place', 'containers.0.number');
        }
        $lines[] = $this->address($i);

        return $lines;
    }

    /**
     * Where the source is found is said once, of the last container, and a DOI before any other address (MLA Handbook,
     * 9th ed., 5.84, 5.93): an article read in a database has its DOI behind the database's name.
     */
    private function address(int $i): ?RunBuilder
    {
        // A container that was emptied in the form is none.
        $containers = array_filter($this->source->containers, static fn (Container $one): bool => $one->toArray() !== []);
        if ($i !== array_key_last($containers)) {
            return null;
        }
        foreach (array_reverse($containers, true) as $at => $one) {
            $doi = WebAddress::doi($one->doi);
            if ($doi !== '') {
                $shown = $this->edition < 9 ? str_replace('https://doi.org/', 'doi:', $doi) : $doi;

                return self::element($this->course->addresses === Addresses::None ? '' : $shown, 'mla.doi', "containers.{$at}.doi");
            }
        }
        $addressed = array_filter($containers, static fn (Container $one): bool => $one->url !== '');
        $at = array_key_last($addressed);
        if ($at === null) {
            return null;
        }
        $container = $addressed[$at];
        $url = match ($this->course->addresses) {
            Addresses::None => '',
            Addresses::Full => WebAddress::clean($container->url),
            Addresses::Auto, Addresses::Bare => WebAddress::bare($container->url),
        };

        return self::element($url, 'mla.url', "containers.{$at}.url");
    }
}
