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
final readonly class Leaders
{
    /** Who stands there when nobody made the source alone and its kind does not say, best first. */
    private const STAND_INS = [
        [Role::Director], [Role::Host], [Role::ExecutiveProducer, Role::Creator], [Role::Uploader],
    ];

    public function __construct(private Source $source)
    {
    }

    /** @return array<int, Contributor> by their place in the source's contributors */
    public function all(): array
    {
        if ($this->source->kind->containment === Containment::Law) {
            return [];
        }
        if ($this->isTool() && $this->source->container()->publisher !== '') {
            return [new Contributor(Role::Author, Name::group($this->source->container()->publisher))];
        }
        // Who asked the questions wrote the article; who answered is its subject.
        if ($this->source->kind->containment === Containment::InPeriodical
            && $this->source->by(Role::Interviewer) !== []) {
            return $this->source->by(Role::Interviewer);
        }
        $leaders = $this->source->primaryContributors();
        foreach ($leaders === [] ? [...$this->source->kind->standIns, ...self::STAND_INS] : [] as $roles) {
            $leaders = $leaders === [] ? $this->source->by(...$roles) : $leaders;
        }

        return $leaders;
    }

    /** Whether the entry is that of a tool, and not of what the tool made, which nobody can find again. */
    public function isTool(): bool
    {
        return $this->source->kind->citesContainer && $this->source->container()->title !== '';
    }
}
