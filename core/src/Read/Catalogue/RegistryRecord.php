<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Catalogue;

use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Evidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Read\SiteTitle;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Source\Text;

/** What a DOI registry knows of a work, as CSL-JSON, read into findings. */
final readonly class RegistryRecord
{
    private const WHERE = 'From the DOI registry.';

    /** What registries say for their own purposes. */
    private const THEIRS = [
        'source', 'indexed', 'reference', 'references-count', 'reference-count', 'is-referenced-by-count', 'score',
        'member', 'prefix', 'deposited', 'created', 'license', 'link', 'content-domain', 'relation', 'resource',
        'published', 'published-print', 'published-online', 'journal-issue', 'alternative-id', 'update-policy',
        'funder', 'assertion', 'issn-type',
    ];

    /** @param  array<string, mixed>  $item */
    public function __construct(private array $item)
    {
    }

    public function doi(): string
    {
        return Text::of($this->item, 'DOI');
    }

    public function reading(): Reading
    {
        $item = array_diff_key($this->item, array_flip(self::THEIRS));
        // The address a registry gives is the DOI again.
        unset($item['URL']);
        $source = (new CslJson)->source($item);
        $reading = Reading::of($source, self::WHERE);
        $findings = [
            FieldPath::kind()->key => new Finding(FieldPath::kind(), $source->kind->id, new Evidence(self::WHERE), Confidence::Stated),
            ...$reading->findings,
        ];
        if (isset($findings[FieldPath::title()->key]) && is_string($findings[FieldPath::title()->key]->value)) {
            $found = $findings[FieldPath::title()->key]->value;
            $tidy = SiteTitle::tidy(
                (string) preg_replace('/(?<=[\p{Ll}\d]{3})\.$/u', '', $found),
                [$source->container()->title],
            );
            $findings[FieldPath::title()->key] = new Finding(
                FieldPath::title(),
                $tidy->title,
                new Evidence(
                    self::WHERE.($tidy->lowered ? ' It stands in capitals there; check names and abbreviations.' : ''),
                    $found,
                ),
                $tidy->lowered ? Confidence::Likely : Confidence::Stated,
            );
        }

        return new Reading($reading->kind, '', $findings, [], [], $reading->base);
    }

    /** What tells this work from others: where it appeared and when. */
    public function particulars(): string
    {
        $source = $this->source();
        $container = $source->container();

        return implode(' · ', array_filter([
            $source->kind->label,
            $container->title !== '' ? $container->title : $container->publisher,
            $container->volume === ''
                ? ''
                : "vol. {$container->volume}".($container->issue === '' ? '' : ", no. {$container->issue}"),
            (string) ($source->date()->year ?? ''),
        ], static fn (string $part): bool => $part !== ''));
    }

    public function source(): Source
    {
        return $this->reading()->source();
    }

    /** @return list<string> who made it, for telling candidates apart */
    public function people(): array
    {
        return array_map(static fn (Contributor $one): string => $one->name->direct(), $this->source()->contributors);
    }
}
