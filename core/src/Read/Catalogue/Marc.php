<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Catalogue;

/** One bibliographic record in MARCXML, by tag and subfield (MARC 21, Library of Congress). */
final readonly class Marc
{
    /**
     * @param  array<string, string>  $control  tag => value
     * @param  array<string, list<array{string, string, array<string, list<string>>}>>  $fields tag => list of
     *         [indicator 1, indicator 2, subfields]
     */
    private function __construct(public string $leader, private array $control, private array $fields)
    {
    }

    public static function of(\DOMElement $record): self
    {
        [$leader, $control, $fields] = ['', [], []];
        foreach ($record->childNodes as $node) {
            if (! $node instanceof \DOMElement) {
                continue;
            }
            $tag = $node->getAttribute('tag');
            if ($node->localName === 'leader') {
                $leader = $node->textContent;
            } elseif ($node->localName === 'controlfield') {
                $control[$tag] ??= trim($node->textContent);
            } elseif ($node->localName === 'datafield') {
                $subfields = [];
                foreach ($node->childNodes as $child) {
                    if ($child instanceof \DOMElement && $child->localName === 'subfield') {
                        $subfields[$child->getAttribute('code')][] = \Normalizer::normalize(trim($child->textContent))
                            ?: trim($child->textContent);
                    }
                }
                // A field in another script repeats a field under its own tag.
                if ($tag !== '880') {
                    $fields[$tag][] = [$node->getAttribute('ind1'), $node->getAttribute('ind2'), $subfields];
                }
            }
        }

        return new self($leader, $control, $fields);
    }

    public function control(string $tag): string
    {
        return $this->control[$tag] ?? '';
    }

    /** The first subfield of a field, without the punctuation cataloguing puts between subfields. */
    public function first(string $tag, string $code): string
    {
        foreach ($this->fields[$tag] ?? [] as [, , $subfields]) {
            if (isset($subfields[$code][0])) {
                return self::plain($subfields[$code][0]);
            }
        }

        return '';
    }

    /** @return list<array{string, string, array<string, list<string>>}> */
    public function all(string ...$tags): array
    {
        return array_merge(
            ...array_map(fn (string $tag): array => $this->fields[$tag] ?? [], array_values($tags)) ?: [[]],
        );
    }

    /** "Moonpower :" as "Moonpower"; a full stop stays after an initial or an abbreviation. */
    public static function plain(string $value): string
    {
        $value = (string) preg_replace('~\s*[/:;,=]+\s*$~u', '', trim($value));

        return (string) preg_replace('/(?<=[\p{Ll}\d\])]{2})(?<!\bed)(?<!\bvol)(?<!\bJr)(?<!\bSr)\.$/u', '', $value);
    }
}
