<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;

/** Which contributors stand where in an MLA entry, grouped by what they did. */
final class Contributions
{
    /** Those who shaped the whole, not the part, though they are named with the part. */
    public const OF_THE_WHOLE = [Role::Uploader, Role::Host, Role::ExecutiveProducer, Role::Creator];

    /** Whether the source's own contributors stand between its title and its container's. */
    public static function standBehindTitle(Source $source): bool
    {
        return $source->container()->title !== '' && $source->kind->containment !== Containment::SelfContained;
    }

    /**
     * Those who do not lead the entry, by role.
     *
     * @param  callable(Role): bool  $wanted
     * @return list<array{list<Role>, array<int, Contributor>}>
     */
    public static function others(Source $source, callable $wanted): array
    {
        $leaders = $source->primaryContributors();
        $others = array_filter(
            $source->contributors,
            static fn (Contributor $one, int $place): bool => ! isset($leaders[$place]) && ! $one->name->isEmpty() && $wanted($one->role),
            ARRAY_FILTER_USE_BOTH,
        );

        return self::byRole($others);
    }

    /**
     * Grouped by what they did; somebody who did two things is named once, with both.
     *
     * @param  array<int, Contributor>  $contributors
     * @return list<array{list<Role>, array<int, Contributor>}>
     */
    public static function byRole(array $contributors): array
    {
        $groups = [];
        foreach ($contributors as $place => $one) {
            if (! $one->name->isEmpty() && $one->role !== Role::Recipient && $one->role !== Role::ReviewedAuthor) {
                $groups[$one->role->value][$place] = $one;
            }
        }

        $merged = [];
        foreach ($groups as $value => $people) {
            $role = Role::from($value);
            $key = Wording::participle($role) === '' ? $value : serialize(array_map(static fn (Contributor $one): array => $one->name->toArray(), array_values($people)));
            $merged[$key] = [[...($merged[$key][0] ?? []), $role], $merged[$key][1] ?? $people];
        }

        return array_values($merged);
    }
}
