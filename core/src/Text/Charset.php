<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/**
 * Turns the bytes of a page into UTF-8: byte order mark, then the server's word, then the page's own, then a look at
 * the bytes.
 */
final readonly class Charset
{
    /** Transfer encodings that mbstring lists next to the charsets. */
    private const NO_CHARSETS = ['BASE64', 'UUENCODE', 'HTML-ENTITIES', 'Quoted-Printable'];

    public function __construct(private string $bytes)
    {
    }

    public function toUtf8(string $contentType = ''): string
    {
        if (str_starts_with($this->bytes, "\xEF\xBB\xBF")) {
            return mb_scrub(substr($this->bytes, 3));
        }
        $wide = $this->wide();
        $charset = $wide !== '' ? $wide : $this->charset($contentType);

        return match ($charset) {
            'UTF-8' => mb_scrub($this->bytes),
            'macintosh' => mb_scrub((string) iconv('MACINTOSH', 'UTF-8//TRANSLIT', $this->bytes)),
            default => mb_scrub(ltrim((string) mb_convert_encoding($this->bytes, 'UTF-8', $charset), "\u{FEFF}")),
        };
    }

    /** UTF-16 with its mark, or told by its bytes; '' for anything else. */
    private function wide(): string
    {
        return match (substr($this->bytes, 0, 2)) {
            "\xFF\xFE" => 'UTF-16LE',
            "\xFE\xFF" => 'UTF-16BE',
            default => self::unmarked($this->bytes),
        };
    }

    /** What the server and the document say, where the bytes do not say otherwise. */
    private function charset(string $contentType): string
    {
        $known = self::known(self::named(substr($this->bytes, 0, 4096), $contentType));
        $isUtf8 = mb_check_encoding($this->bytes, 'UTF-8');
        // Bytes that make UTF-8 beyond ASCII are UTF-8: a page saved by a browser keeps its old declaration.
        $isOld = $known !== null && preg_match('/^(?:Windows|ISO)-/i', $known) === 1;
        if ($isOld && $isUtf8 && preg_match('/[\x80-\xFF]/', $this->bytes) === 1) {
            return 'UTF-8';
        }

        return $known !== null && ($known !== 'UTF-8' || $isUtf8) ? $known : $this->guessed($isUtf8);
    }

    private function guessed(bool $isUtf8): string
    {
        return match (true) {
            $isUtf8 => 'UTF-8',
            self::isMacRoman($this->bytes) => 'macintosh',
            default => 'Windows-1252',
        };
    }

    /** What the document's head or its server call the encoding. */
    private static function named(string $head, string $contentType): string
    {
        return match (true) {
            preg_match('/charset\s*=\s*["\']?([\w-]+)/i', $contentType, $m) === 1 => $m[1],
            preg_match('/<meta[^>]+charset\s*=\s*["\']?([\w-]+)/i', $head, $m) === 1 => $m[1],
            preg_match('/<\?xml[^>]+encoding\s*=\s*["\']([\w-]+)/i', $head, $m) === 1 => $m[1],
            default => '',
        };
    }

    /** UTF-16 without its mark: every other byte of plain text is empty. '' for anything else. */
    private static function unmarked(string $bytes): string
    {
        $head = substr($bytes, 0, 400);
        $half = intdiv(strlen($head), 2);
        if ($half < 8 || substr_count($head, "\0") < 0.8 * $half) {
            return '';
        }

        return $head[0] === "\0" ? 'UTF-16BE' : 'UTF-16LE';
    }

    /** Whether bytes that are no UTF-8 read as a Mac's old Roman: letters where Windows has signs and gaps. */
    private static function isMacRoman(string $bytes): bool
    {
        // é è ê ë à á ä ö ü ñ ç in MacRoman are signs in Windows; a text of words has them between letters.
        $mac = preg_match_all('/(?<=[A-Za-z])[\x87-\x9F](?=[a-z])/', $bytes);
        $windows = preg_match_all('/(?<=[A-Za-z])[\xC0-\xFF](?=[a-z])/', $bytes);

        return $mac > 0 && $windows === 0;
    }

    private static function known(string $name): ?string
    {
        $name = strtolower($name);
        // The web reads Latin-1 as Windows-1252.
        if (in_array($name, ['iso-8859-1', 'latin1', 'us-ascii', 'ascii', 'windows-1252', 'cp1252'], true)) {
            return 'Windows-1252';
        }
        foreach (array_diff(mb_list_encodings(), self::NO_CHARSETS) as $encoding) {
            if (strtolower($encoding) === $name
                || in_array($name, array_map(strtolower(...), mb_encoding_aliases($encoding)), true)) {
                return $encoding;
            }
        }

        return null;
    }
}
