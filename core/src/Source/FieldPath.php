<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/**
 * A place in a source where a value can stand. Every place has one spelling, in which it travels ("containers.0.url")
 * and is stored, and one object, so that two paths are the same where they are identical. `Source::get` and
 * `Source::with` follow it; the JSON Schema and the interface's types are generated from `all()`.
 */
final class FieldPath implements \JsonSerializable, \Stringable
{
    /** How many containers a source has at most. */
    public const CONTAINERS = 3;

    private const PEOPLE = 'contributors';

    /** Everything that stands outside containers, by its spelling. */
    private const OWN = [
        'kind', 'reached', 'title.main', 'title.subtitle', 'title.translated', 'title.short', 'title.names',
        'title.described',
        self::PEOPLE, 'original.title', 'original.date', 'original.publisher', 'accessed', 'medium', 'genre',
        'subject', 'language', 'isbn', 'annotation',
    ];

    /** @var array<string, self> */
    private static array $known = [];

    /** @var array<int, array<string, self>> the texts of containers, by level and field */
    private static array $containers = [];

    /**
     * @param  string  $key  its spelling
     * @param  non-empty-list<string|int>  $steps  properties and places in lists, from the source inwards
     * @param  ?int  $level  which container it is in; null where it is in none
     * @param  ?ContainerField  $field  which text of the container it is
     * @param  ?int  $member  which member of a list of people it is; null where it is all of them or no people
     */
    private function __construct(
        public readonly string $key,
        public readonly array $steps,
        public readonly ?int $level = null,
        public readonly ?ContainerField $field = null,
        public readonly ?int $member = null,
    ) {
    }

    /** @throws UnknownField for a spelling no place has */
    public static function parse(string $spelled): self
    {
        return self::$known[$spelled] ??= self::read($spelled) ?? throw UnknownField::spelled($spelled);
    }

    /** The path a text spells, or null where it spells none. */
    public static function tryParse(string $spelled): ?self
    {
        return self::$known[$spelled] ?? self::read($spelled);
    }

    public static function container(int $level, ContainerField $field): self
    {
        return self::$containers[$level][$field->value] ??= self::parse("containers.{$level}.{$field->value}");
    }

    /** Those named with the source, or with one of its containers. */
    public static function contributors(?int $level = null): self
    {
        return self::parse($level === null ? self::PEOPLE : "containers.{$level}.".self::PEOPLE);
    }

    public static function kind(): self
    {
        return self::parse('kind');
    }

    public static function reached(): self
    {
        return self::parse('reached');
    }

    public static function title(): self
    {
        return self::parse('title.main');
    }

    public static function subtitle(): self
    {
        return self::parse('title.subtitle');
    }

    public static function translatedTitle(): self
    {
        return self::parse('title.translated');
    }

    public static function shortTitle(): self
    {
        return self::parse('title.short');
    }

    /** How words of the title are written in running text, where somebody decided it. */
    public static function titleNames(): self
    {
        return self::parse('title.names');
    }

    public static function isDescribed(): self
    {
        return self::parse('title.described');
    }

    public static function originalDate(): self
    {
        return self::parse('original.date');
    }

    public static function accessed(): self
    {
        return self::parse('accessed');
    }

    public static function medium(): self
    {
        return self::parse('medium');
    }

    public static function genre(): self
    {
        return self::parse('genre');
    }

    public static function subject(): self
    {
        return self::parse('subject');
    }

    public static function language(): self
    {
        return self::parse('language');
    }

    public static function isbn(): self
    {
        return self::parse('isbn');
    }

    public static function annotation(): self
    {
        return self::parse('annotation');
    }

    /** One of the people at this path. */
    public function member(int $place): self
    {
        return self::parse("{$this->key}.{$place}");
    }

    /** The list somebody stands in; any other path is its own. */
    public function list(): self
    {
        return $this->member === null ? $this : self::contributors($this->level);
    }

    public function isPeople(): bool
    {
        return in_array(self::PEOPLE, $this->steps, true);
    }

    public function isDate(): bool
    {
        return $this === self::accessed() || $this === self::originalDate() || $this->field === ContainerField::Date;
    }

    /** @return list<self> every place there is in the order of a source's JSON, but the single members of lists */
    public static function all(): array
    {
        $paths = [];
        for ($level = 0; $level < self::CONTAINERS; $level++) {
            foreach (ContainerField::cases() as $field) {
                $paths[] = self::container($level, $field);
            }
            $paths[] = self::contributors($level);
        }
        $own = array_map(self::parse(...), self::OWN);
        $before = 1 + (int) array_search(self::PEOPLE, self::OWN, true);
        array_splice($own, $before, 0, $paths);

        return $own;
    }

    public function __toString(): string
    {
        return $this->key;
    }

    public function jsonSerialize(): string
    {
        return $this->key;
    }

    private static function read(string $spelled): ?self
    {
        $steps = array_map(
            static fn (string $step): string|int => ctype_digit($step) ? (int) $step : $step,
            explode('.', $spelled),
        );
        if (implode('.', $steps) !== $spelled) {
            return null;
        }
        $member = count($steps) > 1 && is_int(end($steps)) && $steps[count($steps) - 2] === self::PEOPLE
            ? end($steps)
            : null;
        $list = $member === null ? $steps : array_slice($steps, 0, -1);
        if (in_array(implode('.', $list), self::OWN, true)) {
            return new self($spelled, $steps, member: $member);
        }
        [$containers, $level, $name] = [...$list, null, null, null];
        $field = ContainerField::tryFrom((string) $name);
        $isPlace = $containers === 'containers' && is_int($level) && $level < self::CONTAINERS && count($list) === 3
            && ($field !== null || $name === self::PEOPLE);

        return $isPlace ? new self($spelled, $steps, $level, $field, $member) : null;
    }
}
