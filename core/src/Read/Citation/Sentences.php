<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

use Bibrel\Core\Text\Vocabulary;

/** An entry's sentences: it is parted by full stops, but not by those of initials and abbreviations. */
final readonly class Sentences
{
    /** What ends in a stop without ending a sentence. "ed." in small letters closes an edition or an editor's name. */
    private const SHORT = '/(?:^|[\s(,–-])(?:\p{Lu}|Eds?|Trans|Dir|Perf|Narr|Illus|Rev|Vols?|vols?|Nos?|nos?|pp?|pgs?|(?<!, )[JS]r|St|Dr|Mrs?|Ms|{months}|Inc|Co|Ltd|Corp|rev|suppl|vs?|c|ca|fig|ch)$/u';

    public function __construct(private string $text)
    {
    }

    /** @return list<string> with the marks they end in */
    public function all(): array
    {
        $sentences = [];
        $from = 0;
        preg_match_all(
            '/[.?!][”’]{0,2}(?=\s+(?:[\p{Lu}\d“‘@\[]|[ivxlc]+[–-][ivxlc]))/u',
            $this->text,
            $stops,
            PREG_OFFSET_CAPTURE,
        );
        foreach ($stops[0] as [$mark, $at]) {
            if ($mark === '.'
                && preg_match(
                    str_replace('{months}', Vocabulary::all()->shortMonths(), self::SHORT),
                    substr($this->text, $from, $at - $from),
                ) === 1) {
                continue;
            }
            $sentences[] = trim(substr($this->text, $from, $at + strlen($mark) - $from));
            $from = $at + strlen($mark);
        }
        $sentences[] = trim(substr($this->text, $from));

        return array_values(array_filter($sentences, static fn (string $sentence): bool => $sentence !== ''));
    }
}
