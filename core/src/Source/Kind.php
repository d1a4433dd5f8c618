<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/**
 * A kind of source: a file of its own in core/kinds returns one, with every fact the styles and formats want to know of
 * it. What can be told from its fields and roles is not said again: the questions below derive it.
 */
final class Kind
{
    /** @var ?list<Field> */
    private ?array $formFields = null;

    /** @var ?array<string, Field> by path */
    private ?array $byPath = null;

    /**
     * @var list<AccessMethod> how one may have got at it, the commonest first; none where there is no choice to make
     */
    public readonly array $accessMethods;

    /**
     * @param  string  $group  heading in the finder
     * @param  string  $searchTerms  everyday words a student may type for it, parted by commas
     * @param  string  $hint  what tells it from its neighbours in a few words, for those used most
     * @param  list<string|list<string>>  $fields its fields in MLA's order, as FieldGuide reads them; "...book" takes
     *         over
     *                                            a list of core/data/field-lists.php
     * @param  string  $csl  its type in CSL-JSON
     * @param  string  $bibtex  its type in BibTeX
     * @param  string  $ris  its type in RIS
     * @param  list<string>  $genres what CSL-JSON's genre or medium says that tells it from other kinds of its type;
     *         the
     *                                first is written
     * @param  list<list<Role>>  $primaryRoles  who may stand first in the entry, best first
     * @param  list<list<Role>>  $standIns  who stands in the author's place in APA where none of those is there
     * @param  list<Role>  $roles  offered in the form
     * @param  ?list<AccessMethod>  $accessMethods  how one may get at it, where it is not as usual for its containment
     * @param  bool  $changes  whether it changes by design (APA then prints when it was retrieved)
     * @param  string  $bracketDescription  what APA says in square brackets after the title
     * @param  string  $formerBracketDescription  the same in APA's 6th edition, where it differs
     * @param  ?TitleFormat  $titleFormat  how MLA sets its title, where it is not as usual for its containment
     * @param  ?TitleFormat  $formerTitleFormat  the same in MLA's 7th edition, where it differs
     * @param  bool  $keepsTitleCase  whether its title keeps its letters: words of somebody's own, names of laws
     * @param  bool  $keepsContainerCase  whether the name of what holds it keeps its capitals: an event's name
     * @param  bool  $describable  whether it often has no title, so that a description may stand in its place
     * @param  string  $form  MLA's word for what it is, where the title does not tell
     * @param  string  $untitled  what MLA says in place of a title it need not have
     * @param  bool  $yearOnly  whether APA dates it by the year alone, though the day may be known
     * @param  bool  $datedByMaking  whether its date is when it was made, wherever it is seen
     * @param  string  $numberLabel  APA's word before its number, alone or in a series without seasons
     * @param  bool  $genreNamesNumber whether its description names the series its number counts in: "Working Paper No.
     *         7"
     * @param  string  $usualMedium  the medium it has unless somebody names another: "Film"
     * @param  bool  $isRecording  whether it comes on a record, which APA says with "On"
     * @param  string  $deviceEdition  the edition it has for being read on a device: "e-book ed."
     * @param  bool  $hasImprint  whether it is printed with a city and a publisher
     * @param  bool  $inNewspaper  whether newspapers print it: their pages stand with "p." in APA's 6th edition
     * @param  bool  $atEvent  whether it was given at an event, whose name and place the entry says
     * @param  bool  $isReference  whether it is an entry of a reference work, which is kept up to date without saying
     *         so
     * @param  bool  $isImage  whether it is a picture, which may be set into a paper with a caption
     * @param  bool  $isEvent  whether it is an event itself, seen where and when it happened
     * @param  bool  $isMessage whether it is a message on the web, which APA's 6th edition cites without the site and
     *         italics
     * @param  bool  $isProgram  whether it is a program, whose name APA's 6th edition leaves plain
     * @param  bool  $handedIn whether it was handed in to a school, which stands where a publisher would, and its
     *         description
     *                          says what for
     * @param  bool  $citesContainer whether APA cites what holds it, by its publisher: a tool and not what the tool
     *         made
     * @param  bool  $leavesOutPlatform  whether APA leaves out the service it was reached through
     * @param  bool  $hasParts  whether people often use one part of it, which is a source of its own
     * @param  list<KindFit>  $fits  what tells it where it was taken for another kind
     * @param  string  $word  what one of it is called in a sentence, where that is not its label: "chapter"
     * @param  string  $words  what several are called, where that is not the word with an s
     * @param  Scholarship  $scholarship  what tells whether a source of it is a scholarly one
     */
    public function __construct(
        public readonly string $id,
        public readonly string $label,
        public readonly string $group,
        public readonly string $searchTerms,
        public readonly Containment $containment,
        private readonly array $fields,
        public readonly string $csl = 'document',
        public readonly string $bibtex = 'misc',
        public readonly string $ris = 'GEN',
        public readonly array $genres = [],
        public readonly array $primaryRoles = [[Role::Author], [Role::Editor], [Role::Translator], [Role::Compiler]],
        public readonly array $standIns = [],
        public readonly array $roles = [Role::Author, Role::Editor, Role::Translator],
        public readonly int $rank = 50,
        public readonly string $hint = '',
        ?array $accessMethods = null,
        public readonly bool $changes = false,
        public readonly string $bracketDescription = '',
        public readonly string $formerBracketDescription = '',
        public readonly ?TitleFormat $titleFormat = null,
        public readonly ?TitleFormat $formerTitleFormat = null,
        public readonly bool $keepsTitleCase = false,
        public readonly bool $keepsContainerCase = false,
        public readonly bool $describable = false,
        public readonly string $form = '',
        public readonly ?FormPlace $formPlace = null,
        public readonly string $untitled = '',
        public readonly bool $yearOnly = false,
        public readonly bool $datedByMaking = false,
        public readonly string $numberLabel = 'No.',
        public readonly bool $genreNamesNumber = false,
        public readonly PeriodicalType $periodicalType = PeriodicalType::Popular,
        public readonly string $usualMedium = '',
        public readonly bool $isRecording = false,
        public readonly string $deviceEdition = '',
        public readonly bool $hasImprint = false,
        public readonly bool $inNewspaper = false,
        public readonly bool $atEvent = false,
        public readonly bool $isReference = false,
        public readonly bool $isImage = false,
        public readonly bool $isEvent = false,
        public readonly bool $isMessage = false,
        public readonly bool $isProgram = false,
        public readonly bool $handedIn = false,
        public readonly bool $citesContainer = false,
        public readonly bool $leavesOutPlatform = false,
        public readonly bool $hasParts = false,
        public readonly array $fits = [],
        private readonly string $word = '',
        private readonly string $words = '',
        public readonly Scholarship $scholarship = Scholarship::None,
    ) {
        $this->accessMethods = $accessMethods ?? AccessMethod::usual($containment);
    }

