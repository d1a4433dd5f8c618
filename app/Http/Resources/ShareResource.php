<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Models\Guest;
use Bibrel\App\Models\Member;
use Bibrel\App\Models\Share;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A way into a paper, for its owner's eyes.
 *
 * @property-read Share $resource
 */
final class ShareResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $share = $this->resource;
        $there = $share->members->whereNull('left_at');
        $names = Guest::names($there->pluck('guest_id')->all());

        return [
            'id' => $share->id,
            'may' => $share->may->value,
            'address' => "/s/{$share->token}",
            'email' => $share->email,
            'endsOn' => $share->ends_at?->toDateString(),
            'isLive' => $share->isLive(),
            'isRevoked' => $share->revoked_at !== null,
            'people' => $there->map(static fn (Member $one): string => $names[$one->guest_id])->values(),
        ];
    }
}
