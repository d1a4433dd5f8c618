<?php

declare(strict_types=1);

namespace Bibrel\Core\Check;

use Bibrel\Core\Style\Rules;

/**
 * Why words of a finished citation have no place in ours: what older editions printed, and what belongs to another
 * style.
 */
final readonly class Superfluous
{
    /**
     * In either style: a pattern for the words, and why. What one style alone leaves out stands in that style's room.
     */
    private const WORDS = [
        '/^(?:Accessed|Retrieved)(?: on)?:? [^\/:]*(?:19|20)\d\d[.,]?(?: from)?$/iu' => 'The day you looked at it is left '
            .'out where the source has a date of its own; your teacher may want it all the same.',
        '/^\p{Lu}[\p{L}. ]*(?:, \p{Lu}{2})?:$/u' => 'The place of publication is no longer printed.',
        '/\bet al\.?,?$/iu' => '“et al.” comes back of itself once the people it stands for are added.',

        '/^\[?(?:Online|Internet|E-?book|Electronic resource)\]?\.?,?$/iu' => 'That it is online is told by its address.',
    ];

    public function __construct(private string $words)
    {
    }

    /** @return list<string> a plain sentence for each piece of the words something is known about */
    public function why(string $family): array
    {
        $found = [];
        foreach ([$this->words, ...(preg_split('/(?<=\.)\s+(?=\p{Lu}|https?:)/u', $this->words) ?: [])] as $piece) {
            foreach ([...Rules::superfluous($family), ...self::WORDS] as $pattern => $sentence) {
                if (preg_match($pattern, trim($piece)) === 1) {
                    $found[] = $sentence;
                }
            }
        }

        return array_values(array_unique($found));
    }
}
