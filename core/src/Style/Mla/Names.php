<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\NameKind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Text\RunBuilder;

/** Names in MLA: the first at the head of an entry turned round, all others as one says them. */
final class Names
{
    /**
     * The names at the head of an entry, with the word for their role and without the closing stop.
     *
     * @param  array<int, Contributor>  $leaders  by their place in the source's contributors
     */
    public static function lead(RunBuilder $line, array $leaders, bool $withRole = true): void
    {
        $places = array_keys($leaders);
        $names = array_values($leaders);
        self::inverted($line, $names[0]->name, "contributors.{$places[0]}");
        if (count($names) === 2) {
            // The comma belongs to the name turned round before it.
            $turned = str_contains($line->text(), ',') && ! $names[0]->name->isGroup();
            $line->add($turned ? ', and ' : ' and ', 'mla.author.two')->add(self::direct($names[1]->name), self::ruleFor($names[1]->name, 'mla.author.two'), "contributors.{$places[1]}");
        } elseif (count($names) > 2) {
            $line->add(', et al.', 'mla.author.many', 'contributors');
        }
        if ($withRole) {
            self::role($line, $names[0]->role, count($names), "contributors.{$places[0]}");
        }
    }

    /**
     * The 7th edition names up to three.
     *
     * @param  array<int, Contributor>  $leaders  three of them
     */
    public static function three(RunBuilder $line, array $leaders): void
    {
        foreach (array_keys($leaders) as $n => $place) {
            if ($n === 0) {
                self::inverted($line, $leaders[$place]->name, "contributors.{$place}");
            } else {
                $line->add($n === 1 ? ', ' : ', and ', 'mla.author.two')->add(self::direct($leaders[$place]->name), 'mla.author.two', "contributors.{$place}");
            }
        }
    }

    /** Three hyphens for the names of the entry before, with this entry's word for the role. */
    public static function repeated(RunBuilder $line, Role $role, int $count, string $field): void
    {
        $line->add('---', 'mla.author.repeated', $field);
        self::role($line, $role, $count, $field);
    }

    /**
     * Names in the middle of an entry: one, two joined by "and", or the first and "et al.".
     *
     * @param  array<int, Contributor>  $contributors
     * @param  string  $path  where they stand: "contributors" or "containers.0.contributors"
     */
    public static function inMiddle(RunBuilder $line, array $contributors, string $path, string $rule): void
    {
        $places = array_keys($contributors);
        $names = array_values($contributors);
        $line->add(self::direct($names[0]->name), $rule, "{$path}.{$places[0]}");
        if (count($names) === 2) {
            $line->add(' and ', $rule)->add(self::direct($names[1]->name), $rule, "{$path}.{$places[1]}");
        } elseif (count($names) > 2) {
            $line->add(' et al.', $rule, $path);
        }
    }

    public static function direct(Name $name): string
    {
        if ($name->kind === NameKind::Screen) {
            $real = $name->group !== '' ? $name->group : Name::join($name->given, $name->family);

            return $real === '' ? $name->screen : "{$real} [{$name->screen}]";
        }

        return $name->direct();
    }

    private static function inverted(RunBuilder $line, Name $name, string $field): void
    {
        match ($name->kind) {
            NameKind::Group => $line->add(self::withParent($name), 'mla.author.group', $field),
            NameKind::Screen => self::screen($line, $name, $field),
            NameKind::Person => self::person($line, $name, $field),
        };
    }

    /** The larger body first: "Northmere, Ministry of Coasts". */
    private static function withParent(Name $name): string
    {
        $whole = $name->parent === '' ? $name->group : "{$name->parent}, {$name->group}";

        return preg_replace('/^The\s+(?=\S)/u', '', $whole) ?? $whole;
    }

    private static function screen(RunBuilder $line, Name $name, string $field): void
    {
        $real = match (true) {
            $name->group !== '' => $name->group,
            $name->family !== '' && $name->given !== '' => "{$name->family}, {$name->given}",
            default => $name->family,
        };
        $line->add($real === '' ? $name->screen : "{$real} [{$name->screen}]", 'mla.author.screen', $field);
    }

    private static function person(RunBuilder $line, Name $name, string $field): void
    {
        if ($name->given === '' || $name->familyFirst) {
            $line->add($name->direct(), 'mla.author.unturned', $field);

            return;
        }
        $given = Name::join($name->given, $name->dropping);
        $line->add("{$name->surname()}, {$given}".($name->suffix === '' ? '' : ", {$name->suffix}"), 'mla.author.inverted', $field);
    }

    private static function role(RunBuilder $line, Role $role, int $count, string $field): void
    {
        $label = Wording::leadLabel($role, $count);
        if ($label !== '') {
            $line->add(", {$label}", 'mla.author.role', $field);
        }
    }

    private static function ruleFor(Name $name, string $otherwise): string
    {
        return match ($name->kind) {
            NameKind::Group => 'mla.author.group',
            NameKind::Screen => 'mla.author.screen',
            NameKind::Person => $otherwise,
        };
    }
}
