<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Shape;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Access;
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

/** One reference list entry out of APA's four elements: author, date, title, source. */
final class Entry
{
    /** Who stands in the author's place when nobody made the source alone, best first. */
    private const STAND_INS = [[Role::Director], [Role::Host], [Role::ExecutiveProducer, Role::Creator], [Role::Uploader]];

    /** Kinds that are dated to the day as soon as the day is known. */
    private const YEAR_ONLY = ['book', 'edited-collection', 'chapter', 'reference-entry', 'ebook', 'audiobook', 'journal-article', 'film', 'tv-series', 'song', 'album', 'thesis', 'artwork', 'map', 'software'];

    private Line $line;

    public function __construct(
        private readonly Source $source,
        private readonly CourseRules $course,
        private readonly Standing $standing,
        private readonly int $edition = 7,
    ) {
        $this->line = new Line;
    }

    /** @return list<Run> */
    public function runs(): array
    {
        $this->line = new Line;
        $leaders = self::leaders($this->source);
        if ($leaders !== []) {
            Names::lead($this->line, $leaders, $this->edition === 6 ? 7 : 20);
            $this->close();
            $this->date();
            $this->title();
        } elseif ($this->source->title->isEmpty() && $this->source->genre.$this->source->subject === '') {
            $this->date();
        } else {
            $this->title();
            $this->date();
        }
        match ($this->source->kind->shape) {
            Shape::Article => $this->periodical(),
            Shape::Part => $this->larger(),
            default => $this->publisher(),
        };
        $this->extra();
        $this->address();
        $this->original();

        return $this->line->trimEnd()->runs();
    }

