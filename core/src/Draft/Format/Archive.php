<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Format;

use Bibrel\Core\Format\Package;
use Bibrel\Core\Format\Unreadable;

/**
 * The parts of a document somebody gave, read with care: nothing is unpacked that is larger than a document is, and no
 * part may call for anything outside.
 */
final class Archive
{
    /** What a draft may have, in bytes; the server's own limits are set to it. */
    public const LARGEST = 25 * 1024 * 1024;

    /** What its parts may come to unpacked, in bytes, and how many there may be. */
    private const UNPACKED = 200 * 1024 * 1024;

    private const XML = 60 * 1024 * 1024;

    private const PARTS = 5000;

    /** @var array<string, \DOMDocument> parts that were parsed */
    private array $parsed = [];

    /** @param  array<string, string>  $parts  by name, in the order of the archive */
    private function __construct(public readonly array $parts, private readonly string $stored)
    {
    }

    /** @throws Unreadable */
    public static function open(string $bytes): self
    {
        if (strlen($bytes) > self::LARGEST) {
            throw new Unreadable('The draft is larger than 25 MB. Take out large pictures, or give it without them.');
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'bibrel');
        file_put_contents($file, $bytes);
        try {
            $zip = new \ZipArchive;
            if ($zip->open($file, \ZipArchive::RDONLY) !== true) {
                throw new Unreadable(
                    'The draft is damaged: it cannot be unpacked. Open it in your word processor and save it again.',
                );
            }

            return self::unpacked($zip);
        } finally {
            unlink($file);
        }
    }

    public function has(string $name): bool
    {
        return isset($this->parts[$name]);
    }

    /**
     * A part as XML.
     *
     * @throws Unreadable
     */
    public function xml(string $name): \DOMDocument
    {
        return $this->parsed[$name] ??= self::parse($this->parts[$name] ?? throw self::damaged());
    }

    /** @throws Unreadable */
    public static function parse(string $xml): \DOMDocument
    {
        if (strlen($xml) > self::XML) {
            throw self::tooLarge();
        }
        if (preg_match('/<!(?:DOCTYPE|ENTITY)/i', substr($xml, 0, 4096)) === 1 || stripos($xml, '<!ENTITY') !== false) {
            throw self::outside();
        }
        $document = new \DOMDocument;
        $document->preserveWhiteSpace = true;
        $before = libxml_use_internal_errors(true);
        $isRead = $document->loadXML($xml, LIBXML_NONET | LIBXML_PARSEHUGE | LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($before);

        return match (true) {
            ! $isRead => throw self::damaged(),
            // Written so that the letters looked for above are not its bytes.
            $document->doctype !== null => throw self::outside(),
            default => $document,
        };
    }

    /**
     * The same archive with some parts new.
     *
     * @param  array<string, string>  $parts
     */
    public function with(array $parts): string
    {
        return (new Package([...$this->parts, ...$parts]))->bytes($this->stored);
    }

    public static function damaged(): Unreadable
    {
        return new Unreadable(
            'The draft is damaged: a part of it is missing or broken. Open it in your word processor and save it '
                .'again.',
        );
    }

    private static function unpacked(\ZipArchive $zip): self
    {
        if ($zip->numFiles > self::PARTS) {
            throw self::tooLarge();
        }
        $total = 0;
        $parts = [];
        $stored = '';
        for ($i = 0; $i < $zip->numFiles; $i++) {
            $stat = $zip->statIndex($i) ?: throw self::damaged();
            $total += $stat['size'];
            if ($total > self::UNPACKED) {
                throw self::tooLarge();
            }
            if ($stat['encryption_method'] !== \ZipArchive::EM_NONE) {
                throw self::protected();
            }
            // What an archive says of a part's size may be a lie.
            $content = $zip->getFromIndex($i, $stat['size'] + 1);
            if ($content === false || strlen($content) !== $stat['size']) {
                throw self::damaged();
            }
            $parts[$stat['name']] = $content;
            if ($stat['comp_method'] === \ZipArchive::CM_STORE && $stat['name'] === 'mimetype') {
                $stored = 'mimetype';
            }
        }

        return new self($parts, $stored);
    }

    public static function protected(): Unreadable
    {
        return new Unreadable(
            'The draft is protected by a password. Take the password off in your word processor and give it again.',
        );
    }

    /** No document of a word processor declares a type; whoever does wants something from outside. */
    private static function outside(): Unreadable
    {
        return new Unreadable(
            'The draft asks for something outside itself, as no paper does. Save it again as a new file.',
        );
    }

    private static function tooLarge(): Unreadable
    {
        return new Unreadable(
            'The draft is far larger unpacked than a paper is. Take out large pictures, or copy its text to a '
                .'new file.',
        );
    }
}
