<?php

declare(strict_types=1);

namespace Bibrel\Core\Tests\Draft;

use Bibrel\Core\Draft\Format\DraftFile;
use Bibrel\Core\Format\Package;
use Bibrel\Core\Format\Unreadable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What cannot be taken as a draft is refused with a sentence that says what to do. */
final class RefusalsTest extends TestCase
{
    /** @return iterable<string, array{string, string}> a file, and what its sentence says */
    public static function files(): iterable
    {
        $compound = "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1".str_repeat("\0", 600);
        $paper = WordFile::of(WordFile::paper());
        yield 'nothing' => ['', 'empty'];
        yield 'a page of blanks' => [" \n ", 'empty'];
        yield 'with a password' => [$compound.mb_convert_encoding('EncryptedPackage', 'UTF-16LE'), 'password'];
        yield 'an old document' => [$compound, '.doc'];
        yield 'with macros' => [WordFile::of(WordFile::paper(), parts: ['word/vbaProject.bin' => 'x']), 'macros'];
        yield 'an open document with macros' => [self::odt(['Basic/Standard/Module1.xml' => '<x/>']), 'macros'];
        yield 'an open document with a password' => [self::odt(['META-INF/manifest.xml' => '<m><encryption-data/></m>']), 'password'];
        yield 'cut off' => [substr($paper, 0, 900), 'damaged'];
        yield 'with a broken part' => [self::zip(['[Content_Types].xml' => '<Types/>', '_rels/.rels' => '<Relat']), 'damaged'];
        yield 'a picture' => ["\x89PNG\r\n\x1A\n", 'no document'];
        yield 'a PDF' => ["%PDF-1.7\nmore", 'no document'];
        yield 'an archive of something else' => [self::zip(['readme.txt' => 'hello']), 'no document'];
        yield 'a table of a spreadsheet' => [self::odt(['content.xml' => '<office:document-content xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0"><office:body><office:spreadsheet/></office:body></office:document-content>']), 'no text document'];
        yield 'one that asks for a file' => [self::zip(self::asking('<!DOCTYPE x [<!ENTITY e SYSTEM "file:///etc/hostname">]>')), 'outside'];
        yield 'one that swells' => [self::zip(['[Content_Types].xml' => '<Types/>', 'a' => str_repeat(' ', 120 * 1024 * 1024), 'b' => str_repeat(' ', 120 * 1024 * 1024)]), 'far larger unpacked'];
        yield 'too large' => [str_repeat('PK', 13 * 1024 * 1024), '25 MB'];
    }

    #[DataProvider('files')]
    public function test_it_is_refused_with_a_sentence(string $bytes, string $says): void
    {
        try {
            (new DraftFile(str_starts_with($bytes, 'PKPK') ? "PK\x03\x04{$bytes}" : $bytes))->draft();
            self::fail('It was taken.');
        } catch (Unreadable $refusal) {
            self::assertStringContainsString($says, $refusal->getMessage());
            self::assertStringEndsWith('.', $refusal->getMessage());
        }
    }

    public function test_plain_text_is_a_draft(): void
    {
        self::assertCount(2, (new DraftFile("One.\n\nTwo."))->draft()->paragraphs);
    }

    public function test_one_that_asks_in_other_letters_is_refused(): void
    {
        $asking = self::asking('<!DOCTYPE x SYSTEM "file:///etc/hostname">');
        $asking['_rels/.rels'] = "\xFE\xFF".mb_convert_encoding($asking['_rels/.rels'], 'UTF-16BE', 'UTF-8');
        $this->expectException(Unreadable::class);
        $this->expectExceptionMessage('outside');
        (new DraftFile(self::zip($asking)))->draft();
    }

    /** @return array<string, string> */
    private static function asking(string $type): array
    {
        return [
            '[Content_Types].xml' => '<Types/>',
            '_rels/.rels' => "<?xml version=\"1.0\"?>{$type}<Relationships xmlns=\"http://schemas.openxmlformats.org/package/2006/relationships\"/>",
        ];
    }

    /** @param  array<string, string>  $parts */
    private static function odt(array $parts): string
    {
        return self::zip(['mimetype' => 'application/vnd.oasis.opendocument.text', 'META-INF/manifest.xml' => '<m/>', 'content.xml' => '<x/>', ...$parts]);
    }

    /** @param  array<string, string>  $parts */
    private static function zip(array $parts): string
    {
        return (new Package($parts))->bytes();
    }
}
