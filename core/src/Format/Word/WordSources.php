<?php

declare(strict_types=1);

namespace Bibrel\Core\Format\Word;

use Bibrel\Core\Format\Exchange\CslJson;
use Bibrel\Core\Format\Package;
use Bibrel\Core\Page\Page;
use Bibrel\Core\Page\PageEntry;

/**
 * The sources of a page as the document format's own bibliography part (ECMA-376, part 1, 22.6), by which a word
 * processor's own list of references knows them. The types and names of its elements are in core/data/word-sources.php.
 */
final readonly class WordSources
{
    public const NAMESPACE = 'http://schemas.openxmlformats.org/officeDocument/2006/bibliography';

    /** @param  list<PageEntry>  $entries */
    private function __construct(private array $entries)
    {
    }

    public static function of(Page $page): self
    {
        return new self($page->entries);
    }

    public function xml(): string
    {
        $xml = '';
        foreach ($this->entries as $i => $entry) {
            $xml .= $this->source((new CslJson)->item($entry->source()), $i + 1);
        }

        return '<b:Sources xmlns:b="'.self::NAMESPACE.'" xmlns="'.self::NAMESPACE.'" SelectedStyle="" StyleName="">'
            .$xml.'</b:Sources>';
    }

    /** What the part is, for the document: `customXml/itemProps1.xml`. */
    public static function properties(): string
    {
        return '<ds:datastoreItem xmlns:ds="http://schemas.openxmlformats.org/officeDocument/2006/customXml"'
            .' ds:itemID="{6B1D3F0A-52C4-4E0B-9A57-B1B7E1000001}"><ds:schemaRefs><ds:schemaRef ds:uri="'.self::NAMESPACE
            .'"/></ds:schemaRefs></ds:datastoreItem>';
    }

    /** @param  array<string, mixed>  $item  in the shape of CSL-JSON */
    private function source(array $item, int $place): string
    {
        $data = self::data();
        $fields = '';
        foreach ($data['fields'] as $name => $keys) {
            $fields .= self::element($name, self::text($item, ...$keys));
        }

        return '<b:Source>'.self::element('Tag', "Bibrel{$place}")
            .self::element('SourceType', $data['types'][self::text($item, 'type')] ?? 'Misc')
            .$this->people($item).$fields
            .self::date($item['issued'] ?? null, '').self::date($item['accessed'] ?? null, 'Accessed')
            .self::element('RefOrder', (string) $place).'</b:Source>';
    }

    /**
     * The first of some keys that has a value, without markup.
     *
     * @param  array<string, mixed>  $item
     */
    private static function text(array $item, string ...$keys): string
    {
        foreach ($keys as $key) {
            $value = $item[$key] ?? null;
            if (is_string($value) || is_int($value)) {
                return trim(html_entity_decode(strip_tags((string) $value)));
            }
        }

        return '';
    }

    /** @param  array<string, mixed>  $item */
    private function people(array $item): string
    {
        $xml = '';
        foreach (self::data()['people'] as $key => $role) {
            $people = is_array($item[$key] ?? null) ? $item[$key] : [];
            $xml .= self::inRole($people, $role);
        }

        return $xml === '' ? '' : "<b:Author>{$xml}</b:Author>";
    }

    /** @param  array<mixed>  $people */
    private static function inRole(array $people, string $role): string
    {
        $corporate = count($people) === 1 ? $people[0]['literal'] ?? null : null;
        if (is_string($corporate) && $role === 'Author') {
            return '<b:Author>'.self::element('Corporate', $corporate).'</b:Author>';
        }
        $names = implode('', array_map(self::person(...), $people));

        return $names === '' ? '' : "<b:{$role}><b:NameList>{$names}</b:NameList></b:{$role}>";
    }

    /** @param  array<string, mixed>  $person */
    private static function person(array $person): string
    {
        $text = static fn (string $key): string => is_string($person[$key] ?? null) ? $person[$key] : '';
        $last = trim($text('non-dropping-particle').' '.$text('family')) ?: $text('literal');

        return '<b:Person>'.self::element('Last', $last)
            .self::element('First', trim($text('given').' '.$text('dropping-particle'))).'</b:Person>';
    }

    private static function date(mixed $date, string $suffix): string
    {
        $parts = is_array($date) && is_array($date['date-parts'][0] ?? null) ? $date['date-parts'][0] : [];
        $xml = '';
        foreach (['Year', 'Month', 'Day'] as $i => $name) {
            $xml .= self::element($name.$suffix, is_scalar($parts[$i] ?? null) ? (string) $parts[$i] : '');
        }

        return $xml;
    }

    private static function element(string $name, string $value): string
    {
        return $value === '' ? '' : "<b:{$name}>".Package::escaped($value)."</b:{$name}>";
    }

    /**
     * @return array{types: array<string, string>, people: array<string, string>, fields: array<string, list<string>>}
     */
    private static function data(): array
    {
        static $data = null;

        return $data ??= require dirname(__DIR__, 3).'/data/word-sources.php';
    }
}
