<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

/** The objects of a page's JSON-LD (W3C JSON-LD 1.1, embedded in HTML), as far as pages for reading use it. */
final class JsonLd
{
    private const PREFIX = '~^(?:schema:|https?://schema\.org/)~i';

    /** @return list<array<string, mixed>> every object of the page's JSON-LD, those in @graph too */
    public static function objects(Document $page): array
    {
        if (! $page->mentions('ld+json')) {
            return [];
        }
        $objects = [];
        foreach ($page->all('//script[contains(translate(@type,"LDJSON","ldjson"),"ld+json")]') as $script) {
            $text = (string) preg_replace('~^\s*(?:<!--|/\*<!\[CDATA\[\*/|//<!\[CDATA\[)|(?:-->|/\*\]\]>\*/|//\]\]>)\s*$~', '', $script->textContent);
            $json = json_decode($text, true, 64);
            if (is_array($json)) {
                self::collect(self::plain($json), $objects);
            }
        }

        return $objects;
    }

    /**
     * Properties and types by their plain names, where a page writes them with the vocabulary's prefix or address:
     * "schema:Dataset", "https://schema.org/Dataset".
     *
     * @param  array<mixed>  $json
     * @return array<mixed>
     */
    private static function plain(array $json, bool $inType = false): array
    {
        $named = [];
        foreach ($json as $key => $value) {
            $key = is_string($key) ? (string) preg_replace(self::PREFIX, '', $key) : $key;
            $named[$key] = match (true) {
                is_array($value) => self::plain($value, $key === '@type'),
                $key === '@type' && is_string($value), $inType && is_string($value) => preg_replace(self::PREFIX, '', $value),
                default => $value,
            };
        }

        return $named;
    }

    /**
     * @param  array<mixed>  $json
     * @param  list<array<string, mixed>>  $objects
     */
    private static function collect(array $json, array &$objects): void
    {
        if (array_is_list($json)) {
            foreach ($json as $one) {
                if (is_array($one)) {
                    self::collect($one, $objects);
                }
            }

            return;
        }
        if (isset($json['@graph']) && is_array($json['@graph'])) {
            self::collect($json['@graph'], $objects);
        }
        foreach (['mainEntity', 'mainEntityOfPage'] as $property) {
            // The questions of a page of answers are its parts, not what it is.
            if (is_array($json[$property] ?? null) && ($json['@type'] ?? '') !== 'FAQPage') {
                self::collect($json[$property], $objects);
            }
        }
        /** @var array<string, mixed> $json */
        $objects[] = $json;
    }
}
