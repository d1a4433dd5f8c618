<?php

declare(strict_types=1);

namespace Bibrel\Core\Style;

use Bibrel\Core\Source\Text;

/**
 * One mention of a source in the text: where in the source, and how the sentence around it stands.
 *
 * `narrative`: the sentence names the author itself. `quoted` and `quotedYear`: whose words the source only passes on,
 * and from when. `first`: the text has not named this source yet, so that an organisation's abbreviation is introduced.
 */
final readonly class CitationContext
{
    public function __construct(
        public Locator $locator = new Locator,
        public bool $narrative = false,
        public string $quoted = '',
        public string $quotedYear = '',
        public bool $first = true,
    ) {
    }

    /**
     * @param  string  $quoted  "Oake" or "Oake, 1898"
     */
    public static function of(Locator $locator, bool $narrative, string $quoted = '', bool $first = true): self
    {
        $quoted = Text::line($quoted);
        $year = preg_match('/^(.+?),?\s*\(?(\d{3,4})\)?$/u', $quoted, $m) === 1 ? $m[2] : '';

        return new self($locator, $narrative, $year === '' ? $quoted : $m[1], $year, $first);
    }
}
