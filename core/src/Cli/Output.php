<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli;

/** Where a document goes: a file, or standard output for "-". */
final class Output
{
    /**
     * @return string what is printed
     *
     * @throws UsageError
     */
    public static function write(string $document, string $out): string
    {
        if ($out === '-') {
            return $document;
        }
        // A full disk takes a part of it only.
        if (@file_put_contents($out, $document) !== strlen($document)) {
            throw new UsageError("The file “{$out}” cannot be written.");
        }

        return '';
    }
}
