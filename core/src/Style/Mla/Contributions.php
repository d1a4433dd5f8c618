<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;

/** Which contributors stand where in an MLA entry, grouped by what they did. */
final readonly class Contributions
{
    /** Those who shaped the whole, not the part, though they are named with the part. */
    private const OF_THE_WHOLE = [Role::Uploader, Role::Host, Role::ExecutiveProducer, Role::Creator];

    /** Whom no entry names among those who helped: they stand in the description or the title. */
    private const ELSEWHERE = [Role::Recipient, Role::ReviewedAuthor];

    public function __construct(private Source $source, private Wording $wording)
    {
    }

    /** Whether the source's own contributors stand between its title and its container's. */
    public function standAfterTitle(): bool
    {
        return $this->source->container()->title !== ''
            && $this->source->kind->containment !== Containment::SelfContained;
    }

    /** @return list<array{list<Role>, non-empty-array<int, Contributor>}> those between the title and the container */
    public function ofThePart(): array
    {
        return $this->standAfterTitle()
            ? $this->others(static fn (Role $role): bool => ! self::isOfTheWhole($role))
            : [];
    }

    /** @return list<array{list<Role>, non-empty-array<int, Contributor>}> those in the container's own place */
    public function inContainer(): array
    {
        return $this->others($this->standAfterTitle() ? self::isOfTheWhole(...) : static fn (): bool => true);
    }

    /** @return list<array{list<Role>, non-empty-array<int, Contributor>}> all who do not lead the entry, by role */
    public function all(): array
    {
        return $this->byRole(array_diff_key($this->source->printed(), $this->source->primaryContributors()));
    }

    /**
     * Grouped by what they did; somebody who did two things is named once, with both.
     *
     * @param  array<int, Contributor>  $contributors
     * @return list<array{list<Role>, non-empty-array<int, Contributor>}>
     */
    public function byRole(array $contributors): array
    {
        $groups = [];
        foreach ($contributors as $place => $one) {
            if (! $one->name->isEmpty() && ! in_array($one->role, self::ELSEWHERE, true)) {
                $groups[$one->role->value][$place] = $one;
            }
        }
        $merged = [];
        foreach ($groups as $value => $people) {
            $role = Role::from($value);
            $key = $this->wording->deed($role) === ''
                ? $value
                : implode("\x1E", array_map(static fn (Contributor $one): string => $one->name->key(), $people));
            $merged[$key] = [[...($merged[$key][0] ?? []), $role], $merged[$key][1] ?? $people];
        }

        return array_values($merged);
    }

    /**
     * @param  callable(Role): bool  $wanted
     * @return list<array{list<Role>, non-empty-array<int, Contributor>}>
     */
    private function others(callable $wanted): array
    {
        $others = array_diff_key($this->source->printed(), $this->source->primaryContributors());

        return $others === []
            ? []
            : $this->byRole(array_filter($others, static fn (Contributor $one): bool => $wanted($one->role)));
    }

    private static function isOfTheWhole(Role $role): bool
    {
        return in_array($role, self::OF_THE_WHOLE, true);
    }
}
