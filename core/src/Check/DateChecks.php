<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Fix;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Source;

/** Dates that cannot be: impossible days, the future, read before it was published. */
final readonly class DateChecks implements Checks
{
    /** @param  ?int  $today  as YYYYMMDD; dates in the future are not looked at without it */
    public function __construct(private ?int $today)
    {
    }

    public function on(Source $source): array
    {
        $published = $source->date();
        $accessed = $source->accessedOn();
        $original = $source->original->date();
        $issues = [
            $this->date(ContainerField::Date->at(), $published),
            $this->date(FieldPath::accessed(), $accessed),
            $this->date(FieldPath::originalDate(), $original),
        ];
        if ($published->day !== null && $accessed->day !== null && $accessed->ordinal() < $published->ordinal()) {
            $issues[] = new Issue('accessed-before-published', FieldPath::accessed(), 'You read it before it was '
                .'published, going by these two dates. One of them is wrong.');
        }
        if ($original->ordinal() !== null
            && $published->ordinal() !== null
            && $original->ordinal() > $published->ordinal()) {
            $issues[] = new Issue('original-after-reprint', FieldPath::originalDate(), 'It was first published after '
                .'the edition you have, going by these two dates. They may be the wrong way round.');
        }

        return array_values(array_filter($issues));
    }

    private function date(FieldPath $field, PartialDate $date): ?Issue
    {
        $counted = $this->today === null || $date->isDate() ? null : PartialDate::counted($date->text, $this->today);

        return match (true) {
            $counted !== null => new Issue(
                'date-counted',
                $field,
                "“{$date->text}” counts from the day you read it, which the entry does not say.",
                fix: new Fix('Write '.PartialDate::parse($counted)->words(), $counted),
            ),
            preg_match('/^c\d{4}$|©|\(c\)|copyright/iu', $date->text) === 1 => new Issue(
                'date-copyright',
                $field,
                "“{$date->text}” is a copyright line, and its year need not be this source’s. Look for a date near the "
                    .'title; without one, leave the field empty.',
                fix: new Fix('Take it out', ''),
            ),
            $date->problem !== null => new Issue('date-impossible', $field, $date->problem),
            $this->today !== null && $date->ordinal() > $this->today => new Issue(
                'date-future',
                $field,
                "“{$date->words()}” is in the future. Check the year.",
            ),
            default => null,
        };
    }
}