    /** So many of it in words: "1 book", "3 books", "no book". */
    public function counted(int $count): string
    {
        $word = $this->word ?: mb_strtolower(mb_substr($this->label, 0, 1)).mb_substr($this->label, 1);

        return match ($count) {
            0 => "no {$word}",
            1 => "1 {$word}",
            default => $count.' '.($this->words ?: "{$word}s"),
        };
    }

    /** @return list<Field> in the order of MLA's elements */
    public function fields(): array
    {
        return $this->formFields ??= array_map(FieldGuide::field(...), self::withCommon(self::opened($this->fields)));
    }

    public function fieldAt(FieldPath $path): ?Field
    {
        if ($this->byPath === null) {
            $this->byPath = [];
            foreach ($this->fields() as $field) {
                $this->byPath[$field->path->key] = $field;
            }
        }

        return $this->byPath[$path->key] ?? null;
    }

    public function hasField(FieldPath $path): bool
    {
        return $this->fieldAt($path) !== null;
    }

    public function requires(FieldPath $path): bool
    {
        return $this->fieldAt($path)?->need === Need::Required;
    }

    /** Whether it is among those used most. */
    public function isCommon(): bool
    {
        return $this->hint !== '';
    }

    /** @return list<Role> offered at a field of people; none at any other */
    public function rolesAt(FieldPath $path): array
    {
        return match (true) {
            ! $path->isPeople() => [],
            $path->level === null => $this->roles,
            default => [Role::Editor, Role::Author, Role::Translator],
        };
    }

    public function offers(Role $role): bool
    {
        return in_array($role, $this->roles, true);
    }

    /** Whether its description is of the work it is about, and not of itself: a review's. */
    public function describesSubject(): bool
    {
        return $this->hasField(FieldPath::subject());
    }

    /** Whether each copy is the thing itself, seen where it is kept. */
    public function isKept(): bool
    {
        return ! $this->isEvent && $this->hasField(ContainerField::Collection->at());
    }

    public function hasEpisodes(): bool
    {
        return $this->hasField(ContainerField::Episode->at());
    }

    /** Whether its number is that of an article in a journal without pages. */
    public function hasArticleNumber(): bool
    {
        return $this->hasField(ContainerField::ArticleNumber->at());
    }

    /** Whether those who edited what holds it are named there. */
    public function isInEditedWork(): bool
    {
        return $this->containment === Containment::PartOf && $this->hasField(FieldPath::contributors(0));
    }

    public function formPlace(): FormPlace
    {
        return $this->formPlace
            ?? ($this->containment === Containment::InPeriodical ? FormPlace::AtEnd : FormPlace::None);
    }

    /**
     * @param  list<string|list<string>>  $specs
     * @return list<string|list<string>> with the lists it takes over in place
     */
    private static function opened(array $specs): array
    {
        $lists = require dirname(__DIR__, 2).'/data/field-lists.php';
        $opened = [];
        foreach ($specs as $spec) {
            $name = is_string($spec) && str_starts_with($spec, '...') ? substr($spec, 3) : null;
            array_push(
                $opened,
                ...($name === null ? [$spec] : $lists[$name] ?? throw UnknownField::spelled("...{$name}")),
            );
        }

        return $opened;
    }

    /**
     * Adds what any title may have: its meaning in English right after it, and a short form for the text.
     *
     * @param  list<string|list<string>>  $specs
     * @return list<string|list<string>>
     */
    private static function withCommon(array $specs): array
    {
        $paths = array_map(static fn (string|array $spec): string => rtrim(((array) $spec)[0], '!+'), $specs);
        $place = static function (FieldPath ...$wanted) use (&$paths): ?int {
            foreach ($wanted as $path) {
                $at = array_search($path->key, $paths, true);
                if ($at !== false) {
                    return (int) $at;
                }
            }

            return null;
        };
        $title = $place(FieldPath::subtitle(), FieldPath::title());
        if ($title === null) {
            return $specs;
        }
        if ($place(FieldPath::translatedTitle()) === null) {
            array_splice($specs, $title + 1, 0, [FieldPath::translatedTitle()->key]);
            array_splice($paths, $title + 1, 0, [FieldPath::translatedTitle()->key]);
        }
        $language = $place(FieldPath::language());
        if ($language !== null) {
            array_splice($specs, $language, 0, [FieldPath::shortTitle()->key]);
        }

        return $specs;
    }
}
