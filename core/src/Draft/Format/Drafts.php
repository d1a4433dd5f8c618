<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format;

use Bibrel\Core\Draft\Draft;
use Bibrel\Core\Format\Unreadable;

/** Opens a draft by what its file is, whatever its name says. */
final class Drafts
{
    private const COMPOUND = "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1";

    /** @throws Unreadable */
    public static function document(string $bytes): DraftDocument
    {
        if (trim($bytes) === '') {
            throw new Unreadable('The file is empty. Give the draft itself.');
        }
        if (str_starts_with($bytes, self::COMPOUND)) {
            // Old documents are such files, and new ones with a password are packed into one.
            $isEncrypted = str_contains($bytes, mb_convert_encoding('EncryptedPackage', 'UTF-16LE'));

            throw $isEncrypted
                ? Archive::protected()
                : new Unreadable('The draft is in an old format (.doc). Save it as .docx or .odt in your word processor and give that.');
        }
        if (! str_starts_with($bytes, "PK\x03\x04")) {
            throw new Unreadable('This is no document of a word processor. Save your paper as .docx or .odt and give that.');
        }
        $archive = Archive::open($bytes);

        return match (true) {
            $archive->has('[Content_Types].xml') => new WordDraft($archive),
            $archive->has('content.xml') => new OpenTextDraft($archive),
            default => throw new Unreadable('This is no document of a word processor. Save your paper as .docx or .odt and give that.'),
        };
    }

    /** @throws Unreadable */
    public static function read(string $bytes): Draft
    {
        $isText = ! str_contains(substr($bytes, 0, 8192), "\0") && ! str_starts_with($bytes, 'PK') && mb_check_encoding($bytes, 'UTF-8');
        if ($isText && strlen($bytes) > Archive::LARGEST) {
            throw new Unreadable('The draft is larger than 25 MB. Give the text of one paper.');
        }

        return $isText && trim($bytes) !== '' && ! str_starts_with(ltrim($bytes), '{\rtf') && ! str_starts_with($bytes, '%PDF')
            ? (new PlainDraft($bytes))->draft()
            : self::document($bytes)->draft();
    }
}
