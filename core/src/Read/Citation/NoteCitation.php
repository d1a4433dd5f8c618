<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Read\NameShape;
use Bibrel\Core\Source\Name;

/**
 * A footnote as historians write it, with commas for full stops and names as one says them: "Halima Brook, Moonpower
 * (Fennmouth: Quayside Press, 2014), 33", "Piet Ilves, “Grain and Tide,” Coastal Essays 7, no. 1 (2021): 35".
 */
final readonly class NoteCitation
{
    public function __construct(private string $text)
    {
    }

    /** @return ?CitationParts null for what is none */
    public function parts(): ?CitationParts
    {
        $text = $this->text;
        [$text, $doi, $url] = CitationParts::address($text);
        $text = rtrim($text, '. ');
        $names = '('.NameShape::pattern().'(?:(?:, '.NameShape::pattern().')*,? and '.NameShape::pattern().')?)';
        if (preg_match("/^{$names}, “(.+?),?” (.+? \\d+(?:, no\\. \\d+)? \\(.*?\\d{4}\\): .+)$/u", $text, $m) === 1) {
            $container = MlaContainer::parse($m[3], true);

            return self::made('journal-article', $m[1], $m[2], [...$container->fields, 'doi' => $doi, 'url' => $url]);
        }
        if (preg_match(
            "/^{$names}, ([^“”(]+) \\((?:([^():]+): )?([^():]+), (\\d{4})\\)(?:, ([\\d–, -]+))?$/u",
            $text,
            $m,
        ) === 1) {
            // The page of a note is where the words stand, and no part of the book's entry.
            return self::made(
                'book',
                $m[1],
                $m[2],
                ['place' => $m[3], 'publisher' => $m[4], 'date' => $m[5], 'doi' => $doi, 'url' => $url],
            );
        }

        return null;
    }

    /** @param  array<string, string>  $container */
    private static function made(string $kind, string $names, string $title, array $container): CitationParts
    {
        $people = preg_split('/,? and |, /u', $names) ?: [];

        return new CitationParts([
            'kind' => $kind,
            'title' => ['main' => $title],
            'contributors' => array_map(
                static fn (string $name): array => ['role' => 'author', 'name' => Name::guessed($name)->toArray()],
                $people,
            ),
            'containers' => [array_filter($container, static fn (string $value): bool => $value !== '')],
        ]);
    }
}
