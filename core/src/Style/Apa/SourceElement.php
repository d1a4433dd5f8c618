<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Publishers;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\TitleFormat;
use Bibrel\Core\Source\WebAddress;
use Bibrel\Core\Style\Addresses;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Inclusion;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Text\Letters;
use Bibrel\Core\Text\Ordinal;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\RunBuilder;
use Bibrel\Core\Text\SentenceCase;

/** APA's fourth element: the periodical, the larger work, the publisher or site, and where a reader finds it. */
final readonly class SourceElement
{
    private TitleSetter $titles;

    /**
     * @param  array<int, Contributor>  $leaders  those in the author's place
     * @param  6|7  $edition
     */
    public function __construct(
        private Source $source,
        private CourseRules $course,
        private RunBuilder $line,
        private Names $names,
        private Wording $wording,
        private array $leaders,
        private int $edition,
    ) {
        $this->titles = new TitleSetter($line, 'apa.title.within');
    }

    public function add(): void
    {
        $container = $this->source->container();
        match (true) {
            $this->isIn(Containment::InPeriodical) => $this->periodical($container),
            $this->isIn(Containment::PartOf) => $this->largerWork($container),
            default => $this->publisher($container),
        };
        $this->platform();
        $this->address();
    }

    /** Whether a reader can get at it: it has an address or stands in an archive. */
    public static function isPublished(Source $source): bool
    {
        return isset($source->containers[1]) || $source->container()->url.$source->container()->doi !== '';
    }

    private function isIn(Containment $containment): bool
    {
        return $this->source->kind->containment === $containment;
    }

    private function periodical(Container $container): void
    {
        if ($container->title === '' || $this->edition === 6 && $this->source->kind->isMessage) {
            return;
        }
        $this->titles->text(
            $container->title,
            ContainerField::Title->at(),
            TitleFormat::Italic,
            'apa.source.periodical',
        );
        $this->volumeAndIssue($container);
        $this->pagesOrArticle($container);
        $this->close();
        // "Advance online publication": said of what is dated already; "in press" stands in the date's place.
        if ($container->status !== '' && $container->date()->isDate()) {
            $this->line->add(Letters::capital($container->status), 'apa.source.status', ContainerField::Status->at());
            $this->close();
        }
    }

    private function volumeAndIssue(Container $container): void
    {
        if ($container->volume.$container->issue === '') {
            return;
        }
        $this->comma()->add($container->volume, 'apa.source.volume', ContainerField::Volume->at(), true);
        if ($container->issue !== '') {
            $this->line->add('(', 'apa.source.volume')
                ->add(
                    Quotes::curly((new PageRange($container->issue))->full()),
                    'apa.source.volume',
                    ContainerField::Issue->at(),
                )
                ->add(')', 'apa.source.volume');
        }
    }

    private function pagesOrArticle(Container $container): void
    {
        $pages = (new PageRange($container->pages))->full();
        if ($container->articleNumber !== '') {
            $number = 'Article '.preg_replace('/^article\s+/i', '', $container->articleNumber);
            $this->comma()->add($number, 'apa.source.pages', ContainerField::ArticleNumber->at());
        } elseif ($pages !== '') {
            // In the 6th edition a newspaper's pages have their word; what has a volume is no newspaper.
            $isLabelled = $this->edition === 6 && $this->source->kind->inNewspaper && $container->volume === '';
            $this->comma()
                ->add($isLabelled ? self::labelled($pages) : $pages, 'apa.source.pages', ContainerField::Pages->at());
        }
    }

    private function comma(): RunBuilder
    {
        return $this->line->comma('apa.comma')->add(' ', 'apa.comma');
    }

    private static function labelled(string $pages): string
    {
        return ((new PageRange($pages))->isSeveral() ? 'pp. ' : 'p. ').$pages;
    }

    private function largerWork(Container $container): void
    {
        $kind = $this->source->kind;
        if ($container->title !== '') {
            $this->line->add($kind->isRecording ? 'On ' : 'In ', 'apa.source.in');
            $this->peopleOfTheWhole();
            $isSentence = $this->source->isEnglish() && ! $kind->keepsContainerCase;
            $title = $isSentence ? (new SentenceCase($container->title))->text() : $container->title;
            $this->titles->text($title, ContainerField::Title->at(), TitleFormat::Italic, 'apa.source.book');
            $this->bookParentheses($container);
            $this->close();
        }
        $this->house($container->publisher, ContainerField::Publisher->at(), 'apa.source.publisher');
    }

    /** Those before the title of the whole, with what they did. */
    private function peopleOfTheWhole(): void
    {
        $path = FieldPath::contributors(0);
        $people = array_filter(
            array_map(static fn (Contributor $one): Contributor => $one->printed(), $this->source->people($path)),
            static fn (Contributor $one): bool => ! $one->name->isEmpty(),
        );
        // Whoever wrote the whole as well is not named again, and editors stand alone.
        $isLeader = fn (Contributor $one): bool => array_filter(
            $this->leaders,
            static fn (Contributor $leader): bool => $leader->name->key() === $one->name->key(),
        ) !== [];
        $others = array_filter(
            $people,
            static fn (Contributor $one): bool => $one->role !== Role::Author || ! $isLeader($one),
        );
        $editors = array_filter($others, static fn (Contributor $one): bool => $one->role === Role::Editor);
        $isOwn = $others === [] && $people !== [];
        $people = $editors ?: $others;
        if ($isOwn) {
            return;
        }
        if ($people === []) {
            $path = FieldPath::contributors();
            $people = array_diff_key($this->source->by(Role::ExecutiveProducer), $this->leaders);
        }
        if ($people === []) {
            return;
        }
        $this->names->inMiddle($this->line, $people, $path, 'apa.source.in');
        $label = $this->wording->leadLabel(reset($people)->role, count($people));
        $this->line->add($label === '' ? '' : " ({$label})", 'apa.source.in')->add(', ', 'apa.source.in');
    }

    private function bookParentheses(Container $container): void
    {
        $edition = Letters::capital(Ordinal::edition($container->edition));
        $parts = [
            (new RunBuilder)->add($edition, 'apa.title.number', ContainerField::Edition->at()),
            (new RunBuilder)->add(
                $container->volume === '' ? '' : "Vol. {$container->volume}",
                'apa.title.number',
                ContainerField::Volume->at(),
            ),
            (new RunBuilder)->add(
                $container->pages === '' ? '' : self::labelled((new PageRange($container->pages))->full()),
                'apa.source.pages',
                ContainerField::Pages->at(),
            ),
        ];
        $parts = array_values(array_filter($parts, static fn (RunBuilder $one): bool => ! $one->isEmpty()));
        foreach ($parts as $i => $part) {
            $this->line->add($i === 0 ? ' (' : ', ', 'apa.title.number')->join($part);
        }
        $this->line->add($parts === [] ? '' : ')', 'apa.title.number');
    }

    private function publisher(Container $container): void
    {
        $kind = $this->source->kind;
        $isPublished = self::isPublished($this->source);
        $isOnSite = $this->isIn(Containment::OnSite);
        match (true) {
            // The tool stands for a title, its maker is the author.
            (new Leaders($this->source))->isTool() => null,
            // The school stands in the brackets.
            $kind->handedIn && $isPublished => null,
            $kind->atEvent => $this->event($container),
            $this->edition === 6 && $isOnSite && $isPublished => null,
            default => $this->houses($container, $isOnSite),
        };
    }

    /**
     * What is read on the web whole has no publisher in the 6th edition; that of a numbered document has its say there.
     */
    private function isRetrieved(): bool
    {
        return $this->edition === 6 && $this->isIn(Containment::SelfContained) && ! isset($this->source->containers[1])
            && $this->source->container()->url !== '' && $this->source->container()->doi === '';
    }

    /** Where it is kept, the site or publisher, and what else it appeared in. */
    private function houses(Container $container, bool $isOnSite): void
    {
        if ($container->collection !== '') {
            $this->house($container->collection, ContainerField::Collection->at(), 'apa.source.place');
        }
        if (preg_match('/^comment on the article/i', $this->source->genre) === 1 && $container->title !== '') {
            $this->titles->text(
                $container->title,
                ContainerField::Title->at(),
                TitleFormat::Italic,
                'apa.source.periodical',
            );
            $this->close();

            return;
        }
        if ($isOnSite && $container->title !== '') {
            $this->house($container->title, ContainerField::Title->at(), 'apa.source.site');

            return;
        }
        if (! $this->isRetrieved()) {
            $this->house($container->publisher, ContainerField::Publisher->at(), 'apa.source.publisher');
        }
        $this->parentBody($container);
        if ($container->title !== '' && ! Publishers::same($container->title, $container->publisher)) {
            $this->house($container->title, ContainerField::Title->at(), 'apa.source.site');
        }
    }

    /** The larger body an office belongs to publishes what the office writes, unless another publisher is named. */
    private function parentBody(Container $container): void
    {
        foreach ($container->publisher === '' ? $this->leaders : [] as $place => $leader) {
            $this->house($leader->name->parent, FieldPath::contributors()->member($place), 'apa.source.publisher');
        }
    }

    /** Where a talk was given: the event, or who held it, and the place. */
    private function event(Container $container): void
    {
        $field = $container->title !== '' ? ContainerField::Title : ContainerField::Publisher;
        $name = $container->title ?: $container->publisher;
        $this->line->add(Quotes::curly($name), 'apa.source.site', $field->at());
        if ($container->place !== '') {
            $this->line->add($name === '' ? '' : ', ', 'apa.comma')
                ->add(Quotes::curly($container->place), 'apa.source.place', ContainerField::Place->at());
        }
        if ($name.$container->place !== '') {
            $this->close();
        }
    }

    /** A publisher or site, unless it is the author already or says the title again. */
    private function house(string $name, FieldPath $field, string $rule): void
    {
        $printsPlace = $this->edition === 6 && $rule === 'apa.source.publisher';
        $place = $printsPlace ? $this->source->container()->place : '';
        if ($this->isAuthor($name)) {
            // The 6th edition says "Author" where an organisation publishes its own printed work.
            if ($printsPlace && ! self::isPublished($this->source)) {
                $this->placed($place, 'Author', null, $rule);
            }
        } elseif ($name !== '' && ! Publishers::same($name, $this->source->title->full())) {
            $houses = array_map(Publishers::withoutForm(...), preg_split('~\s*[;/]\s*~', $name) ?: []);
            $this->placed($place, Quotes::curly(implode('; ', $houses)), $field, $rule);
        }
    }

    private function isAuthor(string $name): bool
    {
        foreach ($this->leaders as $leader) {
            if ($leader->name->isGroup() && Publishers::same($leader->name->group, $name)) {
                return true;
            }
        }

        return false;
    }

    private function placed(string $place, string $house, ?FieldPath $field, string $rule): void
    {
        if ($place !== '') {
            $this->line->add($place, 'apa.source.place', ContainerField::Place->at())->add(': ', 'apa.source.place');
        }
        $this->line->add($house, $rule, $field);
        $this->close();
    }

    /**
     * A second container that names itself: the archive of a thesis, a museum's site; a periodical's database is left
     * out.
     */
    private function platform(): void
    {
        $second = $this->source->containers[1] ?? null;
        if ($second !== null && ! $this->isIn(Containment::InPeriodical) && ! $this->source->kind->leavesOutPlatform) {
            $this->house($second->title, ContainerField::Title->at(1), 'apa.source.site');
        }
    }

    /** A DOI before any other address. */
    private function address(): void
    {
        if ($this->course->addresses === Addresses::None) {
            return;
        }
        foreach ($this->source->containers as $i => $container) {
            $doi = (new WebAddress($container->doi))->doi();
            if ($doi !== '') {
                $shown = $this->edition === 6 ? str_replace('https://doi.org/', 'doi:', $doi) : $doi;
                $this->line->add($shown, 'apa.doi', ContainerField::Doi->at($i));

                return;
            }
        }
        foreach ($this->isInDatabase() ? [] : $this->source->containers as $i => $container) {
            if ($container->url !== '') {
                $this->url($container->url, ContainerField::Url->at($i));

                return;
            }
        }
    }

    /** What is read in a library's database can be had elsewhere: the entry is that of the printed work (9.30). */
    private function isInDatabase(): bool
    {
        $isPart = $this->isIn(Containment::InPeriodical) || $this->isIn(Containment::PartOf);

        return $isPart && $this->source->container()->url === '' && ($this->source->containers[1]->title ?? '') !== '';
    }

    private function url(string $url, FieldPath $field): void
    {
        $accessed = $this->source->accessedOn();
        if (! $accessed->isNone() && $this->printsRetrieval()) {
            $this->line->add('Retrieved ', 'apa.retrieved')
                ->add($this->wording->running($accessed), 'apa.retrieved', FieldPath::accessed())
                ->add(', from ', 'apa.retrieved');
        } elseif ($this->edition === 6) {
            $this->line->add('Retrieved from ', 'apa.retrieved');
            $this->host($this->source->container()->publisher);
        }
        $shown = $this->course->addresses === Addresses::Bare
            ? (new WebAddress($url))->bare()
            : (new WebAddress($url))->clean();
        // Some address the work by its DOI.
        $this->line->add(
            $this->edition === 6 ? str_replace('https://doi.org/', 'doi:', $shown) : $shown,
            'apa.url',
            $field,
        );
    }

    /**
     * "Retrieved from Quay Institute website: ", where the document's author is somebody else (6th ed., 6.32, 7.03).
     */
    private function host(string $publisher): void
    {
        $kind = $this->source->kind;
        $isDocument = $kind->hasField(ContainerField::Number->at()) && ! $kind->handedIn;
        if ($publisher !== '' && $isDocument && $this->isRetrieved() && ! $this->isAuthor($publisher)) {
            $this->line->add(
                Quotes::curly(Publishers::withoutForm($publisher)),
                'apa.source.publisher',
                ContainerField::Publisher->at(),
            )
                ->add(' website: ', 'apa.retrieved');
        }
    }

    private function printsRetrieval(): bool
    {
        return match ($this->course->accessed) {
            Inclusion::Always => true,
            Inclusion::Never => false,
            Inclusion::Auto => $this->source->kind->changes
                || $this->source->kind->isReference && $this->source->date()->isNone(),
        };
    }

    private function close(): void
    {
        $this->line->close('apa.stop');
    }
}
