<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Source\Name;

/**
 * What stands after the title of an MLA entry, a sentence at a time: the work's own date, what is reviewed, people, and
 * the containers (MLA Handbook, 9th ed., 5.31).
 */
final class MlaAfterTitle
{
    private const REVIEW = '/^(?:Review|Rev\.) of (.+?)(?:, by ([^,]+?))?(?:,\s+(\p{Lu}.*\d{4}.*))?$/u';

    private const MOST_CONTAINERS = 3;

    /** @var list<array<string, mixed>> */
    private array $containers = [];

    private string $kind = '';

    /** The date that stands alone before any container. */
    private string $original = '';

    /**
     * @param  array<string, mixed>  $source  what was read so far
     * @param  bool  $isQuoted  whether the title stood in quotation marks
     * @param  array<string, string>  $forms  words that say what it is, and the kinds they tell
     */
    public function __construct(
        private array $source,
        private bool $isQuoted,
        private readonly bool $isOnline,
        private readonly array $forms,
    ) {
    }

    /**
     * @param  list<string>  $sentences
     * @return array<string, mixed> the source with its containers, at least one, and the kind they speak for
     */
    public function read(array $sentences): array
    {
        foreach ($sentences as $sentence) {
            $said = rtrim($sentence, '. ');
            $said = preg_match('/\b(?:ed|Inc|Co|Ltd)$/u', $said) === 1 ? "{$said}." : $said;
            $isFirst = $this->containers === [];
            if ($isFirst && count($sentences) > 1 && CitedDate::is($said)) {
                $this->original = CitedDate::text($said);
            } elseif ($isFirst && isset($this->forms[$said])) {
                $this->kind = $this->forms[$said];
            } else {
                $this->element($isFirst ? $this->withoutReview($said) : $said);
            }
        }
        $this->containers = $this->containers === [] ? [[]] : array_slice($this->containers, 0, self::MOST_CONTAINERS);
        $this->place($this->original);

        return [...$this->source, 'kind' => $this->kind, 'containers' => $this->containers];
    }

    /** Takes what is reviewed out of a sentence; the rest of it is a container. */
    private function withoutReview(string $said): string
    {
        if (preg_match(self::REVIEW, $said, $m) !== 1) {
            return $said;
        }
        $this->source['subject'] = $m[1];
        $this->kind = 'review';
        if (($m[2] ?? '') !== '') {
            $this->source['contributors'][] = ['role' => 'reviewed-author', 'name' => Name::parse($m[2])->toArray()];
        }

        return $m[3] ?? '';
    }

    private function element(string $said): void
    {
        if ($said === '') {
            return;
        }
        if (preg_match('/^Special issue of (.+)$/u', $said, $m) === 1) {
            [$said, $this->kind, $this->isQuoted] = [$m[1], 'special-issue', true];
        }
        $container = MlaContainer::parse($said, $this->hasContainerTitle($said));
        if ($container->isOnlyPeople()) {
            // After a whole book its helpers stand in a sentence of their own, or with its publisher.
            $this->addPeople($container->people);

            return;
        }
        $isFirst = $this->containers === [];
        $this->kind = $this->kind === '' && $isFirst ? $container->kind : $this->kind;
        $this->source['genre'] = $container->genre ?: ($this->source['genre'] ?? '');
        $fields = $container->fields;
        if ($isFirst && $this->madeTheWhole($container->people)) {
            $fields['contributors'] = $container->people;
        } else {
            $this->addPeople($container->people);
        }
        $this->containers[] = $fields;
    }

    /** @param  list<array<string, mixed>>  $people */
    private function addPeople(array $people): void
    {
        $this->source['contributors'] = [...$this->source['contributors'], ...$people];
    }

    /** Whether the first element of a container is the name of a larger whole, and not the publisher. */
    private function hasContainerTitle(string $said): bool
    {
        $title = $this->source['title']['main'];
        $isDatedOnSite = $this->original !== ''
            && $this->isOnline
            && preg_match('/(?:dissertation|thesis)$/iu', $said) !== 1;

        return $this->isQuoted || $this->containers !== [] || $isDatedOnSite
            || MlaTitle::isPart($title) || MlaTitle::isCase($title);
    }

    /**
     * Whether those named in a container made it, and not the part of it that is cited.
     *
     * @param  list<array<string, mixed>>  $people
     */
    private function madeTheWhole(array $people): bool
    {
        return $this->kind === 'chapter'
            || $this->isQuoted && in_array('editor', array_column($people, 'role'), true)
            || MlaTitle::isPart($this->source['title']['main']);
    }

    /** A work seen on a site, and a thesis, have their own date before the site or the university. */
    private function place(string $original): void
    {
        if ($original === '') {
            return;
        }
        if (($this->containers[0]['date'] ?? '') !== '') {
            $this->source['original'] = ['date' => $original];

            return;
        }
        $this->containers[0]['date'] = $original;
        if ($this->kind === '' && ! $this->isQuoted && $this->isOnline && isset($this->containers[0]['title'])) {
            $this->kind = 'artwork';
        }
    }
}
