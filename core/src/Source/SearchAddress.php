<?php

declare(strict_types=1);

namespace Bibrel\Core\Source;

/** A web address that finds a source and is not one: a search, or the preview an image search shows of a picture. */
final readonly class SearchAddress
{
    /** Where a preview carries the address of the page the picture stands on. */
    private const PAGE = ['imgrefurl', 'refurl', 'ru', 'purl'];

    private const PREVIEW = '~/imgres\b|[?&](?:imgurl|imgrefurl|mediaurl)=~i';

    private const ANY = '~^https?://[^/]+/(?:search|find|results?|images/search)\b|[?&](?:q|query|search|searchterm)=~i';

    /** Words searched for, at an address that holds nothing else. */
    private const PLAIN = '~^https?://[^/]+/(?:search|results|images/search)/?\?(?:[^#]*&)?(?:q|query|p|search)=~i';

    public function __construct(private string $url)
    {
    }

    public function isPreview(): bool
    {
        return preg_match(self::PREVIEW, $this->url) === 1;
    }

    /** The page the previewed picture stands on; '' where the address does not tell. */
    public function pageBehind(): string
    {
        parse_str((string) parse_url($this->url, PHP_URL_QUERY), $query);
        foreach ($this->isPreview() ? self::PAGE : [] as $name) {
            if (is_string($query[$name] ?? null) && preg_match('~^https?://~i', $query[$name]) === 1) {
                return $query[$name];
            }
        }

        return '';
    }

    /** Whether the address looks like a search: worth a remark, since some sites keep their pages behind one. */
    public function maySearch(): bool
    {
        return preg_match(self::ANY, $this->url) === 1;
    }

    /** Whether it can be nothing but a search. */
    public function isSearch(): bool
    {
        return preg_match(self::PLAIN, $this->url) === 1;
    }
}
