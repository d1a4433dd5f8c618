<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\RunningHead;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Style\Styles;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * One assignment: its sources and its page settings. It belongs to the guest who made it.
 *
 * @property string $id a ULID the browser made
 * @property string $guest_id
 * @property string $title
 * @property string $style
 * @property array<string, mixed> $course
 * @property string $surname for the running head
 * @property int $version
 * @property ?Carbon $updated_at
 * @property ?Carbon $removed_at
 * @property-read Collection<int, SourceRecord> $sources
 */
final class Paper extends Model
{
    use SoftDeletes;

    public const DELETED_AT = 'removed_at';

    public $incrementing = false;

    protected $keyType = 'string';

    /** @var list<string> */
    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['course' => 'array', 'version' => 'integer', 'removed_at' => 'datetime'];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @return HasMany<SourceRecord, $this> */
    public function sources(): HasMany
    {
        $sources = $this->hasMany(SourceRecord::class, 'paper_id');
        // Page copies are long and wanted one at a time.
        $sources->select(['id', 'paper_id', 'data', 'reading', 'version', 'removed_at', 'created_at', 'updated_at'])->orderBy('id');

        return $sources;
    }

    public function styleInUse(): Style
    {
        return Styles::get($this->style);
    }

    public function courseRules(): CourseRules
    {
        return CourseRules::fromArray($this->course);
    }

    public function runningHead(): RunningHead
    {
        return RunningHead::of($this->styleInUse()->family(), $this->courseRules(), $this->surname, $this->title);
    }

    /** @param  ?Source  $draft stands in for the saved source with the same id */
    public function page(?Source $draft = null): Page
    {
        $sources = [];
        foreach ($this->sources as $record) {
            $sources[$record->id] = $record->source();
        }
        if ($draft !== null && isset($sources[$draft->id])) {
            $sources[$draft->id] = $draft;
        }

        return Page::compose(array_values($sources), $this->styleInUse(), $this->courseRules());
    }
}
