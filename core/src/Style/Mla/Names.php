<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\NameKind;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Text\RunBuilder;

/** Names in MLA: the first at the head of an entry inverted, all others as one says them. */
final readonly class Names
{
    /** @param  7|8|9  $edition */
    public function __construct(private Wording $wording, private int $edition)
    {
    }

    /**
     * The names at the head of an entry, with the word for their role and without the closing stop.
     *
     * @param  non-empty-array<int, Contributor>  $leaders  by their place in the source's contributors
     */
    public function lead(RunBuilder $line, array $leaders): void
    {
        $first = array_key_first($leaders);
        $path = FieldPath::contributors();
        $this->inverted($line, $leaders[$first]->name, $path->member($first));
        match (true) {
            end($leaders)->name->isOthers() && count($leaders) > 1 => $line->add(', et al.', 'mla.author.many', $path),
            count($leaders) === 2 => $this->second(
                $line,
                $leaders[$first]->name,
                end($leaders)->name,
                $path->member((int) array_key_last($leaders)),
            ),
            // The 7th edition names up to three.
            count($leaders) === 3 && $this->edition === 7 => $this->three($line, array_slice($leaders, 1, null, true)),
            count($leaders) > 2 => $line->add(', et al.', 'mla.author.many', $path),
            default => null,
        };
        $this->role($line, $leaders[$first]->role, count($leaders), $path->member($first));
    }

    /**
     * Three hyphens for the names of the entry before, with this entry's word for the role.
     *
     * @param  non-empty-array<int, Contributor>  $leaders
     */
    public function repeated(RunBuilder $line, array $leaders): void
    {
        $first = array_key_first($leaders);
        $field = FieldPath::contributors()->member($first);
        $line->add('---', 'mla.author.repeated', $field);
        $this->role($line, $leaders[$first]->role, count($leaders), $field);
    }

    /**
     * Names in the middle of an entry: one, two joined by "and", or the first and "et al.".
     *
     * @param  non-empty-array<int, Contributor>  $contributors
     * @param  FieldPath  $path  the list they stand in
     */
    public function inMiddle(RunBuilder $line, array $contributors, FieldPath $path, string $rule): void
    {
        $first = array_key_first($contributors);
        $last = array_key_last($contributors);
        $line->add($this->direct($contributors[$first]->name), $rule, $path->member($first));
        if (count($contributors) === 2 && ! $contributors[$last]->name->isOthers()) {
            $line->add(' and ', $rule)->add($this->direct($contributors[$last]->name), $rule, $path->member($last));
        } elseif (count($contributors) > 1) {
            $line->add(' et al.', $rule, $path);
        }
    }

    public function direct(Name $name): string
    {
        if (! $name->isScreen()) {
            return $name->direct();
        }
        $real = $name->group !== '' ? $name->group : Name::join($name->given, $name->family);

        return $real === '' ? $name->screen : "{$real} [{$name->screen}]";
    }

    private function second(RunBuilder $line, Name $first, Name $second, FieldPath $field): void
    {
        // The comma belongs to the inverted name before it.
        $isInverted = str_contains($line->text(), ',') && ! $first->isGroup();
        $rule = match ($second->kind) {
            NameKind::Group => 'mla.author.group',
            NameKind::Screen => 'mla.author.screen',
            NameKind::Person => 'mla.author.two',
        };
        $line->add($isInverted ? ', and ' : ' and ', 'mla.author.two')->add($this->direct($second), $rule, $field);
    }

    /** @param  array<int, Contributor>  $others  the second and the third */
    private function three(RunBuilder $line, array $others): void
    {
        foreach ($others as $place => $one) {
            $line->add($place === array_key_last($others) ? ', and ' : ', ', 'mla.author.two')
                ->add($this->direct($one->name), 'mla.author.two', FieldPath::contributors()->member($place));
        }
    }

    private function inverted(RunBuilder $line, Name $name, FieldPath $field): void
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

    private static function screen(RunBuilder $line, Name $name, FieldPath $field): void
    {
        $real = match (true) {
            $name->group !== '' => $name->group,
            $name->family !== '' && $name->given !== '' => "{$name->family}, {$name->given}",
            default => $name->family,
        };
        $line->add($real === '' ? $name->screen : "{$real} [{$name->screen}]", 'mla.author.screen', $field);
    }

    private static function person(RunBuilder $line, Name $name, FieldPath $field): void
    {
        if ($name->given === '' || $name->familyFirst) {
            $line->add($name->direct(), 'mla.author.unturned', $field);

            return;
        }
        $given = Name::join($name->given, $name->dropping);
        $suffix = $name->suffix === '' ? '' : ", {$name->suffix}";
        $line->add("{$name->surname()}, {$given}{$suffix}", 'mla.author.inverted', $field);
    }

    private function role(RunBuilder $line, Role $role, int $count, FieldPath $field): void
    {
        $label = $this->wording->leadLabel($role, $count);
        if ($label !== '') {
            $line->add(", {$label}", 'mla.author.role', $field);
        }
    }
}
