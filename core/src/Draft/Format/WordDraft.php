<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format;

use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Draft\Format\Word\WordAppend;
use Bibrel\Core\Draft\Format\Word\WordParts;
use Bibrel\Core\Draft\Format\Word\WordReader;
use Bibrel\Core\Page\Page;

/** A draft as OOXML (.docx). */
final class WordDraft implements DraftDocument
{
    private readonly WordParts $parts;

    private ?Draft $draft = null;

    public function __construct(private readonly Archive $archive)
    {
        $this->parts = new WordParts($archive);
    }

    public function extension(): string
    {
        return 'docx';
    }

    public function mediaType(): string
    {
        return 'application/vnd.openxmlformats-officedocument.wordprocessingml.document';
    }

    public function draft(): Draft
    {
        return $this->draft ??= (new WordReader($this->parts))->draft();
    }

    public function withPage(Page $page, bool $replaces, array $mends = []): string
    {
        return $this->archive->with(
            (new WordAppend($this->archive, $this->parts, $this->draft()))->parts($page, $replaces, $mends),
        );
    }
}
