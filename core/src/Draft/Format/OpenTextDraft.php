<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format;

use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Draft\Format\OpenText\OpenTextAppend;
use Bibrel\Core\Draft\Format\OpenText\OpenTextReader;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Page\Page;

/** A draft as an open text document (.odt). */
final class OpenTextDraft implements DraftDocument
{
    private const MEDIA_TYPE = 'application/vnd.oasis.opendocument.text';

    private ?Draft $draft = null;

    public function __construct(private readonly Archive $archive)
    {
        if (str_contains($archive->parts['META-INF/manifest.xml'] ?? '', 'encryption-data')) {
            throw Archive::protected();
        }
        $hasMacros = preg_grep('~^(?:Basic|Scripts)/.+(?<!script-lc\.xml)$~', array_keys($archive->parts)) ?: [];
        if ($hasMacros !== []) {
            throw new Unreadable(
                'The draft carries macros, which are programs. Take them out in your word processor and give it again.',
            );
        }
        if (OpenTextReader::text($archive->xml('content.xml')) === null) {
            throw new Unreadable(
                'This is no text document. Save your paper as .docx or .odt in your word processor and give that.',
            );
        }
    }

    public function extension(): string
    {
        return 'odt';
    }

    public function mediaType(): string
    {
        return self::MEDIA_TYPE;
    }

    public function draft(): Draft
    {
        return $this->draft ??= (new OpenTextReader(
            $this->archive->xml('content.xml'),
            $this->archive->has('styles.xml') ? $this->archive->xml('styles.xml') : null,
        ))->draft();
    }

    public function withPage(Page $page, bool $replaces, array $mends = []): string
    {
        return $this->archive->with(
            (new OpenTextAppend($this->archive, $this->draft()))->parts($page, $replaces, $mends),
        );
    }
}
