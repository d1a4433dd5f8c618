<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Inclusion;
use Bibrel\Core\Style\Publishers;
use Bibrel\Core\Style\TitleFormat;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Text\Letters;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Text\RunBuilder;
use Bibrel\Core\Text\TitleCase;

/** One works cited entry out of the nine core elements: author, title, then each container's own. */
final class Entry
{
    private const ITALIC = ['website', 'special-issue', 'court-case'];

    /** What a part is called when it has no title of its own: neither quoted nor italic. */
    private const GENERIC = '/^(?:(?:an?|the) )?(?:introduction|preface|foreword|afterword|prologue|epilogue|editor[’\']s note|author[’\']s note)$/iu';

    private RunBuilder $line;

    public function __construct(
        private readonly Source $source,
        private readonly CourseRules $course,
        private readonly EntryContext $context,
        private readonly int $edition = 9,
    ) {
        $this->line = new RunBuilder;
    }

    /** @return list<Run> */
    public function runs(): array
    {
        $this->line = new RunBuilder;
        $this->author();
        $this->title();
        $this->original();
        $this->review();
        $this->partContributors();
        foreach ($this->source->containers as $i => $container) {
            $this->container($container, $i);
        }
        $this->supplement();

        return $this->line->trimEnd()->runs();
    }

    /**
     * Those the entry begins with. An organisation that is also the site or the publisher is named there only.
     *
     * @return array<int, Contributor>
     */
    public static function primaryContributors(Source $source): array
    {
        $leaders = $source->primaryContributors();
        $first = reset($leaders);
        if ($first === false || count($leaders) > 1 || ! $first->name->isGroup() || $source->title->isEmpty()) {
            return $leaders;
        }
        $container = $source->container();
        $named = $source->kind->containment === Containment::OnSite && Publishers::same($first->name->group, $container->title);

        return $named || Publishers::same($first->name->group, $container->publisher) ? [] : $leaders;
    }

