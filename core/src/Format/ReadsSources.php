<?php

declare(strict_types=1);

namespace Bibrel\Core\Format;

use Bibrel\Core\Source\Source;

interface ReadsSources
{
    /** Whether a text that somebody pasted begins like one of this format. */
    public function begins(string $text): bool;

    /**
     * @return list<Source>
     *
     * @throws Unreadable for what is not of this format
     */
    public function read(string $text): array;
}
