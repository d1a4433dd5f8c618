<?php

declare(strict_types=1);

namespace Bibrel\Core\Read;

final class Json
{
    /**
     * @return list<array<string, mixed>> the objects of an array, or the one object there is
     *
     * @throws Unreadable
     */
    public static function objects(string $text): array
    {
        $text = (string) preg_replace('/^\x{FEFF}/u', '', mb_scrub($text));
        if (trim($text) === '') {
            throw new Unreadable('The input is empty. Give an array of sources as JSON.');
        }
        try {
            $json = json_decode($text, true, 64, JSON_THROW_ON_ERROR);
        } catch (\JsonException $error) {
            throw new Unreadable('The input is not valid JSON: '.lcfirst($error->getMessage()).'.');
        }
        if (! is_array($json)) {
            throw new Unreadable('The input is JSON, but neither an array of sources nor one source.');
        }
        $objects = array_is_list($json) ? $json : (isset($json['items']) && is_array($json['items']) ? $json['items'] : [$json]);
        foreach ($objects as $i => $object) {
            if (! is_array($object) || ($object !== [] && array_is_list($object))) {
                throw new Unreadable('Item '.((int) $i + 1).' of the input is not a source (a JSON object).');
            }
        }

        return array_values($objects);
    }
}
