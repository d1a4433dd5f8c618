<?php

declare(strict_types=1);

namespace Bibrel\App\Lookup;

use Illuminate\Contracts\Cache\Repository;

/** Remembers what an address answered for a while, so that a class that looks up one page asks its site once. */
final readonly class PageCache
{
    public function __construct(private Repository $cache, private int $minutes)
    {
    }

    public function recall(Wanted $wanted): ?FetchedPage
    {
        $kept = $this->minutes > 0 && ! $wanted->again ? $this->cache->get(self::key($wanted)) : null;

        if (! is_array($kept)) {
            return null;
        }
        [$url, $type, $packed] = array_map(strval(...), $kept);

        return new FetchedPage($url, $type, (string) gzuncompress($packed));
    }

    public function keep(Wanted $wanted, FetchedPage $page): void
    {
        if ($this->minutes > 0) {
            $kept = [$page->url, $page->contentType, gzcompress($page->body)];
            $this->cache->put(self::key($wanted), $kept, $this->minutes * 60);
        }
    }

    private static function key(Wanted $wanted): string
    {
        return 'page:'.hash('sha256', $wanted->accept."\0".$wanted->url);
    }
}
