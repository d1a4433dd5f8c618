<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Addresses;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Inclusion;
use Bibrel\Core\Style\Publishers;
use Bibrel\Core\Style\TitleFormat;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Style\WebAddress;
use Bibrel\Core\Text\Letters;
use Bibrel\Core\Text\Ordinal;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Text\RunBuilder;
use Bibrel\Core\Text\TitleCase;

/**
 * One works cited entry of the 7th edition: every element closed by a stop, place and publisher, the medium of
 * publication, "N.p." and "n.d." for what is missing, and no address unless the course wants it.
 *
 * Source: MLA Handbook, 7th ed., 5.3–5.8.
 */
final class Mla7Entry
{
    private const ABBREVIATED = ['edited by' => 'Ed.', 'translated by' => 'Trans.', 'directed by' => 'Dir.', 'compiled by' => 'Comp.', 'illustrated by' => 'Illus.', 'narrated by' => 'Narr.', 'conducted by' => 'Cond.', 'performance by' => 'Perf.', 'performances by' => 'Perf.', 'introduction by' => 'Introd.', 'foreword by' => 'Foreword by', 'afterword by' => 'Afterword by', 'produced by' => 'Prod.', 'hosted by' => 'Host', 'screenplay by' => 'Screenplay by'];

    /** Kinds whose imprint names the city, when they are printed. */
    private const WITH_PLACE = ['book', 'chapter', 'entry-encyclopedia', 'pamphlet', 'paper-conference', 'report', 'standard'];

    private RunBuilder $line;

    public function __construct(
        private readonly Source $source,
        private readonly CourseRules $course,
        private readonly EntryContext $context,
    ) {
        $this->line = new RunBuilder;
    }

    /** @return list<Run> */
    public function runs(): array
    {
        $this->line = new RunBuilder;
        $this->author();
        $this->title();
        $this->form();
        $this->original();
        $this->review();
        $this->contributors($this->others(), 'contributors');
        match (true) {
            $this->source->kind->containment === Containment::PersonalCommunication => $this->element($this->date(''), 'mla.date', 'containers.0.date'),
            $this->source->kind->containment === Containment::Law => $this->law(),
            $this->isPeriodical() => $this->periodical(),
            default => $this->published(),
        };
        $this->medium();

        return $this->line->trimEnd()->runs();
    }

    private function author(): void
    {
        $leaders = Entry::primaryContributors($this->source);
        if ($leaders === []) {
            return;
        }
        if ($this->context->repeatsAuthor && $this->course->threeHyphens) {
            $this->line->add('---', 'mla.author.repeated', 'contributors.'.array_key_first($leaders));
        } elseif (count($leaders) === 3) {
            Names::three($this->line, $leaders);
        } else {
            Names::lead($this->line, $leaders, false);
        }
        $label = ['editor' => 'ed.', 'translator' => 'trans.', 'compiler' => 'comp.', 'director' => 'dir.'][reset($leaders)->role->value] ?? '';
        if ($label !== '') {
            $plural = count($leaders) > 1 && in_array($label, ['ed.', 'comp.'], true) ? rtrim($label, '.').'s.' : $label;
            $this->line->add(", {$plural}", 'mla.author.role', 'contributors.'.array_key_first($leaders));
        }
        $this->close();
    }

    private function title(): void
    {
        $title = $this->source->title;
        if ($title->isEmpty()) {
            $this->described();

            return;
        }
        $format = match ($this->source->kind->id) {
            'thesis' => TitleFormat::Quoted,
            'court-case' => TitleFormat::Plain,
            default => Entry::titleFormat($this->source),
        };
        $rule = match ($format) {
            TitleFormat::Quoted => 'mla.title.quoted',
            TitleFormat::Italic => 'mla.title.italic',
            TitleFormat::Plain => 'mla.title.described',
        };
        TitleSetter::set($this->line, $title, $format, Entry::case($this->source), $rule, 'mla.title.within');
        $this->close();
    }

    private function described(): void
    {
        $recipients = $this->source->by(Role::Recipient);
        if ($this->source->kind->id === 'email') {
            $this->line->add(Letters::capital($this->source->genre ?: 'message').' to ', 'mla.title.described', $this->source->genre === '' ? null : 'genre');
            if ($recipients === []) {
                $this->line->add('the author', 'mla.title.described');
            } else {
                Names::inMiddle($this->line, $recipients, 'contributors', 'mla.title.described');
            }
            $this->close();
        } elseif ($this->source->kind->id !== 'review') {
            $this->element(Letters::capital($this->source->genre ?: ($this->source->kind->id === 'interview-own' ? 'personal interview' : '')), 'mla.title.described', 'genre');
        }
    }

