<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Format\ExchangeFormat;
use Bibrel\Core\Format\ReadsSources;
use Bibrel\Core\Source\Source;

/** Citations somebody else made, one a line, as a format that can be read. */
final class CitationLines implements ExchangeFormat, ReadsSources
{
    public function id(): string
    {
        return 'citation';
    }

    public function label(): string
    {
        return 'Finished citations';
    }

    public function mediaType(): string
    {
        return 'text/plain; charset=utf-8';
    }

    public function extension(): string
    {
        return 'txt';
    }

    public function rank(): int
    {
        return 90;
    }

    public function begins(string $text): bool
    {
        return (new FinishedCitation($text))->looksLike();
    }

    public function read(string $text): array
    {
        $lines = preg_split('/\R+/u', trim($text)) ?: [];

        return array_map(
            static fn (string $line): Source => (new FinishedCitation($line))->reading()->source(),
            $lines,
        );
    }
}
