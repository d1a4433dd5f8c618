<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What a student says of what was found in their draft. */
final class AnswerDraft extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'settled' => ['array', 'max:2000'],
            'settled.*' => ['string', 'max:400'],
            'meant' => ['array', 'max:500'],
            'meant.*' => ['string', 'max:26'],
        ];
    }

    /** @return array<string, mixed> */
    public function answers(): array
    {
        return array_intersect_key($this->validated(), ['settled' => true, 'meant' => true]);
    }
}
