<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;

/** Which of a page's dates dates the source: when it was published, made or last changed, by its kind. */
final class PageDates
{
    private const PICTURES = ['photograph', 'artwork', 'map', 'illustration'];

    /**
     * A picture is dated by the day it was made, and the day it was put up is offered beside it. What anybody may change is
     * dated by its last change, not by when somebody began it; anything else is not.
     *
     * @param  array<string, list<Finding>>  $found  by field; clues tell days of making as `made`, of a change as `changed`
     * @return array<string, list<Finding>> with `containers.0.date` alone
     */
    public static function resolve(array $found, string $kind): array
    {
        $as = static fn (string $field): array => array_map(static fn (Finding $one): Finding => new Finding('containers.0.date', $one->value, $one->evidence, $one->confidence), $found[$field] ?? []);
        [$dates, $made, $changed] = [$found['containers.0.date'] ?? [], $as('made'), $as('changed')];
        unset($found['made'], $found['changed']);
        $found['containers.0.date'] = match (true) {
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
