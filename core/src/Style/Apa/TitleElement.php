<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\Container;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Degree;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Title;
use Bibrel\Core\Source\TitleFormat;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Text\HeadlineCase;
use Bibrel\Core\Text\LetterCase;
use Bibrel\Core\Text\Letters;
use Bibrel\Core\Text\Ordinal;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\RunBuilder;
use Bibrel\Core\Text\SentenceCase;

/** APA's third element: the title with its parentheses and the description in brackets. */
final readonly class TitleElement
{
    /** Whom the parentheses after a title name. */
    private const NAMED = [Role::Editor, Role::Translator, Role::Illustrator, Role::Narrator];

    /** How many words of a post stand for its title. */
    private const POST_WORDS = 20;

    private TitleSetter $titles;

    /** @param  6|7  $edition */
    public function __construct(
        private Source $source,
        private RunBuilder $line,
        private Names $names,
        private Wording $wording,
        private int $edition,
    ) {
        $this->titles = new TitleSetter($line, 'apa.title.within');
    }

    public function add(): void
    {
        if ((new Leaders($this->source))->isTool()) {
            $this->tool();

            return;
        }
        $title = $this->source->title;
        match (true) {
            $title->isEmpty() && $this->source->subject !== '' => $this->review(),
            $title->isEmpty() => $this->described(self::descriptionOf($this->source), FieldPath::genre()),
            $title->described => $this->described($title->full(), FieldPath::title()),
            default => $this->title(),
        };
        if ($title->translated !== '') {
            $this->bracketed(
                (new SentenceCase(Quotes::curly($title->translated)))->text(),
                FieldPath::translatedTitle(),
                'apa.title.translated',
            );
        }
        $this->numbers();
        if (! $title->isEmpty() && ! $title->described) {
            $this->description();
        }
        $this->close();
    }

    private function title(): void
    {
        $format = $this->format();
        $rule = $format === TitleFormat::Italic ? 'apa.title.italic' : 'apa.title.plain';
        $this->titles->title($this->shown(), $format, self::letterCase($this->source), $rule);
    }

    /**
     * What stands in brackets for a title that is not there: somebody's words, what its kind is, and where the entry
     * would
     * begin with nothing the kind's own name.
     */
    public static function descriptionOf(Source $source): string
    {
        return match (true) {
            $source->genre !== '' => $source->genre,
            $source->kind->bracketDescription !== '' => $source->kind->bracketDescription,
            (new Leaders($source))->all() !== [] => '',
            default => Letters::capital($source->kind->untitled ?: $source->kind->label),
        };
    }

    /** Of a post that has no title of its own the first twenty words (10.15). */
    private function shown(): Title
    {
        $title = $this->source->title;
        $isPost = $this->source->kind->isMessage && $this->source->kind->keepsTitleCase;
        $words = $isPost ? explode(' ', $title->main) : [];

        return count($words) > self::POST_WORDS
            ? new Title(implode(' ', array_slice($words, 0, self::POST_WORDS)))
            : $title;
    }

    public static function letterCase(Source $source): LetterCase
    {
        return $source->kind->keepsTitleCase || ! $source->isEnglish() ? LetterCase::Kept : LetterCase::Sentence;
    }

    private function format(): TitleFormat
    {
        $isPart = in_array($this->source->kind->containment, [Containment::InPeriodical, Containment::PartOf], true);
        $isComment = preg_match('/^comment on/i', $this->source->genre) === 1;

        return $isComment || $isPart || $this->isFormerlyPlain() || $this->source->title->described
            ? TitleFormat::Plain
            : TitleFormat::Italic;
    }

    /** The 6th edition leaves the names of programs and the subjects of messages plain (7.08, 7.11). */
    private function isFormerlyPlain(): bool
    {
        return $this->edition === 6 && ($this->source->kind->isProgram || $this->source->kind->isMessage);
    }

    /** A generated text is nobody's to find again, so the entry names the tool; what was asked belongs in the paper. */
    private function tool(): void
    {
        $name = $this->source->container()->title;
        $this->titles->text($name, ContainerField::Title->at(), TitleFormat::Italic, 'apa.title.italic');
        $this->numbers();
        $genre = $this->source->genre;
        $this->bracketed(
            $genre === '' ? $this->source->kind->bracketDescription : Letters::capital($genre),
            $genre === '' ? null : FieldPath::genre(),
        );
        $this->close();
    }

    private function described(string $words, FieldPath $field): void
    {
        if ($words !== '') {
            $this->line->add('[', 'apa.title.described')
                ->add(Letters::capital(Quotes::curly($words)), 'apa.title.described', $field)
                ->add(']', 'apa.title.described');
        }
    }

    private function bracketed(string $words, ?FieldPath $field, string $rule = 'apa.title.note'): void
    {
        $this->line->add(' [', $rule)->add($words, $rule, $field)->add(']', $rule);
    }

    /** The parentheses after the title: people, edition and volume, number. */
    private function numbers(): void
    {
        $container = $this->source->container();
        $isWhole = in_array($this->source->kind->containment, [Containment::SelfContained, Containment::OnSite], true);
        $people = $this->people();
        $numbers = array_filter(
            $isWhole ? $this->editionAndNumber($container) : $this->episode($container),
            static fn (RunBuilder $one): bool => ! $one->isEmpty(),
        );
        if ($people === [] && $numbers === []) {
            return;
        }
        $this->line->space('apa.title.number');
        $before = '(';
        foreach ([[$people, '; '], [$numbers, ', ']] as [$parts, $between]) {
            foreach (array_values($parts) as $i => $part) {
                $this->line->add($i === 0 ? $before : $between, 'apa.title.number')->join($part);
                $before = '; ';
            }
        }
        $this->line->add(')', 'apa.title.number');
    }

    /** @return list<RunBuilder> those who shaped the work but do not lead its entry, with what they did */
    private function people(): array
    {
        $leaders = (new Leaders($this->source))->all();
        $groups = [];
        foreach (self::NAMED as $role) {
            $people = array_diff_key($this->source->by($role), $leaders);
            if ($people !== []) {
                $same = serialize(
                    array_map(static fn (Contributor $one): array => $one->name->toArray(), array_values($people)),
                );
                $words = [...($groups[$same][1] ?? []), $this->wording->afterName($role, count($people))];
                $groups[$same] = [$groups[$same][0] ?? $people, $words];
            }
        }

        return array_map(function (array $group): RunBuilder {
            $line = new RunBuilder;
            $this->names->inMiddle($line, $group[0], FieldPath::contributors(), 'apa.title.number');

            return $line->add(', '.implode(' & ', $group[1]), 'apa.title.number');
        }, array_values($groups));
    }

    /** @return list<RunBuilder> */
    private function editionAndNumber(Container $container): array
    {
        $volumes = preg_replace('/^(\d+)$/', 'Vols. 1–$1', $container->volumes) ?? '';

        return [
            self::number(Letters::capital(Ordinal::edition($container->edition)), ContainerField::Edition),
            self::number(self::worded($container->version, 'Version'), ContainerField::Version),
            self::number(self::worded($container->volume, 'Vol.'), ContainerField::Volume),
            self::number($volumes, ContainerField::Volumes),
            self::number(self::worded($container->number, $this->numberLabel()), ContainerField::Number),
        ];
    }

    /** "Technical Report No.": the kind of report it is, where somebody said. */
    private function numberLabel(): string
    {
        $kind = $this->source->kind;
        $isNamed = $kind->genreNamesNumber && $this->source->genre !== '';

        return $isNamed ? (new HeadlineCase($this->source->genre))->text().' No.' : $kind->numberLabel;
    }

    /** @return list<RunBuilder> */
    private function episode(Container $container): array
    {
        $label = $container->season === '' ? $this->source->kind->numberLabel : 'Episode';

        return [
            self::number($container->season === '' ? '' : "Season {$container->season}", ContainerField::Season),
            self::number($container->episode === '' ? '' : "{$label} {$container->episode}", ContainerField::Episode),
        ];
    }

    private static function number(string $text, ContainerField $field): RunBuilder
    {
        return (new RunBuilder)->add($text, 'apa.title.number', $field->at());
    }

    /** A number with its word before it; words as they are. */
    private static function worded(string $value, string $word): string
    {
        return preg_match('/^[\divxlcIVXLCA-Z]+[\w.:\-\/]*$/u', $value) === 1 ? "{$word} {$value}" : $value;
    }

    /** The square brackets after the title: what kind of work it is. */
    private function description(): void
    {
        $source = $this->source;
        $isInNumber = $source->kind->genreNamesNumber && $source->genre !== '' && $source->container()->number !== '';
        match (true) {
            $source->subject !== '' => $this->spacedReview(),
            $this->answerers() !== [] => $this->interview($this->answerers()),
            $source->kind->handedIn => $this->degree($source->genre),
            $isInNumber => null,
            $source->genre !== '' => $this->bracketed(Letters::capital($source->genre), FieldPath::genre()),
            $this->ofKind() !== '' => $this->bracketed($this->ofKind(), null),
            default => $this->material(),
        };
    }

    /** Where its kind does not say what it is, what it is made of does. */
    private function material(): void
    {
        if ($this->source->medium !== '' && $this->source->kind->hasField(FieldPath::medium())) {
            $this->bracketed(Letters::capital($this->source->medium), FieldPath::medium());
        }
    }

    private function ofKind(): string
    {
        $kind = $this->source->kind;

        return $this->edition === 6 && $kind->formerBracketDescription !== ''
            ? $kind->formerBracketDescription
            : $kind->bracketDescription;
    }

    /** What it was handed in for, with the school where a reader can get at it; in parentheses in the 6th edition. */
    private function degree(string $genre): void
    {
        $school = $this->source->container()->publisher;
        $type = $genre === '' ? $this->ofKind() : (new Degree($genre))->work();
        if (! SourceElement::isPublished($this->source)) {
            [$type, $school] = ['Unpublished '.(preg_match('/^\p{Lu}{2}/u', $type) === 1 ? $type : lcfirst($type)), ''];
        }
        [$open, $close] = $this->edition === 6 ? ['(', ')'] : ['[', ']'];
        $this->line->add(" {$open}{$type}", 'apa.title.note', FieldPath::genre())
            ->add($school === '' ? '' : ', ', 'apa.title.note')
            ->add(Quotes::curly($school), 'apa.title.note', ContainerField::Publisher->at())
            ->add($close, 'apa.title.note');
    }

    /** @return array<int, Contributor> who answered, where those who asked stand in the author's place */
    private function answerers(): array
    {
        $leader = current((new Leaders($this->source))->all());

        return $leader !== false && $leader->role === Role::Interviewer ? $this->source->by(Role::Interviewee) : [];
    }

    /**
     * "[Interview with E. Zell]"
     *
     * @param  array<int, Contributor>  $people
     */
    private function interview(array $people): void
    {
        $this->line->add(' [Interview with ', 'apa.title.note');
        $this->names->inMiddle($this->line, $people, FieldPath::contributors(), 'apa.title.note');
        $this->line->add(']', 'apa.title.note');
    }

    private function spacedReview(): void
    {
        $this->line->add(' ', 'apa.title.note');
        $this->review();
    }

    /** "[Review of the book Moonpower, by H. Brook]" */
    private function review(): void
    {
        $subject = (new SentenceCase($this->source->subject))->text();
        $this->line->add('[Review of the '.($this->source->genre ?: 'book').' ', 'apa.title.review');
        $this->titles->text($subject, FieldPath::subject(), TitleFormat::Italic, 'apa.title.review');
        $makers = $this->source->by(Role::ReviewedAuthor);
        if ($makers !== []) {
            $this->line->comma('apa.comma')->add(' by ', 'apa.title.review');
            $this->names->inMiddle($this->line, $makers, FieldPath::contributors(), 'apa.title.review');
        }
        $this->line->add(']', 'apa.title.review');
    }

    private function close(): void
    {
        $this->line->close('apa.stop');
    }
}
