<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** How newspapers and magazines are named. */
final readonly class PressNames
{
    /** What newspapers call themselves, and next to nobody else. */
    public const NEWSPAPER = 'Chronicle|Courier|Daily News|Dispatch|Echo|Examiner|Gazette|Herald|Observer|Post|Sentinel|Telegraph|Times|Tribune';

    /** What newspapers and magazines call themselves. */
    public const PRESS = 'Bulletin|Chronicle|Courier|Daily|Dispatch|Echo|Examiner|Gazette|Herald|Journal|Magazine|Mail|Mercury|Monthly|Observer|Post|Press|Quarterly|Review|Sentinel|Standard|Telegraph|Times|Tribune|Weekly';

    public function __construct(private string $name)
    {
    }

    /** Whether a periodical's name ends as those of newspapers do. */
    public function isNewspaper(): bool
    {
        return preg_match('/(?<![\p{L}\p{N}])(?:'.self::NEWSPAPER.'|Mercury|News)$/u', $this->name) === 1;
    }

    /** Whether a name ends as those of newspapers, magazines and their houses do. */
    public function isPress(): bool
    {
        return $this->isNewspaper()
            || preg_match(
                '/(?<![\p{L}\p{N}])(?:'.self::PRESS.'|Media|Newspapers|Books|Publish\w+)$/u',
                $this->name,
            ) === 1;
    }
}
