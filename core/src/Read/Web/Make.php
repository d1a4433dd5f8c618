<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Bylines;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\DateLine;
use Bibrel\Core\Read\DateOf;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Text;

/** Makes findings, and none where there is nothing to find. */
final class Make
{
    /** @return list<Finding> */
    public static function text(FieldPath $field, string $value, string $where, Confidence $confidence, bool $visible = false): array
    {
        $value = Text::line($value);

        return $value === '' ? [] : [new Finding($field, $value, new Evidence($where, $value, $visible), $confidence)];
    }

    /**
     * Who published something, without the marks libraries put around it: "Fennmouth : Low Press," is "Low Press".
     *
     * @return list<Finding>
     */
    public static function publisher(string $value, string $where, Confidence $confidence, bool $visible = false): array
    {
        $name = trim((string) preg_replace(['/^[^:]{2,40}\s:\s+/u', '/,\s*c?\d{4}\.?$|\s*\([^()]*\d{4}\)$/u'], '', Text::line($value)), ' ,;:[]');

        return $name === '' ? [] : [new Finding(ContainerField::Publisher->at(), $name, new Evidence($where, Text::line($value), $visible), $confidence)];
    }

    /**
     * @param  string  $locale  the page's, as "en-US", which tells whether the day or the month stands first
     * @return list<Finding>
     */
    public static function date(string $value, string $where, Confidence $confidence, bool $visible = false, DateOf $of = DateOf::Publication, string $locale = ''): array
    {
        // Libraries write "c2012.", "[2012]", "[1908 June]" and "Date issued: 1911".
        $date = (new DateLine((string) preg_replace(['/^date [\p{L}]+:\s*(.+)$/iu', '/^\[(.+)\]$/u', '/^©?\s*[cp]?(\d{4})\.?$/u'], '$1', Text::line($value))))->date($locale);

        return $date->isDate() ? [new Finding(ContainerField::Date->at(), $date->words(), new Evidence($where, Text::line($value), $visible), $confidence, dateOf: $of)] : [];
    }

    /**
     * @param  list<?Contributor>  $people
     * @return list<Finding>
     */
    public static function people(array $people, string $where, Confidence $confidence, string $text = '', bool $visible = false): array
    {
        $own = [];
        foreach (array_filter($people) as $one) {
            $own[$one->role->value.'|'.mb_strtolower($one->name->direct())] ??= $one;
        }
        $people = array_values($own);

        return $people === [] ? [] : [new Finding(FieldPath::contributors(), $people, new Evidence($where, $text, $visible), $confidence)];
    }

    /** A name as sites for talk show it: one word, or small letters throughout, is a screen name. */
    public static function online(Name $name): Name
    {
        $shown = $name->direct();

        return ! $name->isScreen() && ($name->given === '' && ! $name->isGroup() || mb_strtolower($shown) === $shown) ? Name::screen($shown) : $name;
    }

    /** @return list<Finding> the people a visible line names, all of one role */
    public static function role(Role $role, string $line, string $where): array
    {
        $people = array_map(static fn (Contributor $one): Contributor => new Contributor($role, $one->name), Bylines::contributors($line));

        return self::people($people, $where, Confidence::Likely, $line, true);
    }

    /** @return list<Finding> */
    public static function byline(string $text, string $where, Confidence $confidence, bool $visible = false): array
    {
        return self::people(Bylines::contributors($text), $where, $confidence, Text::line($text), $visible);
    }
}
