<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Read\DateOf;
use Bibrel\Core\Read\Finding;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\Role;

/** A work in a collection, known by its material and its number: its maker, its title, and the year it was made. */
final class MuseumObject implements EvidenceReader
{
    private const MATERIAL = ['medium', 'materials', 'medium and support'];

    private const NUMBER = ['object number', 'accession number', 'inventory number'];

    private const MAKER = ['artist', 'maker', 'painter', 'sculptor'];

    /** Labels of what has a kind of its own. */
    private const OTHERS = ['cartographer', 'photographer'];

    private const MARKED = ['artist', 'maker', 'creator', 'artist-name', 'object-artist'];

    public function read(Document $page): array
    {
        $labels = $page->labels();
        $material = $labels->has(...self::MATERIAL);
        $number = $labels->has(...self::NUMBER);
        if (! $material && ! $number) {
            return [];
        }
        $maker = $labels->has(...self::MAKER);
        $unlabelled = [...($maker ? [] : self::maker($page)), ...self::year($page)];
        $isWork = ! $labels->has(...self::OTHERS) && ($material && $number || $maker || $unlabelled !== []);

        return [
            ...Make::text(FieldPath::kind(), $isWork ? 'artwork' : '', 'From the way the page describes it.', Confidence::Likely),
            ...($material && ($maker || $number) ? Make::date($labels->value('date'), Labels::where('Date'), Confidence::Likely, true, DateOf::Making) : []),
            ...($material && $maker ? Make::text(FieldPath::title(), (string) preg_replace('/^object\s*:\s+/iu', '', $labels->value('title')), Labels::where('Title'), Confidence::Likely, true) : []),
            ...$unlabelled,
        ];
    }

    /** @return list<Finding> */
    private static function maker(Document $page): array
    {
        foreach ($page->withClass(self::MARKED) as $element) {
            if (! $page->isBeside($element)) {
                return Make::role(Role::Artist, $page->text($element), 'From the line with the maker’s name on the page.');
            }
        }

        return [];
    }

    /**
     * A year alone under the name of the work.
     *
     * @return list<Finding>
     */
    private static function year(Document $page): array
    {
        foreach (array_slice($page->blocks(), $page->headingBlock() + 1, 4) as $block) {
            if (preg_match('/^(?:(?:c|ca|circa)\.?\s*)?(?:1\d{3}|20\d\d)$/iu', $block['text']) === 1) {
                return Make::date($block['text'], 'From the line under the headline.', Confidence::Likely, true, DateOf::Making);
            }
        }

        return [];
    }
}
