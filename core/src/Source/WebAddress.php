<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/**
 * Addresses as entries print them: no tracking parameters, no text fragment; a DOI as an address of its own.
 *
 * Source: MLA Handbook, 9th ed., 5.93–5.96; APA Publication Manual, 7th ed., 9.34–9.36.
 */
final readonly class WebAddress
{
    private const TRACKING = '/^(?:utm_\w+|gclid|fbclid|dclid|msclkid|mc_[ce]id|igshid|ref_src|_hs\w+|si|spm|cmpid|ocid)$/i';

    /** @param  string  $url  or a DOI in any spelling */
    public function __construct(private string $url)
    {
    }

    public function clean(): string
    {
        $url = (string) preg_replace('/#:~:text=.*$/', '', trim($this->url));
        if (preg_match('/^([^?#]*)\?([^#]*)(#.*)?$/', $url, $m) !== 1) {
            return $url;
        }
        $kept = array_filter(
            explode('&', $m[2]),
            static fn (string $pair): bool => $pair !== '' && preg_match(self::TRACKING, explode('=', $pair)[0]) !== 1,
        );

        return $m[1].($kept === [] ? '' : '?'.implode('&', $kept)).($m[3] ?? '');
    }

    public function bare(): string
    {
        return (string) preg_replace('~^https?://~i', '', $this->clean());
    }

    /** The DOI out of any usual spelling, as an https address; '' where there is none. */
    public function doi(): string
    {
        return preg_match('~(10\.\d{4,9}/\S+)~', trim($this->url), $m) === 1
            ? 'https://doi.org/'.rtrim($m[1], '.,;')
            : '';
    }
}
