<?php

declare(strict_types=1);

namespace Bibrel\Core\Text;

/** How newspapers and magazines are named. */
final class PressNames
{
    /** What newspapers call themselves, and next to nobody else. */
    public const NEWSPAPER = 'Chronicle|Courier|Daily News|Dispatch|Echo|Examiner|Gazette|Herald|Observer|Post|Sentinel|Telegraph|Times|Tribune';

    /** What newspapers and magazines call themselves. */
    public const PRESS = 'Bulletin|Chronicle|Courier|Daily|Dispatch|Echo|Examiner|Gazette|Herald|Journal|Magazine|Mail|Mercury|Monthly|Observer|Post|Press|Quarterly|Review|Sentinel|Standard|Telegraph|Times|Tribune|Weekly';

    /** Whether a periodical's name ends as those of newspapers do. */
    public static function isNewspaper(string $name): bool
    {
        return preg_match('/(?<![\p{L}\p{N}])(?:'.self::NEWSPAPER.'|Mercury|News)$/u', $name) === 1;
    }

    /** Whether a name ends as those of newspapers, magazines and their houses do. */
    public static function isPress(string $name): bool
    {
        return self::isNewspaper($name)
            || preg_match('/(?<![\p{L}\p{N}])(?:'.self::PRESS.'|Media|Newspapers|Books|Publish\w+)$/u', $name) === 1;
    }
}
