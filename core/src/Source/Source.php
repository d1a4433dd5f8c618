<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

use Bibrel\Core\Text\TitleLanguage;

/**
 * One source as the student knows it. Immutable; `toArray` and `fromArray` are the JSON shape described by
 * docs/source.schema.json.
 *
 * `subject` is the title of the work a review is about. `reached` is a AccessMethod's value, or empty where nobody
 * said.
 * `containers` holds at least one and at most three; `custom` carries what other formats said and this shape has no
 * place for, untouched.
 */
final class Source
{
    /** What a source can be to a paper: the thing that is studied, or a study of it. */
    public const PRIMACIES = ['primary', 'secondary'];

    private const ANSWERS = ['yes', 'no'];

    private ?bool $isEnglish = null;

    /** @var ?list<Contributor> with their names as entries have them */
    private ?array $printed = null;

    /** @var ?array<int, Contributor> worked out once, since everything asks for them */
    private ?array $leaders = null;

    /**
     * @param  list<Contributor>  $contributors
     * @param  non-empty-list<Container>  $containers
     * @param  array<string, mixed>  $custom
     * @param  bool  $leftOut  whether somebody keeps it off the page for now
     * @param  string  $primacy  "primary" or "secondary", as the student says for this paper; '' where nobody said
     * @param  string  $scholarly  "yes" or "no", where the student says so; '' where it is left to the evidence
     * @param  array<string, string>  $corrected  entries somebody wrote by hand, with `<i>`, by the style's id
     */
    public function __construct(
        public readonly string $id,
        public readonly Kind $kind,
        public readonly Title $title = new Title,
        public readonly array $contributors = [],
        public readonly array $containers = [new Container],
        public readonly Original $original = new Original,
        public readonly string $reached = '',
        public readonly string $accessed = '',
        public readonly string $medium = '',
        public readonly string $genre = '',
        public readonly string $subject = '',
        public readonly string $language = '',
        public readonly string $isbn = '',
        public readonly string $annotation = '',
        public readonly array $custom = [],
        public readonly bool $leftOut = false,
        public readonly array $corrected = [],
        public readonly string $primacy = '',
        public readonly string $scholarly = '',
    ) {
    }

    /**
     * @param  array<string, mixed>  $json  the source shape; what it does not know is ignored, never fatal
     */
    public static function fromArray(array $json, Kinds $kinds): self
    {
        $array = static fn (string $key): array => is_array($json[$key] ?? null) ? $json[$key] : [];
        $title = $json['title'] ?? [];

        return new self(
            Text::of($json, 'id'),
            $kinds->get(Text::of($json, 'kind')),
            Title::fromArray(is_array($title) || is_string($title) ? $title : []),
            self::contributorsFrom($array('contributors')),
            self::containersFrom($array('containers')),
            Original::fromArray($array('original')),
            Text::of($json, 'reached'),
            Text::of($json, 'accessed'),
            Text::of($json, 'medium'),
            Text::of($json, 'genre'),
            Text::of($json, 'subject'),
            Text::of($json, 'language'),
            Text::of($json, 'isbn'),
            is_string($json['annotation'] ?? null) ? trim(mb_scrub($json['annotation'])) : '',
            $array('custom'),
            (bool) ($json['leftOut'] ?? false),
            self::correctedFrom($array('corrected')),
            self::oneOf(self::PRIMACIES, Text::of($json, 'primacy')),
            self::oneOf(self::ANSWERS, Text::of($json, 'scholarly')),
        );
    }

    /** @return array<string, mixed> only what is filled */
    public function toArray(): array
    {
        $json = [
            'id' => $this->id,
            'kind' => $this->kind->id,
            'reached' => $this->reached,
            'title' => $this->title->toArray(),
            'contributors' => array_map(static fn (Contributor $one): array => $one->toArray(), $this->contributors),
            'containers' => array_map(static fn (Container $one): array => $one->toArray(), $this->containers),
            'original' => $this->original->toArray(),
            'accessed' => $this->accessed,
            'medium' => $this->medium,
            'genre' => $this->genre,
            'subject' => $this->subject,
            'language' => $this->language,
            'isbn' => $this->isbn,
            'annotation' => $this->annotation,
            'custom' => $this->custom,
            'leftOut' => $this->leftOut ?: '',
            'corrected' => $this->corrected,
            'primacy' => $this->primacy,
            'scholarly' => $this->scholarly,
        ];

        return array_filter($json, static fn (mixed $value): bool => $value !== '' && $value !== []);
    }

    /**
     * @param  array<array-key, mixed>  $json
     * @return non-empty-list<Container>
     */
    private static function containersFrom(array $json): array
    {
        $containers = array_map(
            static fn (mixed $one): Container => Container::fromArray(is_array($one) ? $one : []),
            array_slice(array_values($json), 0, FieldPath::CONTAINERS),
        );

        return $containers === [] ? [new Container] : $containers;
    }

    /** @param  list<string>  $known */
    private static function oneOf(array $known, string $said): string
    {
        return in_array($said, $known, true) ? $said : '';
    }

    /**
     * @param  array<array-key, mixed>  $json
     * @return array<string, string>
     */
    private static function correctedFrom(array $json): array
    {
        $corrected = [];
        foreach ($json as $style => $entry) {
            if (is_string($entry) && trim($entry) !== '') {
                $corrected[(string) $style] = mb_substr(Text::line($entry), 0, 4000);
            }
        }

        return $corrected;
    }

