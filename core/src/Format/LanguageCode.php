<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

/**
 * The code of a language that a record names in words or by a library's three letters: "Spanish", "spa" and "es-ES" are
 * "es".
 */
final readonly class LanguageCode
{
    /** Codes libraries write (MARC, ISO 639-2/B). */
    private const THREE = [
        'eng' => 'en', 'spa' => 'es', 'fre' => 'fr', 'fra' => 'fr', 'ger' => 'de', 'deu' => 'de', 'ita' => 'it',
        'por' => 'pt', 'dut' => 'nl', 'nld' => 'nl', 'swe' => 'sv', 'lat' => 'la', 'dan' => 'da', 'nor' => 'no',
        'pol' => 'pl', 'rus' => 'ru', 'cat' => 'ca', 'gre' => 'el', 'ell' => 'el', 'chi' => 'zh', 'zho' => 'zh',
        'jpn' => 'ja', 'kor' => 'ko', 'ara' => 'ar', 'heb' => 'he', 'tur' => 'tr', 'hun' => 'hu', 'cze' => 'cs',
        'ces' => 'cs', 'fin' => 'fi',
    ];

    public function __construct(private string $said)
    {
    }

    /** @return string the code; what names no known language is left as it is */
    public function code(): string
    {
        $word = mb_strtolower(trim($this->said, ' .'));
        if (preg_match('/^[a-z]{2}(?:[-_].+)?$/', $word) === 1 || $word === '') {
            return $this->said;
        }
        if (isset(self::THREE[$word])) {
            return self::THREE[$word];
        }
        foreach (array_unique(self::THREE) as $code) {
            if ($word === mb_strtolower((string) \Locale::getDisplayLanguage($code, 'en'))
                || $word === mb_strtolower((string) \Locale::getDisplayLanguage($code, $code))) {
                return $code;
            }
        }

        return $this->said;
    }
}