    private function author(): void
    {
        $leaders = self::primaryContributors($this->source);
        if ($leaders === []) {
            return;
        }
        if ($this->context->repeatsAuthor && $this->course->threeHyphens) {
            $first = (int) array_key_first($leaders);
            Names::repeated($this->line, $leaders[$first]->role, count($leaders), "contributors.{$first}");
        } else {
            Names::lead($this->line, $leaders);
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
        $format = self::titleFormat($this->source);
        $rule = match ($format) {
            TitleFormat::Quoted => 'mla.title.quoted',
            TitleFormat::Italic => 'mla.title.italic',
            TitleFormat::Plain => 'mla.title.described',
        };
        TitleSetter::set($this->line, $title, $format, self::case($this->source), $rule, 'mla.title.within');
        if ($this->source->kind->id === 'ai-text') {
            $this->line->add(' prompt', 'mla.title.prompt');
        }
        if ($title->translated !== '') {
            $this->line->add(' [', 'mla.title.translated')
                ->add(TitleCase::headline(Quotes::curly($title->translated)), 'mla.title.translated', 'title.translated', $format === TitleFormat::Italic)
                ->add(']', 'mla.title.translated');
        }
        $this->close();
    }

    /** What stands for a title where there is none: the kind of talk or message, or the student's own words. */
    private function described(): void
    {
        $recipients = $this->source->by(Role::Recipient);
        if ($this->source->kind->id === 'review') {
            return;
        }
        if ($this->source->kind->id === 'email') {
            $this->line->add(Letters::capital($this->source->genre ?: 'e-mail').' to ', 'mla.title.described', 'genre');
            if ($recipients === []) {
                $this->line->add('the author', 'mla.title.described');
            } else {
                Names::inMiddle($this->line, $recipients, 'contributors', 'mla.title.described');
            }
            $this->close();
        } elseif ($this->source->genre !== '' || $this->source->kind->id === 'interview-own') {
            $this->line->add(Letters::capital($this->source->genre ?: 'interview'), 'mla.title.described', 'genre');
            $this->close();
        }
    }

    /** "Review of Moonpower, by Halima Brook": what a review is about, behind its own title. */
    private function review(): void
    {
        if ($this->source->subject === '') {
            return;
        }
        $this->line->add('Review of ', 'mla.review');
        TitleSetter::setText($this->line, $this->source->subject, 'subject', TitleFormat::Italic, 'mla.review', 'mla.title.within');
        $makers = $this->source->by(Role::ReviewedAuthor);
        if ($makers !== []) {
            $this->line->comma('mla.comma')->add(' by ', 'mla.review');
            Names::inMiddle($this->line, $makers, 'contributors', 'mla.review');
        }
        $this->close();
    }

    public static function titleFormat(Source $source): TitleFormat
    {
        return match (true) {
            $source->title->described, $source->kind->id === 'statute', self::isGeneric($source) => TitleFormat::Plain,
            $source->kind->containment === Containment::SelfContained, in_array($source->kind->id, self::ITALIC, true) => TitleFormat::Italic,
            default => TitleFormat::Quoted,
        };
    }

    public static function isGeneric(Source $source): bool
    {
        return $source->kind->containment === Containment::PartOf && preg_match(self::GENERIC, $source->title->main) === 1;
    }

    /** @return 'headline'|'kept' */
    public static function case(Source $source): string
    {
        return $source->isEnglish() && ! $source->title->described && $source->kind->containment !== Containment::Law && $source->kind->id !== 'ai-text' && $source->kind->id !== 'social-post' ? 'headline' : 'kept';
    }

    /** The date that stands right behind the title: a republished work's first one, a thesis's own, a work of art's on a website. */
    private function original(): void
    {
        $date = $this->source->original->date();
        if (! $date->isNone()) {
            $this->line->add(Letters::capital(Wording::date($date)), 'mla.original', 'original.date');
            $this->close();
        }
        if (self::isThesis($this->source) && ! $this->source->date()->isNone()) {
            $this->line->add(Letters::capital(Wording::date($this->source->date())), 'mla.date', 'containers.0.date');
            $this->close();
        }
        if (self::isSeenOnSite($this->source) && ! $this->source->date()->isNone()) {
            $this->line->add(Letters::capital(Wording::date($this->source->date())), 'mla.made', 'containers.0.date');
            $this->close();
        }
    }

    /** A work of art on a website, which is never as old as the work: its date is the work's own. */
    public static function isSeenOnSite(Source $source): bool
    {
        return $source->kind->id === 'artwork' && $source->container()->title !== '' && $source->container()->url !== '' && $source->original->date()->isNone();
    }

    public static function isThesis(Source $source): bool
    {
        return $source->kind->id === 'thesis';
    }

    /** Contributors to a part, between its title and the container's. */
    private function partContributors(): void
    {
        if (! Contributions::standBehindTitle($this->source)) {
            return;
        }
        $groups = Contributions::others($this->source, static fn (Role $role): bool => ! in_array($role, Contributions::OF_THE_WHOLE, true));
        foreach ($groups as $i => [$roles, $people]) {
            if ($i > 0) {
                $this->line->comma('mla.comma')->space('mla.comma');
            }
            $by = $roles === [Role::Interviewer] ? 'interview by' : Wording::by($roles, count($people));
            $this->line->add(($i === 0 ? Letters::capital($by) : $by).' ', 'mla.contributor');
            Names::inMiddle($this->line, $people, 'contributors', 'mla.contributor');
        }
        if ($groups !== []) {
            $this->close();
        }
    }

    private function container(Container $container, int $i): void
    {
        $elements = (new ContainerElements($this->source, $this->course, $this->edition))->of($container, $i);
        foreach ($elements as $n => $element) {
            if ($n > 0) {
                $this->line->comma('mla.comma')->space('mla.comma');
            } elseif (! in_array($element->firstRule(), ['mla.url', 'mla.doi', 'mla.container'], true)) {
                $element->capitalise();
            }
            $this->line->join($element);
        }
        if ($elements !== []) {
            $this->close();
        }
    }

    private function supplement(): void
    {
        $container = $this->source->container();
        if ($container->volumes !== '') {
            $this->line->add(preg_replace('/^(\d+)$/', '$1 vols.', $container->volumes) ?? '', 'mla.volumes', 'containers.0.volumes');
            $this->close();
        }
        if ($container->series !== '') {
            $this->line->add(Quotes::curly(Letters::capital($container->series)), 'mla.series', 'containers.0.series');
            if ($container->seriesNumber !== '') {
                $this->line->add(" {$container->seriesNumber}", 'mla.series', 'containers.0.seriesNumber');
            }
            $this->close();
        }
        $form = self::form($this->source);
        if ($form !== '') {
            $this->line->add($form, 'mla.form', $this->source->genre === '' ? null : 'genre');
            $this->close();
        }
        $medium = $this->medium();
        if ($medium !== '') {
            $this->line->add($medium, 'mla.medium', $this->source->medium === '' ? null : 'medium');
            $this->close();
        }
        $accessed = $this->source->accessedOn();
        if (! $accessed->isNone() && $this->printsAccess()) {
            $this->line->add('Accessed ', 'mla.accessed')->add(Wording::date($accessed), 'mla.accessed', 'accessed');
            $this->close();
        }
    }

    /** "Editorial", "Letter to the editor", "Conference presentation": what the title alone does not tell. */
    public static function form(Source $source): string
    {
        $told = $source->kind->containment === Containment::InPeriodical && ! in_array($source->kind->id, ['review', 'special-issue'], true);
        if ($source->title->isEmpty()) {
            return '';
        }

        return match (true) {
            $told => Letters::capital($source->genre !== '' ? $source->genre : $source->kind->bracketDescription),
            $source->kind->id === 'press-release' => Letters::capital($source->genre !== '' ? $source->genre : $source->kind->bracketDescription),
            in_array($source->kind->id, ['lecture', 'slides', 'poster'], true) => Letters::capital($source->genre),
            default => '',
        };
    }

    private function medium(): string
    {
        return match ($this->course->medium) {
            Inclusion::Always => Media::of($this->source),
            Inclusion::Never => '',
            Inclusion::Auto => preg_match('/^(?:print|web|online)$/i', $this->source->medium) === 1 ? '' : Letters::capital($this->source->medium),
        };
    }

    private function printsAccess(): bool
    {
        return match ($this->course->accessed) {
            Inclusion::Always => true,
            Inclusion::Never => false,
            Inclusion::Auto => $this->source->date()->isNone() && $this->source->container()->status === '' && $this->isOnline(),
        };
    }

    private function isOnline(): bool
    {
        foreach ($this->source->containers as $container) {
            if ($container->url !== '' || $container->doi !== '') {
                return true;
            }
        }

        return false;
    }

    private function close(): void
    {
        $this->line->stop('mla.stop')->space('mla.stop');
    }
}
