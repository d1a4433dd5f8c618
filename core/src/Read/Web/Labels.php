<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

/** The labels a page prints before its values: "Artist: …", a table of two columns, a list of terms. The first of a name counts. */
final readonly class Labels
{
    /** Longer values are text. */
    private const LONGEST = 200;

    /** The same labels in other words and other languages, by the one they are known under here. */
    private const SAME = [
        'artist' => ['künstler', 'künstlerin', 'künstler/in', 'künstler:in', 'artiste', 'artista', 'kunstenaar', 'kunstner', 'konstnär', 'artist/maker', 'artist name'],
        'maker' => ['producer name', 'vervaardiger', 'hersteller', 'fabricant'],
        'photographer' => ['fotograf', 'fotograf/in', 'fotograf:in', 'photographe', 'fotógrafo', 'fotógrafa', 'fotograaf'],
        'author' => ['main author', 'first author', 'corporate author', 'author/creator', 'creator/author', 'autor', 'autor/in', 'autor:in', 'autores', 'autora', 'auteur', 'auteurs', 'autore', 'instructor', 'verfasser', 'verfasser/in', 'forfatter'],
        'creator' => ['creators', 'creator(s)', 'created by', 'creator/contributor', 'contributor names', 'urheber', 'créateur'],
        'title' => ['titel', 'titre', 'título', 'titolo', 'document title', 'title/name'],
        'date' => ['datierung', 'datering', 'entstehungsjahr', 'entstehungszeit', 'fecha', 'datazione', 'year', 'jahr', 'année', 'date of work', 'date(s)', 'dates', 'dates / origin', 'date/origin'],
        'date made' => ['created / published', 'creation date', 'date de création', 'fecha de creación', 'herstellungsdatum'],
        'publication year' => ['year of publication'],
        'date published' => ['data first published'],
        'publication date' => ['date de publication', 'fecha de publicación', 'erscheinungsdatum', 'erscheinungsjahr', 'date/year published', 'pub date', 'pub. date'],
        'medium' => ['material/technik', 'material und technik', 'technik', 'technique', 'técnica', 'tecnica', 'matériaux et techniques', 'materials and techniques', 'materiaal', 'materials & techniques', 'medium/technique', 'matière et technique', 'matières et techniques', 'materiaal en techniek', 'técnica/soporte'],
        'inventory number' => ['inventarnummer', 'inventarnr.', 'inventarnr', 'inventory no.', 'inv. no.', 'inv. nr.', 'objektnummer', 'objectnummer', 'numéro d’inventaire', 'n° d’inventaire', 'número de inventario', 'número de catálogo', 'catalogue number', 'catalog number', 'accession no.', 'accession no', 'object id', 'museum number'],
        'publisher' => ['verlag', 'éditeur', 'uitgever', 'editore', 'digital publisher', 'production company'],
        'source' => ['localización', 'veröffentlicht in', 'erschienen in', 'publié dans', 'publicado en', 'quelle', 'fuente', 'is part of', 'appears in'],
        'publication title' => ['journal/magazine', 'periodical', 'periodical title', 'newspaper', 'magazine', 'revue', 'zeitschrift', 'revista'],
        'type' => ['objektart', 'objekttyp', 'type d’objet', 'tipo', 'objecttype', 'object type', 'type of work', 'type of object', 'work type', 'type of resource', 'type of item', 'resource type', 'item type', 'content type', 'publication type', 'genre/form', 'format', 'classification'],
        'isbn' => ['isbn-13', 'isbn-10', 'isbn13', 'isbn10', 'isbn 13', 'isbn 10'],
        'scale' => ['scale 1', 'maßstab', 'échelle', 'escala'],
    ];

    /** Labels that tell a value wherever two elements stand side by side, or a heading over its value. */
    private const TOLD = ['medium', 'materials', 'medium and support', 'report number', 'report no.', 'publication number', 'doi', 'collection', 'isbn', 'accession number', 'object number', 'author', 'authors', 'author(s)', 'artist', 'maker', 'painter', 'sculptor', 'photographer', 'cartographer', 'names', 'director', 'presenter', 'host', 'creator', 'title', 'date', 'published', 'publication date', 'date published', 'date made', 'publication title', 'source', 'journal', 'journal title', 'volume', 'issue', 'pages', 'publisher', 'document type', 'source type', 'type', 'database', 'inventory number', 'scale', 'issn', 'paperback', 'hardcover', 'hardback', 'print length', 'binding'];

    /** @param  array<string, array{label: string, value: string, lines: list<string>}>  $found  by the label in small letters */
    private function __construct(public array $found)
    {
    }

    public static function of(Document $page): self
    {
        $found = [];
        $known = self::known();
        foreach (self::pairs($page) as [$label, $value, $lines]) {
            if ($label !== '' && $value !== '' && mb_strlen($value) <= self::LONGEST) {
                $name = mb_strtolower(trim($label, " :\u{00A0}"));
                $found[$known[$name] ?? $name] ??= ['label' => trim($label, ' :'), 'value' => $value, 'lines' => $lines];
            }
        }

        return new self($found);
    }

    public function has(string ...$names): bool
    {
        return array_intersect_key(array_flip($names), $this->found) !== [];
    }

    /** The value of the first of these labels the page has; '' where it has none. */
    public function value(string ...$names): string
    {
        foreach ($names as $name) {
            if (isset($this->found[$name])) {
                return $this->found[$name]['value'];
            }
        }

        return '';
    }

    /** Where a value was found, in words. */
    public static function where(string $label): string
    {
        return "From the line “{$label}” on the page.";
    }

    /** @return array<string, string> the label something is known under, by what else it is called */
    private static function known(): array
    {
        static $known = null;
        if ($known === null) {
            $known = [];
            foreach (self::SAME as $name => $others) {
                $known += array_fill_keys($others, $name);
            }
        }

        return $known;
    }

    /** @return list<array{string, string, list<string>}> label, value, and the lines of the value */
    private static function pairs(Document $page): array
    {
        return [...self::lists($page), ...self::rows($page), ...self::elements($page), ...self::blocks($page)];
    }

    /**
     * @param  list<\DOMElement>  $values  each with lines of its own
     * @return array{string, string, list<string>}
     */
    private static function pair(Document $page, \DOMElement $label, array $values): array
    {
        $lines = array_merge(...array_map(VisibleText::lines(...), $values) ?: [[]]);

        return [$page->text($label), $page->text($values[0] ?? null), $lines];
    }

    /** @return list<array{string, string, list<string>}> */
    private static function lists(Document $page): array
    {
        $pairs = [];
        foreach ($page->mentions('<dt') ? $page->all('//dl//dt') : [] as $term) {
            $values = [];
            for ($next = $term->nextElementSibling; $next !== null && $next->localName === 'dd'; $next = $next->nextElementSibling) {
                $values[] = $next;
            }
            $pairs[] = self::pair($page, $term, $values);
        }

        return $pairs;
    }

    /** @return list<array{string, string, list<string>}> */
    private static function rows(Document $page): array
    {
        $pairs = [];
        foreach ($page->mentions('<tr') ? $page->all('//tr[count(*)=2]') : [] as $row) {
            $cells = $page->all('./*', $row);
            $pairs[] = self::pair($page, $cells[0], array_slice($cells, 1));
        }

        return $pairs;
    }

    /**
     * Labels in elements of their own: before one value in a line, by a class that says so, or as a small heading.
     *
     * @return list<array{string, string, list<string>}>
     */
    private static function elements(Document $page): array
    {
        $told = array_map(static fn (string $label): string => "contains(.,'".$label."')", self::told($page));
        $pairs = [];
        foreach ($told === [] ? [] : $page->all('//*[not(*) and ('.implode(' or ', $told).')]') as $label) {
            if (! self::tells($page->text($label))) {
                continue;
            }
            // A heading or a cell may hold the label in an element more.
            for ($box = $label->parentNode; $box instanceof \DOMElement && $box->childElementCount === 1 && $page->text($box) === $page->text($label); $box = $box->parentNode) {
                $label = $box;
            }
            $isHeading = preg_match('/^h[2-6]$/', (string) $label->localName) === 1;
            $isNamed = preg_match('/(?:^|[\s_-])(?:label|term)(?:\s|$)/i', $label->getAttribute('class')) === 1;
            $values = $isHeading ? self::under($label) : ($isNamed ? array_values(array_filter([$label->nextElementSibling])) : []);
            $isLine = $box instanceof \DOMElement && $label->previousElementSibling === null && ($isHeading ? $box->childElementCount === 1 : $box->childElementCount === 2 && in_array($box->localName, ['li', 'div', 'p', 'span'], true));
            if ($isLine && self::leads($page, $label, $box)) {
                $pairs[] = self::rest($page, $label, $box);
            } elseif ($values !== []) {
                $pairs[] = self::pair($page, $label, $values);
            }
        }

        return $pairs;
    }

    /** Whether a label begins its line and stands apart from what follows: "the author of this text" is a sentence. */
    private static function leads(Document $page, \DOMElement $label, \DOMElement $box): bool
    {
        for ($next = $label->nextSibling; $next instanceof \DOMText && trim($next->data) === ''; $next = $next->nextSibling);

        return str_starts_with($page->text($box), $page->text($label)) && ($next instanceof \DOMElement || str_ends_with($page->text($label), ':') || $next instanceof \DOMText && str_starts_with(trim($next->data), ':') || preg_match('/^h\d$/', (string) $label->localName) === 1);
    }

    /** @return array{string, string, list<string>} the label, and what else its box holds */
    private static function rest(Document $page, \DOMElement $label, \DOMElement $box): array
    {
        $name = $page->text($label);
        $without = static fn (string $text): string => ltrim(str_starts_with($text, $name) ? substr($text, strlen($name)) : $text, " :\u{00A0}");

        return [$name, $without($page->text($box)), array_values(array_filter(array_map($without, VisibleText::lines($box)), static fn (string $line): bool => $line !== ''))];
    }

    /** @return list<\DOMElement> what follows a heading up to the next one, or to a text */
    private static function under(\DOMElement $heading): array
    {
        $values = [];
        $length = 0;
        for ($next = $heading->nextElementSibling; $next !== null && preg_match('/^h\d$/', (string) $next->localName) !== 1; $next = $next->nextElementSibling) {
            $length += strlen($next->textContent);
            if ($length > self::LONGEST) {
                break;
            }
            $values[] = $next;
        }

        return $values;
    }

    /** @return list<string> the labels the page's markup holds in elements of their own, as it writes them */
    private static function told(Document $page): array
    {
        static $pattern = null;
        if ($pattern === null) {
            $byLetter = [];
            foreach ([...self::TOLD, ...array_keys(self::known())] as $label) {
                $byLetter[mb_substr($label, 0, 1)][] = preg_quote(mb_substr($label, 1), '~');
            }
            // By their first letters, as a page of a megabyte has tens of thousands of elements.
            $pattern = '~>\s*+((?:'.implode('|', array_map(static fn (string|int $letter, array $rests): string => preg_quote((string) $letter, '~').'(?:'.implode('|', $rests).')', array_keys($byLetter), $byLetter)).'))\s*:?\s*<~iu';
        }

        return array_values(array_filter(array_unique($page->every($pattern)), static fn (string $label): bool => ! str_contains($label, "'")));
    }

    private static function tells(string $label): bool
    {
        $name = mb_strtolower(trim($label, " :\u{00A0}"));

        return in_array(self::known()[$name] ?? $name, self::TOLD, true);
    }

    /** @return list<array{string, string, list<string>}> */
    private static function blocks(Document $page): array
    {
        $pairs = [];
        foreach ($page->blocks() as $i => $block) {
            // Below the copyright line a site says who keeps its machines.
            if ($i > 20 && preg_match('/^[*\s]*(?:©|copyright\b)/iu', $block['text']) === 1) {
                break;
            }
            if (strlen($block['text']) > 300 || strpbrk($block['text'][0], 'ABCDEFGHIJKLMNOPQRSTUVWXYZ') === false) {
                continue;
            }
            if (str_contains($block['text'], ': ') && preg_match('/^(\p{Lu}[\p{L}() .]{2,24}):\s+(\S.*)$/u', $block['text'], $m) === 1) {
                $pairs[] = [$m[1], $m[2], [$m[2]]];
            } elseif (strlen($block['text']) < 80 && preg_match('/^(Taken on|Taken|Hosted by|Released|Presented by)\s+(\S[^.]*)/u', $block['text'], $m) === 1) {
                $pairs[] = [$m[1], $m[2], [$m[2]]];
            }
        }

        return $pairs;
    }
}
