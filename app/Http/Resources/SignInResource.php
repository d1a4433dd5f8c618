<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Resources;

use Bibrel\App\Models\SignIn;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * A browser somebody is signed in with.
 *
 * @property-read SignIn $resource
 */
final class SignInResource extends JsonResource
{
    /** What browsers call themselves, most telling first. */
    private const BROWSERS = [
        'Edg' => 'Edge', 'OPR' => 'Opera', 'Firefox' => 'Firefox', 'Chrome' => 'Chrome', 'Safari' => 'Safari',
    ];

    private const DEVICES = ['Mobi' => 'a phone or tablet', 'Tablet' => 'a phone or tablet'];

    public function __construct(SignIn $signIn, private readonly bool $isThis)
    {
        parent::__construct($signIn);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        $one = $this->resource;

        return [
            'id' => $one->id,
            'browser' => $this->named(self::BROWSERS, 'A browser').' on '.$this->named(self::DEVICES, 'a computer'),
            'isThis' => $this->isThis,
            'isLasting' => $one->lasting,
            'since' => $one->created_at->toIso8601String(),
            'seenAt' => $one->seen_at->toIso8601String(),
        ];
    }

    /** @param  array<string, string>  $names */
    private function named(array $names, string $other): string
    {
        foreach ($names as $mark => $name) {
            if (str_contains($this->resource->agent, $mark)) {
                return $name;
            }
        }

        return $other;
    }
}
