<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Addresses;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Dress;
use Bibrel\Core\Style\Publishers;
use Bibrel\Core\Style\Standing;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Style\WebAddress;
use Bibrel\Core\Text\Letters;
use Bibrel\Core\Text\Line;
use Bibrel\Core\Text\Ordinal;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Text\TitleCase;

/**
 * One works cited entry of the 7th edition: every element closed by a stop, place and publisher, the medium of
 * publication, "N.p." and "n.d." for what is missing, and no address unless the course wants it.
 *
 * Source: MLA Handbook, 7th ed., 5.3–5.8.
 */
final class SeventhEntry
{
    private const ABBREVIATED = ['edited by' => 'Ed.', 'translated by' => 'Trans.', 'directed by' => 'Dir.', 'compiled by' => 'Comp.', 'illustrated by' => 'Illus.', 'narrated by' => 'Narr.', 'conducted by' => 'Cond.', 'performance by' => 'Perf.', 'performances by' => 'Perf.', 'introduction by' => 'Introd.', 'foreword by' => 'Foreword by', 'afterword by' => 'Afterword by', 'produced by' => 'Prod.', 'hosted by' => 'Host', 'screenplay by' => 'Screenplay by'];

    private const MEDIA = ['film' => 'Film', 'song' => 'CD', 'album' => 'CD', 'tv-episode' => 'Television', 'tv-series' => 'Television', 'lecture' => 'Lecture', 'email' => 'E-mail', 'ebook' => 'E-book', 'audiobook' => 'Audiobook'];

    private Line $line;

    public function __construct(
        private readonly Source $source,
        private readonly CourseRules $course,
        private readonly Standing $standing,
    ) {
        $this->line = new Line;
    }

    /** @return list<Run> */
    public function runs(): array
    {
        $this->line = new Line;
        $this->author();
        $this->title();
        $this->contributors($this->others(), 'contributors');
        match ($this->source->kind->shape) {
            Shape::Article => $this->periodical(),
            Shape::Message => $this->message(),
            default => $this->published(),
        };
        $this->medium();

        return $this->line->trimEnd()->runs();
    }

    private function author(): void
    {
        $leaders = Entry::leaders($this->source);
        if ($leaders === []) {
            return;
        }
        if ($this->standing->repeatsAuthor && $this->course->threeHyphens) {
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
            $words = $this->source->genre !== '' ? $this->source->genre : match ($this->source->kind->id) {
                'interview-own' => 'personal interview',
                'email' => $this->source->by(Role::Recipient) === [] ? 'message to the author' : '',
                default => '',
            };
            $this->line->add(Letters::capital($words), 'mla.title.described', 'genre');
            if ($words === '' && $this->source->kind->id === 'email') {
                $this->line->add('Message to ', 'mla.title.described');
                Names::inMiddle($this->line, $this->source->by(Role::Recipient), 'contributors', 'mla.title.described');
            }
            $this->line->isEmpty() ?: $this->close();

            return;
        }
        $dress = $this->source->kind->id === 'thesis' ? Dress::Quoted : Entry::dress($this->source);
        TitleSetter::set($this->line, $title, $dress, Entry::case($this->source), $dress === Dress::Quoted ? 'mla.title.quoted' : 'mla.title.italic', 'mla.title.within');
        $this->close();
    }

    /** @return list<array{Role, array<int, Contributor>}> */
    private function others(): array
    {
        $leaders = $this->source->leaders();

        return Contributions::byRole(array_diff_key($this->source->contributors, $leaders));
    }

    /** @param  list<array{Role, array<int, Contributor>}>  $groups */
    private function contributors(array $groups, string $path): void
    {
        foreach ($groups as [$role, $people]) {
            $by = Wording::by($role, count($people));
            $this->line->add((self::ABBREVIATED[$by] ?? Letters::capital($by)).' ', 'mla.contributor');
            Names::inMiddle($this->line, $people, $path, 'mla.contributor');
            $this->close();
        }
    }

    /** Title, volume.issue, date in parentheses for a scholarly journal; pages behind a colon. */
    private function periodical(): void
    {
        $container = $this->source->container();
        TitleSetter::setText($this->line, $container->title, 'containers.0.title', Dress::Italic, 'mla.container', 'mla.title.within');
        $scholarly = $this->source->kind->id === 'journal-article';
        if ($scholarly && $container->volume !== '') {
            $this->line->space('mla.number')->add($container->volume, 'mla.number', 'containers.0.volume');
            $this->line->add($container->issue === '' ? '' : '.', 'mla.number')->add($container->issue, 'mla.number', 'containers.0.issue');
        }
        $date = $container->date();
        $words = $date->isNone() ? ($container->status !== '' ? $container->status : 'n.d.') : Wording::date($date, 7);
        $this->line->space('mla.date')->add($scholarly ? "({$words})" : $words, 'mla.date', 'containers.0.date');
        $this->line->add(': ', 'mla.pages');
        $this->line->add($container->pages === '' ? 'n. pag.' : PageRange::shortened($container->pages), 'mla.pages', 'containers.0.pages');
        $this->close();
    }

