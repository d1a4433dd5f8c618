<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

use Bibrel\Core\Source\Title;
use Bibrel\Core\Text\Markup;

/**
 * The short form of a title for an in-text citation: without its initial article, to the end of the noun phrase it
 * begins with.
 *
 * Source: MLA Handbook, 9th ed., 6.10; APA Publication Manual, 7th ed., 8.14.
 */
final readonly class ShortTitle
{
    private const ENDS = '/\s+(?=(?:in|on|at|of|for|from|with|without|to|by|under|over|between|during|through|after|before|against|among|about|into|since|until|that|which|who|whose|where|when|why|how|is|are|was|were|has|have|had|will|can|could|should|must|may|might|do|does|did)\b)/iu';

    public function __construct(private Title $title)
    {
    }

    public function noun(): string
    {
        if ($this->title->short !== '') {
            return $this->title->short;
        }
        $main = self::main($this->title);
        $bare = (string) preg_replace('/^(?:a|an|the)\s+(?=\S)/iu', '', $main);
        $phrase = preg_split(self::ENDS, $bare, 2)[0] ?? $bare;
        $phrase = $phrase === ''
            || preg_match(

                '/^(?:how|why|what|when|where|who|in|on|at|of|for|from|with|to|by|under|over|is|are|was|can|do|does|should|will)$/iu',
                $phrase,
            ) === 1
            ? self::firstWords($bare, 3)
            : $phrase;

        return rtrim($phrase, ' ,;:.');
    }

    public function few(): string
    {
        if ($this->title->short !== '') {
            return $this->title->short;
        }
        $main = self::main($this->title);

        return count(explode(' ', $main)) <= 5 ? rtrim($main, ' ,;:.') : self::firstWords($main, 4);
    }

    private static function main(Title $title): string
    {
        return explode(': ', (new Markup($title->main))->plain(), 2)[0];
    }

    private static function firstWords(string $text, int $count): string
    {
        $words = array_slice(explode(' ', $text), 0, $count);
        while (count($words) > 1
            && preg_match(
                '/^(?:a|an|the|and|or|but|of|in|on|at|to|for|with|by|from)$/iu',
                (string) end($words),
            ) === 1) {
            array_pop($words);
        }

        return rtrim(implode(' ', $words), ' ,;:.');
    }
}
