<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Apa;

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Name;
use Bibrel\Core\Source\Role;
use Bibrel\Core\Source\Source;

/**
 * Those in an entry's author place: whoever made the source, or the one most responsible for it.
 *
 * Source: APA Publication Manual, 7th ed., 9.7 and table 10.1.
 */
final class Leaders
{
    /** Who stands there when nobody made the source alone and its kind does not say, best first. */
    private const STAND_INS = [
        [Role::Director], [Role::Host], [Role::ExecutiveProducer, Role::Creator], [Role::Uploader],
    ];

    /** @return array<int, Contributor> by their place in the source's contributors */
    public static function of(Source $source): array
    {
        if ($source->kind->containment === Containment::Law) {
            return [];
        }
        if (self::isTool($source) && $source->container()->publisher !== '') {
            return [new Contributor(Role::Author, Name::group($source->container()->publisher))];
        }
        // Who asked the questions wrote the article; who answered is its subject.
        if ($source->kind->containment === Containment::InPeriodical && $source->by(Role::Interviewer) !== []) {
            return $source->by(Role::Interviewer);
        }
        $leaders = $source->primaryContributors();
        foreach ($leaders === [] ? [...$source->kind->standIns, ...self::STAND_INS] : [] as $roles) {
            $leaders = $leaders === [] ? $source->by(...$roles) : $leaders;
        }

        return $leaders;
    }

    /** Whether the entry is that of a tool, and not of what the tool made, which nobody can find again. */
    public static function isTool(Source $source): bool
    {
        return $source->kind->citesContainer && $source->container()->title !== '';
    }
}
