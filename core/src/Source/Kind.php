<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** A kind of source: a file of its own in core/kinds returns one. */
final readonly class Kind
{
    /** @var list<Field> in the order of MLA's elements */
    public array $fields;

    /** @var list<AccessMethod> how one may have got at it, the commonest first; none where there is no choice to make */
    public array $accessMethods;

    /**
     * @param  string  $group  heading in the finder
     * @param  string  $searchTerms  everyday words a student may type for it, parted by commas
     * @param  string  $csl  the CSL-JSON item type
     * @param  string  $bracketDescription  what APA says in square brackets behind the title
     * @param  list<list<Role>>  $primaryRoles  who may stand first, best first
     * @param  list<Role>  $roles  offered in the form
     * @param  list<string|list<string>>  $fields  paths; "!" behind one is required, "+" expected; a list adds label and example
     * @param  ?list<AccessMethod>  $accessMethods  how one may get at it, where it is not as usual for its shape
     * @param  bool  $changes  whether it changes by design (APA then prints when it was retrieved)
     */
    public function __construct(
        public string $id,
        public string $label,
        public string $group,
        public string $searchTerms,
        public string $csl,
        public Containment $containment,
        array $fields,
        public string $bracketDescription = '',
        public array $primaryRoles = [[Role::Author], [Role::Editor], [Role::Translator], [Role::Compiler]],
        public array $roles = [Role::Author, Role::Editor, Role::Translator],
        public bool $changes = false,
        public int $rank = 50,
        ?array $accessMethods = null,
    ) {
        $this->accessMethods = $accessMethods ?? AccessMethod::usual($containment);
        $this->fields = array_map(self::field(...), self::withCommon($fields));
    }

    /**
     * Adds what any title may have: its meaning in English right behind it, and a short form for the text.
     *
     * @param  list<string|list<string>>  $fields
     * @return list<string|list<string>>
     */
    private static function withCommon(array $fields): array
    {
        $paths = array_map(static fn (string|array $spec): string => rtrim(is_array($spec) ? $spec[0] : $spec, '!+'), $fields);
        $title = array_search('title.subtitle', $paths, true) ?: array_search('title.main', $paths, true);
        if ($title !== false && ! in_array('title.translated', $paths, true)) {
            array_splice($fields, (int) $title + 1, 0, ['title.translated']);
            array_splice($paths, (int) $title + 1, 0, ['title.translated']);
        }
        $language = array_search('language', $paths, true);
        if ($title !== false && $language !== false) {
            array_splice($fields, (int) $language, 0, ['title.short']);
        }

        return $fields;
    }

    /** @param  string|list<string>  $spec */
    private static function field(string|array $spec): Field
    {
        [$path, $label, $example] = is_array($spec) ? [$spec[0], $spec[1] ?? null, $spec[2] ?? null] : [$spec, null, null];
        $need = match (substr($path, -1)) {
            '!' => Need::Required,
            '+' => Need::Expected,
            default => Need::Optional,
        };

        return FieldGuide::field(rtrim($path, '!+'), $need, $label, $example);
    }

    /** @return list<Field> the fields in the order of a family of styles: APA asks for the date right after the author */
    public function fieldsFor(string $family): array
    {
        if ($family !== 'apa') {
            return $this->fields;
        }
        $isDate = static fn (Field $field): bool => $field->path === 'containers.0.date';
        $isAuthor = static fn (Field $field): bool => $field->path === 'contributors';

        return [
            ...array_values(array_filter($this->fields, $isAuthor)),
            ...array_values(array_filter($this->fields, $isDate)),
            ...array_values(array_filter($this->fields, static fn (Field $field): bool => ! $isDate($field) && ! $isAuthor($field))),
        ];
    }

    public function fieldAt(string $path): ?Field
    {
        foreach ($this->fields as $field) {
            if ($field->path === $path) {
                return $field;
            }
        }

        return null;
    }
}
