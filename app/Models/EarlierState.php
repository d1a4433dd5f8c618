<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Bibrel\App\Papers\Cause;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * How a source, or a paper's settings, stood before something changed it.
 *
 * @property int $id
 * @property string $subject_type "source" or "paper"
 * @property string $subject_id
 * @property int $version the version it had
 * @property Cause $cause what replaced it
 * @property array<string, mixed> $state
 * @property ?list<array{tag: string, text: string}> $page_copy only where the change replaced that, too
 * @property ?string $made_by who had made it so
 * @property Carbon $created_at
 */
final class EarlierState extends Model
{
    public const UPDATED_AT = null;

    /** @var list<string> */
    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @var array<string, string> */
    protected $casts = ['state' => 'array', 'page_copy' => 'array', 'cause' => Cause::class, 'version' => 'integer'];

    /** @return Builder<self> the states of one paper or source, the latest first */
    public static function of(Model&Revisable $subject): Builder
    {
        return self::query()
            ->where('subject_type', $subject->subjectType())
            ->where('subject_id', $subject->getKey())
            ->orderByDesc('id');
    }
}
