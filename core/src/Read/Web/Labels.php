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
        'maker' => ['producer name', 'producer', 'vervaardiger', 'hersteller', 'fabricant'],
        'photographer' => ['fotograf', 'fotograf/in', 'fotograf:in', 'photographe', 'fotógrafo', 'fotógrafa', 'fotograaf'],
        'author' => ['main author', 'first author', 'corporate author', 'author/creator', 'creator/author', 'autor', 'autor/in', 'autor:in', 'auteur', 'auteurs', 'autore', 'verfasser', 'verfasser/in', 'forfatter'],
        'creator' => ['creators', 'creator(s)', 'created by', 'creator/contributor', 'contributor names', 'urheber', 'créateur'],
        'title' => ['titel', 'titre', 'título', 'titolo', 'document title', 'title/name'],
        'date' => ['datierung', 'datering', 'entstehungsjahr', 'entstehungszeit', 'fecha', 'datazione', 'year', 'jahr', 'année', 'date of work', 'date(s)', 'dates'],
        'date made' => ['created / published', 'creation date', 'date de création', 'fecha de creación', 'herstellungsdatum'],
        'publication year' => ['year of publication'],
        'date published' => ['data first published'],
        'publication date' => ['date de publication', 'fecha de publicación', 'erscheinungsdatum', 'erscheinungsjahr', 'date/year published', 'pub date', 'pub. date'],
        'medium' => ['material/technik', 'material und technik', 'technik', 'technique', 'técnica', 'tecnica', 'matériaux et techniques', 'materials and techniques', 'materiaal', 'materials & techniques', 'medium/technique', 'matière et technique', 'matières et techniques'],
        'inventory number' => ['inventarnummer', 'inventarnr.', 'inventarnr', 'inventory no.', 'inv. no.', 'inv. nr.', 'objektnummer', 'objectnummer', 'numéro d’inventaire', 'n° d’inventaire', 'número de inventario', 'accession no.', 'accession no', 'object id', 'museum number'],
        'publisher' => ['verlag', 'éditeur', 'editorial', 'uitgever', 'editore', 'digital publisher'],
        'publication title' => ['journal/magazine', 'periodical', 'periodical title', 'newspaper', 'magazine', 'revue', 'zeitschrift', 'revista'],
        'type' => ['objektart', 'objekttyp', 'type d’objet', 'tipo', 'objecttype', 'object type', 'type of work', 'type of object', 'work type', 'type of resource', 'resource type', 'item type', 'content type', 'publication type', 'genre', 'genre/form', 'format', 'classification'],
        'scale' => ['scale 1', 'maßstab', 'échelle', 'escala'],
    ];

    /** Labels that tell a value wherever two elements stand side by side, or a heading over its value. */
    private const TOLD = ['medium', 'materials', 'medium and support', 'report number', 'report no.', 'publication number', 'doi', 'collection', 'isbn', 'accession number', 'object number', 'author', 'authors', 'author(s)', 'artist', 'maker', 'painter', 'sculptor', 'photographer', 'cartographer', 'creator', 'title', 'date', 'published', 'publication date', 'date published', 'date made', 'publication title', 'source', 'journal', 'journal title', 'volume', 'issue', 'pages', 'publisher', 'document type', 'source type', 'type', 'database', 'inventory number', 'scale', 'issn'];

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
        return [...self::lists($page), ...self::rows($page), ...self::lines($page), ...self::marked($page), ...self::headed($page), ...self::blocks($page)];
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

    /** @return list<array{string, string, list<string>}> */
    private static function lines(Document $page): array
    {
        $pairs = [];
        foreach (self::isTold($page) ? $page->all('//*[(self::li or self::div or self::p) and count(*)=2 and not(*[1]/*) and string-length(*[1])<40]') : [] as $line) {
            $parts = $page->all('./*', $line);
            if (self::tells($page->text($parts[0]))) {
                $pairs[] = self::pair($page, $parts[0], array_slice($parts, 1));
            }
        }

        return $pairs;
    }

    /**
     * Labels that their class calls so, each before its value.
     *
     * @return list<array{string, string, list<string>}>
     */
    private static function marked(Document $page): array
    {
        $pairs = [];
        foreach (self::isTold($page) ? $page->withClass($page->classesLike('/(?:^|[_-])(?:label|term)$/i')) : [] as $label) {
            $value = $label->nextElementSibling;
            if ($value !== null && self::tells($page->text($label))) {
                $pairs[] = self::pair($page, $label, [$value]);
            }
        }

        return $pairs;
    }

    /**
     * A small heading over its value.
     *
     * @return list<array{string, string, list<string>}>
     */
    private static function headed(Document $page): array
    {
        $pairs = [];
        foreach (self::isTold($page) ? $page->all('//*[(self::h2 or self::h3 or self::h4 or self::h5 or self::h6) and string-length(.)<60]') : [] as $heading) {
            if (! self::tells($page->text($heading))) {
                continue;
            }
            $values = [];
            for ($next = $heading->nextElementSibling, $length = 0; $next !== null && preg_match('/^h\d$/', (string) $next->localName) !== 1; $next = $next->nextElementSibling) {
                $length += strlen($next->textContent);
                if ($length > self::LONGEST) {
                    break;
                }
                $values[] = $next;
            }
            $box = $heading->parentNode;
            if ($values !== []) {
                $pairs[] = self::pair($page, $heading, $values);
            } elseif ($heading->nextElementSibling === null && $box instanceof \DOMElement && $heading->previousElementSibling === null) {
                $lines = array_slice(VisibleText::lines($box), 1);
                $pairs[] = [$page->text($heading), $lines[0] ?? '', $lines];
            }
        }

        return $pairs;
    }

    /** Whether the page's markup holds such a label in an element of its own. */
    private static function isTold(Document $page): bool
    {
        static $pattern = null;
        $pattern ??= '~>\s*(?:'.implode('|', array_map(static fn (string $label): string => preg_quote($label, '~'), [...self::TOLD, ...array_keys(self::known())])).')\s*:?\s*<~iu';

        return $page->matches($pattern);
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
