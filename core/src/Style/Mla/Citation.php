<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\NameKind;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Title;
use Bibrel\Core\Style\CitationContext;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Locator;
use Bibrel\Core\Style\ShortTitle;
use Bibrel\Core\Style\TitleSetter;
use Bibrel\Core\Text\PageRange;
use Bibrel\Core\Text\Run;
use Bibrel\Core\Text\RunBuilder;

/** In-text citations: "(Brook 15)"; with the name in the sentence, "Brook (15)". */
final class Citation
{
    private const WORDS = ['paragraph' => 'par.', 'chapter' => 'ch.', 'section' => 'sec.', 'part' => 'pt.', 'volume' => 'vol.', 'line' => 'line', 'act' => 'act', 'scene' => 'scene', 'slide' => 'slide', 'figure' => 'fig.', 'table' => 'table'];

    private const SEVERAL = ['paragraph' => 'pars.', 'chapter' => 'chs.', 'section' => 'secs.', 'part' => 'pts.', 'volume' => 'vols.', 'line' => 'lines', 'slide' => 'slides', 'figure' => 'figs.', 'table' => 'tables'];

    public function __construct(private readonly Source $source, private readonly EntryContext $context)
    {
    }

    /** @return list<Run> */
    public function runs(CitationContext $citation): array
    {
        [$locator, $narrative] = [$citation->locator, $citation->narrative && $citation->quoted === ''];
        $line = new RunBuilder;
        $leaders = Entry::primaryContributors($this->source);
        $behind = new RunBuilder;
        if ($citation->quoted !== '') {
            $line->add($citation->narrative ? $citation->quoted : '', 'mla.cite.quoted');
            $behind->add('qtd. in ', 'mla.cite.quoted');
        }
        if ($leaders === []) {
            $this->title($narrative ? $line : $behind);
        } else {
            $this->authors($narrative ? $line : $behind, array_values($leaders), $narrative);
            if ($this->context->sharesAuthor) {
                $narrative ?: $behind->add(',', 'mla.comma');
                $this->title($behind->space('mla.comma'));
            }
        }
        if (! $locator->isNone()) {
            $this->locator($behind, $locator, $leaders !== [] && ! $narrative);
        }
        if ($behind->isEmpty()) {
            return $line->runs();
        }

        return $line->space('mla.cite.parentheses')
            ->add('(', 'mla.cite.parentheses')
            ->join($behind)
            ->add(')', 'mla.cite.parentheses')
            ->runs();
    }

    /** @param  list<Contributor>  $leaders */
    private function authors(RunBuilder $line, array $leaders, bool $narrative): void
    {
        $line->add($this->name($leaders[0]->name, $narrative), 'mla.cite.author', 'contributors');
        if (count($leaders) === 2) {
            $line->add(' and '.$this->name($leaders[1]->name, $narrative), 'mla.cite.author', 'contributors');
        } elseif (count($leaders) > 2) {
            $line->add($narrative ? ' and others' : ' et al.', 'mla.cite.author', 'contributors');
        }
    }

    private function name(Name $name, bool $narrative): string
    {
        return match ($name->kind) {
            NameKind::Group => preg_replace('/^The\s+(?=\S)/u', '', $name->group) ?? $name->group,
            NameKind::Screen => $name->family !== '' ? $name->family : ($name->group !== '' ? $name->group : $name->screen),
            NameKind::Person => $this->context->sharesSurname && $name->given !== '' ? mb_substr($name->given, 0, 1).'. '.$name->surname() : $name->surname(),
        };
    }

    private function title(RunBuilder $line): void
    {
        $short = new Title(ShortTitle::noun($this->source->title));
        if ($short->isEmpty()) {
            $line->add($this->source->genre, 'mla.cite.title', 'genre');

            return;
        }
        TitleSetter::set($line, $short, Entry::titleFormat($this->source), Entry::case($this->source), 'mla.cite.title', 'mla.title.within');
    }

    /** A page stands bare; another kind of place has its word, with a comma before it behind a name. */
    private function locator(RunBuilder $line, Locator $locator, bool $afterName): void
    {
        $value = PageRange::shortened($locator->value);
        if ($locator->kind === 'time') {
            $value = str_replace('-', '–', $locator->value);
        }
        $words = PageRange::isSeveral($value) && isset(self::SEVERAL[$locator->kind]) ? self::SEVERAL : self::WORDS;
        // Act, scene and line of a play stand as bare numbers: 3.1.45.
        $word = preg_match('/^\d+\.\d/', $value) === 1 && in_array($locator->kind, ['act', 'section'], true) ? '' : ($words[$locator->kind] ?? '');
        if ($word !== '' && $afterName) {
            $line->comma('mla.comma');
        }
        $line->space('mla.cite.locator')->add($word === '' ? $value : "{$word} {$value}", 'mla.cite.locator');
    }
}