    /** @return array<int, Contributor> those in the author's place, by their place in the source's contributors */
    public static function leaders(Source $source): array
    {
        $leaders = $source->leaders();
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
        $letter = $this->standing->yearLetter;
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

    public static function dress(Source $source): Dress
    {
        return in_array($source->kind->shape, [Shape::Article, Shape::Part], true) || $source->title->described ? Dress::Plain : Dress::Italic;
    }

    private function title(): void
    {
        $title = $this->source->title;
        $dress = self::dress($this->source);
        $rule = $dress === Dress::Italic ? 'apa.title.italic' : 'apa.title.plain';
        if ($title->isEmpty()) {
            $this->source->subject === '' ? $this->described($this->source->genre, 'genre') : $this->review();
        } elseif ($title->described) {
            $this->described($title->full(), 'title.main');
        } else {
            $case = $this->source->isEnglish() && $this->source->kind->id !== 'social-post' ? 'sentence' : 'kept';
            TitleSetter::set($this->line, $title, $dress, $case, $rule, 'apa.title.within');
        }
        if ($title->translated !== '') {
            $this->line->add(' [', 'apa.title.translated')
                ->add(TitleCase::sentence(Quotes::curly($title->translated)), 'apa.title.translated', 'title.translated')
                ->add(']', 'apa.title.translated');
        }
        $this->numbers();
        $this->note();
        $this->close();
    }

    private function described(string $words, string $field): void
    {
        if ($words !== '') {
            $this->line->add('[', 'apa.title.described')->add(Letters::capital(Quotes::curly($words)), 'apa.title.described', $field)->add(']', 'apa.title.described');
        }
    }

    /** The parentheses behind the title: people, edition and volume, number. */
    private function numbers(): void
    {
        $people = $this->peopleBehindTitle();
        $numbers = $this->source->kind->shape === Shape::Whole || $this->source->kind->shape === Shape::Online ? $this->editionAndNumber() : $this->episode();
        if ($people === [] && $numbers === []) {
            return;
        }
        $this->line->space('apa.title.number')->add('(', 'apa.title.number');
        foreach ($people as $i => $person) {
            $this->line->add($i > 0 ? ', ' : '', 'apa.title.number')->addAll($person->runs());
        }
        if ($people !== [] && $numbers !== []) {
            $this->line->add('; ', 'apa.title.number');
        }
        foreach ($numbers as $i => $number) {
            $this->line->add($i > 0 ? ', ' : '', 'apa.title.number')->addAll($number->runs());
        }
        $this->line->add(')', 'apa.title.number');
    }

    /** @return list<Line> */
    private function peopleBehindTitle(): array
    {
        $leaders = self::leaders($this->source);
        $lines = [];
        foreach ([Role::Translator, Role::Editor, Role::Illustrator, Role::Narrator] as $role) {
            $people = array_diff_key($this->source->by($role), $leaders);
            if ($people !== []) {
                $lines[] = $line = new Line;
                Names::inMiddle($line, $people, 'contributors', 'apa.title.number');
                $line->add(', '.Wording::behind($role, count($people)), 'apa.title.number');
            }
        }

        return $lines;
    }

    /** @return list<Line> */
    private function editionAndNumber(): array
    {
        $container = $this->source->container();
        $worded = static fn (string $value, string $word): string => $value === '' ? '' : (preg_match('/^[\divxlcIVXLCA-Z]+[\w.\-\/]*$/u', $value) === 1 ? "{$word} {$value}" : $value);
        $lines = [
            (new Line)->add(Letters::capital(Ordinal::edition($container->edition)), 'apa.title.number', 'containers.0.edition'),
            (new Line)->add($worded($container->version, 'Version'), 'apa.title.number', 'containers.0.version'),
            (new Line)->add($worded($container->volume, 'Vol.'), 'apa.title.number', 'containers.0.volume'),
            (new Line)->add($worded($container->number, match ($this->source->kind->id) {
                'report' => 'Report No.',
                'thesis' => 'Publication No.',
                default => 'No.',
            }), 'apa.title.number', 'containers.0.number'),
        ];

        return array_values(array_filter($lines, static fn (Line $line): bool => ! $line->isEmpty()));
    }

    /** @return list<Line> */
    private function episode(): array
    {
        $container = $this->source->container();
        $word = $container->season === '' && $this->source->kind->id === 'podcast-episode' ? 'No.' : 'Episode';
        $lines = [];
        if ($container->season !== '') {
            $lines[] = (new Line)->add("Season {$container->season}", 'apa.title.number', 'containers.0.season');
        }
        if ($container->episode !== '') {
            $lines[] = (new Line)->add("{$word} {$container->episode}", 'apa.title.number', 'containers.0.episode');
        }

        return $lines;
    }

    /** The square brackets behind the title: what kind of work it is. */
    private function note(): void
    {
        $source = $this->source;
        if ($source->title->isEmpty() || $source->title->described) {
            return;
        }
        if ($source->subject !== '') {
            $this->line->add(' ', 'apa.title.note');
            $this->review();

            return;
        }
        if ($source->kind->id === 'thesis') {
            $type = $source->genre === '' ? 'Doctoral dissertation' : TitleCase::sentence(str_ireplace('phd dissertation', 'Doctoral dissertation', $source->genre));
            $published = $this->isPublished();
            $this->line->add(' ['.($published ? $type : 'Unpublished '.lcfirst($type)), 'apa.title.note', 'genre')
                ->add($source->container()->publisher === '' || ! $published ? '' : ', ', 'apa.title.note')
                ->add($published ? Quotes::curly($source->container()->publisher) : '', 'apa.title.note', 'containers.0.publisher')
                ->add(']', 'apa.title.note');

            return;
        }
        $artwork = $source->kind->id === 'artwork' ? $source->medium : '';
        $note = match (true) {
            $source->genre !== '' => Letters::capital($source->genre),
            $artwork !== '' => Letters::capital($artwork),
            default => $this->edition === 6 && $source->kind->id === 'film' ? 'Motion picture' : $source->kind->note,
        };
        if ($note !== '') {
            $field = $source->genre !== '' ? 'genre' : ($artwork !== '' ? 'medium' : null);
            $this->line->add(' [', 'apa.title.note')->add($note, 'apa.title.note', $field)->add(']', 'apa.title.note');
        }
    }

    /** "[Review of the book Moonpower, by H. Brook]" */
    private function review(): void
    {
        $this->line->add('[Review of the '.($this->source->genre ?: 'book').' ', 'apa.title.review');
        TitleSetter::setText($this->line, TitleCase::sentence($this->source->subject), 'subject', Dress::Italic, 'apa.title.review', 'apa.title.within');
        $makers = $this->source->by(Role::ReviewedAuthor);
        if ($makers !== []) {
            $this->line->comma('apa.comma')->add(' by ', 'apa.title.review');
            Names::inMiddle($this->line, $makers, 'contributors', 'apa.title.review');
        }
        $this->line->add(']', 'apa.title.review');
    }

    /** Whether a reader can get at it: it has an address or stands in an archive. */
    private function isPublished(): bool
    {
        return isset($this->source->containers[1]) || $this->source->container()->url !== '' || $this->source->container()->doi !== '';
    }

    private function periodical(): void
    {
        $container = $this->source->container();
        if ($container->title === '') {
            return;
        }
        $within = 'apa.title.within';
        TitleSetter::setText($this->line, $container->title, 'containers.0.title', Dress::Italic, 'apa.source.periodical', $within);
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
            TitleSetter::setText($this->line, $title, 'containers.0.title', Dress::Italic, 'apa.source.book', 'apa.title.within');
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

        return [array_diff_key($this->source->by(Role::ExecutiveProducer), self::leaders($this->source)), 'contributors'];
    }

    private function bookParentheses(): void
    {
        $container = $this->source->container();
        $parts = [];
        if ($container->edition !== '') {
            $parts[] = (new Line)->add(Letters::capital(Ordinal::edition($container->edition)), 'apa.title.number', 'containers.0.edition');
        }
        if ($container->volume !== '') {
            $parts[] = (new Line)->add("Vol. {$container->volume}", 'apa.title.number', 'containers.0.volume');
        }
        if ($container->pages !== '') {
            $pages = PageRange::full($container->pages);
            $parts[] = (new Line)->add((PageRange::isSeveral($pages) ? 'pp. ' : 'p. ').$pages, 'apa.source.pages', 'containers.0.pages');
        }
        foreach ($parts as $i => $part) {
            $this->line->add($i === 0 ? ' (' : ', ', 'apa.title.number')->addAll($part->runs());
        }
        if ($parts !== []) {
            $this->line->add(')', 'apa.title.number');
        }
    }

    private function publisher(): void
    {
        $container = $this->source->container();
        if ($this->source->kind->id === 'thesis' && $this->isPublished()) {
            return;
        }
        if ($this->source->kind->id === 'lecture') {
            $this->event();

            return;
        }
        if ($this->edition === 6 && $this->source->kind->shape === Shape::Online && $this->isPublished()) {
            return;
        }
        if ($container->collection !== '') {
            $this->house($container->collection, 'containers.0.collection', 'apa.source.place');
        }
        if ($this->source->kind->shape === Shape::Online && $container->title !== '') {
            $this->house($container->title, 'containers.0.title', 'apa.source.site');

            return;
        }
        $this->house($container->publisher, 'containers.0.publisher', 'apa.source.publisher');
        if ($container->title !== '' && ! Publishers::same($container->title, $container->publisher)) {
            $this->house($container->title, 'containers.0.title', 'apa.source.site');
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
        foreach (self::leaders($this->source) as $leader) {
            if ($leader->name->isGroup() && Publishers::same($leader->name->group, $name)) {
                return;
            }
        }
        if ($name === '' || Publishers::same($name, $this->source->title->full())) {
            return;
        }
        $houses = array_map(Publishers::withoutForm(...), preg_split('~\s*[;/]\s*~', $name) ?: []);
        $place = $this->source->container()->place;
        if ($this->edition === 6 && $rule === 'apa.source.publisher' && $place !== '') {
            $this->line->add($place, 'apa.source.place', 'containers.0.place')->add(': ', 'apa.source.place');
        }
        $this->line->add(Quotes::curly(implode('; ', $houses)), $rule, $field);
        $this->close();
    }

    /** A second container that names itself: the archive of a thesis, a museum's site; a periodical's database is left out. */
    private function extra(): void
    {
        $second = $this->source->containers[1] ?? null;
        if ($second !== null && $this->source->kind->shape !== Shape::Article && ! in_array($this->source->kind->id, ['film', 'tv-episode', 'tv-series', 'chapter'], true)) {
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
            Access::Always => true,
            Access::Never => false,
            Access::Auto => $this->source->kind->changes,
        };
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
