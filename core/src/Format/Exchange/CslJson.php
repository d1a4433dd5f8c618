<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange;

use Bibrel\Core\Format\Exchange\CslJson\ItemReader;
use Bibrel\Core\Format\Exchange\CslJson\ItemWriter;
use Bibrel\Core\Format\ExchangeFormat;
use Bibrel\Core\Format\ReadsSources;
use Bibrel\Core\Format\WritesSources;
use Bibrel\Core\Source\Source;

/** CSL-JSON, the open interchange shape. */
final class CslJson implements ExchangeFormat, ReadsSources, WritesSources
{
    public function id(): string
    {
        return 'csl-json';
    }

    public function label(): string
    {
        return 'CSL-JSON';
    }

    public function mediaType(): string
    {
        return 'application/vnd.citationstyles.csl+json';
    }

    public function extension(): string
    {
        return 'json';
    }

    public function rank(): int
    {
        return 10;
    }

    public function begins(string $text): bool
    {
        return preg_match('/^\s*[\[{]/', $text) === 1;
    }

    public function read(string $text): array
    {
        return array_map($this->source(...), JsonObjects::read($text));
    }

    public function write(array $sources): string
    {
        return JsonObjects::write(array_map($this->item(...), $sources));
    }

    /** @param  array<string, mixed>  $item */
    public function source(array $item): Source
    {
        return (new ItemReader($item))->source();
    }

    /** @return array<string, mixed> */
    public function item(Source $source): array
    {
        return (new ItemWriter($source))->item();
    }
}
