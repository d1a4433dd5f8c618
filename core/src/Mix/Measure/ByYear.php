<?php

declare(strict_types=1);

namespace Bibrel\Core\Mix\Measure;

use Bibrel\Core\Mix\Measure;
use Bibrel\Core\Source\Source;

/** How old they are, in steps that grow with age: the years teachers ask about are the last ones. */
final readonly class ByYear implements Measure
{
    /** Years a source of a sort is at most old. */
    private const AGES = [1, 5, 10, 25, 50];

    private const OLDER = 'older';

    /** @param  int  $thisYear  by the student's calendar */
    public function __construct(private int $thisYear)
    {
    }

    public function id(): string
    {
        return 'year';
    }

    public function label(): string
    {
        return 'When they came out';
    }

    public function sorts(): array
    {
        $sorts = [];
        $newest = $this->thisYear;
        foreach (self::AGES as $age) {
            $oldest = $this->thisYear - $age;
            $sorts["age-{$age}"] = $oldest === $newest ? "{$newest}" : "{$oldest} to {$newest}";
            $newest = $oldest - 1;
        }

        return $sorts + [self::OLDER => 'Before '.($newest + 1), '' => 'No date'];
    }

    public function of(Source $source): string
    {
        $year = $source->date()->year;
        if ($year === null) {
            return '';
        }
        foreach (self::AGES as $age) {
            if ($year >= $this->thisYear - $age) {
                return "age-{$age}";
            }
        }

        return self::OLDER;
    }
}
