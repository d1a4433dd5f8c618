<?php

declare(strict_types=1);

namespace Bibrel\Core\Page;

use Bibrel\Core\Source\Source;

/** A source as it comes to a page: it is only read where it is not remembered what becomes of it. */
final class PageSource
{
    private ?Source $source = null;

    /**
     * @param  string  $id  the source's
     * @param  string  $key  tells this state of this source from every other one; '' for one nobody should remember
     * @param  \Closure(): Source  $read
     */
    public function __construct(
        public readonly string $id,
        public readonly string $key,
        private readonly \Closure $read,
    ) {
    }

    public static function of(Source $source, string $key = ''): self
    {
        $one = new self($source->id, $key, static fn (): Source => $source);
        $one->source = $source;

        return $one;
    }

    public function source(): Source
    {
        return $this->source ??= ($this->read)();
    }
}
