<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange;

use Bibrel\Core\Format\Exchange\CslJson\ItemReader;
use Bibrel\Core\Format\Exchange\CslJson\ItemWriter;
use Bibrel\Core\Format\ExchangeFormat;
use Bibrel\Core\Format\ReadsSources;
use Bibrel\Core\Format\Unreadable;
use Bibrel\Core\Format\WritesSources;
use Bibrel\Core\Source\Kinds;
use Bibrel\Core\Source\Source;

/** CSL-JSON, the open interchange shape. */
final class CslJson implements ExchangeFormat, ReadsSources, WritesSources
{
    /** One of these at least is there where an object is a source. */
    private const TELLING = [
        'type' => 1, 'kind' => 1, 'title' => 1, 'author' => 1, 'editor' => 1, 'DOI' => 1, 'URL' => 1, 'ISBN' => 1, 'genre' => 1,
        'container-title' => 1, 'issued' => 1, 'publisher' => 1, 'archive' => 1,
    ];

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
        $objects = JsonObjects::read($text);
        foreach ($objects as $n => $object) {
            if (array_intersect_key($object, self::TELLING) === []) {
                throw new Unreadable(
                    'Item '.($n + 1).' of the input says nothing of a source: it has neither a type nor a title.',
                );
            }
        }

        return array_map($this->source(...), $objects);
    }

    public function write(array $sources): string
    {
        return JsonObjects::write(array_map($this->item(...), $sources));
    }

    /** @param  array<string, mixed>  $item */
    public function source(array $item): Source
    {
        // Our own shape is told by its kind, which CSL-JSON does not know.
        return isset($item['kind']) && ! isset($item['type'])
            ? Source::fromArray($item, Kinds::all())
            : (new ItemReader($item))->source();
    }

    /** @return array<string, mixed> */
    public function item(Source $source): array
    {
        return (new ItemWriter($source))->item();
    }
}
