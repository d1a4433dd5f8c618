<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Source;

/** What is kept of a reading next to the source it became. */
final class ReadingRecord
{
    /** What stands next to a source that was filled in by hand. */
    public const NONE = ['lead' => '', 'url' => '', 'findings' => [], 'issues' => [], 'dismissed' => []];

    private const LONGEST_COPY = 4000;

    /** @return array{reading: array<string, mixed>, page_copy: list<array{tag: string, text: string}>} */
    public static function of(Reading $reading, string $lead): array
    {
        return [
            'reading' => [
                'lead' => mb_substr($lead, 0, 4000),
                'url' => $reading->url,
                'findings' => array_map(
                    static fn (Finding $finding): array => [
                        ...$finding->toArray(), 'filled' => $reading->fills($finding),
                    ],
                    $reading->findings,
                ),
                'issues' => array_map(static fn (Issue $issue): array => $issue->toArray(), $reading->issues),
                'dismissed' => [],
            ],
            'page_copy' => array_slice($reading->copy, 0, self::LONGEST_COPY),
        ];
    }

    /**
     * The evidence of a book that became the larger whole around a part of it.
     *
     * @param  array<string, mixed>  $reading  as kept next to the book
     * @return array<string, mixed>
     */
    public static function ofPart(array $reading, Source $part): array
    {
        $findings = $reading['findings'];
        [$titles, $authors] = [FieldPath::title()->key, FieldPath::contributors()->key];
        [$title, $people] = [$findings[$titles] ?? null, $findings[$authors] ?? null];
        unset($findings[$titles], $findings[FieldPath::subtitle()->key], $findings[$authors]);
        if ($title !== null) {
            $findings = self::moved($findings, $title, ContainerField::Title->at(), $part);
        }
        if ($people !== null && $part->contributors !== []) {
            $evidence = ['where' => 'Who wrote the book. See whether this part is by the same.'] + $people['evidence'];
            $likely = ['evidence' => $evidence, 'confidence' => Confidence::Likely->value] + $people;
            $findings = self::moved($findings, $likely, FieldPath::contributors(), $part);
        }
        if ($people !== null && $part->has(FieldPath::contributors(0))) {
            $findings = self::moved($findings, $people, FieldPath::contributors(0), $part);
        }

        return ['findings' => $findings, 'dismissed' => [...$reading['dismissed'], 'whole-or-part']] + $reading;
    }

    /**
     * @param  array<string, array<string, mixed>>  $findings
     * @param  array<string, mixed>  $finding  what was found of the book
     * @return array<string, array<string, mixed>> with it as the evidence of what stands at a field of the part
     */
    private static function moved(array $findings, array $finding, FieldPath $field, Source $part): array
    {
        $value = $field->isPeople()
            ? array_map(static fn (Contributor $one): array => $one->toArray(), $part->people($field))
            : $part->text($field);
        $findings[$field->key] = ['field' => $field->key, 'value' => $value, 'alternatives' => []] + $finding;

        return $findings;
    }
}
