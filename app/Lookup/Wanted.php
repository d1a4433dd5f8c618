<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

/** A document that is asked for: its address, and in which form it is of use. */
final readonly class Wanted
{
    private const PAGE = 'text/html,application/xhtml+xml;q=0.9,*/*;q=0.5';

    /**
     * @param  string  $types  a pattern for the types of content that can be read
     * @param  bool  $again  past what is remembered from a while ago
     */
    private function __construct(
        public string $url,
        public string $accept,
        public string $types,
        public bool $again = false,
    ) {
    }

    public static function page(string $url, bool $again = false): self
    {
        return new self($url, self::PAGE, '~html|xml|text/plain|^image/~i', $again);
    }

    public static function json(string $url, string $accept = 'application/json', bool $again = false): self
    {
        return new self($url, $accept, '~json~i', $again);
    }

    public static function xml(string $url): self
    {
        return new self($url, 'application/xml', '~xml~i');
    }

    public static function feed(string $url, bool $again): self
    {
        $accept = 'application/rss+xml, application/atom+xml, application/xml;q=0.9';

        return new self($url, $accept, '~xml|rss|atom~i', $again);
    }

    public static function ris(string $url, bool $again): self
    {
        return new self($url, 'application/x-research-info-systems', '~research-info|text/plain~i', $again);
    }
}
