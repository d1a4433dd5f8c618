<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\NameKind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Text\RunBuilder;

/** Names in APA: all turned round at the head of an entry, initials first inside it. */
final class Names
{
    /**
     * All names at the head of an entry, with their roles and without the closing stop.
     *
     * @param  array<int, Contributor>  $leaders  by their place in the source's contributors
     * @param  int  $limit  how many are named in full: 20, in the 6th edition 7
     */
    public static function lead(RunBuilder $line, array $leaders, int $limit): void
    {
        $shown = self::shown($leaders, $limit);
        $count = count($shown);
        $n = 0;
        $roles = array_unique(array_map(static fn (Contributor $one): string => $one->role->value, $leaders));
        foreach ($shown as $place => $one) {
            $n++;
            if ($n > 1) {
                match (true) {
                    count($leaders) > $limit && $n === $count => $line->add(', . . . ', 'apa.author.many'),
                    $n === $count => $line->add($count === 2 && $one->name->isGroup() && reset($shown)->name->isGroup() ? ' & ' : ', & ', 'apa.author.and'),
                    default => $line->add(', ', 'apa.comma'),
                };
            }
            self::inverted($line, $one->name, "contributors.{$place}");
            if (count($roles) > 1) {
                self::role($line, $one->role, 1, "contributors.{$place}");
            }
        }
        if (count($roles) === 1) {
            $first = (int) array_key_first($leaders);
            self::role($line, $leaders[$first]->role, count($leaders), "contributors.{$first}");
        }
    }

    /**
     * Names inside an entry: "N. Castellan & P. Ilves".
     *
     * @param  array<int, Contributor>  $contributors
     */
    public static function inMiddle(RunBuilder $line, array $contributors, string $path, string $rule): void
    {
        $count = count($contributors);
        $n = 0;
        foreach ($contributors as $place => $one) {
            $n++;
            if ($n > 1) {
                $line->add($n < $count ? ', ' : ($count === 2 ? ' & ' : ', & '), $rule);
            }
            $line->add(self::direct($one->name), $rule, "{$path}.{$place}");
        }
    }

    public static function direct(Name $name): string
    {
        return match ($name->kind) {
            NameKind::Group => $name->group,
            NameKind::Screen => $name->screen,
            NameKind::Person => Name::join(self::initials($name->given), $name->dropping, $name->surname()).($name->suffix === '' ? '' : ", {$name->suffix}"),
        };
    }

    /** "Jean-Luc Marie" as "J.-L. M."; letters that are initials already keep their stops, others gain them. */
    public static function initials(string $given): string
    {
        $words = preg_split('/[\s.]+/u', str_replace(['‐', '.-'], '-', $given), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $initials = array_map(static function (string $word): string {
            $parts = array_filter(explode('-', $word), static fn (string $part): bool => $part !== '');
            $letters = array_map(static fn (string $part): string => mb_strtoupper((string) grapheme_substr($part, 0, 1)).'.', $parts);

            return implode('-', $letters);
        }, $words);

        return (string) preg_replace('/\s-/', '-', implode(' ', array_filter($initials)));
    }

    /**
     * @param  array<int, Contributor>  $leaders
     * @return array<int, Contributor> all of up to the limit; of more, all but one of them and the last
     */
    private static function shown(array $leaders, int $limit): array
    {
        return count($leaders) <= $limit ? $leaders : array_slice($leaders, 0, $limit - 1, true) + array_slice($leaders, -1, 1, true);
    }

    private static function inverted(RunBuilder $line, Name $name, string $field): void
    {
        match ($name->kind) {
            NameKind::Group => $line->add($name->group, 'apa.author.group', $field),
            NameKind::Screen => self::screen($line, $name, $field),
            NameKind::Person => $line->add(self::turned($name), 'apa.author.inverted', $field),
        };
    }

    private static function turned(Name $name): string
    {
        $given = Name::join(self::initials($name->given), $name->dropping);

        return implode(', ', array_filter([$name->surname(), $given, $name->suffix], static fn (string $part): bool => $part !== ''));
    }

    private static function screen(RunBuilder $line, Name $name, string $field): void
    {
        $real = match (true) {
            $name->group !== '' => $name->group,
            $name->family !== '' => implode(', ', array_filter([$name->family, self::initials($name->given)])),
            default => '',
        };
        $line->add($real === '' ? $name->screen : "{$real} [{$name->screen}]", 'apa.author.screen', $field);
    }

    private static function role(RunBuilder $line, Role $role, int $count, string $field): void
    {
        $label = Wording::leadLabel($role, $count);
        if ($label !== '') {
            $line->add(" ({$label})", 'apa.author.role', $field);
        }
    }
}
