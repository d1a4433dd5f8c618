<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

/** The rules of the editions of a family of styles, by id: its rules.php, with what an older edition says otherwise. */
final class Rules
{
    /** @var array<string, array<string, Rule>> */
    private static array $editions = [];

    /**
     * @param  string  $style  a style's id, "mla-7"; a family's stands for its current edition
     * @return array<string, Rule>
     */
    public static function of(string $style): array
    {
        return self::$editions[$style] ??= self::read($style);
    }

    /** @return array<string, string> why the family does not print certain words, by a pattern for them */
    public static function superfluous(string $family): array
    {
        return require __DIR__.'/'.ucfirst($family).'/superfluous.php';
    }

    /**
     * @param  string  $style  the style's id, where an edition's own words are wanted
     *
     * @throws \InvalidArgumentException for an id no family has
     */
    public static function get(string $id, string $style = ''): Rule
    {
        return self::of($style === '' ? explode('.', $id, 2)[0] : $style)[$id]
            ?? throw new \InvalidArgumentException("There is no rule “{$id}”.");
    }

    /** @return array<string, Rule> */
    private static function read(string $style): array
    {
        [$family, $edition] = [...explode('-', $style), ''];
        $room = __DIR__.'/'.ucfirst($family);
        $former = is_file("{$room}/rules-{$edition}.php") ? require "{$room}/rules-{$edition}.php" : [];
        $rules = [];
        foreach (require "{$room}/rules.php" as $id => [$element, $sentence, $place]) {
            [$ownPlace, $ownSentence] = [...$former[$id] ?? [$place], $sentence];
            $rules["{$family}.{$id}"] = new Rule("{$family}.{$id}", $element, $ownSentence, $ownPlace);
        }

        return $rules;
    }
}
