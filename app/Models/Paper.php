<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Bibrel\Core\Mix\Asked;
use Bibrel\Core\Page\Memory;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageChanges;
use Bibrel\Core\Page\PageSource;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Style\CourseRules;
use Bibrel\Core\Style\RunningHead;
use Bibrel\Core\Style\Style;
use Bibrel\Core\Style\Styles;
use Bibrel\Database\Factories\PaperFactory;
use Illuminate\Database\Eloquent\Attributes\UseFactory;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * One assignment: its sources and its page settings. It belongs to the guest who made it, who may share it.
 *
 * @property string $id a ULID the browser made
 * @property string $guest_id
 * @property string $title
 * @property string $class_name the course it is for, as the student calls it
 * @property ?string $due_on Y-m-d
 * @property string $question what the paper is to find out
 * @property string $style
 * @property array<string, mixed> $course
 * @property ?array<string, mixed> $asked of its sources by the student themselves
 * @property ?string $course_id the course it was begun from
 * @property string $surname for the running head
 * @property int $version of the settings
 * @property int $revision raised by every change of the paper and of anything on it
 * @property ?string $last_save
 * @property ?string $last_tab
 * @property ?string $changed_by
 * @property ?array<string, mixed> $summary what the list of papers tells of it
 * @property ?string $summary_of of which state that is
 * @property bool $is_sample whether it is an example that was given
 * @property ?Carbon $updated_at
 * @property ?Carbon $removed_at
 * @property-read Collection<int, SourceRecord> $sources
 * @property-read ?Course $courseOf
 */
#[UseFactory(PaperFactory::class)]
final class Paper extends Model implements Revisable
{
    use HasClientMadeId;

    /** @use HasFactory<PaperFactory> */
    use HasFactory;

    use KeepsEarlierStates;
    use SoftDeletes;

    public const DELETED_AT = 'removed_at';

    /** The columns a person sets. */
    public const SETTINGS = [
        'title', 'class_name', 'due_on', 'question', 'style', 'surname', 'course', 'asked',
    ];

    /** @var array<string, string> */
    protected $casts = [
        'course' => 'array', 'asked' => 'array', 'summary' => 'array', 'version' => 'integer', 'revision' => 'integer',
        'is_sample' => 'boolean', 'removed_at' => 'datetime',
    ];

    /** @var ?array<array-key, SourceRecord> */
    private ?array $byId = null;

    /** @return BelongsTo<Guest, $this> */
    public function guest(): BelongsTo
    {
        return $this->belongsTo(Guest::class, 'guest_id');
    }

    /** @return BelongsTo<Course, $this> */
    public function courseOf(): BelongsTo
    {
        return $this->belongsTo(Course::class, 'course_id');
    }

    /** @return HasMany<Share, $this> */
    public function shares(): HasMany
    {
        return $this->hasMany(Share::class, 'paper_id');
    }

    /** @return HasMany<Comment, $this> */
    public function comments(): HasMany
    {
        return $this->hasMany(Comment::class, 'paper_id');
    }

    /** @return HasMany<Note, $this> */
    public function notes(): HasMany
    {
        return $this->hasMany(Note::class, 'paper_id');
    }

    /** @return HasMany<SourceRecord, $this> */
    public function sources(): HasMany
    {
        $sources = $this->hasMany(SourceRecord::class, 'paper_id');
        // Page copies are long and wanted one at a time.
        $sources->select(SourceRecord::WITHOUT_COPY)->orderBy('id');

        return $sources;
    }

    /** @return HasMany<LookupRecord, $this> */
    public function lookups(): HasMany
    {
        return $this->hasMany(LookupRecord::class, 'paper_id');
    }

    public function subjectType(): string
    {
        return 'paper';
    }

    /** @return array<string, mixed> */
    public function state(): array
    {
        return ['asked' => Asked::fromArray($this->asked ?? [])->toArray()] + $this->only(self::SETTINGS);
    }

    /** Says that something on the paper is new. */
    public function raise(): void
    {
        $this->newQuery()
            ->whereKey($this->id)
            ->increment('revision', 1, ['updated_at' => $this->freshTimestampString()]);
    }

    public function styleInUse(): Style
    {
        return Styles::get($this->style);
    }

    /** The course's where it was begun from one, with the number of its own first sheet; else its own. */
    public function courseRules(): CourseRules
    {
        $course = $this->courseInUse();

        return CourseRules::fromArray(
            $course === null ? $this->course : ['firstPage' => $this->course['firstPage'] ?? 1] + $course->rules,
        );
    }

    /** The course it was begun from, unless the teacher gave that up. */
    public function courseInUse(): ?Course
    {
        return $this->course_id === null ? null : $this->loadMissing('courseOf')->courseOf;
    }

    /** What is asked of its sources: by the course, or by the student themselves. */
    public function asked(): Asked
    {
        return $this->courseInUse()?->asked() ?? Asked::fromArray($this->asked ?? []);
    }

    public function runningHead(): RunningHead
    {
        return $this->styleInUse()->runningHead($this->courseRules(), $this->surname, $this->title);
    }

    public function page(): Page
    {
        $memory = app(Memory::class);

        return Page::compose($this->pageSources(), $this->styleInUse(), $this->courseRules(), $memory, withBare: false);
    }

    /**
     * What a change of a source makes new on the page.
     *
     * @param  Source  $draft  stands in for the saved source with its id, or next to them where none has it yet
     * @param  list<string>  $known  the marks of the entries the browser has, in its order
     */
    public function pageChanges(Source $draft, array $known): PageChanges
    {
        $memory = app(Memory::class);
        $sources = $this->pageSources($draft);

        return Page::changes($sources, $this->styleInUse(), $this->courseRules(), $memory, $known, $draft->id);
    }

    /** @return list<PageSource> */
    private function pageSources(?Source $draft = null): array
    {
        $sources = [];
        foreach ($this->versions() as $id => $version) {
            $sources[$id] = new PageSource($id, "{$id}.{$version}", fn (): Source => $this->source($id));
        }
        if ($draft !== null && $draft->id !== '') {
            $sources[$draft->id] = PageSource::of($draft);
        }

        return array_values($sources);
    }

    /** A source of it, read together with all others when the first of them is asked for. */
    public function source(string $id): Source
    {
        $this->loadMissing('sources');
        $this->byId ??= $this->sources->keyBy('id')->all();

        return $this->byId[$id]->source();
    }

    /**
     * Which states of which sources are on it; what they say is only read where nobody remembers what became of it.
     *
     * @return array<string, int>
     */
    private function versions(): array
    {
        $rows = $this->relationLoaded('sources')
            ? $this->sources
            : SourceRecord::query()->where('paper_id', $this->id)->orderBy('id')->toBase();
        $versions = [];
        foreach ($rows->pluck('version', 'id') as $id => $version) {
            $versions[(string) $id] = (int) $version;
        }

        return $versions;
    }
}
