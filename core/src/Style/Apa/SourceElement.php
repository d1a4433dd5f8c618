<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Addresses;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Inclusion;
use Bibrel\Core\Style\Publishers;
use Bibrel\Core\Style\TitleFormat;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Style\WebAddress;
use Bibrel\Core\Text\Letters;
use Bibrel\Core\Text\Ordinal;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\RunBuilder;
use Bibrel\Core\Text\TitleCase;

/** APA's fourth element: the periodical, the larger work, the publisher or site, and where a reader finds it. */
final readonly class SourceElement
{
    public function __construct(private Source $source, private CourseRules $course, private RunBuilder $line, private int $edition)
    {
    }

    public function add(): void
    {
        match ($this->source->kind->containment) {
            Containment::InPeriodical => $this->periodical(),
            Containment::PartOf => $this->larger(),
            default => $this->publisher(),
        };
        $this->extra();
        $this->address();
    }

    private function periodical(): void
    {
        $container = $this->source->container();
        if ($container->title === '') {
            return;
        }
        $within = 'apa.title.within';
        TitleSetter::setText($this->line, $container->title, 'containers.0.title', TitleFormat::Italic, 'apa.source.periodical', $within);
        if ($container->volume.$container->issue !== '') {
            $this->line->comma('apa.comma')->add(' ', 'apa.comma')->add($container->volume, 'apa.source.volume', 'containers.0.volume', true);
            if ($container->issue !== '') {
                $this->line->add('(', 'apa.source.volume')->add(Quotes::curly(PageRange::full($container->issue)), 'apa.source.volume', 'containers.0.issue')->add(')', 'apa.source.volume');
            }
        }
        $pages = PageRange::full($container->pages);
        if ($container->articleNumber !== '') {
            $this->line->comma('apa.comma')->add(' ', 'apa.comma')->add('Article '.preg_replace('/^article\s+/i', '', $container->articleNumber), 'apa.source.pages', 'containers.0.articleNumber');
        } elseif ($pages !== '') {
            $this->line->comma('apa.comma')->add(' ', 'apa.comma')->add($this->edition === 6 && $this->source->kind->id === 'newspaper-article' ? (PageRange::isSeveral($pages) ? 'pp. ' : 'p. ').$pages : $pages, 'apa.source.pages', 'containers.0.pages');
        }
        $this->close();
        // "Advance online publication": said of what is dated already; "in press" stands in the date's place.
        if ($container->status !== '' && $container->date()->isDate()) {
            $this->line->add(Letters::capital($container->status), 'apa.source.status', 'containers.0.status');
            $this->close();
        }
    }

    private function larger(): void
    {
        $container = $this->source->container();
        if ($container->title !== '') {
            $this->line->add($this->source->kind->id === 'song' ? 'On ' : 'In ', 'apa.source.in');
            [$editors, $path] = $this->peopleOfTheWhole();
            if ($editors !== []) {
                $first = reset($editors);
                Names::inMiddle($this->line, $editors, $path, 'apa.source.in');
                $label = Wording::leadLabel($first->role, count($editors));
                $this->line->add($label === '' ? '' : " ({$label})", 'apa.source.in')->add(', ', 'apa.source.in');
            }
            $case = $this->source->isEnglish() && $this->source->kind->id !== 'conference-paper';
            $title = $case ? TitleCase::sentence($container->title) : $container->title;
            TitleSetter::setText($this->line, $title, 'containers.0.title', TitleFormat::Italic, 'apa.source.book', 'apa.title.within');
            $this->bookParentheses();
            $this->close();
        }
        $this->house($container->publisher, 'containers.0.publisher', 'apa.source.publisher');
    }

    /** @return array{array<int, Contributor>, string} those before the title of the whole, and where they stand */
    private function peopleOfTheWhole(): array
    {
        $editors = array_filter($this->source->container()->contributors, static fn (Contributor $one): bool => ! $one->name->isEmpty());
        if ($editors !== []) {
            return [$editors, 'containers.0.contributors'];
        }

        return [array_diff_key($this->source->by(Role::ExecutiveProducer), Entry::primaryContributors($this->source)), 'contributors'];
    }

    private function bookParentheses(): void
    {
        $container = $this->source->container();
        $parts = [];
        if ($container->edition !== '') {
            $parts[] = (new RunBuilder)->add(Letters::capital(Ordinal::edition($container->edition)), 'apa.title.number', 'containers.0.edition');
        }
        if ($container->volume !== '') {
            $parts[] = (new RunBuilder)->add("Vol. {$container->volume}", 'apa.title.number', 'containers.0.volume');
        }
        if ($container->pages !== '') {
            $pages = PageRange::full($container->pages);
            $parts[] = (new RunBuilder)->add((PageRange::isSeveral($pages) ? 'pp. ' : 'p. ').$pages, 'apa.source.pages', 'containers.0.pages');
        }
        foreach ($parts as $i => $part) {
            $this->line->add($i === 0 ? ' (' : ', ', 'apa.title.number')->join($part);
        }
        if ($parts !== []) {
            $this->line->add(')', 'apa.title.number');
        }
    }

    private function publisher(): void
    {
        $container = $this->source->container();
        if ($this->source->kind->id === 'ai-text' && $this->source->container()->title !== '') {
            return;
        }
        if ($this->source->kind->id === 'thesis' && Entry::isPublished($this->source)) {
            return;
        }
        if (in_array($this->source->kind->id, ['lecture', 'poster'], true)) {
            $this->event();

            return;
        }
        if ($this->edition === 6 && $this->source->kind->containment === Containment::OnSite && Entry::isPublished($this->source)) {
            return;
        }
        if ($container->collection !== '') {
            $this->house($container->collection, 'containers.0.collection', 'apa.source.place');
        }
        if (preg_match('/^comment on the article/i', $this->source->genre) === 1 && $container->title !== '') {
            TitleSetter::setText($this->line, $container->title, 'containers.0.title', TitleFormat::Italic, 'apa.source.periodical', 'apa.title.within');
            $this->close();

            return;
        }
        if ($this->source->kind->containment === Containment::OnSite && $container->title !== '') {
            $this->house($container->title, 'containers.0.title', 'apa.source.site');

            return;
        }
        $this->house($container->publisher, 'containers.0.publisher', 'apa.source.publisher');
        $this->parentBody();
        if ($container->title !== '' && ! Publishers::same($container->title, $container->publisher)) {
            $this->house($container->title, 'containers.0.title', 'apa.source.site');
        }
    }

    /** The larger body an office belongs to publishes what the office writes, unless another publisher is named. */
    private function parentBody(): void
    {
        foreach ($this->source->container()->publisher === '' ? Entry::primaryContributors($this->source) : [] as $place => $leader) {
            $this->house($leader->name->parent, "contributors.{$place}", 'apa.source.publisher');
        }
    }

    /** Where a talk was given: the event, or who held it, and the place. */
    private function event(): void
    {
        $container = $this->source->container();
        $name = $container->title !== '' ? 'title' : 'publisher';
        $this->line->add(Quotes::curly($container->{$name}), 'apa.source.site', "containers.0.{$name}");
        if ($container->place !== '') {
            $this->line->add($container->{$name} === '' ? '' : ', ', 'apa.comma')->add(Quotes::curly($container->place), 'apa.source.place', 'containers.0.place');
        }
        if ($container->{$name}.$container->place !== '') {
            $this->close();
        }
    }

    /** A publisher or site, unless it is the author already or says the title again. */
    private function house(string $name, string $field, string $rule): void
    {
        $place = $this->source->container()->place;
        foreach (Entry::primaryContributors($this->source) as $leader) {
            if ($leader->name->isGroup() && Publishers::same($leader->name->group, $name)) {
                $this->author($rule, $place);

                return;
            }
        }
        if ($name === '' || Publishers::same($name, $this->source->title->full())) {
            return;
        }
        $houses = array_map(Publishers::withoutForm(...), preg_split('~\s*[;/]\s*~', $name) ?: []);
        if ($this->edition === 6 && $rule === 'apa.source.publisher' && $place !== '') {
            $this->line->add($place, 'apa.source.place', 'containers.0.place')->add(': ', 'apa.source.place');
        }
        $this->line->add(Quotes::curly(implode('; ', $houses)), $rule, $field);
        $this->close();
    }

    /** The 6th edition says "Author" where an organisation publishes its own printed work. */
    private function author(string $rule, string $place): void
    {
        if ($this->edition === 6 && $rule === 'apa.source.publisher' && ! Entry::isPublished($this->source)) {
            $this->line->add($place, 'apa.source.place', 'containers.0.place')->add($place === '' ? '' : ': ', 'apa.source.place')->add('Author', 'apa.source.publisher');
            $this->close();
        }
    }

    /** A second container that names itself: the archive of a thesis, a museum's site; a periodical's database is left out. */
    private function extra(): void
    {
        $second = $this->source->containers[1] ?? null;
        if ($second !== null && $this->source->kind->containment !== Containment::InPeriodical && ! in_array($this->source->kind->id, ['film', 'tv-episode', 'tv-series', 'chapter'], true)) {
            $this->house($second->title, 'containers.1.title', 'apa.source.site');
        }
    }

    private function address(): void
    {
        if ($this->course->addresses === Addresses::None) {
            return;
        }
        foreach (['doi', 'url'] as $kind) {
            foreach ($this->source->containers as $i => $container) {
                $address = $kind === 'doi' ? WebAddress::doi($container->doi) : $this->url($container->url);
                if ($address === '') {
                    continue;
                }
                $accessed = $this->source->accessedOn();
                if ($kind === 'url' && ! $accessed->isNone() && $this->printsRetrieval()) {
                    $this->line->add('Retrieved ', 'apa.retrieved')->add(Wording::running($accessed), 'apa.retrieved', 'accessed')->add(', from ', 'apa.retrieved');
                } elseif ($kind === 'url' && $this->edition === 6) {
                    $this->line->add('Retrieved from ', 'apa.retrieved');
                }
                $address = $this->edition === 6 ? str_replace('https://doi.org/', 'doi:', $address) : $address;
                $this->line->add($address, "apa.{$kind}", "containers.{$i}.{$kind}");

                return;
            }
        }
    }

    private function url(string $url): string
    {
        return $this->course->addresses === Addresses::Bare ? WebAddress::bare($url) : WebAddress::clean($url);
    }

    private function printsRetrieval(): bool
    {
        return match ($this->course->accessed) {
            Inclusion::Always => true,
            Inclusion::Never => false,
            Inclusion::Auto => $this->source->kind->changes,
        };
    }

    private function close(): void
    {
        $this->line->stop('apa.stop')->space('apa.stop');
    }
}
