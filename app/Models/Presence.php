<?php

declare(strict_types=1);

namespace Bibrel\App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * A tab that has a paper open.
 *
 * @property string $paper_id
 * @property string $tab
 * @property string $guest_id
 * @property ?string $source_id the source whose form is open
 * @property Carbon $seen_at
 */
final class Presence extends Model
{
    /** Seconds after which somebody who did not ask again has left. */
    public const GONE = 20;

    public $timestamps = false;

    public $incrementing = false;

    protected $guarded = [];

    protected $dateFormat = 'Y-m-d H:i:s.v';

    /** @var array<string, string> */
    protected $casts = ['seen_at' => 'datetime'];

    /** @return Builder<self> those who are there now */
    public static function now(): Builder
    {
        return self::query()->where('seen_at', '>', now()->subSeconds(self::GONE));
    }
}
