<?php

declare(strict_types=1);

namespace Bibrel\App\Papers;

/** The paper holds as many sources as one paper can. */
final class PaperFull extends \RuntimeException
{
    public function __construct(int $most)
    {
        parent::__construct("This paper holds {$most} sources, which is as many as one paper can. Remove some, or "
            .'begin another paper.');
    }
}
