<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format;

use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Format\Unreadable;

/** Opens a draft by what its file is, whatever its name says. */
final readonly class DraftFile
{
    private const NO_DOCUMENT = 'This is no document of a word processor. Save your paper as .docx or .odt and '
        .'give that.';

    private const COMPOUND = "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1";

    public function __construct(private string $bytes)
    {
    }

    /** @throws Unreadable */
    public function document(): DraftDocument
    {
        if (trim($this->bytes) === '') {
            throw new Unreadable('The file is empty. Give the draft itself.');
        }
        if (str_starts_with($this->bytes, self::COMPOUND)) {
            // Old documents are such files, and new ones with a password are packed into one.
            $isEncrypted = str_contains($this->bytes, mb_convert_encoding('EncryptedPackage', 'UTF-16LE'));

            throw $isEncrypted
                ? Archive::protected()
                : new Unreadable(
                    'The draft is in an old format (.doc). Save it as .docx or .odt in your word processor and '
                        .'give that.',
                );
        }
        if (! str_starts_with($this->bytes, "PK\x03\x04")) {
            throw new Unreadable(self::NO_DOCUMENT);
        }
        $archive = Archive::open($this->bytes);

        return match (true) {
            $archive->has('[Content_Types].xml') => new WordDraft($archive),
            $archive->has('content.xml') => new OpenTextDraft($archive),
            default => throw new Unreadable(self::NO_DOCUMENT),
        };
    }

    /** @throws Unreadable */
    public function draft(): Draft
    {
        if (! $this->isPlainText()) {
            return $this->document()->draft();
        }

        return strlen($this->bytes) > Archive::LARGEST
            ? throw new Unreadable('The draft is larger than 25 MB. Give the text of one paper.')
            : (new PlainDraft($this->bytes))->draft();
    }

    private function isPlainText(): bool
    {
        return preg_match('/^\s*(?:$|\{\\\\rtf|%PDF|PK)/', substr($this->bytes, 0, 64)) !== 1
            && ! str_contains(substr($this->bytes, 0, 8192), "\0") && mb_check_encoding($this->bytes, 'UTF-8');
    }
}
