<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\NameKind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Text\RunBuilder;

/** Names in APA: all inverted at the head of an entry, initials first inside it. */
final readonly class Names
{
    /** @param  int  $limit  how many are named in full: 20, in the 6th edition 7 */
    public function __construct(private Wording $wording, private int $limit)
    {
    }

    /**
     * All names at the head of an entry, with their roles and without the closing stop.
     *
     * @param  non-empty-array<int, Contributor>  $leaders  by their place in the source's contributors
     */
    public function lead(RunBuilder $line, array $leaders): void
    {
        $shown = $this->shown($leaders);
        $isCut = count($shown) < count($leaders);
        $roles = array_unique(array_map(static fn (Contributor $one): string => $one->role->value, $leaders));
        $first = array_key_first($leaders);
        foreach ($shown as $place => $one) {
            if ($place !== $first && $one->name->isOthers()) {
                $line->add(', et al.', 'apa.author.cut', FieldPath::contributors()->member($place));

                continue;
            }
            if ($place !== $first) {
                $this->between($line, $shown, $place === array_key_last($shown), $isCut);
            }
            $this->inverted($line, $one->name, FieldPath::contributors()->member($place));
            if (count($roles) > 1) {
                $this->role($line, $one->role, 1, FieldPath::contributors()->member($place));
            }
        }
        if (count($roles) === 1) {
            $this->role($line, $leaders[$first]->role, count($leaders), FieldPath::contributors()->member($first));
        }
    }

    /**
     * Names inside an entry: "N. Castellan & P. Ilves".
     *
     * @param  array<int, Contributor>  $contributors
     * @param  FieldPath  $path  the list they stand in
     */
    public function inMiddle(RunBuilder $line, array $contributors, FieldPath $path, string $rule): void
    {
        $count = count($contributors);
        foreach ($contributors as $place => $one) {
            if ($place !== array_key_first($contributors) && $one->name->isOthers()) {
                $line->add(' et al.', $rule, $path->member($place));

                continue;
            }
            if ($place !== array_key_first($contributors)) {
                $isLast = $place === array_key_last($contributors);
                $line->add($isLast ? ($count === 2 ? ' & ' : ', & ') : ', ', $rule);
            }
            $line->add($this->direct($one->name), $rule, $path->member($place));
        }
    }

    public function direct(Name $name): string
    {
        return match ($name->kind) {
            NameKind::Group => $name->group,
            NameKind::Screen => $name->screen,
            NameKind::Person => Name::join($this->initials($name->given), $name->dropping, $name->surname())
                .($name->suffix === '' ? '' : ", {$name->suffix}"),
        };
    }

    /** "Jean-Luc Marie" as "J.-L. M."; letters that are initials already keep their stops, others gain them. */
    public function initials(string $given): string
    {
        $words = preg_split('/[\s.]+/u', str_replace(['‐', '.-'], '-', $given), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $initials = array_map(static function (string $word): string {
            $parts = array_filter(explode('-', $word), static fn (string $part): bool => $part !== '');

            return implode(
                '-',
                array_map(
                    static fn (string $part): string => mb_strtoupper((string) grapheme_substr($part, 0, 1)).'.',
                    $parts,
                ),
            );
        }, $words);

        return (string) preg_replace('/\s-/', '-', implode(' ', array_filter($initials)));
    }

    /** @param  array<int, Contributor>  $shown */
    private function between(RunBuilder $line, array $shown, bool $isLast, bool $isCut): void
    {
        $areGroups = count($shown) === 2
            && array_filter($shown, static fn (Contributor $one): bool => ! $one->name->isGroup()) === [];
        match (true) {
            $isLast && $isCut => $line->add(', . . . ', 'apa.author.many'),
            $isLast => $line->add($areGroups ? ' & ' : ', & ', 'apa.author.and'),
            default => $line->add(', ', 'apa.comma'),
        };
    }

    /**
     * @param  array<int, Contributor>  $leaders
     * @return array<int, Contributor> all of up to the limit; of more, all but one of them and the last
     */
    private function shown(array $leaders): array
    {
        return count($leaders) <= $this->limit
            ? $leaders
            : array_slice($leaders, 0, $this->limit - 1, true) + array_slice($leaders, -1, 1, true);
    }

    private function inverted(RunBuilder $line, Name $name, FieldPath $field): void
    {
        match ($name->kind) {
            NameKind::Group => $line->add($name->group, 'apa.author.group', $field),
            NameKind::Screen => $this->screen($line, $name, $field),
            NameKind::Person => $line->add($this->person($name), 'apa.author.inverted', $field),
        };
    }

    private function person(Name $name): string
    {
        $given = Name::join($this->initials($name->given), $name->dropping);

        return implode(
            ', ',
            array_filter([$name->surname(), $given, $name->suffix], static fn (string $part): bool => $part !== ''),
        );
    }

    private function screen(RunBuilder $line, Name $name, FieldPath $field): void
    {
        $real = match (true) {
            $name->group !== '' => $name->group,
            $name->family !== '' => implode(', ', array_filter([$name->family, $this->initials($name->given)])),
            default => '',
        };
        $line->add($real === '' ? $name->screen : "{$real} [{$name->screen}]", 'apa.author.screen', $field);
    }

    private function role(RunBuilder $line, Role $role, int $count, FieldPath $field): void
    {
        $label = $this->wording->leadLabel($role, $count);
        if ($label !== '') {
            $line->add(" ({$label})", 'apa.author.role', $field);
        }
    }
}
