<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Bibrel\Core\Mix\Asked;
use Bibrel\Core\Style\CourseRules;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * What a teacher asks of a class's papers, given out by one link.
 *
 * @property string $id a ULID the browser made
 * @property string $guest_id the teacher
 * @property string $title
 * @property ?Carbon $due_on
 * @property string $note to the students
 * @property string $style
 * @property array<string, mixed> $rules the course rules papers are set by
 * @property array<string, mixed> $asked of the sources
 * @property string $token what the link ends with
 * @property int $version
 * @property ?Carbon $updated_at
 * @property ?Carbon $removed_at
 */
final class Course extends Model
{
    use HasClientMadeId;
    use SoftDeletes;

    public const DELETED_AT = 'removed_at';

    /** @var array<string, string> */
    protected $casts = [
        'rules' => 'array', 'asked' => 'array', 'due_on' => 'date', 'version' => 'integer', 'removed_at' => 'datetime',
    ];

    /** @return HasMany<Paper, $this> */
    public function papers(): HasMany
    {
        return $this->hasMany(Paper::class, 'course_id');
    }

    /** @return HasMany<HandIn, $this> */
    public function handIns(): HasMany
    {
        return $this->hasMany(HandIn::class, 'course_id');
    }

    public function courseRules(): CourseRules
    {
        return CourseRules::fromArray($this->rules);
    }

    public function asked(): Asked
    {
        return Asked::fromArray(['style' => $this->style] + $this->asked);
    }
}
