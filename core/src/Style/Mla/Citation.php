<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\NameKind;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Title;
use Bibrel\Core\Source\WebAddress;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Locator;
use Bibrel\Core\Style\ShortTitle;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Text\Letters;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Text\RunBuilder;

/** In-text citations: "(Brook 15)"; with the name in the sentence, "Brook (15)". */
final readonly class Citation
{
    /** @param  7|8|9  $edition */
    public function __construct(private Source $source, private EntryContext $context, private int $edition)
    {
    }

    /** @return list<Run> */
    public function runs(CitationContext $citation): array
    {
        $isNarrative = $citation->narrative && $citation->quoted === '';
        $leaders = array_values((new Leaders($this->source, $this->edition))->all());
        // What the sentence says, and what the parentheses say.
        [$sentence, $inside] = [new RunBuilder, new RunBuilder];
        if ($citation->quoted !== '') {
            $sentence->add($citation->narrative ? $citation->quoted : '', 'mla.cite.quoted');
            $inside->add('qtd. in ', 'mla.cite.quoted');
        }
        if ($leaders === []) {
            $this->title($isNarrative ? $sentence : $inside);
        } else {
            $this->authors($isNarrative ? $sentence : $inside, $leaders, $isNarrative);
            $this->workByAuthor($inside, $isNarrative);
        }
        $this->locator($inside, $citation->locator, $leaders !== [] && ! $isNarrative);

        return $inside->isEmpty() ? $sentence->runs() : $sentence->space('mla.cite.parentheses')
            ->add('(', 'mla.cite.parentheses')
            ->join($inside)
            ->add(')', 'mla.cite.parentheses')
            ->runs();
    }

    /** Which of an author's works it is, where the page lists several. */
    private function workByAuthor(RunBuilder $inside, bool $isNarrative): void
    {
        if ($this->context->sharesAuthor) {
            $inside->add($isNarrative ? '' : ',', 'mla.comma');
            $this->title($inside->space('mla.comma'));
        }
    }

    /** @param  non-empty-list<Contributor>  $leaders */
    private function authors(RunBuilder $line, array $leaders, bool $isNarrative): void
    {
        $path = FieldPath::contributors();
        $line->add($this->name($leaders[0]->name), 'mla.cite.author', $path);
        $isCut = end($leaders)->name->isOthers();
        if (count($leaders) === 2 && ! $isCut) {
            $line->add(' and '.$this->name($leaders[1]->name), 'mla.cite.author', $path);
        } elseif (count($leaders) === 3 && ! $isCut && $this->edition === 7) {
            $line->add(
                ', '.$this->name($leaders[1]->name).', and '.$this->name($leaders[2]->name),
                'mla.cite.author',
                $path,
            );
        } elseif (count($leaders) > 1) {
            $line->add($isNarrative ? ' and others' : ' et al.', 'mla.cite.author', FieldPath::contributors());
        }
    }

    private function name(Name $name): string
    {
        return match ($name->kind) {
            NameKind::Group => preg_replace('/^The\s+(?=\S)/u', '', $name->group) ?? $name->group,
            NameKind::Screen => $name->family ?: $name->group ?: $name->screen,
            NameKind::Person => $this->context->sharesSurname && $name->given !== ''
                ? ($this->context->sharesInitial ? $name->given : mb_substr($name->given, 0, 1).'.').' '
                    .$name->surname()
                : $name->surname(),
        };
    }

    private function title(RunBuilder $line): void
    {
        $short = new Title((new ShortTitle($this->source->title))->noun());
        if ($short->isEmpty()) {
            $this->untitled($line);

            return;
        }
        $title = new SourceTitle($this->source);
        (new TitleSetter($line, 'mla.title.within'))->title($short, $title->format(), $title->case(), 'mla.cite.title');
    }

    /** What the entry begins with where there is neither author nor title. */
    private function untitled(RunBuilder $line): void
    {
        $address = (new WebAddress($this->source->container()->url))->bare();
        match (true) {
            $this->source->genre !== '' => $line->add($this->source->genre, 'mla.cite.title', FieldPath::genre()),
            $address !== '' => $line->add($address, 'mla.cite.title', ContainerField::Url->at()),
            default => $line->add(Letters::capital($this->source->kind->label), 'mla.cite.title', FieldPath::kind()),
        };
    }

    /** A page stands bare; another kind of place has its word, with a comma before it after a name. */
    private function locator(RunBuilder $line, Locator $locator, bool $afterName): void
    {
        if ($locator->isNone()) {
            return;
        }
        $value = $locator->isTime() ? $locator->time() : (new PageRange($locator->value))->shortened();
        // Act, scene and line of a play stand as bare numbers: 3.1.45.
        $word = $locator->isInPlay('act', 'section') ? '' : $locator->word('mla');
        // A part that is named, as in scripture, is parted from the title by a comma: (Tidegita, Gate 3.4).
        $isNamed = $word === '' && preg_match('/^\d?\s?\p{Lu}\p{Ll}/u', $value) === 1;
        if ($word !== '' && $afterName || $isNamed) {
            $line->comma('mla.comma');
        }
        $line->space('mla.cite.locator')->add($locator->worded($word, $value), 'mla.cite.locator');
    }
}
