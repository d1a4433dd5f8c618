<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\TitleFormat;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Text\Letters;
use Bibrel\Core\Text\Ordinal;
use Bibrel\Core\Text\Quotes;
use Bibrel\Core\Text\RunBuilder;
use Bibrel\Core\Text\TitleCase;

/** APA's third element: the title with its parentheses and the description in brackets. */
final readonly class TitleElement
{
    public function __construct(private Source $source, private RunBuilder $line, private int $edition)
    {
    }

    public static function titleFormat(Source $source): TitleFormat
    {
        $comment = preg_match('/^comment on/i', $source->genre) === 1;

        return $comment || in_array($source->kind->containment, [Containment::InPeriodical, Containment::PartOf], true) || $source->title->described ? TitleFormat::Plain : TitleFormat::Italic;
    }

    public function add(): void
    {
        if ($this->source->kind->id === 'ai-text' && $this->source->container()->title !== '') {
            $this->tool();

            return;
        }
        $title = $this->source->title;
        $format = self::titleFormat($this->source);
        $rule = $format === TitleFormat::Italic ? 'apa.title.italic' : 'apa.title.plain';
        if ($title->isEmpty()) {
            $this->source->subject === '' ? $this->described($this->source->genre, 'genre') : $this->review();
        } elseif ($title->described) {
            $this->described($title->full(), 'title.main');
        } else {
            $case = $this->source->isEnglish() && $this->source->kind->id !== 'social-post' ? 'sentence' : 'kept';
            TitleSetter::set($this->line, $title, $format, $case, $rule, 'apa.title.within');
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

    /** A generated text is nobody's to find again, so the entry names the tool; what was asked belongs in the paper. */
    private function tool(): void
    {
        TitleSetter::setText($this->line, $this->source->container()->title, 'containers.0.title', TitleFormat::Italic, 'apa.title.italic', 'apa.title.within');
        $this->numbers();
        $this->line->add(' [', 'apa.title.note')->add($this->source->genre !== '' ? Letters::capital($this->source->genre) : $this->source->kind->bracketDescription, 'apa.title.note', $this->source->genre === '' ? null : 'genre')->add(']', 'apa.title.note');
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
        $numbers = $this->source->kind->containment === Containment::SelfContained || $this->source->kind->containment === Containment::OnSite ? $this->editionAndNumber() : $this->episode();
        if ($people === [] && $numbers === []) {
            return;
        }
        $this->line->space('apa.title.number')->add('(', 'apa.title.number');
        foreach ($people as $i => $person) {
            $this->line->add($i > 0 ? '; ' : '', 'apa.title.number')->join($person);
        }
        if ($people !== [] && $numbers !== []) {
            $this->line->add('; ', 'apa.title.number');
        }
        foreach ($numbers as $i => $number) {
            $this->line->add($i > 0 ? ', ' : '', 'apa.title.number')->join($number);
        }
        $this->line->add(')', 'apa.title.number');
    }

    /** @return list<RunBuilder> */
    private function peopleBehindTitle(): array
    {
        $leaders = Entry::primaryContributors($this->source);
        $groups = [];
        foreach ([Role::Editor, Role::Translator, Role::Illustrator, Role::Narrator] as $role) {
            $people = array_diff_key($this->source->by($role), $leaders);
            if ($people !== []) {
                $same = serialize(array_map(static fn (Contributor $one): array => $one->name->toArray(), array_values($people)));
                $groups[$same] = [$groups[$same][0] ?? $people, [...($groups[$same][1] ?? []), Wording::behind($role, count($people))]];
            }
        }

        return array_map(static function (array $group): RunBuilder {
            $line = new RunBuilder;
            Names::inMiddle($line, $group[0], 'contributors', 'apa.title.number');

            return $line->add(', '.implode(' & ', $group[1]), 'apa.title.number');
        }, array_values($groups));
    }

    /** @return list<RunBuilder> */
    private function editionAndNumber(): array
    {
        $container = $this->source->container();
        $worded = static fn (string $value, string $word): string => $value === '' ? '' : (preg_match('/^[\divxlcIVXLCA-Z]+[\w.\-\/]*$/u', $value) === 1 ? "{$word} {$value}" : $value);
        $lines = [
            (new RunBuilder)->add(Letters::capital(Ordinal::edition($container->edition)), 'apa.title.number', 'containers.0.edition'),
            (new RunBuilder)->add($worded($container->version, 'Version'), 'apa.title.number', 'containers.0.version'),
            (new RunBuilder)->add($worded($container->volume, 'Vol.'), 'apa.title.number', 'containers.0.volume'),
            (new RunBuilder)->add(preg_replace('/^(\d+)$/', 'Vols. 1–$1', $container->volumes) ?? '', 'apa.title.number', 'containers.0.volumes'),
            (new RunBuilder)->add($worded($container->number, match ($this->source->kind->id) {
                'government-document', 'preprint' => $this->series('No.'),
                'standard' => 'Standard No.',
                'report' => $this->series('Report No.'),
                'thesis' => 'Publication No.',
                default => 'No.',
            }), 'apa.title.number', 'containers.0.number'),
        ];

        return array_values(array_filter($lines, static fn (RunBuilder $line): bool => ! $line->isEmpty()));
    }

    /** "Technical Report No.": the kind of report it is, where somebody said. */
    private function series(string $otherwise): string
    {
        return $this->source->genre === '' ? $otherwise : TitleCase::headline($this->source->genre).' No.';
    }

    /** @return list<RunBuilder> */
    private function episode(): array
    {
        $container = $this->source->container();
        $word = $container->season === '' && $this->source->kind->id === 'podcast-episode' ? 'No.' : 'Episode';
        $lines = [];
        if ($container->season !== '') {
            $lines[] = (new RunBuilder)->add("Season {$container->season}", 'apa.title.number', 'containers.0.season');
        }
        if ($container->episode !== '') {
            $lines[] = (new RunBuilder)->add("{$word} {$container->episode}", 'apa.title.number', 'containers.0.episode');
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
            $published = Entry::isPublished($this->source);
            $this->line->add(' ['.($published ? $type : 'Unpublished '.lcfirst($type)), 'apa.title.note', 'genre')
                ->add($source->container()->publisher === '' || ! $published ? '' : ', ', 'apa.title.note')
                ->add($published ? Quotes::curly($source->container()->publisher) : '', 'apa.title.note', 'containers.0.publisher')
                ->add(']', 'apa.title.note');

            return;
        }
        if ($source->genre !== '' && $source->container()->number !== '' && in_array($source->kind->id, ['report', 'government-document', 'preprint'], true)) {
            return;
        }
        $artwork = $source->kind->id === 'artwork' ? $source->medium : '';
        $note = match (true) {
            $source->genre !== '' => Letters::capital($source->genre),
            $artwork !== '' => Letters::capital($artwork),
            default => $this->edition === 6 && $source->kind->id === 'film' ? 'Motion picture' : $source->kind->bracketDescription,
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
        TitleSetter::setText($this->line, TitleCase::sentence($this->source->subject), 'subject', TitleFormat::Italic, 'apa.title.review', 'apa.title.within');
        $makers = $this->source->by(Role::ReviewedAuthor);
        if ($makers !== []) {
            $this->line->comma('apa.comma')->add(' by ', 'apa.title.review');
            Names::inMiddle($this->line, $makers, 'contributors', 'apa.title.review');
        }
        $this->line->add(']', 'apa.title.review');
    }

    private function close(): void
    {
        $this->line->stop('apa.stop')->space('apa.stop');
    }
}
