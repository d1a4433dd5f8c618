<?php

declare(strict_types=1);

namespace Bibrel\Core\Cli;

/** One command of bin/bibrel. */
interface Command
{
    /**
     * What the command prints, in one piece, so that a failure never leaves half an output.
     *
     * @param  list<string>  $words  what follows the command's name
     *
     * @throws UsageError
     */
    public function run(array $words): string;

    /** What may stand after its name, as one line; '' where nothing may. */
    public static function usage(): string;
}
