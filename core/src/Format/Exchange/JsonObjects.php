<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Exchange;

use Bibrel\Core\Format\Unreadable;

/** A text of JSON that holds an array of objects. */
final class JsonObjects
{
    private const DEEPEST = 64;

    private const WRITTEN = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR;

    /**
     * @return list<array<string, mixed>> the objects of an array, or the one object there is
     *
     * @throws Unreadable
     */
    public static function read(string $text): array
    {
        $json = self::decoded((string) preg_replace('/^\x{FEFF}/u', '', mb_scrub($text)));
        $objects = match (true) {
            array_is_list($json) => $json,
            is_array($json['items'] ?? null) => $json['items'],
            default => [$json],
        };
        foreach ($objects as $i => $object) {
            if (! is_array($object) || ($object !== [] && array_is_list($object))) {
                throw new Unreadable('Item '.((int) $i + 1).' of the input is not a source (a JSON object).');
            }
        }

        return array_values($objects);
    }

    /** @return array<mixed> */
    private static function decoded(string $text): array
    {
        if (trim($text) === '') {
            throw new Unreadable('The input is empty. Give an array of sources as JSON.');
        }
        try {
            $json = json_decode($text, true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            throw new Unreadable('The input is not valid JSON: '.lcfirst($error->getMessage()).'.');
        }
        if (! is_array($json)) {
            throw new Unreadable('The input is JSON, but neither an array of sources nor one source.');
        }

        return $json;
    }

    /** @param  list<array<string, mixed>>  $objects */
    public static function write(array $objects): string
    {
        return json_encode($objects, self::WRITTEN)."\n";
    }
}
