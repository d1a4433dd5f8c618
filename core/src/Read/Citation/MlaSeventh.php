<?php

declare(strict_types=1);

namespace Bibrel\Core\Read\Citation;

/**
 * What stands after the title in an entry of MLA's 7th edition, in the words of the later ones: "2nd ed. Trans. Piet
 * Ilves. Gullhaven: Lowtide, 2008." is "2nd ed., translated by Piet Ilves, Lowtide, 2008" (MLA Handbook, 7th ed., ch.
 * 5).
 */
final readonly class MlaSeventh
{
    private const WORDS = [
        '/^Eds?\. (?=\p{Lu})/u' => 'edited by ', '/^Trans\. (?=\p{Lu})/u' => 'translated by ',
        '/^Dir\. (?=\p{Lu})/u' => 'directed by ', '/^Perf\. (?=\p{Lu})/u' => 'performances by ',
        '/^Narr\. (?=\p{Lu})/u' => 'narrated by ', '/^Illus\. (?=\p{Lu})/u' => 'illustrated by ',
        '/^Introd\. (?=\p{Lu})/u' => 'introduction by ', '/^By (?=\p{Lu})/u' => 'by ', '/^Vol\. (?=\d)/u' => 'vol. ',
        '/^Diss\. /u' => 'Diss., ',
    ];

    /** @param  string  $rest  after the title */
    public function __construct(private string $rest)
    {
    }

    /**
     * @return array{list<string>, string} one chunk for each container, and the place of publication
     */
    public function modern(): array
    {
        $chunks = [];
        $place = '';
        $isClosed = false;
        foreach ((new Sentences($this->rest))->all() as $sentence) {
            $said = rtrim($sentence, '. ');
            $said = preg_match('/\bed$/u', $said) === 1 ? "{$said}." : $said;
            if (preg_match('/^(?:N\.\s?p\.?|n\.\s?p\.?|n\.\s?d\.?|N\.p\., n\.d|n\. pag\.?)$/u', $said) === 1) {
                continue;
            }
            $said = (string) preg_replace(
                ['/^N\.p\.:\s*/u', '/^n\.p\.,\s*/iu', '/,\s*n\.d\.?$/u', '/^(\d+[–-]\d+|[ivxlc]+[–-][ivxlc]+)$/u'],
                ['', '', '', 'pp. $1'],
                $said,
            );
            if (preg_match('/^(\p{Lu}[\p{L} ]{2,30}): (\p{Lu}.*)$/u', $said, $m) === 1
                && preg_match('/\d{4}$|\p{L}$/u', $said) === 1) {
                [$place, $said] = [$m[1], $m[2]];
            }
            $isElement = false;
            foreach (self::WORDS as $pattern => $words) {
                if (preg_match($pattern, $said) === 1) {
                    $said = (string) preg_replace($pattern, $words, $said);
                    $isElement = true;
                    break;
                }
            }
            // After "Journal 12.3 (2016): 215–39" a name is a database's.
            if ($chunks === [] || $isClosed && ! $isElement) {
                $chunks[] = $said;
            } elseif ($said !== '') {
                $chunks[count($chunks) - 1] .= ", {$said}";
            }
            $isClosed = preg_match('/^(?:Editorial|Letter|Rev\. of .+)$/u', $said) === 1
                || preg_match('/\d{4}\)?(?:, [^:]+ ed\.)?: \S/u', $said) === 1;
        }

        return [$chunks, $place];
    }
}
