<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Controllers;

use Bibrel\App\Http\Middleware\Guest;
use Bibrel\App\Models\Paper;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Http\Request;

/** The papers of the guest who asks, and nobody else's. */
final class Papers
{
    /** @return Builder<Paper> */
    public static function of(Request $request): Builder
    {
        return Paper::query()->where('guest_id', Guest::id($request));
    }

    /** @return Builder<Paper> those the guest removed, too */
    public static function withRemoved(Request $request): Builder
    {
        return self::of($request)->withoutGlobalScope(SoftDeletingScope::class);
    }

    /** @throws \Illuminate\Database\Eloquent\ModelNotFoundException<Paper> */
    public static function find(Request $request, string $id): Paper
    {
        return self::of($request)->with('sources')->findOrFail(strtoupper($id));
    }
}
