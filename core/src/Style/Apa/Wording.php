<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\RoleWords;
use Bibrel\Core\Text\Vocabulary;

/** APA's words for roles and dates. */
final readonly class Wording
{
    private RoleWords $roles;

    public function __construct()
    {
        $this->roles = RoleWords::all();
    }

    /** "Ed.", "Eds.", "Director"; '' for those who made the source. */
    public function leadLabel(Role $role, int $count): string
    {
        return $this->roles->word($role, 'apaLead', $count);
    }

    /** What stands after a name in the parentheses after a title: "Trans."; '' where APA does not name the role. */
    public function afterName(Role $role, int $count): string
    {
        return $this->roles->word($role, 'apaAfter', $count);
    }

    /** What stands in the entry's date parentheses. */
    public function entryDate(PartialDate $date, bool $toTheDay): string
    {
        $end = $date->end;

        return match (true) {
            $date->year === null => $date->text,
            $date->year < 0 => ($date->circa ? 'ca. ' : '').-$date->year.' B.C.E.',
            $date->circa => "ca. {$date->year}",
            $end !== null && $end->year !== $date->year => "{$date->year}–{$end->year}",
            ! $toTheDay || $date->month === null => (string) $date->year,
            default => "{$date->year}, {$this->monthDay($date)}".($end === null ? '' : '–'.$this->spanEnd($date, $end)),
        };
    }

    /** The year as it stands in an in-text citation. */
    public function year(PartialDate $date): string
    {
        return $this->entryDate($date, false);
    }

    /** "March 4, 2027" */
    public function running(PartialDate $date): string
    {
        if ($date->year === null || $date->month === null) {
            return $date->year === null ? $date->text : (string) $date->year;
        }

        return $this->monthDay($date).($date->day === null ? ' ' : ', ').$date->year;
    }

    private function spanEnd(PartialDate $date, PartialDate $end): string
    {
        return $end->month === $date->month ? (string) $end->day : $this->monthDay($end);
    }

    private function monthDay(PartialDate $date): string
    {
        $month = Vocabulary::all()->monthName((int) $date->month);

        return $date->day === null ? $month : "{$month} {$date->day}";
    }
}
