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
     * @param  array<string, array<string, list<string>>>  $scripts  the first field in its original script, by tag
     */
    private function __construct(
        public string $leader,
        private array $control,
        private array $fields,
        private array $scripts,
    ) {
    }

    public static function of(\DOMElement $record): self
    {
        [$leader, $control, $fields, $scripts] = ['', [], [], []];
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
                [$subfields, $link] = [[], ''];
                foreach ($node->childNodes as $child) {
                    if ($child instanceof \DOMElement && $child->getAttribute('code') === '6') {
                        $link = substr(trim($child->textContent), 0, 3);
                    } elseif ($child instanceof \DOMElement && $child->localName === 'subfield') {
                        $subfields[$child->getAttribute('code')][] = \Normalizer::normalize(trim($child->textContent))
                            ?: trim($child->textContent);
                    }
                }
                // A field in another script repeats a field under its own tag.
                if ($tag === '880') {
                    $scripts[$link] ??= $subfields;
                } else {
                    $fields[$tag][] = [$node->getAttribute('ind1'), $node->getAttribute('ind2'), $subfields];
                }
            }
        }

        return new self($leader, $control, $fields, $scripts);
    }

    /** A subfield in the script of the title page, where the record has it in another; '' where it has not. */
    public function inScript(string $tag, string $code): string
    {
        return self::plain($this->scripts[$tag][$code][0] ?? '');
    }

    public function control(string $tag): string
    {
        return $this->control[$tag] ?? '';
    }

    /** The first subfield of a field as it stands. */
    public function raw(string $tag, string $code): string
    {
        foreach ($this->fields[$tag] ?? [] as [, , $subfields]) {
            if (isset($subfields[$code][0])) {
                return $subfields[$code][0];
            }
        }

        return '';
    }

    /** The first subfield of a field, without the punctuation cataloguing puts between subfields. */
    public function first(string $tag, string $code): string
    {
        return self::plain($this->raw($tag, $code));
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
