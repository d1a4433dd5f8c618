<?php

declare(strict_types=1);

namespace Bibrel\App\Sharing;

/** What somebody may do with a paper; each right holds those before it. */
enum Right: string
{
    /** See the finished page and its sources, and nothing else. */
    case Page = 'page';
    case Read = 'read';
    case Comment = 'comment';
    case Edit = 'edit';
    /** Share it, hand it in, throw it away. */
    case Own = 'own';

    public function holds(self $other): bool
    {
        return $this->rank() >= $other->rank();
    }

    private function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** Said to somebody who may not do what they tried. */
    public function refusal(): string
    {
        return match ($this) {
            self::Page, self::Read => 'You may read this paper and not change it. Ask its owner for more.',
            self::Comment => 'You may comment on this paper and not change it. Ask its owner for more.',
            self::Edit, self::Own => 'Only the owner of the paper can do that.',
        };
    }
}
