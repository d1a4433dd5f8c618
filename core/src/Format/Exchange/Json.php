<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange;

use Bibrel\Core\Format\ExchangeFormat;
use Bibrel\Core\Format\ReadsSources;
use Bibrel\Core\Format\WritesSources;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;

/** Our own source shape (docs/source.schema.json), which holds all we know. */
final class Json implements ExchangeFormat, ReadsSources, WritesSources
{
    public function id(): string
    {
        return 'json';
    }

    public function label(): string
    {
        return 'Bibrel’s own JSON';
    }

    public function mediaType(): string
    {
        return 'application/json';
    }

    public function extension(): string
    {
        return 'json';
    }

    public function rank(): int
    {
        return 40;
    }

    public function begins(string $text): bool
    {
        return preg_match('/^\s*[\[{]/', $text) === 1 && preg_match('/"kind"\s*:/', $text) === 1;
    }

    public function read(string $text): array
    {
        return array_map(
            static fn (array $json): Source => Source::fromArray($json, Kinds::all()),
            JsonObjects::read($text),
        );
    }

    public function write(array $sources): string
    {
        return JsonObjects::write(array_map(static fn (Source $source): array => $source->toArray(), $sources));
    }
}
