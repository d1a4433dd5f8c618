<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange;

use Bibrel\Core\Format\Exchange\Ris\RecordReader;
use Bibrel\Core\Format\Exchange\Ris\RecordWriter;
use Bibrel\Core\Format\ExchangeFormat;
use Bibrel\Core\Format\ReadsSources;
use Bibrel\Core\Format\WritesSources;

final class Ris implements ExchangeFormat, ReadsSources, WritesSources
{
    public function id(): string
    {
        return 'ris';
    }

    public function label(): string
    {
        return 'RIS';
    }

    public function mediaType(): string
    {
        return 'application/x-research-info-systems; charset=utf-8';
    }

    public function extension(): string
    {
        return 'ris';
    }

    public function rank(): int
    {
        return 30;
    }

    public function begins(string $text): bool
    {
        return preg_match('/^\s*TY\s/i', $text) === 1;
    }

    public function read(string $text): array
    {
        return array_map((new CslJson)->source(...), (new RecordReader)->items($text));
    }

    public function write(array $sources): string
    {
        return implode("\r\n", array_map((new RecordWriter)->record(...), $sources));
    }
}
