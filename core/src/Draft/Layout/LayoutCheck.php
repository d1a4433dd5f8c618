<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Layout;

use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Draft\SourceList;
use Bibrel\Core\Style\PaperRules;

/** Looks at how a whole paper is set, as teachers do. Plain text has no setting, and nothing is said of it. */
final readonly class LayoutCheck
{
    public function __construct(private PaperRules $rules)
    {
    }

    /** @return list<LayoutIssue> in the order a teacher would say them */
    public function issues(Draft $draft, ?SourceList $list): array
    {
        if ($draft->sheet === null) {
            return [];
        }
        $paper = new PaperParts($draft, $list);

        return [
            ...(new SheetRules($this->rules))->issues($paper),
            ...(new TypeRules)->issues($paper),
            ...(new SpacingRules)->issues($paper),
            ...(new IndentRules($this->rules))->issues($paper),
            ...(new OpeningRules($this->rules))->issues($paper),
            ...(new ListRules($this->rules))->issues($paper),
        ];
    }

    /**
     * What puts some of them right.
     *
     * @param  list<string>  $ids
     * @return list<Mend>
     */
    public function mends(Draft $draft, ?SourceList $list, array $ids): array
    {
        $mends = [];
        foreach ($this->issues($draft, $list) as $issue) {
            if ($issue->mend !== null && in_array($issue->id, $ids, true)) {
                $mends[] = $issue->mend;
            }
        }

        return $mends;
    }
}
