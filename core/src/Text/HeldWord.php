<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** A word of a title whose capital depends on whether it is a name. */
final readonly class HeldWord
{
    /**
     * @param  string  $written  as the style writes it
     * @param  bool  $isAsked  whether nobody can know, so that it is asked about
     */
    public function __construct(public string $written, public bool $isAsked)
    {
    }

    public function isName(): bool
    {
        return Letters::hasCapital($this->written);
    }

    /** The word as it would be if it were the other thing. */
    public function turned(): string
    {
        return $this->isName() ? mb_strtolower($this->written) : Letters::capital($this->written);
    }
}
