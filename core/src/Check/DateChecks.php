<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\Source;

/** Dates that cannot be: impossible days, the future, read before it was published. */
final readonly class DateChecks implements Checks
{
    public function __construct(private ?int $today)
    {
    }

    public function on(Source $source): array
    {
        $points = [];
        $published = $source->date();
        $accessed = $source->accessedOn();
        foreach (['containers.0.date' => $published, 'accessed' => $accessed, 'original.date' => $source->original->date()] as $field => $date) {
            if (preg_match('/©|\(c\)|copyright/iu', $date->text) === 1) {
                $points[] = new Point('date-copyright', $field, "“{$date->text}” is a copyright line, and its year need not be this source’s. Look for a date near the title; without one, leave the field empty.", '', 'Take it out', '');
            } elseif ($date->problem !== null) {
                $points[] = new Point('date-impossible', $field, $date->problem);
            } elseif ($this->today !== null && $date->ordinal() !== null && $date->ordinal() > $this->today) {
                $points[] = new Point('date-future', $field, "“{$date->words()}” is in the future. Check the year.");
            }
        }
        if ($published->day !== null && $accessed->day !== null && $accessed->ordinal() < $published->ordinal()) {
            $points[] = new Point('accessed-before-published', 'accessed', 'You read it before it was published, going by these two dates. One of them is wrong.');
        }
        $original = $source->original->date()->ordinal();
        if ($original !== null && $published->ordinal() !== null && $original > $published->ordinal()) {
            $points[] = new Point('original-after-reprint', 'original.date', 'It was first published after the edition you have, going by these two dates. They may be the wrong way round.');
        }

        return $points;
    }
}
