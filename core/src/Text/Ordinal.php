<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** English ordinals and the wording of editions. */
final class Ordinal
{
    private const WORDS = [
        'first' => 1, 'second' => 2, 'third' => 3, 'fourth' => 4, 'fifth' => 5, 'sixth' => 6, 'seventh' => 7,
        'eighth' => 8, 'ninth' => 9, 'tenth' => 10, 'eleventh' => 11, 'twelfth' => 12,
    ];

    public static function of(int $number): string
    {
        $end = in_array($number % 100, [11, 12, 13], true) ? 'th' : (['th', 'st', 'nd', 'rd'][$number % 10] ?? 'th');

        return $number.$end;
    }

    /** How many volumes there are: "4" as "4 vols."; other words as they are. */
    public static function volumes(string $volumes): string
    {
        return (string) preg_replace('/^(\d+)$/', '$1 vols.', $volumes);
    }

    /** An edition in the middle of an entry: "Late ed." as "late ed.", while a name keeps its capital. */
    public static function within(string $edition): string
    {
        $isPlain = preg_match('/^(?:late|early|final|city|morning|evening|national|international|revised|rev|expanded|illustrated'
            .'|special|library|student|abridged|enlarged|updated|new|first|digital|online|weekend|regional|local)\b/i', $edition) === 1;

        return $isPlain ? lcfirst($edition) : $edition;
    }

    /** "3", "third" and "Third edition" as "3rd ed."; "revised edition" as "rev. ed."; other words as they are. */
    public static function edition(string $edition): string
    {
        $text = trim($edition);
        if ($text === '') {
            return '';
        }
        if (preg_match('/^(\d{1,3})(?:st|nd|rd|th)?$/i', $text, $m) === 1) {
            return self::of((int) $m[1]).' ed.';
        }
        if (isset(self::WORDS[strtolower($text)])) {
            return self::of(self::WORDS[strtolower($text)]).' ed.';
        }
        if (preg_match('/^(?:revised|rev\.?|abridged|enlarged|expanded|updated)$/i', $text) === 1) {
            $text .= ' edition';
        }
        $text = (string) preg_replace('/\b(?:edition|edn\.?|ed\.?)(?=$|[\s,;)])/i', 'ed.', $text);
        $text = (string) preg_replace_callback(
            '/\b('.implode('|', array_keys(self::WORDS)).')\b(?= (?:\w+ )?ed\.)/i',
            static fn (array $m): string => self::of(self::WORDS[strtolower($m[1])]),
            $text,
        );
        $text = (string) preg_replace_callback(
            '/\b(\d{1,3})(?:st|nd|rd|th)?(?= ed\.)/i',
            static fn (array $m): string => self::of((int) $m[1]),
            $text,
        );
        $text = (string) preg_replace(
            [
                '/\brevised\b|\brev\b\.?/i',
                '/\babridged\b|\babr\b\.?/i',
                '/\benlarged\b|\benl\b\.?/i',
                '/\bexpanded\b|\bexp\b\.?/i',
            ],
            ['rev.', 'abr.', 'enl.', 'expanded'],
            $text,
        );

        return $text;
    }
}
