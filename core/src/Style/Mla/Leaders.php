<?php

declare(strict_types=1);

namespace Bibrel\Core\Style\Mla;

use Bibrel\Core\Source\Containment;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Publishers;
use Bibrel\Core\Source\Source;

/**
 * Those an entry begins with. An organisation that is also the site or the publisher is named
 * there only; the 7th edition names it in both places.
 *
 * Source: MLA Handbook, 9th ed., 5.19; 7th ed., 5.5.5.
 */
final readonly class Leaders
{
    /** What is cited without a publisher, so that nobody can be named there. */
    private const UNPUBLISHED = [Containment::InPeriodical, Containment::Law, Containment::PersonalCommunication];

    /** @param  7|8|9  $edition */
    public function __construct(private Source $source, private int $edition)
    {
    }

    /** @return array<int, Contributor> by their place in the source's contributors */
    public function all(): array
    {
        $leaders = $this->source->primaryContributors();
        $first = reset($leaders);
        if ($this->edition === 7
            || $first === false
            || count($leaders) > 1
            || ! $first->name->isGroup()
            || $this->source->title->isEmpty()) {
            return $leaders;
        }
        $container = $this->source->container();
        $isSite = $this->source->kind->containment === Containment::OnSite
            && Publishers::same($first->name->group, $container->title);
        $isPublisher = ! in_array($this->source->kind->containment, self::UNPUBLISHED, true)
            && Publishers::same($first->name->group, $container->publisher);

        return $isSite || $isPublisher ? [] : $leaders;
    }
}
