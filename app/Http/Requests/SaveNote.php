<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\Core\Note\Note;

final class SaveNote extends SaveRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...$this->saveRules(),
            'note' => [new Structure('note', required: true, depth: 5, bytes: 120_000)],
            'note.source' => ['nullable', 'ulid'],
            'aside' => [new Structure('note', depth: 6, bytes: 120_000)],
        ];
    }

    /** @return array{data: array<string, mixed>, source_id: ?string} */
    public function wanted(): array
    {
        $source = $this->input('note.source');

        return [
            'data' => Note::fromArray((array) $this->input('note'))->toArray(),
            'source_id' => is_string($source) && $source !== '' ? strtoupper($source) : null,
        ];
    }

    /** @return ?array<string, mixed> what was typed and not chosen */
    public function aside(): ?array
    {
        $aside = $this->input('aside.note') ?? $this->input('aside');

        return is_array($aside) ? Note::fromArray($aside)->toArray() : null;
    }
}
