<?php

declare(strict_types=1);

namespace Bibrel\App\Http\Requests;

use Bibrel\Core\Draft\Format\Archive;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A draft as a file, or as pasted text. */
final class GiveDraft extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'draft' => ['required_without:text', 'file', 'max:'.intdiv(Archive::LARGEST, 1024)],
            'text' => ['required_without:draft', 'string', 'max:2000000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        $large = 'The draft is larger than 25 MB. Take out large pictures, or give it without them.';

        return [
            'draft.max' => $large,
            'draft.uploaded' => $large,
            'draft.file' => 'Give the draft as a file: .docx or .odt.',
            'draft.required_without' => 'Give the draft as a file, or paste its text.',
            'text.required_without' => 'Give the draft as a file, or paste its text.',
            'text.max' => 'The text is longer than a paper. Paste one paper at a time.',
        ];
    }

    public function name(): string
    {
        $file = $this->upload();

        return $file === null ? '' : mb_substr(mb_scrub($file->getClientOriginalName()), 0, 200);
    }

    public function bytes(): string
    {
        return $this->upload()?->getContent() ?? (string) $this->input('text');
    }

    private function upload(): ?UploadedFile
    {
        $file = $this->file('draft');

        return $file instanceof UploadedFile ? $file : null;
    }
}
