<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Fix;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;

/** A kind that does not fit what is filled in, and things that find a source but are none. */
final class KindChecks implements Checks
{
    private const SEARCH = '/\b(?:image|picture|web|video|internet)\s+search\b|\bsearch\s+(?:engine|results?)\b/i';

    /** How companies that sell databases are named. */
    private const VENDOR = '/\b(?:Publishing|Information Services|Learning|Holdings|Group|LLC|Inc|Corp|Company)\.?$/u';

    public function on(Source $source): array
    {
        $issues = [...self::fitting($source)];
        foreach ($source->containers as $i => $container) {
            if (preg_match(self::SEARCH, $container->title) === 1) {
                $issues[] = new Issue('search-engine', ContainerField::Title->at($i), "“{$container->title}” finds "
                    .'sources; it is not where this one was published. Open the result and name the site or collection it leads to.');
            }
            if ($i > 0 && preg_match(self::VENDOR, $container->title) === 1) {
                $issues[] = new Issue('vendor', ContainerField::Title->at($i), "“{$container->title}” sounds like the "
                    .'company that sells the database. Name the database itself.');
            }
        }

        return $issues;
    }

    /** @return list<Issue> the kind that fits better, if one does */
    private static function fitting(Source $source): array
    {
        foreach (Kinds::all()->takenFor($source->kind) as [$kind, $fit]) {
            if ($fit->fits($source)) {
                return [new Issue('kind-odd', FieldPath::kind(), $fit->sentence, fix: new Fix($fit->label, $kind->id))];
            }
        }

        return [];
    }
}
