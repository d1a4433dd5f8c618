<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Read\Remark;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Source;

/** What is kept of a reading beside the source it became. */
final class ReadingRecord
{
    private const LONGEST_COPY = 4000;

    /** @return array{reading: array<string, mixed>, page_copy: list<array{tag: string, text: string}>} */
    public static function of(Reading $reading, string $lead): array
    {
        return [
            'reading' => [
                'lead' => mb_substr($lead, 0, 4000),
                'url' => $reading->url,
                'findings' => array_map(static fn (Finding $finding): array => [...$finding->toArray(), 'filled' => $reading->fills($finding)], $reading->findings),
                'remarks' => array_map(static fn (Remark $remark): array => $remark->toArray(), $reading->remarks),
                'settled' => [],
            ],
            'page_copy' => array_slice($reading->copy, 0, self::LONGEST_COPY),
        ];
    }

    /**
     * The evidence of a book that became the larger whole around a part of it.
     *
     * @param  array<string, mixed>  $reading  as kept beside the book
     * @return array<string, mixed>
     */
    public static function ofPart(array $reading, Source $part): array
    {
        $findings = $reading['findings'];
        [$title, $people] = [$findings['title.main'] ?? null, $findings['contributors'] ?? null];
        unset($findings['title.main'], $findings['title.subtitle'], $findings['contributors']);
        $named = static fn (array $some): array => array_map(static fn (Contributor $one): array => $one->toArray(), $some);
        if ($title !== null) {
            $findings['containers.0.title'] = ['field' => 'containers.0.title', 'value' => $part->container()->title, 'alternatives' => []] + $title;
        }
        if ($people !== null && $part->contributors !== []) {
            $evidence = ['where' => 'Who wrote the book. See whether this part is by the same.'] + $people['evidence'];
            $findings['contributors'] = ['value' => $named($part->contributors), 'evidence' => $evidence, 'confidence' => Confidence::Likely->value, 'alternatives' => []] + $people;
        }
        if ($people !== null && $part->container()->contributors !== []) {
            $findings['containers.0.contributors'] = ['field' => 'containers.0.contributors', 'value' => $named($part->container()->contributors), 'alternatives' => []] + $people;
        }

        return ['findings' => $findings, 'settled' => [...$reading['settled'], 'whole-or-part']] + $reading;
    }
}
