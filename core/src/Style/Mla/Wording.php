<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\RoleWords;
use Bibrel\Core\Text\Letters;
use Bibrel\Core\Text\Vocabulary;

/** An MLA edition's words for roles and dates. */
final readonly class Wording
{
    private RoleWords $roles;

    /** @param  7|8|9  $edition */
    public function __construct(private int $edition)
    {
        $this->roles = RoleWords::all();
    }

    /** What stands after the names at the head of an entry: "editor", "editors"; '' for those who made the source. */
    public function leadLabel(Role $role, int $count): string
    {
        return $this->roles->word($role, $this->edition === 7 ? 'lead7' : 'lead', $count);
    }

    /** "edited": the deed alone, where it can stand next to another one; '' where it cannot. */
    public function deed(Role $role): string
    {
        return $this->roles->word($role, 'deed');
    }

    /**
     * The words before a name in the middle of an entry, in small letters: "edited by", "edited and translated by".
     *
     * @param  list<Role>  $roles
     */
    public function by(array $roles, int $count = 1): string
    {
        return count($roles) === 1
            ? $this->roles->word($roles[0], 'by', $count)
            : implode(' and ', array_map($this->deed(...), $roles)).' by';
    }

    /**
     * The same in the 7th edition: "Ed.", "Ed. and trans."
     *
     * @param  list<Role>  $roles
     */
    public function byShort(array $roles, int $count): string
    {
        $short = fn (Role $role): string => $this->roles->word($role, 'by7')
            ?: Letters::capital($this->by([$role], $count));

        return Letters::capital(mb_strtolower(implode(' and ', array_map($short, $roles))));
    }

    /** Day, month and year: "4 Mar. 2027"; words that are no date stay as they are. */
    public function date(PartialDate $date): string
    {
        return match (true) {
            $this->edition < 9 && $date->isSeason() => Letters::capital($this->span($date)),
            $date->year === null => $date->text,
            default => $this->span($date),
        };
    }

    private function span(PartialDate $date): string
    {
        $start = $this->single($date);
        $end = $date->end;

        return match (true) {
            $end === null => ($date->circa ? 'circa ' : '').$start,
            $date->month === null && $end->month === null => $start.'–'.self::shortYear((int) $date->year, (int) $end->year),
            $date->year !== $end->year => $start.'–'.$this->single($end),
            $date->day !== null && $date->month === $end->month => $date->day.'–'.$this->single($end),
            default => trim(str_replace((string) $date->year, '', $start)).'–'.$this->single($end),
        };
    }

    private function single(PartialDate $date): string
    {
        $month = match (true) {
            $date->month === null => '',
            $date->isSeason() => mb_strtolower(Vocabulary::all()->monthName($date->month)),
            default => Vocabulary::all()->printedMonth('mla', $date->month),
        };

        return trim(($date->day ?? '').' '.$month.' '.($date->year < 0 ? -$date->year.' BCE' : $date->year));
    }

    private static function shortYear(int $from, int $to): string
    {
        return $from >= 1000 && intdiv($from, 100) === intdiv($to, 100) ? sprintf('%02d', $to % 100) : (string) $to;
    }
}
