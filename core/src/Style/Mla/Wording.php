<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Text\Letters;

/** MLA's words for roles and dates. */
final class Wording
{
    private const MONTHS = [1 => 'Jan.', 'Feb.', 'Mar.', 'Apr.', 'May', 'June', 'July', 'Aug.', 'Sept.', 'Oct.', 'Nov.', 'Dec.'];

    private const SEASONS = [21 => 'spring', 22 => 'summer', 23 => 'fall', 24 => 'winter'];

    /** "editor", "editors"; '' for those who made the source. */
    public static function leadLabel(Role $role, int $count): string
    {
        $label = match ($role) {
            Role::Editor, Role::Translator, Role::Compiler, Role::Director, Role::Writer, Role::Producer, Role::Host, Role::Narrator, Role::Illustrator, Role::Performer, Role::Conductor, Role::Curator => $role->value,
            Role::ExecutiveProducer => 'executive producer',
            default => '',
        };

        return $label === '' || $role === Role::Performer ? '' : $label.($count > 1 ? 's' : '');
    }

    /** "edited": the deed alone, where it can stand beside another one; '' where it cannot. */
    public static function participle(Role $role): string
    {
        return match ($role) {
            Role::Editor => 'edited',
            Role::Translator => 'translated',
            Role::Compiler => 'compiled',
            Role::Illustrator => 'illustrated',
            Role::Director => 'directed',
            Role::Writer => 'written',
            Role::Producer => 'produced',
            Role::Narrator => 'narrated',
            Role::Conductor => 'conducted',
            Role::Composer => 'composed',
            Role::Creator => 'created',
            default => '',
        };
    }

    /**
     * The words before a name in the middle of an entry, in lower case: "edited by", "edited and translated by".
     *
     * @param  list<Role>  $roles
     */
    public static function by(array $roles, int $count = 1): string
    {
        return count($roles) === 1 ? self::byOne($roles[0], $count) : implode(' and ', array_map(self::participle(...), $roles)).' by';
    }

    private static function byOne(Role $role, int $count): string
    {
        return match ($role) {
            Role::Editor => 'edited by',
            Role::Translator => 'translated by',
            Role::Compiler => 'compiled by',
            Role::Illustrator => 'illustrated by',
            Role::Introduction => 'introduction by',
            Role::Foreword => 'foreword by',
            Role::Afterword => 'afterword by',
            Role::Director => 'directed by',
            Role::Writer => 'screenplay by',
            Role::Producer => 'produced by',
            Role::ExecutiveProducer => $count > 1 ? 'executive producers,' : 'executive producer,',
            Role::Host => 'hosted by',
            Role::Narrator => 'narrated by',
            Role::Performer => $count > 1 ? 'performances by' : 'performance by',
            Role::Conductor => 'conducted by',
            Role::Composer => 'composed by',
            Role::Creator => 'created by',
            Role::Uploader => 'uploaded by',
            Role::Interviewer => 'conducted by',
            Role::Curator => 'curated by',
            Role::ReviewedAuthor, Role::Author, Role::Artist, Role::Photographer, Role::Speaker, Role::Interviewee, Role::Inventor => 'by',
            Role::Recipient => 'received by',
        };
    }

    /** Day, month and year: "4 Mar. 2027"; words that are no date stay as they are. */
    public static function date(PartialDate $date, int $edition = 9): string
    {
        if ($edition < 9 && $date->isSeason()) {
            return Letters::capital(self::date($date));
        }
        if ($date->year === null) {
            return $date->text;
        }
        $start = self::single($date);
        if ($date->end === null) {
            return ($date->circa ? 'circa ' : '').$start;
        }
        if ($date->month === null && $date->end->month === null) {
            return $start.'–'.self::shortYear($date->year, (int) $date->end->year);
        }
        if ($date->year === $date->end->year && $date->day !== null && $date->month === $date->end->month) {
            return $date->day.'–'.self::single($date->end);
        }
        if ($date->year === $date->end->year) {
            return trim(str_replace((string) $date->year, '', $start)).'–'.self::single($date->end);
        }

        return $start.'–'.self::single($date->end);
    }

    private static function single(PartialDate $date): string
    {
        $month = match (true) {
            $date->month === null => '',
            $date->isSeason() => self::SEASONS[$date->month],
            default => self::MONTHS[$date->month],
        };

        return trim(($date->day ?? '').' '.$month.' '.$date->year);
    }

    private static function shortYear(int $from, int $to): string
    {
        return $from >= 1000 && intdiv($from, 100) === intdiv($to, 100) ? sprintf('%02d', $to % 100) : (string) $to;
    }
}
