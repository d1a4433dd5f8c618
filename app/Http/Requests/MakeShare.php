<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\App\Models\Account;
use Bibrel\App\Sharing\Right;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** What a link, or an invitation, lets somebody do, and until when. */
final class MakeShare extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, mixed> */
    public function validationData(): array
    {
        return ['id' => $this->route('id')] + $this->all();
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'ulid'],
            'may' => ['required', Rule::in(['page', 'read', 'comment', 'edit'])],
            'email' => ['nullable', 'string', 'email', 'max:190'],
            'endsOn' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:today'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...OpenAccount::SENTENCES,
            'id.ulid' => 'The id in the address is not a ULID.',
            'may.*' => 'Say what they may do: see the page, read, comment or edit.',
            'endsOn.date_format' => 'The last day is no day. Choose one from the calendar.',
            'endsOn.after_or_equal' => 'The last day is over already. Choose a later one, or none.',
        ];
    }

    public function right(): Right
    {
        return Right::from((string) $this->input('may'));
    }

    public function email(): ?string
    {
        return $this->filled('email') ? Account::spelled((string) $this->input('email')) : null;
    }

    /** The end of the last day. */
    public function endsAt(): ?Carbon
    {
        return $this->filled('endsOn') ? Carbon::parse((string) $this->input('endsOn'))->endOfDay() : null;
    }
}
