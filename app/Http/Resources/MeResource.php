<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Models\Guest;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * Who asks.
 *
 * @property-read Guest $resource
 */
final class MeResource extends JsonResource
{
    public function __construct(Guest $guest)
    {
        parent::__construct($guest);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $guest = $this->resource;
        $account = $guest->signIn?->loadMissing('account')->account->refresh();

        return [
            'id' => $guest->id,
            'name' => (string) Guest::query()->whereKey($guest->id)->value('name'),
            'account' => $account === null ? null : [
                'email' => $account->email,
                'isConfirmed' => $account->hasVerifiedEmail(),
                'leavesAt' => $account->leaves_at?->toIso8601String(),
                'isLasting' => $guest->signIn?->lasting === true,
            ],
        ];
    }
}
