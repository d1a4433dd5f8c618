<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Web;

use Bibrel\Core\Read\Confidence;
use Bibrel\Core\Source\ContainerField;
use Bibrel\Core\Source\Text;

/** The copyright line: whose site it is, and a year that belongs to the whole site and never dates the page. */
final class CopyrightLine implements EvidenceReader
{
    /** A full stop inside a name ("Co. L.P.", "Northmere.example") does not end it. */
    private const LINE = '/(?:©|®(?=\s*\d{4})|\(c\)|copyright)\s*(?:©|\(c\)|copyright)?\s*((?:\d{4}\s*[-–]\s*)?\d{4})?[,.]?\s*(?:by\s+|of\s+)?((?:[^.|·•\d©]|\.(?=[\p{L}\d])|(?<=\.\p{Lu})\.){3,80}?)?(?:\s*(?:,|\||·|•|\.(?!\p{L})|all rights|\s(?:is|are|may|does|and its|and wire|and\/or)\s|$|(\d{4})))/iu';

    public const WHERE = 'From the copyright line.';

    public function read(Document $page): array
    {
        $owner = self::owner($page);
        $isHost = $owner !== '' && Text::folded($owner) === Text::folded((string) preg_replace('/\.[^.]+$/', '', $page->host()));

        return [
            ...Make::text(ContainerField::Publisher->at(), $owner, self::WHERE, Confidence::Likely, true),
            ...Make::text(ContainerField::Title->at(), $isHost ? $owner : '', 'From the copyright line; the address says the same.', Confidence::Likely, true),
        ];
    }

    public static function owner(Document $page): string
    {
        return self::named(self::parts($page));
    }

    /** @param  array<int, string>  $parts */
    private static function named(array $parts): string
    {
        $owner = trim($parts[2] ?? '', " ,-–(\t");

        $owner .= preg_match('/\.\p{Lu}$/u', $owner) === 1 ? '.' : '';

        return preg_match('/^(?:all rights|все права|всички права|wszelkie prawa|alle rechte|tous droits|todos los derechos|tutti i diritti|minden jog|reserved|notice|policy|credit|holder|info|law|status)|:|^[^\p{L}\p{N}]|^www\./iu', $owner) === 1 || preg_match('/^\p{Ll}+ /u', $owner) === 1 ? '' : $owner;
    }

    /** The last year of the line; an empty string where there is none. */
    public static function year(Document $page): string
    {
        $parts = self::parts($page);
        $years = ($parts[1] ?? '') !== '' ? $parts[1] : ($parts[3] ?? '');

        return preg_match('/(\d{4})\D*$/', $years, $m) === 1 ? $m[1] : '';
    }

    /** @return array<int, string> of the last such line that names an owner, else of the last one */
    private static function parts(Document $page): array
    {
        $last = [];
        foreach (array_reverse($page->blocks()) as $block) {
            // "Agency texts: copyright …" and "Software: © …" say whose a part is.
            if (mb_strlen($block['text']) < 300 && preg_match('/^[^©]{4,80}:\s*(?:©|copyright)/iu', $block['text']) !== 1 && preg_match(self::LINE, $block['text'], $m) === 1) {
                if (self::named($m) !== '') {
                    return $m;
                }
                $last = $last ?: $m;
            }
        }

        return $last;
    }
}
