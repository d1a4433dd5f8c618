<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Models\SourceRecord;
use Bibrel\Core\Check\Check;
use Bibrel\Core\Source\Issue;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\Style;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A source as it is saved, with what was found and what is open on it.
 *
 * @property-read SourceRecord $resource
 */
final class SourceResource extends JsonResource
{
    public function __construct(SourceRecord $source, private readonly Style $style)
    {
        parent::__construct($source);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $source = $this->resource->source();

        return [
            'id' => $this->resource->id,
            'version' => $this->resource->version,
            'source' => $source->toArray(),
            'reading' => $this->resource->reading,
            'issues' => self::issues($source, $this->style),
        ];
    }

    /** @return list<array<string, mixed>> what a careful librarian would remark today */
    public static function issues(Source $source, Style $style): array
    {
        return array_map(
            static fn (Issue $one): array => $one->toArray(),
            (new Check($style, (int) date('Ymd')))->issues($source),
        );
    }
}
