<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

use Bibrel\Core\Source\FieldGuide;
use Bibrel\Core\Source\FieldPath;
use Bibrel\Core\Source\PartialDate;
use Bibrel\Core\Source\Source;
use Bibrel\Core\Text\Markup;

/**
 * What a format could not carry: the source is written, read back, and held against what it was. Nothing here knows the
 * formats' fields, so nothing can be forgotten when one changes.
 */
final readonly class Losses
{
    private const CUSTOM = 'custom ';

    public function __construct(private Source $source)
    {
    }

    /**
     * @return list<string> the names of the fields that did not come back, in the words of the forms
     */
    public function in(ReadsSources&WritesSources $format): array
    {
        $back = $format->read($format->write([$this->source]))[0] ?? null;
        $before = self::flat($this->source);
        $after = $back === null ? [] : self::flat($back);
        $lost = [];
        if ($back !== null && $back->kind !== $this->source->kind) {
            $lost['what it is: it comes back as “'.mb_strtolower($back->kind->label).'”'] = true;
        }
        foreach ($before as $path => $value) {
            // What merely found another place has come back.
            if (($after[$path] ?? null) !== $value && ! in_array($value, $after, true)) {
                $marks = (new Markup($value))->plain() === (new Markup($after[$path] ?? ''))->plain();
                $lost[$marks ? 'the marks inside the '.self::label($path) : self::label($path)] = true;
            }
        }

        return array_keys($lost);
    }

    /** @return array<string, string> by path, with markup and the spelling of dates put aside */
    private static function flat(Source $source): array
    {
        $flat = [];
        foreach (array_diff(FieldPath::all(), [FieldPath::kind(), FieldPath::reached()]) as $path) {
            $text = $source->text($path);
            if ($text !== '') {
                $flat[$path->key] = $path->isDate()
                    ? PartialDate::parse($text)->edtf()
                    : strtr($text, ['–' => '-', '’' => "'"]);
            }
            foreach ($path->isPeople() ? $source->people($path) : [] as $place => $one) {
                $flat[$path->member($place)->key] = implode(
                    ' ',
                    [$one->role->value, ...array_map(strval(...), $one->name->toArray())],
                );
            }
        }
        $custom = $source->custom;
        array_walk_recursive($custom, static function (mixed $value, int|string $key) use (&$flat): void {
            $flat[self::CUSTOM.$key] = (string) $value;
        });

        return $flat;
    }

    private static function label(string $key): string
    {
        $path = FieldPath::tryParse($key);

        return match (true) {
            $path === null => 'what another format said: '.substr($key, strlen(self::CUSTOM)),
            $path->isPeople() => 'a contributor, or what they did',
            $path === FieldPath::isDescribed() => 'that the title is a description',
            default => mb_strtolower(FieldGuide::label($path)),
        };
    }
}
