<?php

declare(strict_types=1);

namespace Bibrel\Core\Write;

use Bibrel\Core\Source\FieldGuide;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Text\Markup;

/**
 * What a format could not carry: the source is written, read back, and held against what it was. Nothing here knows the
 * formats' fields, so nothing can be forgotten when one changes.
 */
final class Losses
{
    /**
     * @param  callable(list<Source>): string  $write
     * @param  callable(string): list<Source>  $read
     * @return list<string> the names of the fields that did not come back, in the words of the forms
     */
    public static function of(Source $source, callable $write, callable $read): array
    {
        $back = $read($write([$source]))[0] ?? null;
        $before = self::flat($source->toArray());
        $after = $back === null ? [] : self::flat($back->toArray());
        $lost = [];
        foreach ($before as $path => $value) {
            // What merely found another place has come back.
            if (($after[$path] ?? null) !== $value && ! in_array($value, $after, true) && ! in_array($path, ['kind', 'reached', 'id'], true)) {
                $marks = Markup::plain($value) === Markup::plain($after[$path] ?? '');
                $lost[$marks ? 'the marks inside the '.self::label($path) : self::label($path)] = true;
            }
        }

        return array_keys($lost);
    }

    /**
     * @param  array<mixed>  $json
     * @return array<string, string> path => value, markup and spelling of dates put aside
     */
    private static function flat(array $json, string $path = ''): array
    {
        $flat = [];
        foreach ($json as $key => $value) {
            $at = $path === '' ? (string) $key : "{$path}.{$key}";
            if (is_array($value)) {
                $flat += self::flat($value, $at);
            } elseif (is_scalar($value)) {
                $text = (string) $value;
                $flat[$at] = in_array($key, ['date', 'accessed'], true) ? PartialDate::parse($text)->edtf() : strtr($text, ['–' => '-', '’' => "'"]);
            }
        }

        return $flat;
    }

    private static function label(string $path): string
    {
        return match (true) {
            str_starts_with($path, 'custom.') => 'what another format said: '.basename(str_replace('.', '/', $path)),
            str_contains($path, 'contributors') => 'a contributor, or what they did',
            $path === 'title.described' => 'that the title is a description',
            default => mb_strtolower(FieldGuide::label($path)),
        };
    }
}
