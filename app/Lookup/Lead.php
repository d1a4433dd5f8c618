<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

/** What a student pasted into the lead box, recognised as the address of a web page. */
final readonly class Lead
{
    private const LONGEST = 4000;

    private function __construct(public string $url, public bool $schemeGiven)
    {
    }

    /** @throws LookupFailed with what can be done instead */
    public static function recognise(string $pasted): self
    {
        $text = trim((string) preg_replace('/[\x{200B}\x{FEFF}\x{00A0}]/u', ' ', mb_scrub($pasted)));
        if ($text === '') {
            throw new LookupFailed('The box is empty. Paste the address of a web page, or choose “Fill in by hand”.');
        }
        if (preg_match('~https?://[^\s<>"“”]+~iu', mb_substr($text, 0, 20000), $m) === 1) {
            $url = rtrim($m[0], '.,;:!?)]}’');
            if (strlen($url) > self::LONGEST) {
                throw new LookupFailed('This address is too long to be one. Open the page in the browser and copy its address again.');
            }

            return new self($url, true);
        }
        if (mb_strlen($text) > self::LONGEST) {
            throw new LookupFailed('That is a long text ('.number_format(mb_strlen($text)).' characters) with no web address in it. Paste one address, or choose “Fill in by hand”.');
        }
        if (preg_match('~^(?:www\.)?(?:[\p{L}\p{N}](?:[\p{L}\p{N}-]*[\p{L}\p{N}])?\.)+\p{L}{2,}(?::\d{1,5})?(?:[/?#]\S*)?$~iu', $text) === 1) {
            return new self('https://'.$text, false);
        }
        throw new LookupFailed(match (true) {
            preg_match('~\b10\.\d{4,9}/\S+~', $text) === 1 => 'This is a DOI. Looking one up is not possible yet: choose “Fill in by hand” and type it into the field DOI.',
            preg_match('~^(?:isbn[\s:-]*)?[\dxX\s-]{10,20}$~i', $text) === 1 => 'This looks like an ISBN. Looking one up is not possible yet: choose “Fill in by hand” for the book.',
            preg_match('~^[a-z][a-z0-9+.-]*:~i', $text) === 1 => 'Only addresses that begin with http:// or https:// can be looked up. Copy the address from the browser’s address bar.',
            preg_match('~^\S+\.\S+/\S.*\s~u', $text) === 1 => 'There is a space inside this address. Copy it again from the browser’s address bar.',
            default => 'This is not the address of a web page. Copy one from the browser’s address bar, or choose “Fill in by hand”: the text is kept as the title.',
        });
    }
}
