<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Format\Exchange\CslJson\ItemReader;
use Bibrel\Core\Format\ExchangeFormat;
use Bibrel\Core\Format\Formats;
use Bibrel\Core\Format\ReadsSources;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Format\Unused;
use Bibrel\Core\Read\Catalogue\MarcXml;
use Bibrel\Core\Source\Contributor;
use Bibrel\Core\Source\Dismissal;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Severity;
use Bibrel\Core\Source\Source;

/** Reads exported records, in whichever of the formats they are. */
final readonly class Records
{
    public function __construct(private string $text)
    {
    }

    /**
     * @param  int  $most  how many are taken at once
     * @return list<array<string, mixed>> a reading of each, as Reading::toArray gives it
     *
     * @throws Unreadable
     */
    public function read(int $most = PHP_INT_MAX): array
    {
        $format = self::format($this->text);
        $sources = $format->read($this->text);
        if (count($sources) > $most) {
            throw new Unreadable('There are '.count($sources)." records in this, more than the {$most} that can be "
                .'taken at once. Export fewer at a time.');
        }

        return array_map(static fn (Source $source): array => Reading::of(
            $source,
            "From the record you pasted ({$format->label()}).",
            issues: [...self::cutShort($source), ...self::unused($source)],
        )->toArray(), $sources);
    }

    /** The format a text begins like; CSL-JSON where none does, which says what it misses. */
    private static function format(string $text): ExchangeFormat&ReadsSources
    {
        foreach ([new MarcXml, ...Formats::reading()] as $format) {
            if ($format->begins($text)) {
                return $format;
            }
        }

        return new CslJson;
    }

    /** @return list<Issue> */
    private static function unused(Source $source): array
    {
        $names = (new Unused($source))->names();

        return $names === [] ? [] : [new Issue(
            'record-unused',
            FieldPath::title(),
            'The record says more than any entry prints: '.implode(', ', $names).'. It is kept, and written back when '
                .'you export.',
            Severity::Hint,
        )];
    }

    /** @return list<Issue> */
    private static function cutShort(Source $source): array
    {
        $cut = $source->custom[ItemReader::CUT] ?? [];
        if (is_array($cut) && $cut !== []) {
            return [new Issue(
                'names-cut-short',
                FieldPath::contributors(),
                'The record names '.max($cut).' people. The first '.(ItemReader::MOST_NAMES - 1).' and the last are '
                    .'kept, which is more than any style prints.',
                dismissal: Dismissal::AllThere,
            )];
        }

        $isCut = array_filter(
            $source->contributors,
            static fn (Contributor $one): bool => $one->name->isOthers(),
        ) !== [];

        return $isCut ? [new Issue(
            'names-cut-short',
            FieldPath::contributors(),
            'The record ends its names in “and others” and does not say who they are. Add them from the source: how '
                .'many there are decides how the entry begins.',
            dismissal: Dismissal::AllThere,
        )] : [];
    }
}
