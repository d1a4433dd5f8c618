<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\NameKind;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Title;
use Bibrel\Core\Source\TitleFormat;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Locator;
use Bibrel\Core\Style\ShortTitle;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Text\LetterCase;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Text\RunBuilder;

/** In-text citations: "(Brook, 2014, p. 15)"; with the name in the sentence, "Brook (2014, p. 15)". */
final readonly class Citation
{
    /** @param  6|7  $edition */
    public function __construct(
        private Source $source,
        private EntryContext $context,
        private Wording $wording,
        private Names $names,
        private int $edition = 7,
    ) {
    }

    /** @return list<Run> */
    public function runs(CitationContext $citation): array
    {
        if ($this->source->kind->containment === Containment::PersonalCommunication) {
            return $this->personalCommunication($citation->narrative);
        }
        $line = new RunBuilder;
        if ($citation->quoted !== '') {
            $this->quoted($line, $citation);
        }
        $this->work($line, $citation, $citation->narrative && $citation->quoted === '');
        $this->date($line);
        if (! $citation->locator->isNone()) {
            $line->add(', ', 'apa.comma')->add($this->locator($citation->locator), 'apa.cite.locator');
        }

        return $line->add(')', 'apa.cite.parentheses')->runs();
    }

    /** Author or title, with the abbreviation a group is given at its first mention, up to the date. */
    private function work(RunBuilder $line, CitationContext $citation, bool $isNarrative): void
    {
        $leaders = array_values((new Leaders($this->source))->all());
        $short = count($leaders) === 1 ? $leaders[0]->name->abbreviation : '';
        $line->add($isNarrative || $citation->quoted !== '' ? '' : '(', 'apa.cite.parentheses');
        match (true) {
            $leaders === [] => $this->title($line),
            $short !== '' && ! $citation->first => $line->add($short, 'apa.cite.short', FieldPath::contributors()),
            default => $this->authors($line, $leaders, $isNarrative),
        };
        $isIntroduced = $short !== '' && $citation->first;
        if ($isNarrative) {
            $line->add(' (', 'apa.cite.parentheses');
            if ($isIntroduced) {
                $line->add($short, 'apa.cite.short', FieldPath::contributors())->add(', ', 'apa.comma');
            }
        } else {
            $line->add($isIntroduced ? " [{$short}]" : '', 'apa.cite.short', FieldPath::contributors())
                ->separate('apa.comma');
        }
    }

    /** "(Oake, 1898, as cited in "; with the name in the sentence, "Oake (1898, as cited in ". */
    private function quoted(RunBuilder $line, CitationContext $citation): void
    {
        $year = $citation->quotedYear === '' ? '' : "{$citation->quotedYear}, ";
        $line->add($citation->narrative ? "{$citation->quoted} ({$year}" : "({$citation->quoted}, {$year}", 'apa.cite.quoted')
            ->add('as cited in ', 'apa.cite.quoted');
    }

    /**
     * "(M. Oake, personal communication, May 3, 2023)"
     *
     * @return list<Run>
     */
    private function personalCommunication(bool $isNarrative): array
    {
        $direct = fn (Contributor $one): string => $this->names->direct($one->name);
        $names = implode(' and ', array_map($direct, (new Leaders($this->source))->all()));
        $date = $this->wording->running($this->source->date());
        $line = (new RunBuilder)->add($isNarrative ? '' : '(', 'apa.cite.parentheses')
            ->add($names, 'apa.cite.author', FieldPath::contributors());
        if ($isNarrative) {
            $line->add(' (', 'apa.cite.parentheses');
        } else {
            $line->add($names === '' ? '' : ', ', 'apa.cite.parentheses');
        }

        return $line->add('personal communication', 'apa.cite.personal')
            ->add($date === '' ? '' : ", {$date}", 'apa.cite.date', ContainerField::Date->at())
            ->add(')', 'apa.cite.parentheses')
            ->runs();
    }

    /** @param  non-empty-list<Contributor>  $leaders */
    private function authors(RunBuilder $line, array $leaders, bool $isNarrative): void
    {
        $isCut = count($leaders) > 1 && end($leaders)->name->isOthers();
        $names = array_map(fn (Contributor $one): string => $this->name($one->name), $leaders);
        $shown = array_slice($names, 0, $isCut ? 1 : $this->namesShown(count($names)));
        $and = $isNarrative ? 'and ' : '& ';
        $text = match (true) {
            count($names) === 1 => $names[0],
            count($names) === 2 && ! $isCut => implode(" {$and}", $names),
            count($shown) === count($names) => implode(', ', array_slice($names, 0, -1)).", {$and}".end($names),
            default => implode(', ', $shown).(count($shown) === 1 ? ' et al.' : ', et al.'),
        };
        $line->add($text, 'apa.cite.author', FieldPath::contributors());
    }

    /**
     * The first author stands for three and more; more are named where another work of that year would read the same.
     * The 6th edition names up to five.
     */
    private function namesShown(int $count): int
    {
        $isNamed = $this->edition === 6 && $count < 6;
        $needed = max(1, $this->context->namesNeeded);

        // "Et al." stands for more than one name, so all are given when one alone would be left.
        return $isNamed || $needed >= $count - 1 ? $count : $needed;
    }

    private function name(Name $name): string
    {
        return match ($name->kind) {
            NameKind::Group => $name->group,
            NameKind::Screen => $name->family ?: $name->group ?: $name->screen,
            NameKind::Person => $this->context->sharesSurname && $name->given !== ''
                ? $this->names->initials($name->given).' '.$name->surname()
                : $name->surname(),
        };
    }

    private function title(RunBuilder $line): void
    {
        $title = $this->source->title;
        $containment = $this->source->kind->containment;
        if ($title->described || $title->isEmpty()) {
            $words = $title->isEmpty() ? TitleElement::descriptionOf($this->source) : $title->full();
            $line->add($words === '' ? '' : "[{$words}]", 'apa.cite.title', FieldPath::title());
        } elseif ($containment === Containment::Law) {
            $line->add(
                $title->full(),
                'apa.cite.title',
                FieldPath::title(),
                $this->source->kind->titleFormat === TitleFormat::Italic,
            );
        } else {
            $isPart = in_array($containment, [Containment::InPeriodical, Containment::PartOf], true);
            (new TitleSetter($line, 'apa.title.within'))->title(
                new Title((new ShortTitle($title))->few(), names: $title->names),
                $isPart ? TitleFormat::Quoted : TitleFormat::Italic,
                $this->source->isEnglish() ? LetterCase::LongWords : LetterCase::Kept,
                'apa.cite.title',
            );
        }
    }

    private function date(RunBuilder $line): void
    {
        $date = $this->source->date();
        $letter = $this->context->yearLetter;
        $original = $this->source->original->date();
        $year = $this->wording->year($date) ?: $this->source->container()->status ?: 'n.d.';
        $line->add(
            $original->isNone() ? '' : $this->wording->year($original).'/',
            'apa.cite.date',
            FieldPath::originalDate(),
        )
            ->add($year, 'apa.cite.date', ContainerField::Date->at())
            ->add($letter === '' || $date->isDate() ? $letter : "-{$letter}", 'apa.date.letter');
    }

    private function locator(Locator $locator): string
    {
        $value = $locator->isTime() ? $locator->time() : (new PageRange($locator->value))->full();

        return $locator->isInPlay('act') ? $value : $locator->worded($locator->word('apa'), $value);
    }
}
