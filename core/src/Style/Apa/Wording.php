<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Role;

/** APA's words for roles and dates. */
final class Wording
{
    private const MONTHS = [1 => 'January', 'February', 'March', 'April', 'May', 'June', 'July', 'August', 'September', 'October', 'November', 'December'];

    /** "Ed.", "Eds.", "Director"; '' for those who made the source. */
    public static function leadLabel(Role $role, int $count): string
    {
        $several = $count > 1 ? 's' : '';

        return match ($role) {
            Role::Editor => $count > 1 ? 'Eds.' : 'Ed.',
            Role::Translator => 'Trans.',
            Role::Compiler => $count > 1 ? 'Comps.' : 'Comp.',
            Role::Director, Role::Writer, Role::Producer, Role::Host => ucfirst($role->value).$several,
            Role::ExecutiveProducer => 'Executive Producer'.$several,
            Role::Narrator => 'Narr.',
            default => '',
        };
    }

    /** What stands behind a name in the parentheses after a title: "Trans."; '' where APA does not name the role. */
    public static function behind(Role $role, int $count): string
    {
        return match ($role) {
            Role::Translator => 'Trans.',
            Role::Editor => $count > 1 ? 'Eds.' : 'Ed.',
            Role::Illustrator => 'Illus.',
            Role::Narrator => 'Narr.',
            default => '',
        };
    }

    /** What stands in the entry's date parentheses. */
    public static function entryDate(PartialDate $date, bool $toTheDay): string
    {
        if ($date->year === null) {
            return $date->text;
        }
        if ($date->circa) {
            return "ca. {$date->year}";
        }
        if ($date->end !== null && ($date->end->year !== $date->year || ! $toTheDay)) {
            return $date->end->year === $date->year ? (string) $date->year : "{$date->year}–{$date->end->year}";
        }
        if (! $toTheDay || $date->month === null) {
            return (string) $date->year;
        }
        $start = self::monthDay($date);
        $end = $date->end === null ? '' : '–'.($date->end->month === $date->month ? (string) $date->end->day : self::monthDay($date->end));

        return "{$date->year}, {$start}{$end}";
    }

    /** The year as it stands in an in-text citation. */
    public static function year(PartialDate $date): string
    {
        return self::entryDate($date, false);
    }

    /** "March 4, 2027" */
    public static function running(PartialDate $date): string
    {
        if ($date->year === null || $date->month === null) {
            return $date->year === null ? $date->text : (string) $date->year;
        }

        return self::monthDay($date).($date->day === null ? ' ' : ', ').$date->year;
    }

    private static function monthDay(PartialDate $date): string
    {
        $month = isset(PartialDate::SEASONS[$date->month]) ? PartialDate::SEASONS[$date->month] : self::MONTHS[(int) $date->month];

        return $date->day === null ? $month : "{$month} {$date->day}";
    }
}
