<?php

declare(strict_types=1);

namespace Bibrel\Core\Draft\Citation;

use Bibrel\Core\Draft\DraftWords;

/** The names of a citation as they stand: "Brook, Vale, & Harrow", "Brook et al.", "J. Brook". */
final readonly class NameWords
{
    public bool $hasOthers;

    /** Whether "et al." lacks its full stop, or has a full stop or a comma too many. */
    public bool $isOthersMisspelt;

    /** "and", "&", or '' where one name stands alone */
    public string $conjunction;

    /** @var list<string> */
    public array $names;

    public function __construct(public string $text)
    {
        $pattern = '/,?\s+'.DraftWords::all()->pattern('others').'$/iu';
        $others = preg_match($pattern, $text, $m) === 1 ? $m[0] : '';
        $this->hasOthers = $others !== '';
        $text = (string) preg_replace($pattern, '', $text);
        $this->conjunction = preg_match('/\s(and|&|und|et|y)\s/u', $text, $m) === 1 ? $m[1] : '';
        $parts = preg_split('/\s*,\s*(?:(?:and|&)\s+)?|\s+(?:and|&)\s+/u', $text) ?: [];
        $this->names = array_values(
            array_filter(array_map(trim(...), $parts), static fn (string $one): bool => $one !== ''),
        );
        // After one name no comma stands before it.
        $comma = count($this->names) > 1 ? ',?' : '';
        $this->isOthersMisspelt = preg_match('/al/i', $others) === 1
            && preg_match("/^{$comma} et al\\.$/", $others) !== 1;
    }
}