    /** "Editorial", "Letter": behind the title, where later editions have it at the end. */
    private function form(): void
    {
        $this->element(Entry::form($this->source), 'mla.form', $this->source->genre === '' ? null : 'genre');
    }

    private function original(): void
    {
        $date = $this->source->original->date();
        $this->element($date->isNone() ? '' : Letters::capital(Wording::date($date, 7)), 'mla.original', 'original.date');
    }

    /** "Rev. of Moonpower, by Halima Brook." */
    private function review(): void
    {
        if ($this->source->subject === '') {
            return;
        }
        $this->line->add('Rev. of ', 'mla.review');
        TitleSetter::setText($this->line, $this->source->subject, 'subject', TitleFormat::Italic, 'mla.review', 'mla.title.within');
        $makers = $this->source->by(Role::ReviewedAuthor);
        if ($makers !== []) {
            $this->line->comma('mla.comma')->add(' by ', 'mla.review');
            Names::inMiddle($this->line, $makers, 'contributors', 'mla.review');
        }
        $this->close();
    }

    /** @return list<array{list<Role>, array<int, Contributor>}> */
    private function others(): array
    {
        $leaders = $this->source->primaryContributors();

        return Contributions::byRole(array_diff_key($this->source->contributors, $leaders));
    }

    /** @param  list<array{list<Role>, array<int, Contributor>}>  $groups */
    private function contributors(array $groups, string $path): void
    {
        foreach ($groups as [$roles, $people]) {
            $short = array_map(static fn (Role $role): string => self::ABBREVIATED[Wording::by([$role], count($people))] ?? Letters::capital(Wording::by([$role], count($people))), $roles);
            $this->line->add(Letters::capital(mb_strtolower(implode(' and ', $short))).' ', 'mla.contributor');
            Names::inMiddle($this->line, $people, $path, 'mla.contributor');
            $this->close();
        }
    }

    /** A newspaper, magazine or blog read on its own site is cited as a page of that site. */
    private function isPeriodical(): bool
    {
        $scholarly = in_array($this->source->kind->id, ['journal-article', 'special-issue'], true);

        return $this->source->kind->containment === Containment::InPeriodical
            && ($scholarly || $this->source->container()->pages !== '' || isset($this->source->containers[1]) || ! Media::isOnline($this->source));
    }

    /** Title, volume.issue, date in parentheses for a scholarly journal; pages behind a colon. */
    private function periodical(): void
    {
        $container = $this->source->container();
        $special = $this->source->kind->id === 'special-issue';
        $this->line->add($special ? 'Spec. issue of ' : '', 'mla.form');
        TitleSetter::setText($this->line, $container->title, 'containers.0.title', TitleFormat::Italic, 'mla.container', 'mla.title.within');
        $scholarly = $special || in_array($this->source->kind->id, ['journal-article', 'review'], true) && $container->volume !== '';
        if ($scholarly && $container->volume !== '') {
            $this->line->space('mla.number')->add($container->volume, 'mla.number', 'containers.0.volume');
            $this->line->add($container->issue === '' ? '' : '.', 'mla.number')->add($container->issue, 'mla.number', 'containers.0.issue');
        }
        $words = $this->date('n.d.');
        $scholarly = $scholarly || $this->source->kind->id === 'journal-article';
        $this->line->space('mla.date')->add($scholarly ? "({$words})" : $words, 'mla.date', 'containers.0.date');
        if (! $scholarly && $container->edition !== '') {
            $this->line->add(', ', 'mla.comma')->add(Ordinal::edition($container->edition), 'mla.version', 'containers.0.edition');
        }
        $this->line->add(': ', 'mla.pages');
        $this->line->add($container->pages === '' ? 'n. pag.' : PageRange::shortened($container->pages), 'mla.pages', 'containers.0.pages');
        $this->close();
    }

    /** Law report with volume and page, the court, the year. */
    private function law(): void
    {
        $container = $this->source->container();
        $this->element(Name::join($container->volume, $container->title, $container->section === '' ? $container->pages : "sec. {$container->section}"), 'mla.container', 'containers.0.title');
        $this->element($this->date('n.d.'), 'mla.date', 'containers.0.date');
    }

    private function date(string $without): string
    {
        $date = $this->source->date();

        return $date->isNone() ? ($this->source->container()->status ?: $without) : Wording::date($date, 7);
    }

