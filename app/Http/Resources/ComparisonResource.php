<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\Core\Check\Comparison;
use Bibrel\Core\Read\Citation\FinishedCitation;
use Bibrel\Core\Read\Reading;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\EntryContext;
use Bibrel\Core\Style\Inclusion;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Style\Styles;
use Bibrel\Core\Text\Run;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A citation somebody else made next to our own entry of the same source.
 *
 * @property-read Reading $resource
 */
final class ComparisonResource extends JsonResource
{
    public function __construct(Reading $citation, private readonly string $pasted, private readonly Style $paperStyle)
    {
        parent::__construct($citation);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        // It is held against the rules it was written by, whatever the paper's own style.
        $style = Styles::ofFamily((new FinishedCitation($this->pasted))->family(), $this->paperStyle);
        $source = $this->resource->source();
        $runs = $style->entry($source, new CourseRules(Inclusion::Auto), new EntryContext);

        return [
            'style' => $style->label(),
            'kind' => $source->kind->label,
            'ours' => array_map(static fn (Run $run): array => [$run->text, $run->italic ? 1 : 0], $runs),
            'stretches' => (new Comparison($this->pasted, $runs, $style))->pieces(),
            'doubts' => array_map(static fn (Issue $issue): array => $issue->toArray(), $this->resource->issues),
        ];
    }
}