    /**
     * What stands at a place: text, a truth, people, or one of them.
     *
     * @return string|bool|list<Contributor>|Contributor|null null for a member of a list that is shorter
     */
    public function get(FieldPath $path): string|bool|array|Contributor|null
    {
        if ($path === FieldPath::kind()) {
            return $this->kind->id;
        }
        $at = $this;
        foreach ($path->steps as $step) {
            $at = is_array($at) ? ($at[$step] ?? null) : $at?->{$step};
        }

        return $at ?? ($path->member !== null ? null : ($path->isPeople() ? [] : ''));
    }

    /** The text at a place, a truth as "1"; '' where there is none, and where people stand there. */
    public function text(FieldPath $path): string
    {
        $value = $this->get($path);

        return is_string($value) || is_bool($value) ? (string) $value : '';
    }

    /** @return list<Contributor> the people at a place, or the one who stands there */
    public function people(FieldPath $path): array
    {
        $value = $this->get($path);

        return match (true) {
            is_array($value) => $value,
            $value instanceof Contributor => [$value],
            default => [],
        };
    }

    /** Whether something is filled in at a place: words, or somebody with a name. */
    public function has(FieldPath $path): bool
    {
        $isNamed = static fn (Contributor $one): bool => ! $one->name->isEmpty();

        return $path->isPeople() ? array_filter($this->people($path), $isNamed) !== [] : $this->text($path) !== '';
    }

    /**
     * The source with something else at a place.
     *
     * @param  string|bool|list<Contributor>|Contributor  $value
     */
    public function with(FieldPath $path, string|bool|array|Contributor $value): self
    {
        $json = $this->toArray();
        $json['containers'] = array_pad($json['containers'] ?? [], 1 + (int) $path->level, []);
        $plain = static fn (mixed $one): mixed => $one instanceof Contributor ? $one->toArray() : $one;
        $at = &$json;
        foreach ($path->steps as $step) {
            $at = &$at[$step];
        }
        $at = is_array($value) ? array_map($plain, $value) : $plain($value);

        return self::fromArray($json, Kinds::all());
    }

    /** The container that holds the source, or its own published form. */
    public function container(): Container
    {
        return $this->containers[0];
    }

    /** The date of publication. */
    public function date(): PartialDate
    {
        return $this->containers[0]->date();
    }

    public function accessedOn(): PartialDate
    {
        return PartialDate::parse($this->accessed);
    }

    /**
     * @return array<int, Contributor> the named contributors in these roles, as entries name them, by their place in
     *         `contributors`
     */
    public function by(Role ...$roles): array
    {
        $found = [];
        foreach ($this->printed() as $place => $one) {
            if (in_array($one->role, $roles, true) && ! $one->name->isEmpty()) {
                $found[$place] = $one;
            }
        }

        return $found;
    }

    /** @return list<Contributor> all of them with their names as entries have them */
    public function printed(): array
    {
        return $this->printed ??= array_map(
            static fn (Contributor $one): Contributor => $one->printed(),
            $this->contributors,
        );
    }

    /**
     * Those who stand at the head of the entry: the makers of the source, or the first of the kind's other leading
     * roles that somebody fills.
     *
     * @return array<int, Contributor>
     */
    public function primaryContributors(): array
    {
        if ($this->leaders === null) {
            $this->leaders = [];
            foreach ($this->kind->primaryRoles as $roles) {
                $this->leaders = $this->leaders === [] ? $this->by(...$roles) : $this->leaders;
            }
        }

        return $this->leaders;
    }

    /** How it was reached: as somebody said, or as its addresses show. */
    /** Whether nothing is known of it but where it is, so that it makes no entry yet. */
    public function isBare(): bool
    {
        foreach ($this->containers as $one) {
            if ($one->title.$one->publisher.$one->date.$one->volume.$one->number.$one->collection !== ''
                || $one->contributors !== []) {
                return false;
            }
        }

        return $this->title->isEmpty() && $this->genre.$this->subject === ''
            && ! $this->has(FieldPath::contributors());
    }

    public function accessMethod(): ?AccessMethod
    {
        $said = AccessMethod::tryFrom($this->reached);
        if ($said !== null) {
            return $said;
        }
        foreach ($this->containers as $i => $container) {
            if ($i > 0 && $container->title !== '') {
                return in_array(AccessMethod::App, $this->kind->accessMethods, true)
                    ? AccessMethod::App
                    : AccessMethod::Database;
            }
            if ($container->url.$container->doi !== '') {
                return AccessMethod::Web;
            }
        }

        return null;
    }

    /** Whether its title is in English, as somebody said or as its words show. */
    public function isEnglish(): bool
    {
        return $this->language === ''
            ? $this->isEnglish ??= (new TitleLanguage($this->title->full()))->code() === ''
            : preg_match('/^en(g|glish)?([-_]|$)/i', $this->language) === 1;
    }

    /**
     * @param  array<mixed>  $json
     * @return list<Contributor>
     */
    public static function contributorsFrom(array $json): array
    {
        $contributors = [];
        foreach ($json as $one) {
            if (is_array($one)) {
                $contributors[] = Contributor::fromArray($one);
            }
        }

        return $contributors;
    }
}