    private function published(): void
    {
        $container = $this->source->container();
        if ($container->title !== '') {
            $title = $this->source->kind->containment === Containment::PartOf && $this->source->isEnglish() ? TitleCase::headline($container->title) : $container->title;
            TitleSetter::setText($this->line, $title, 'containers.0.title', TitleFormat::Italic, 'mla.container', 'mla.title.within');
            $this->close();
        }
        $this->contributors(Contributions::byRole($container->contributors), 'containers.0.contributors');
        $this->element(Letters::capital(Ordinal::edition($container->edition)), 'mla.version', 'containers.0.edition');
        $this->element($container->volume === '' ? '' : "Vol. {$container->volume}", 'mla.number', 'containers.0.volume');
        $this->element((string) preg_replace('/^(\d+)$/', '$1 vols.', $container->volumes), 'mla.volumes', 'containers.0.volumes');
        if ($container->collection !== '') {
            $this->element($this->date('n.d.'), 'mla.date', 'containers.0.date');
            $this->element($container->collection, 'mla.place', 'containers.0.collection');

            return;
        }
        $this->imprint($container);
        $this->element(PageRange::shortened($container->pages), 'mla.pages', 'containers.0.pages');
    }

    /** Place: publisher, date. */
    private function imprint(Container $container): void
    {
        $online = Media::isOnline($this->source);
        $thesis = Entry::isThesis($this->source);
        if ($thesis) {
            $this->element(str_contains(strtolower($this->source->genre), 'master') ? 'Thesis' : 'Diss', 'mla.medium', 'genre');
        }
        $isTalk = in_array($this->source->kind->id, ['lecture', 'poster'], true);
        $needsPlace = ! $online && in_array($this->source->kind->csl, self::WITH_PLACE, true);
        if ($needsPlace) {
            $this->line->add($container->place === '' ? 'N.p.' : $container->place, 'mla.seventh.place', 'containers.0.place')->add(': ', 'mla.seventh.place');
        } elseif ($isTalk) {
            $this->element($container->place, 'mla.place', 'containers.0.place');
        }
        $house = $thesis ? (string) preg_replace('/\bUniversity\b/u', 'U', $container->publisher) : self::shortened($container->publisher);
        if ($house === '' && ($needsPlace || $online)) {
            $house = $needsPlace ? 'n.p.' : 'N.p.';
        }
        $this->line->add(Quotes::curly($house), 'mla.publisher', 'containers.0.publisher');
        if ($house !== '') {
            $this->line->comma('mla.comma')->space('mla.comma');
        }
        $this->element($this->date('n.d.'), 'mla.date', 'containers.0.date');
    }

    /** The shortest form that is still clear: one name, no "Press", "Books" or "Company"; university presses keep UP. */
    private static function shortened(string $publisher): string
    {
        $name = Publishers::abbreviated($publisher);
        if (preg_match('/\bU\b|\bUP\b/u', $name) === 1) {
            return $name;
        }

        return (string) preg_replace('/(?<=\S)\s+(?:Press|Books|Publishing|Publishers|House|Editions)$/u', '', $name);
    }

    /** Database, medium, date of access, series; the address last, in angle brackets, where the course wants it. */
    private function medium(): void
    {
        foreach (array_slice($this->source->containers, 1, null, true) as $i => $container) {
            if ($container->title !== '') {
                TitleSetter::setText($this->line, $container->title, "containers.{$i}.title", TitleFormat::Italic, 'mla.container', 'mla.title.within');
                $this->close();
            }
        }
        if ($this->source->kind->id === 'interview-own') {
            return;
        }
        if ($this->course->medium !== Inclusion::Never) {
            $this->element(Media::of($this->source), 'mla.seventh.medium', $this->source->medium === '' ? null : 'medium');
        }
        $accessed = $this->source->accessedOn();
        if (Media::isOnline($this->source) && ! $accessed->isNone() && $this->course->accessed !== Inclusion::Never) {
            $this->element(Wording::date($accessed, 7), 'mla.accessed', 'accessed');
        }
        $first = $this->source->container();
        if ($first->series !== '') {
            $this->element(trim("{$first->series} {$first->seriesNumber}"), 'mla.series', 'containers.0.series');
        }
        $address = $first->url ?: ($this->source->containers[1]->url ?? '');
        if (in_array($this->course->addresses, [Addresses::Full, Addresses::Bare], true) && $address !== '') {
            $this->element('<'.($this->course->addresses === Addresses::Full ? WebAddress::clean($address) : WebAddress::bare($address)).'>', 'mla.url', $first->url !== '' ? 'containers.0.url' : 'containers.1.url');
        }
    }

    /** One element with the stop that closes it; nothing where it is empty. */
    private function element(string $text, string $rule, ?string $field): void
    {
        if ($text !== '') {
            $this->line->add(Quotes::curly($text), $rule, $field);
            $this->close();
        }
    }

    private function close(): void
    {
        $this->line->stop('mla.stop')->space('mla.stop');
    }
}
