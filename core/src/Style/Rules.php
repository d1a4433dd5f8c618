<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

/** The rules of one family of styles, by id, out of the family's rules.php. */
final class Rules
{
    /** @var array<string, array<string, Rule>> */
    private static array $families = [];

    /** @return array<string, Rule> */
    public static function of(string $family): array
    {
        if (! isset(self::$families[$family])) {
            $rules = [];
            foreach (require __DIR__.'/'.ucfirst($family).'/rules.php' as $id => [$element, $sentence, $place]) {
                $rules["{$family}.{$id}"] = new Rule("{$family}.{$id}", $element, $sentence, $place);
            }
            self::$families[$family] = $rules;
        }

        return self::$families[$family];
    }

    /** @return array<string, string> why the family does not print certain words, by a pattern for them */
    public static function superfluous(string $family): array
    {
        return require __DIR__.'/'.ucfirst($family).'/superfluous.php';
    }

    /** @throws \InvalidArgumentException for an id no family has */
    public static function get(string $id): Rule
    {
        return self::of(explode('.', $id, 2)[0])[$id]
            ?? throw new \InvalidArgumentException("There is no rule “{$id}”.");
    }
}
