<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

/** The parts of a document that is an archive of files, as both open formats of word processors are. */
final readonly class Package
{
    /** @param  array<string, string>  $parts  contents by the names of the files, in their order */
    public function __construct(public array $parts)
    {
    }

    /** @param  string  $stored  the part that stands uncompressed, so that a file's kind can be told from its start */
    public function bytes(string $stored = ''): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'bibrel');
        try {
            $zip = new \ZipArchive;
            $zip->open($file, \ZipArchive::CREATE | \ZipArchive::OVERWRITE);
            foreach ($this->parts as $name => $content) {
                str_ends_with($name, '/') ? $zip->addEmptyDir($name) : $zip->addFromString($name, $content);
                if ($name === $stored) {
                    $zip->setCompressionName($name, \ZipArchive::CM_STORE);
                }
            }
            $zip->close();

            return (string) file_get_contents($file);
        } finally {
            unlink($file);
        }
    }

    /** Text as XML holds it, without the control characters it cannot hold. */
    public static function escaped(string $text): string
    {
        $text = (string) preg_replace('/[\x00-\x08\x0B\x0C\x0E-\x1F\x{FFFE}\x{FFFF}]/u', '', $text);

        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1 | ENT_SUBSTITUTE, 'UTF-8');
    }
}
