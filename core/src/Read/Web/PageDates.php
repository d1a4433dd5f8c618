<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\DateOf;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Source\ContainerField;

/** Which of a page's dates dates the source: when it was published, made or last changed, by its kind. */
final class PageDates
{
    private const PICTURES = ['photograph', 'artwork', 'map', 'illustration'];

    /**
     * A picture is dated by the day it was made, and the day it was put up is offered next to it. What anybody may change is
     * dated by its last change, not by when somebody began it; anything else is not.
     *
     * @param  array<string, list<Finding>>  $found  by field
     * @return array<string, list<Finding>> with the one that dates the source first
     */
    public static function resolve(array $found, string $kind): array
    {
        $dated = $found[ContainerField::Date->at()->key] ?? [];
        $of = static fn (DateOf $of): array => array_values(array_filter($dated, static fn (Finding $one): bool => $one->dateOf === $of));
        [$dates, $made, $changed] = [$of(DateOf::Publication), $of(DateOf::Making), $of(DateOf::Change)];
        $found[ContainerField::Date->at()->key] = match (true) {
            $kind === 'wiki-entry' => [...array_map(self::lastChange(...), $changed), ...array_map(self::begun(...), [...$dates, ...$made])],
            $made !== [] && in_array($kind, self::PICTURES, true) => [...$made, ...array_map(self::putUp(...), $dates), ...$changed],
            default => [...$dates, ...$made, ...$changed],
        };

        return $found;
    }

    private static function lastChange(Finding $date): Finding
    {
        return new Finding($date->field, $date->value, new Evidence('When the entry was last changed, which dates an entry in a wiki.', $date->evidence->text, $date->evidence->visible), Confidence::Likely);
    }

    private static function begun(Finding $date): Finding
    {
        return $date->evidence->visible ? $date : $date->withConfidence(Confidence::Guess);
    }

    private static function putUp(Finding $date): Finding
    {
        return $date->confidence === Confidence::Stated ? $date : $date->withConfidence(Confidence::Guess);
    }
}