    private function message(): void
    {
        $date = $this->source->date();
        if (! $date->isNone()) {
            $this->line->add(Wording::date($date, 7), 'mla.date', 'containers.0.date');
            $this->close();
        }
    }

    private function published(): void
    {
        $container = $this->source->container();
        if ($container->title !== '') {
            $title = $this->source->kind->shape === Shape::Part && $this->source->isEnglish() ? TitleCase::headline($container->title) : $container->title;
            TitleSetter::setText($this->line, $title, 'containers.0.title', Dress::Italic, 'mla.container', 'mla.title.within');
            $this->close();
        }
        $this->contributors(Contributions::byRole($container->contributors), 'containers.0.contributors');
        foreach ([Ordinal::edition($container->edition) => 'edition', $container->volume === '' ? '' : "Vol. {$container->volume}" => 'volume'] as $text => $field) {
            if ($text !== '') {
                $this->line->add(Letters::capital((string) $text), $field === 'edition' ? 'mla.version' : 'mla.number', "containers.0.{$field}");
                $this->close();
            }
        }
        $this->imprint($container);
        if ($container->pages !== '') {
            $this->line->add(PageRange::shortened($container->pages), 'mla.pages', 'containers.0.pages');
            $this->close();
        }
    }

    /** Place: publisher, date. */
    private function imprint(Container $container): void
    {
        $online = $this->isOnline();
        $thesis = $this->source->kind->id === 'thesis';
        if ($thesis) {
            $this->line->add(str_contains(strtolower($this->source->genre), 'master') ? 'Thesis' : 'Diss', 'mla.medium', 'genre');
            $this->close();
        }
        $needsPlace = ! $online && in_array($this->source->kind->csl, ['book', 'chapter', 'entry-encyclopedia', 'pamphlet', 'paper-conference'], true);
        if ($needsPlace) {
            $this->line->add($container->place === '' ? 'N.p.' : $container->place, 'mla.seventh.place', 'containers.0.place')->add(': ', 'mla.seventh.place');
        }
        $house = $thesis ? (string) preg_replace('/\bUniversity\b/u', 'U', $container->publisher) : self::shortened($container->publisher);
        if ($house === '' && ($needsPlace || $online)) {
            $house = $needsPlace ? 'n.p.' : 'N.p.';
        }
        $this->line->add(Quotes::curly($house), 'mla.publisher', 'containers.0.publisher');
        $date = $container->date();
        $words = $date->isNone() ? ($container->status !== '' ? $container->status : 'n.d.') : Wording::date($date, 7);
        if ($house !== '') {
            $this->line->comma('mla.comma')->space('mla.comma');
        }
        $this->line->add($words, 'mla.date', 'containers.0.date');
        $this->close();
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

    /** Database, medium, date of access; the address last, in angle brackets, where the course wants it. */
    private function medium(): void
    {
        foreach (array_slice($this->source->containers, 1, null, true) as $i => $container) {
            if ($container->title !== '') {
                TitleSetter::setText($this->line, $container->title, "containers.{$i}.title", Dress::Italic, 'mla.container', 'mla.title.within');
                $this->close();
            }
        }
        $online = $this->isOnline();
        if ($this->source->kind->id === 'interview-own') {
            return;
        }
        $medium = match (true) {
            $this->source->medium !== '' => Letters::capital($this->source->medium),
            $online => 'Web',
            default => self::MEDIA[$this->source->kind->id] ?? 'Print',
        };
        $this->line->add($medium, 'mla.seventh.medium', $this->source->medium === '' ? null : 'medium');
        $this->close();
        $accessed = $this->source->accessedOn();
        if ($online && ! $accessed->isNone() && $this->course->accessed->value !== 'never') {
            $this->line->add(Wording::date($accessed, 7), 'mla.accessed', 'accessed');
            $this->close();
        }
        $address = $this->source->container()->url ?: ($this->source->containers[1]->url ?? '');
        if (in_array($this->course->addresses, [Addresses::Full, Addresses::Bare], true) && $address !== '') {
            $this->line->add('<'.($this->course->addresses === Addresses::Full ? WebAddress::clean($address) : WebAddress::bare($address)).'>', 'mla.url', 'containers.0.url');
            $this->close();
        }
    }

    private function isOnline(): bool
    {
        foreach ($this->source->containers as $i => $container) {
            if ($container->url !== '' || $container->doi !== '' || ($i > 0 && $container->title !== '')) {
                return true;
            }
        }

        return $this->source->reached === 'web';
    }

    private function close(): void
    {
        $this->line->stop('mla.stop')->space('mla.stop');
    }
}
